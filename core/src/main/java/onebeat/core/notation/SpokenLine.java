package onebeat.core.notation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Technique;

/// A line as a coach says it, turned into calls: `double jab, cross to the body`, `feint the cross`, `catch and jab`,
/// `1-6-lead kick`.
///
/// Common practice: `double` is twice the same; two uppercuts or elbows are one with each hand, the loaded side first;
/// a defence and a strike, or a step and a strike, told with `and` go together.
final class SpokenLine {

    private static final Map<String, String> NUMBERS =
            Map.of("one", "1", "two", "2", "three", "3", "four", "4", "five", "5", "six", "6");
    private static final Map<String, Integer> TIMES = Map.of("double", 2, "triple", 3, "twice", 2);
    private static final Map<String, Integer> COUNTS = Map.of("two", 2, "three", 3, "four", 4);
    private static final Set<String> FILLERS =
            Set.of("the", "a", "an", "then", "his", "her", "their", "your", "with", "into", "off-the");
    private static final Set<String> FEINTS = Set.of("feint", "fake", "feinted", "faked", "show");
    private static final Map<String, Level> LEVELS = Map.of(
            "body", Level.BODY,
            "head", Level.HEAD,
            "face", Level.HEAD,
            "leg", Level.LEG,
            "thigh", Level.LEG,
            "calf", Level.CALF,
            "low", Level.BODY,
            "high", Level.HEAD,
            "downstairs", Level.BODY,
            "upstairs", Level.HEAD);

    /// What is one with each hand where it is said twice.
    private static final Set<String> ONE_EACH = Set.of("uppercut", "elbow", "knee", "uppercuts", "elbows", "knees");

    private static final Pattern TOKEN = Pattern.compile("[A-Za-z]+(?:-[A-Za-z]+)*|[(){}|,;.]|[^\\s(){}|,;.]+");

    private final List<String> tokens;
    private final Vocabulary vocabulary;
    private final List<String> calls = new ArrayList<>();
    private int at;
    private boolean inBrackets;
    private boolean joins;
    private boolean feints;
    private int times = 1;
    private Optional<Technique> last = Optional.empty();
    private boolean failed;

    private SpokenLine(String text, Vocabulary vocabulary) {
        this.tokens = tokens(text);
        this.vocabulary = vocabulary;
    }

    /// The same in calls; empty where these are no words that a coach says.
    static Optional<String> calls(String text, Vocabulary vocabulary) {
        if (text.indexOf('"') >= 0 || text.chars().noneMatch(Character::isLetter)) {
            return Optional.empty();
        }
        return new SpokenLine(text, vocabulary).calls();
    }

    /// Whether a line that can be read as it stands is said and means something else: the same bare word twice.
    static boolean saysOneWithEachHand(String text) {
        return SAID_TWICE.matcher(text.toLowerCase(Locale.ROOT)).find();
    }

    private static final Pattern SAID_TWICE =
            Pattern.compile("(?<!(?:lead|rear|left|right) )\\b(uppercut|elbow)\\b[ ,]+\\1\\b");

    /// Words, brackets and commas. What is strung with hyphens and is no name is taken apart.
    private static List<String> tokens(String text) {
        List<String> tokens = new ArrayList<>();
        Matcher matcher = TOKEN.matcher(text);
        while (matcher.find()) {
            String token = matcher.group();
            boolean name = token.indexOf('-') < 0 || isName(token);
            tokens.addAll(name ? List.of(token) : parts(token));
        }
        return tokens;
    }

    private static boolean isName(String token) {
        return SpokenWords.at(token, 0, Optional.empty())
                .filter(found -> found.end() == token.length())
                .isPresent();
    }

    private static List<String> parts(String token) {
        return Arrays.stream(token.split("-", -1))
                .filter(part -> !part.isEmpty())
                .toList();
    }

    private Optional<String> calls() {
        while (at < tokens.size() && !failed) {
            token(tokens.get(at).toLowerCase(Locale.ROOT));
        }
        return failed || feints || calls.isEmpty() ? Optional.empty() : Optional.of(String.join(" ", calls));
    }

    private void token(String word) {
        if (word.equals(",") || word.equals(";") || word.equals(".") || FILLERS.contains(word)) {
            at++;
        } else if (word.equals("and") || word.equals("plus")) {
            at++;
            joins = true;
        } else if (FEINTS.contains(word)) {
            at++;
            feints = true;
        } else if (TIMES.containsKey(word)) {
            at++;
            times = TIMES.get(word);
        } else if (word.equals("(") || word.equals(")")) {
            bracket(word);
        } else if (COUNTS.containsKey(word) && said(at + 1, true).isPresent()) {
            at++;
            several(COUNTS.get(word));
        } else {
            action(word);
        }
    }

    private void bracket(String word) {
        at++;
        inBrackets = word.equals("(");
        if (inBrackets) {
            calls.add("(");
        } else if (calls.isEmpty()) {
            failed = true;
        } else {
            calls.add(calls.removeLast() + ")");
        }
        joins = false;
    }

    /// Words that name a technique.
    private record Said(String code, int end, boolean oneEach) {}

