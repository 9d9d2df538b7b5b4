package onebeat.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import onebeat.core.exchange.Constants;

/// A camp's weeks as a question: on which day which line with whom.
///
/// @param fightNight the day of the fight; nothing is planned on it
/// @param days every day from the first that is planned to the one before fight night, one after the other
/// @param rooms how many rounds fit into each day
/// @param clock how long a round and its rest are
/// @param lines what can be drilled
/// @param partners ids of those who hold
/// @param elsewhere rounds that a partner holds for somebody else, by the number of the day and of the partner; and
///     touches at the athlete's head where they hold for somebody else
/// @param before the plan that there was; [CampPlan#EMPTY] where there was none
/// @param off rules that do not hold
public record PlanProblem(
        LocalDate fightNight,
        List<TrainingDay> days,
        List<Integer> rooms,
        RoundClock clock,
        List<PlanLine> lines,
        List<String> partners,
        PlanRules rules,
        Map<PlannedElsewhere, Integer> elsewhere,
        CampPlan before,
        Set<HardRule> off) {

    private static final Constants NUMBERS = Constants.of(PlanProblem.class, "plan.csv", "number");
    private static final int HARD_ROUNDS = (int) NUMBERS.get("hard_rounds");
    private static final int TAPER_DAYS = (int) NUMBERS.get("taper_days");
    private static final int TAPER_PERCENT = (int) NUMBERS.get("taper_percent");
    private static final int PERCENT = 100;
    private static final int DAYS_OF_WEEK = 7;

    /// The days that are planned, in order.
    public List<LocalDate> dates() {
        return days.stream().map(TrainingDay::date).toList();
    }

    /// How long rounds are, in seconds.
    public record RoundClock(int workS, int restS) {}

    /// A partner on a day, both by their numbers; or the athlete, who holds in another camp.
    public record PlannedElsewhere(int day, int partner) {

        /// Stands for the athlete: what is counted are touches at the head.
        public static final int ATHLETE = -1;
    }

    public PlanProblem {
        days = List.copyOf(days);
        rooms = List.copyOf(rooms);
        lines = List.copyOf(lines);
        partners = List.copyOf(partners);
        elsewhere = Map.copyOf(elsewhere);
        off = Set.copyOf(off);
    }

    /// The same where a rule does not hold.
    public PlanProblem without(HardRule rule) {
        Set<HardRule> all = EnumSet.of(rule);
        all.addAll(off);
        return new PlanProblem(fightNight, days, rooms, clock, lines, partners, rules, elsewhere, before, all);
    }

    /// The same with room for another number of rounds on a day: 0 where it is missed.
    public PlanProblem withRoom(int day, int room) {
        List<Integer> changed = new ArrayList<>(rooms);
        changed.set(day, room);
        return new PlanProblem(fightNight, days, changed, clock, lines, partners, rules, elsewhere, before, off);
    }

    /// The same with another plan that there was.
    public PlanProblem after(CampPlan plan) {
        return new PlanProblem(fightNight, days, rooms, clock, lines, partners, rules, elsewhere, plan, off);
    }

    /// The same under other rules; days and rooms stay.
    public PlanProblem with(PlanRules changed) {
        return new PlanProblem(fightNight, days, rooms, clock, lines, partners, changed, elsewhere, before, off);
    }

    public boolean holds(HardRule rule) {
        return !off.contains(rule);
    }

    /// How many days before fight night a day is.
    public int daysLeft(int day) {
        return (int) ChronoUnit.DAYS.between(days.get(day).date(), fightNight);
    }

    /// The number of the week of a day, from 0.
    public int week(int day) {
        return (day + daysMissing()) / DAYS_OF_WEEK;
    }

    /// How many days of the first week are over before the first day that is planned.
    private int daysMissing() {
        return days.getFirst().date().getDayOfWeek().getValue() - 1;
    }

    public int weeks() {
        return days.isEmpty() ? 0 : week(days.size() - 1) + 1;
    }

    /// The numbers of the days of a week.
    public int[] daysOf(int week) {
        int monday = week * DAYS_OF_WEEK - daysMissing();
        return IntStream.range(Math.max(0, monday), Math.min(days.size(), monday + DAYS_OF_WEEK))
                .toArray();
    }

    /// Whether a week has all its days in the problem.
    public boolean isWhole(int week) {
        return daysOf(week).length == DAYS_OF_WEEK;
    }

    /// How many touches at the athlete's head a week of this plan may have: the limit less what they take in
    /// other camps.
    public int mostHead(int week) {
        int taken = IntStream.of(daysOf(week))
                .map(day -> elsewhere.getOrDefault(new PlannedElsewhere(day, PlannedElsewhere.ATHLETE), 0))
                .sum();
        return Math.max(0, rules.value(HardRule.HEAD) - taken);
    }

    /// How many rounds a day has room for while the rules hold.
    public int room(int day) {
        return holds(HardRule.TIME) ? rooms.get(day) : Math.max(rooms.get(day), mostRoom());
    }

    private int mostRoom() {
        return Math.max(1, rooms.stream().mapToInt(Integer::intValue).max().orElse(0));
    }

    /// From so many rounds on a day is hard.
    public int hardRounds() {
        return HARD_ROUNDS;
    }

    /// How many days of a week may have training.
    public int mostDays(int week) {
        int rest = holds(HardRule.REST_DAYS) ? rules.value(HardRule.REST_DAYS) : 0;
        return Math.max(0, Math.min(daysOf(week).length, DAYS_OF_WEEK - rest));
    }

    /// How many rounds a week should have: what fits into its days, and of that the part that the load curve asks.
    public int target(int week) {
        int[] inWeek = daysOf(week);
        int fits = IntStream.of(inWeek)
                .map(day -> -rooms.get(day))
                .sorted()
                .limit(mostDays(week))
                .map(room -> -room)
                .sum();
        long tapers = IntStream.of(inWeek)
                .filter(day -> rooms.get(day) > 0 && daysLeft(day) <= TAPER_DAYS)
                .count();
        long all = IntStream.of(inWeek).filter(day -> rooms.get(day) > 0).count();
        double taper = all == 0 ? 1 : 1 - (1 - TAPER_PERCENT / (double) PERCENT) * tapers / all;
        return (int) Math.round(fits * rules.value(SoftRule.CURVE) / (double) PERCENT * taper);
    }

    /// How many rounds of a week a partner holds without wearing out sooner than the others.
    public int share(int week) {
        return partners.isEmpty()
                ? 0
                : (int) Math.ceil(target(week) * rules.value(SoftRule.WEAR) / (double) PERCENT / partners.size());
    }

    /// The last day by which lines should be ready, by its number; -1 where that is over.
    public int readyDay() {
        int left = rules.value(SoftRule.READY);
        return (int) IntStream.range(0, days.size())
                        .filter(day -> daysLeft(day) >= left)
                        .count()
                - 1;
    }

    /// How much a round toward ready counts for a line.
    public int factor(PlanLine line) {
        return (int) NUMBERS.get("plan_" + line.fightPlan());
    }

    /// Whether a day is in the time without contact.
    public boolean isWithoutContact(int day) {
        return holds(HardRule.NO_CONTACT) && daysLeft(day) <= rules.value(HardRule.NO_CONTACT);
    }

    /// Whether a partner can hold a line on a day when so many rounds of it were done before.
    public boolean canHold(int partner, int line, int day, int done) {
        if (!holds(HardRule.PARTNER)) {
            return true;
        }
        Integer until = lines.get(line).until().get(partner);
        return until != null && done < until && days.get(day).partners().contains(partners.get(partner));
    }

    /// How many rounds a partner may hold on a day.
    public int mostHeld(int partner, int day) {
        if (!holds(HardRule.PARTNER_ROUNDS)) {
            return room(day);
        }
        return Math.max(
                0,
                rules.value(HardRule.PARTNER_ROUNDS) - elsewhere.getOrDefault(new PlannedElsewhere(day, partner), 0));
    }

    /// The number of a drill's line; -1 where it is none.
    public int line(String drill) {
        return IntStream.range(0, lines.size())
                .filter(l -> lines.get(l).drill().equals(drill))
                .findFirst()
                .orElse(-1);
    }

    /// The number of a date's day; -1 where it is none.
    public int day(LocalDate date) {
        return IntStream.range(0, days.size())
                .filter(d -> days.get(d).date().equals(date))
                .findFirst()
                .orElse(-1);
    }
}
