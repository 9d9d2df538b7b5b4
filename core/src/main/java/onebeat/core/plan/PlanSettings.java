package onebeat.core.plan;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.camp.PlanSetting;

/// The rules of a plan as a camp keeps them, one setting each: `week.MONDAY` and `day.2026-12-03` with minutes, where
/// it differs the time of day, and who is there (`60`, `45 18:30`, `60 18:00 p1,p2`; `-` stands for nobody);
/// `pin.2026-12-04.d3` with `yes` or `no`; `ready.d3`; `number.HEAD` and `weight.KEEP` with a number. What is held
/// for others stands beside them ([HeldElsewhere]).
public final class PlanSettings {

    private static final int MOST_MINUTES = 24 * 60;
    private static final int MOST_NUMBER = 100_000;
    private static final int KEY_PARTS = 3;
    private static final String NOBODY = "-";
    private static final LocalTime EVENING = PlanRules.Time.of(0).start();

    private PlanSettings() {}

    /// The rules that a camp keeps; the usual ones where it keeps none.
    public static PlanRules of(Camp camp) {
        return rules(camp.planSettings().all());
    }

    /// Whether a setting says something that can be read.
    public static boolean isReadable(PlanSetting setting) {
        return HeldElsewhere.read(setting).isPresent() || new Reader().read(setting);
    }

    static PlanRules rules(Iterable<PlanSetting> settings) {
        Reader reader = new Reader();
        settings.forEach(reader::read);
        PlanRules usual = PlanRules.usual();
        Map<DayOfWeek, PlanRules.Time> week = new EnumMap<>(usual.week());
        week.putAll(reader.week);
        return new PlanRules(week, reader.days, reader.pins, reader.ready, reader.values, reader.weights);
    }

    /// What has to change for a camp to keep these rules; empty where it does.
    public static Optional<Edit> kept(Camp camp, PlanRules rules) {
        Map<String, String> wanted = words(rules);
        List<Edit> edits = new ArrayList<>();
        for (PlanSetting before : camp.planSettings().all()) {
            String value = wanted.remove(before.key());
            if (before.key().startsWith(HeldElsewhere.WORD + ".")) {
                continue;
            }
            if (value == null) {
                edits.add(Edit.remove(Place.PLAN_SETTINGS, before));
            } else if (!value.equals(before.value())) {
                edits.add(Edit.change(Place.PLAN_SETTINGS, before, new PlanSetting(before.key(), value)));
            }
        }
        wanted.forEach((key, value) -> edits.add(Edit.add(Place.PLAN_SETTINGS, new PlanSetting(key, value))));
        return edits.isEmpty() ? Optional.empty() : Optional.of(new Edit.Together(edits));
    }

    private static Map<String, String> words(PlanRules rules) {
        Map<String, String> all = new TreeMap<>();
        Map<DayOfWeek, PlanRules.Time> usual = PlanRules.usual().week();
        for (DayOfWeek day : DayOfWeek.values()) {
            PlanRules.Time time = rules.week().getOrDefault(day, PlanRules.Time.of(0));
            if (!time.equals(usual.getOrDefault(day, PlanRules.Time.of(0)))) {
                all.put("week." + day, words(time));
            }
        }
        rules.days().forEach((date, time) -> all.put("day." + date, words(time)));
        rules.pins().forEach(pin -> all.put("pin." + pin.date() + "." + pin.drill(), pin.wanted() ? "yes" : "no"));
        rules.mustBeReady().forEach(drill -> all.put("ready." + drill, "yes"));
        rules.values().forEach((rule, value) -> all.put("number." + rule.name(), Integer.toString(value)));
        rules.weights().forEach((rule, weight) -> all.put("weight." + rule.name(), Integer.toString(weight)));
        return all;
    }

    private static String words(PlanRules.Time time) {
        String who = time.partners()
                .map(ids -> " " + (ids.isEmpty() ? NOBODY : String.join(",", new TreeSet<>(ids))))
                .orElse("");
        boolean plain = time.start().equals(EVENING) && who.isEmpty();
        return plain ? Integer.toString(time.minutes()) : time.minutes() + " " + time.start() + who;
    }

    private static final class Reader {

        private final Map<DayOfWeek, PlanRules.Time> week = new EnumMap<>(DayOfWeek.class);
        private final Map<LocalDate, PlanRules.Time> days = new TreeMap<>();
        private final List<Pin> pins = new ArrayList<>();
        private final Set<String> ready = new HashSet<>();
        private final Map<Enum<?>, Integer> values = new HashMap<>();
        private final Map<SoftRule, Integer> weights = new EnumMap<>(SoftRule.class);

        /// @return whether it could be read; what cannot be changes nothing
        boolean read(PlanSetting setting) {
            String[] key = setting.key().split("\\.", KEY_PARTS);
            try {
                return key.length >= 2 && read(key, setting.value());
            } catch (IllegalArgumentException | DateTimeException _) {
                return false;
            }
        }

        private boolean read(String[] key, String value) {
            switch (key[0]) {
                case "week" -> week.put(DayOfWeek.valueOf(key[1]), time(value));
                case "day" -> days.put(LocalDate.parse(key[1]), time(value));
                case "pin" -> {
                    if (key.length < KEY_PARTS || !Set.of("yes", "no").contains(value)) {
                        return false;
                    }
                    pins.add(new Pin(LocalDate.parse(key[1]), key[2], value.equals("yes")));
                }
                case "ready" -> ready.add(key[1]);
                case "number" -> values.put(rule(key[1]), number(value, MOST_NUMBER));
                case "weight" -> weights.put(SoftRule.valueOf(key[1]), number(value, MOST_NUMBER));
                default -> {
                    return false;
                }
            }
            return true;
        }

        private static Enum<?> rule(String name) {
            return Arrays.stream(HardRule.values())
                    .filter(rule -> rule.name().equals(name))
                    .<Enum<?>>map(rule -> rule)
                    .findFirst()
                    .orElseGet(() -> SoftRule.valueOf(name));
        }

        private static int number(String words, int most) {
            int number = Integer.parseInt(words);
            if (number < 0 || number > most) {
                throw new IllegalArgumentException("from 0 to " + most + ": " + words);
            }
            return number;
        }

        private static PlanRules.Time time(String words) {
            String[] parts = words.split(" ", KEY_PARTS);
            Optional<Set<String>> who = parts.length < KEY_PARTS
                    ? Optional.empty()
                    : Optional.of(parts[2].equals(NOBODY) ? Set.of() : Set.copyOf(Arrays.asList(parts[2].split(","))));
            return new PlanRules.Time(
                    parts.length < 2 ? EVENING : LocalTime.parse(parts[1]), number(parts[0], MOST_MINUTES), who);
        }
    }
}