    /// The longest words from a token on that name a technique.
    ///
    /// @param plural whether they have to stand for several
    private Optional<Said> said(int from, boolean plural) {
        int end = Math.min(tokens.size(), from + MOST_WORDS);
        for (int to = end; to > from; to--) {
            String words = String.join(" ", tokens.subList(from, to)).toLowerCase(Locale.ROOT);
            boolean several = words.endsWith("s") && words.length() > 2;
            Optional<String> one = several ? code(words.substring(0, words.length() - 1)) : Optional.empty();
            Optional<String> code = plural ? one : code(words).or(() -> one);
            if (code.isPresent()) {
                return Optional.of(new Said(code.get(), to, ONE_EACH.contains(words)));
            }
        }
        return Optional.empty();
    }

    private static final int MOST_WORDS = 5;

    private Optional<String> code(String words) {
        Optional<Stance> stance = inBrackets ? vocabulary.partner() : vocabulary.athlete();
        return SpokenWords.at(words, 0, stance)
                .filter(found -> found.end() == words.length())
                .map(SpokenWords.Found::code)
                .filter(code -> inBrackets
                        || vocabulary
                                .catalogue()
                                .byCode(code)
                                .filter(Technique::isReaction)
                                .isEmpty());
    }

    private void action(String word) {
        Optional<Said> said = said(at, false);
        if (said.isPresent()) {
            at = said.get().end;
            int run = said.get().oneEach ? runOf(said.get()) : 1;
            if (run > 1) {
                oneEach(said.get().code, run);
            } else {
                add(said.get().code);
            }
        } else if (NUMBERS.containsKey(word)) {
            at++;
            add(NUMBERS.get(word));
        } else if (Notation.readStrictly(tokens.get(at), vocabulary) instanceof Read read) {
            at++;
            times = 1;
            put(read.canonical());
        } else {
            failed = true;
        }
    }

    /// How often the same bare word follows.
    private int runOf(Said first) {
        int run = 1;
        int next = first.end;
        while (next < tokens.size()) {
            int from = tokens.get(next).equals(",") ? next + 1 : next;
            Optional<Said> again = from < tokens.size() ? said(from, false) : Optional.empty();
            if (again.isEmpty() || !again.get().oneEach || !again.get().code.equals(first.code)) {
                break;
            }
            run++;
            next = again.get().end;
            at = next;
        }
        return run;
    }

    private void several(int count) {
        Said said = said(at, true).orElseThrow();
        at = said.end;
        oneEach(said.code, count);
    }

    /// One with each hand, the loaded side first: what comes after a rear hand begins with the lead one.
    private void oneEach(String code, int count) {
        Catalogue catalogue = vocabulary.catalogue();
        Technique one = catalogue.get(code);
        Side first = last.flatMap(Technique::fixedSide).orElse(Side.LEAD).opposite();
        for (int i = 0; i < count; i++) {
            Side side = i % 2 == 0 ? first : first.opposite();
            boolean asSaid = one.fixedSide().equals(Optional.of(side));
            add(
                    asSaid
                            ? code
                            : catalogue
                                    .twin(one, one.usualLevel())
                                    .map(Technique::code)
                                    .orElse(code));
        }
    }

    private void add(String code) {
        String call = (feints ? "~" : "") + atLevel(code);
        int often = times;
        feints = false;
        times = 1;
        for (int i = 0; i < often; i++) {
            put(call);
        }
    }

    /// With the level that is said behind it: `to the body`, `low`.
    private String atLevel(String code) {
        int next = at;
        boolean to = next < tokens.size() && tokens.get(next).equalsIgnoreCase("to");
        if (to) {
            next++;
            while (next < tokens.size() && FILLERS.contains(tokens.get(next).toLowerCase(Locale.ROOT))) {
                next++;
            }
        } else if (said(at, false).isPresent()) {
            return code;
        }
        Level level = next < tokens.size() ? LEVELS.get(tokens.get(next).toLowerCase(Locale.ROOT)) : null;
        Technique technique = vocabulary.catalogue().byCode(code).orElse(null);
        if (level == null || technique == null || !technique.levels().containsKey(level)) {
            failed |= to;
            return code;
        }
        at = next + 1;
        if (technique.isNumbered()) {
            return level == Level.BODY ? code + "b" : code;
        }
        return code + "." + level.word();
    }

    private void put(String call) {
        Optional<Technique> technique = technique(call);
        boolean together = joins && !calls.isEmpty() && last.isPresent() && goTogether(last.get(), technique);
        joins = false;
        String open = calls.isEmpty() ? "" : calls.getLast();
        if (together) {
            calls.add(calls.removeLast() + "+" + call);
        } else if (open.equals("(")) {
            calls.add(calls.removeLast() + call);
        } else {
            calls.add(call);
        }
        last = technique.or(() -> last);
    }

    private Optional<Technique> technique(String call) {
        return Notation.readStrictly(call, vocabulary) instanceof Read read
                ? read.line().items().getFirst() instanceof Half half
                                && half.units().getFirst().calls().getFirst() instanceof Act act
                        ? Optional.of(act.technique())
                        : Optional.empty()
                : Optional.empty();
    }

    private static boolean goTogether(Technique one, Optional<Technique> other) {
        boolean strikes = other.filter(Technique::isStrike).isPresent();
        return (one.isDefence() || one.kind() == Kind.FEET) && strikes;
    }
}
