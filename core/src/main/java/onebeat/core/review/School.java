package onebeat.core.review;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Level;

/// What a coach holds to: the rule set, what is allowed or forbidden beyond it, and how much each finding
/// matters. Practitioners disagree; the camp's school decides.
///
/// It is written as words: `kickboxing NAKED_HOOK=note elbow=head clinch=hold kick=none head/round=30`.
///
/// @param rules the word of a shipped rule set
/// @param own what is allowed at which levels against the shipped rules, by family or technique; no level
/// forbids it
/// @param severities the severities that differ from the usual ones
/// @param limits how many touches the coach allows
/// @param oneBeatMs how soon after the feed answers have to be heard before a drill goes up, in milliseconds; 0 where
///     the coach does not ask for it
public record School(
        String rules, Map<String, Set<Level>> own, Map<Code, Severity> severities, Limits limits, int oneBeatMs) {

    private static final String HOLD = "hold";
    private static final String NOTHING = "none";
    private static final String ONE_BEAT = "one-beat";

    public School {
        own = Map.copyOf(own);
        severities = Map.copyOf(severities);
    }

    /// Kickboxing rules and the usual severities.
    public static School usual() {
        return new School(RuleSet.usual().id(), Map.of(), Map.of(), Limits.none(), 0);
    }

    /// The rules, with the coach's own changes.
    public RuleSet ruleSet() {
        RuleSet set = RuleSet.of(rules).orElseGet(RuleSet::usual);
        for (Map.Entry<String, Set<Level>> change : own.entrySet()) {
            set = set.own(change.getKey(), change.getValue());
        }
        return set;
    }

    /// The usual severities with the coach's changes.
    public Severities allSeverities() {
        Severities all = Severities.usual();
        for (Map.Entry<Code, Severity> change : severities.entrySet()) {
            all = all.with(change.getKey(), change.getValue());
        }
        return all;
    }

    /// The changes in words, without the rule set.
    public String changes() {
        Stream<String> codes = severities.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> e.getKey() + "=" + e.getValue().word());
        Stream<String> allowed = own.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> e.getKey() + "=" + words(e.getValue()));
        Stream<String> oneBeat = oneBeatMs > 0 ? Stream.of(ONE_BEAT + "=" + oneBeatMs) : Stream.of();
        return Stream.of(codes, allowed, limits.words().stream(), oneBeat)
                .flatMap(words -> words)
                .collect(Collectors.joining(" "));
    }

    /// All of it in words; [#parse] reads them.
    public String words() {
        return (rules + " " + changes()).strip();
    }

    private static String words(Set<Level> levels) {
        return levels.isEmpty()
                ? NOTHING
                : levels.stream()
                        .sorted()
                        .map(l -> l == Level.NONE ? HOLD : l.word())
                        .collect(Collectors.joining("+"));
    }

    /// Reads what [#words] writes; no words are the usual school.
    ///
    /// @throws IllegalArgumentException with a sentence that names the word that is wrong and what is known
    public static School parse(String words) {
        String rules = RuleSet.usual().id();
        Map<String, Set<Level>> own = new LinkedHashMap<>();
        Map<Code, Severity> severities = new EnumMap<>(Code.class);
        Limits limits = Limits.none();
        int oneBeat = 0;
        for (String word : words.isBlank() ? new String[0] : words.strip().split("\\s+")) {
            int equals = word.indexOf('=');
            if (equals < 0) {
                rules = rules(word);
            } else if (word.startsWith(ONE_BEAT + "=")) {
                oneBeat = count(word, word.substring(equals + 1));
            } else if (isCode(word.substring(0, equals))) {
                severities.put(Code.valueOf(word.substring(0, equals)), severity(word, word.substring(equals + 1)));
            } else if (word.substring(0, equals).contains("/")) {
                Limits.Limit limit = limit(word, word.substring(0, equals));
                limits = limits.with(limit.of(), limit.in(), count(word, word.substring(equals + 1)));
            } else {
                own.put(what(word, word.substring(0, equals)), levels(word, word.substring(equals + 1)));
            }
        }
        return new School(rules, own, severities, limits, oneBeat);
    }

    private static String rules(String word) {
        if (RuleSet.of(word).isEmpty()) {
            throw new IllegalArgumentException(
                    "There are no rules \"" + word + "\": one of " + String.join(", ", RuleSet.ids()) + ".");
        }
        return word;
    }

    private static Limits.Limit limit(String word, String what) {
        return Limits.Limit.of(what)
                .orElseThrow(() -> new IllegalArgumentException("In \"" + word
                        + "\" the limit is head or partner, then / and repetition, round, session or week."));
    }

    private static int count(String word, String count) {
        if (!count.matches("\\d{1,6}")) {
            throw new IllegalArgumentException("In \"" + word + "\" the limit is a whole number of touches, from 0.");
        }
        return Integer.parseInt(count);
    }

    private static boolean isCode(String word) {
        return Arrays.stream(Code.values()).anyMatch(c -> c.name().equals(word));
    }

    private static Severity severity(String word, String severity) {
        return Arrays.stream(Severity.values())
                .filter(s -> s.word().equals(severity))
                .findFirst()
                .orElseThrow(() ->
                        new IllegalArgumentException("In \"" + word + "\" the severity is one of stop, warn, note."));
    }

    private static String what(String word, String what) {
        boolean family = Arrays.stream(Family.values())
                .anyMatch(f -> f.name().toLowerCase(Locale.ROOT).equals(what));
        if (!family && Catalogue.standard().byCode(what).isEmpty()) {
            throw new IllegalArgumentException(
                    "In \"" + word + "\" the word before = is no finding (such as NAKED_HOOK), "
                            + "no family (punch, elbow, knee, kick, clinch) and no technique.");
        }
        return what;
    }

    private static Set<Level> levels(String word, String levels) {
        Set<Level> all = new TreeSet<>();
        for (String level : levels.split("\\+", -1)) {
            switch (level) {
                case NOTHING -> {}
                case HOLD -> all.add(Level.NONE);
                default ->
                    all.add(Arrays.stream(Level.values())
                            .filter(l -> l != Level.NONE && l.word().equals(level))
                            .findFirst()
                            .orElseThrow(() -> new IllegalArgumentException("In \"" + word
                                    + "\" the levels are head, body, leg, calf, hold or none, joined by +.")));
            }
        }
        return all;
    }
}
