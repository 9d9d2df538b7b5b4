package onebeat.core.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import onebeat.core.exchange.Table;

/// What a coach asks of a camp's weeks. The usual numbers and weights lie in `rules.csv`.
///
/// @param week minutes and partners of each day of the week; a day that is missing has no time
/// @param days days that differ from their week
/// @param pins what comes on a day, and what does not
/// @param mustBeReady ids of drills that have to be ready by the date of `READY`
/// @param values numbers that differ from the usual ones
/// @param weights weights that do
public record PlanRules(
        Map<DayOfWeek, Time> week,
        Map<LocalDate, Time> days,
        List<Pin> pins,
        Set<String> mustBeReady,
        Map<Enum<?>, Integer> values,
        Map<SoftRule, Integer> weights) {

    /// A training day of the usual week has so many minutes.
    public static final int USUAL_MINUTES = 60;

    private static final Map<String, Integer> USUAL = new TreeMap<>();
    private static final Map<String, Integer> WEIGHTS = new TreeMap<>();
    private static final Map<String, String> MEANINGS = new TreeMap<>();

    static {
        Table.rows(PlanRules.class, "rules.csv").forEach(row -> {
            USUAL.put(row.get("rule"), Integer.parseInt(row.get("value")));
            WEIGHTS.put(row.get("rule"), Integer.parseInt(row.get("weight")));
            MEANINGS.put(row.get("rule"), row.get("meaning"));
        });
    }

    /// The time of a day.
    ///
    /// @param start when it begins, by the clock on the wall
    /// @param partners ids of those who are there; empty where everybody is
    public record Time(LocalTime start, int minutes, Optional<Set<String>> partners) {

        /// An evening begins then where nobody says otherwise.
        private static final LocalTime USUAL_START = LocalTime.of(18, 0);

        /// In the evening, with everybody.
        public static Time of(int minutes) {
            return new Time(USUAL_START, minutes, Optional.empty());
        }

        public Time {
            partners = partners.map(Set::copyOf);
        }
    }

    public PlanRules {
        week = Map.copyOf(week);
        days = Map.copyOf(days);
        pins = List.copyOf(pins);
        mustBeReady = Set.copyOf(mustBeReady);
        values = Map.copyOf(values);
        weights = Map.copyOf(weights);
    }

    /// Five evenings of an hour, Monday, Tuesday, Thursday, Friday and Saturday, everybody there.
    public static PlanRules usual() {
        Map<DayOfWeek, Time> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : List.of(
                DayOfWeek.MONDAY, DayOfWeek.TUESDAY, DayOfWeek.THURSDAY, DayOfWeek.FRIDAY, DayOfWeek.SATURDAY)) {
            week.put(day, Time.of(USUAL_MINUTES));
        }
        return new PlanRules(week, Map.of(), List.of(), Set.of(), Map.of(), Map.of());
    }

    /// The number of a rule.
    public int value(Enum<?> rule) {
        return values.getOrDefault(rule, USUAL.getOrDefault(rule.name(), 0));
    }

    /// What the number of a rule means; empty where there is nothing to set.
    public static Optional<String> meaning(Enum<?> rule) {
        return Optional.ofNullable(MEANINGS.get(rule.name())).filter(meaning -> !meaning.equals(NOTHING));
    }

    private static final String NOTHING = "nothing to set";

    /// How much a rule weighs.
    public int weight(SoftRule rule) {
        return weights.getOrDefault(rule, WEIGHTS.getOrDefault(rule.name(), 0));
    }

    /// The time of a day.
    public Time on(LocalDate date) {
        Time own = days.get(date);
        return own != null ? own : week.getOrDefault(date.getDayOfWeek(), Time.of(0));
    }

    /// The same with time on these days only, of all that are planned.
    public PlanRules onlyOn(List<LocalDate> planned, Map<LocalDate, Time> days) {
        PlanRules now = this;
        for (LocalDate date : planned) {
            now = now.withDay(date, days.getOrDefault(date, Time.of(0)));
        }
        return now;
    }

    /// The same with another time on a day.
    public PlanRules withDay(LocalDate date, Time time) {
        Map<LocalDate, Time> all = new TreeMap<>(days);
        all.put(date, time);
        return new PlanRules(week, all, pins, mustBeReady, values, weights);
    }

    /// The same with another time on each such day of the week.
    public PlanRules withWeekday(DayOfWeek day, Time time) {
        Map<DayOfWeek, Time> all = new EnumMap<>(DayOfWeek.class);
        all.putAll(week);
        all.put(day, time);
        return new PlanRules(all, days, pins, mustBeReady, values, weights);
    }

    /// The same where nothing is said of a line and a day.
    public PlanRules withoutPin(LocalDate date, String drill) {
        List<Pin> all = new ArrayList<>(pins);
        all.removeIf(one -> one.date().equals(date) && one.drill().equals(drill));
        return new PlanRules(week, days, all, mustBeReady, values, weights);
    }

    /// What is said of a line and a day.
    public Optional<Pin> pin(LocalDate date, String drill) {
        return pins.stream()
                .filter(one -> one.date().equals(date) && one.drill().equals(drill))
                .findFirst();
    }

    /// The same with another weight of a rule.
    public PlanRules withWeight(SoftRule rule, int weight) {
        Map<SoftRule, Integer> all = new HashMap<>(weights);
        all.put(rule, weight);
        return new PlanRules(week, days, pins, mustBeReady, values, all);
    }

    /// The same with another number of a rule.
    public PlanRules withValue(Enum<?> rule, int value) {
        Map<Enum<?>, Integer> all = new HashMap<>(values);
        all.put(rule, value);
        return new PlanRules(week, days, pins, mustBeReady, all, weights);
    }

    /// The same where days of the week have other times.
    public PlanRules withWeek(Map<DayOfWeek, Time> other) {
        return new PlanRules(other, days, pins, mustBeReady, values, weights);
    }

    /// The same with these numbers and weights; those that are as usual are not kept.
    public PlanRules withNumbers(Map<Enum<?>, Integer> numbers, Map<SoftRule, Integer> weighs) {
        Map<Enum<?>, Integer> own = new HashMap<>(numbers);
        own.entrySet()
                .removeIf(one -> one.getValue().equals(USUAL.get(one.getKey().name())));
        Map<SoftRule, Integer> ownWeights = new HashMap<>(weighs);
        ownWeights
                .entrySet()
                .removeIf(one -> one.getValue().equals(WEIGHTS.get(one.getKey().name())));
        return new PlanRules(week, days, pins, mustBeReady, own, ownWeights);
    }

    /// The same with what comes, or does not, on a day.
    public PlanRules with(Pin pin) {
        List<Pin> all = new ArrayList<>(pins);
        all.removeIf(one -> one.date().equals(pin.date()) && one.drill().equals(pin.drill()));
        all.add(pin);
        return new PlanRules(week, days, all, mustBeReady, values, weights);
    }

    /// The same where these have to be ready.
    public PlanRules withMustBeReady(Set<String> drills) {
        return new PlanRules(week, days, pins, drills, values, weights);
    }
}
