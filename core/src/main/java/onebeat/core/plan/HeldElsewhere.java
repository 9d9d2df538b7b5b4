package onebeat.core.plan;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.camp.PlanSetting;
import onebeat.core.plan.PlanProblem.PlannedElsewhere;

/// What the people of this camp do in other camps of the gym, so that nobody holds more than they can and no
/// account of touches at the head is split over files: kept as settings `elsewhere.2026-12-03.p1.Name of the
/// other camp` with a number.
///
/// @param who the id of a partner, or [#ATHLETE]
/// @param camp the name of the other camp
/// @param count rounds that a partner holds there; for the athlete, touches at the head while they hold there
public record HeldElsewhere(LocalDate date, String who, String camp, int count) {

    /// Stands for the athlete of this camp, who holds in another one.
    public static final String ATHLETE = "athlete";

    static final String WORD = "elsewhere";
    private static final int PARTS = 4;
    private static final int MOST_COUNT = 9999;

    /// What a camp knows of other ones.
    public static List<HeldElsewhere> of(Camp camp) {
        List<HeldElsewhere> all = new ArrayList<>();
        camp.planSettings().all().forEach(setting -> read(setting).ifPresent(all::add));
        return all;
    }

    /// What a setting says of it; empty where it says something else, or nothing that can be read.
    static Optional<HeldElsewhere> read(PlanSetting setting) {
        String[] key = setting.key().split("\\.", PARTS);
        if (key.length < PARTS || !key[0].equals(WORD)) {
            return Optional.empty();
        }
        try {
            int count = Integer.parseInt(setting.value());
            return count < 1 || count > MOST_COUNT
                    ? Optional.empty()
                    : Optional.of(new HeldElsewhere(LocalDate.parse(key[1]), key[2], key[PARTS - 1], count));
        } catch (DateTimeException | NumberFormatException _) {
            return Optional.empty();
        }
    }

    /// The change by which a camp knows this of another one, and no longer what it knew of it before.
    ///
    /// @param other the name of the other camp
    public static Edit known(Camp camp, String other, List<HeldElsewhere> held) {
        Map<String, String> wanted = new TreeMap<>();
        for (HeldElsewhere one : held) {
            String key = WORD + "." + one.date + "." + one.who + "." + other;
            wanted.merge(key, "" + one.count, (a, b) -> "" + (Integer.parseInt(a) + Integer.parseInt(b)));
        }
        List<Edit> edits = new ArrayList<>();
        for (PlanSetting before : camp.planSettings().all()) {
            if (read(before).filter(one -> one.camp.equals(other)).isPresent()) {
                String value = wanted.remove(before.key());
                edits.add(
                        value == null
                                ? Edit.remove(Place.PLAN_SETTINGS, before)
                                : Edit.change(Place.PLAN_SETTINGS, before, new PlanSetting(before.key(), value)));
            }
        }
        wanted.forEach((key, value) -> edits.add(Edit.add(Place.PLAN_SETTINGS, new PlanSetting(key, value))));
        return new Edit.Together(edits);
    }

    /// All of it by day and partner, as a question asks for it; the athlete's touches under
    /// [PlannedElsewhere#ATHLETE].
    static Map<PlannedElsewhere, Integer> counted(Camp camp, List<TrainingDay> days, List<String> partners) {
        Map<PlannedElsewhere, Integer> all = new HashMap<>();
        for (HeldElsewhere one : of(camp)) {
            int partner = one.who.equals(ATHLETE) ? PlannedElsewhere.ATHLETE : partners.indexOf(one.who);
            for (int day = 0; day < days.size(); day++) {
                if ((partner >= 0 || one.who.equals(ATHLETE))
                        && days.get(day).date().equals(one.date)) {
                    all.merge(new PlannedElsewhere(day, partner), one.count, Integer::sum);
                }
            }
        }
        return all;
    }
}
