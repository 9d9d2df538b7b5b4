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

/// Rounds that a partner holds for the athletes of other camps, so that nobody holds more than they can: kept as
/// settings `elsewhere.2026-12-03.p1.Name of the other camp` with a number.
///
/// @param partner the id of the partner
/// @param camp the name of the other camp
public record HeldElsewhere(LocalDate date, String partner, String camp, int rounds) {

    static final String WORD = "elsewhere";
    private static final int PARTS = 4;
    private static final int MOST_ROUNDS = 999;

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
            int rounds = Integer.parseInt(setting.value());
            return rounds < 1 || rounds > MOST_ROUNDS
                    ? Optional.empty()
                    : Optional.of(new HeldElsewhere(LocalDate.parse(key[1]), key[2], key[PARTS - 1], rounds));
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
            String key = WORD + "." + one.date + "." + one.partner + "." + other;
            wanted.merge(key, "" + one.rounds, (a, b) -> "" + (Integer.parseInt(a) + Integer.parseInt(b)));
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

    /// All of it by day and partner, as a question asks for it.
    static Map<PlanProblem.PlannedElsewhere, Integer> counted(
            Camp camp, List<TrainingDay> days, List<String> partners) {
        Map<PlanProblem.PlannedElsewhere, Integer> all = new HashMap<>();
        for (HeldElsewhere one : of(camp)) {
            int partner = partners.indexOf(one.partner);
            for (int day = 0; day < days.size(); day++) {
                if (partner >= 0 && days.get(day).date().equals(one.date)) {
                    all.merge(new PlanProblem.PlannedElsewhere(day, partner), one.rounds, Integer::sum);
                }
            }
        }
        return all;
    }
}
