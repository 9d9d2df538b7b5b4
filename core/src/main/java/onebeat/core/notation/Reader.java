package onebeat.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Notation.OwnReading;

/// One pass over one text. A misread stops the pass by [Stopped], which never leaves this class.
final class Reader {

    private static final int MOST_CHARACTERS = 2000;
    private static final int MOST_TIMES = 99;

    private final String text;
    private final Vocabulary vocabulary;
    private int at;
    private int depth;
    private boolean inBrackets;

    Reader(String text, Vocabulary vocabulary, int start) {
        this.text = text;
        this.vocabulary = vocabulary;
        this.at = start;
    }

    Reading readAll() {
        try {
            checkLength();
            Line line = line();
            if (at < text.length()) {
                throw unexpected("an action, or the end of the line");
            }
            return new Read(text, line);
        } catch (Stopped stop) {
            return stop.misread;
        }
    }

    OwnReading readOwn() {
        try {
            checkLength();
            skipSpace();
            int start = at;
            String name = quoted();
            if (vocabulary.catalogue().byName(name).isPresent()) {
                throw stop(start, at, name, "a name that no technique has", List.of());
            }
            skipSpace();
            if (peek() != '=') {
                throw unexpected("= and the line");
            }
            at++;
            Line line = line();
            if (at < text.length()) {
                throw unexpected("an action, or the end of the line");
            }
            return new OwnReading.Defined(new OwnLine(name, Printer.print(line)));
        } catch (Stopped stop) {
            return new OwnReading.NotDefined(stop.misread);
        }
    }

    private void checkLength() {
        if (text.length() > MOST_CHARACTERS) {
            throw stop(
                    MOST_CHARACTERS,
                    text.length(),
                    text.length() + " characters",
                    "at most " + MOST_CHARACTERS + " characters",
                    List.of());
        }
    }

    private Line line() {
        List<Item> items = new ArrayList<>();
        Size size = Size.NOTHING;
        skipSpace();
        do {
            Item item = item();
            size = size.then(Size.of(item));
            checkSize(size, item);
            items.add(item);
            int before = at;
            skipSpace();
            if (!atLineEnd() && at == before) {
                throw unexpected("a space, + or /");
            }
        } while (!atLineEnd());
        return new Line(items);
    }

    private void checkSize(Size size, Item item) {
        Span span = item.span();
        if (depth + size.depth() > Size.MOST_DEPTH) {
            throw stop(span, "nesting at most " + Size.MOST_DEPTH + " deep");
        }
        if (size.actions() > Size.MOST_ACTIONS) {
            throw stop(span, "at most " + Size.MOST_ACTIONS + " actions when it is played");
        }
        if (size.ways() > Size.MOST_WAYS) {
            throw stop(span, "at most " + Size.MOST_WAYS + " ways through the reads");
        }
    }

    private Item item() {
        int start = at;
        return switch (peek()) {
            case '_' -> {
                at++;
                yield new Pause(since(start));
            }
            case '@' -> range();
            case '[' -> set();
            case '{' -> reads();
            case '<' -> choice();
            default -> {
                Optional<Named> named = named();
                yield named.isPresent() ? named.get() : half();
            }
        };
    }

    private RangeMark range() {
        int start = at++;
        String word = word();
        for (Band band : Band.values()) {
            if (band.word().equals(word)) {
                return new RangeMark(band, since(start));
            }
        }
        List<String> bands = List.of(Band.values()).stream().map(Band::word).toList();
        throw stop(start + 1, at, orHere(word), "a range: " + String.join(", ", bands), Nearest.to(word, bands));
    }

    private Repeat set() {
        int start = at++;
        descend(start);
        Line line = line();
        expect(']', "] to close the set");
        expect('*', "* and how many times");
        int least = times();
        int most = least;
        if (text.startsWith("..", at)) {
            at += 2;
            int numberAt = at;
            most = times();
            if (most < least) {
                throw stop(numberAt, at, "" + most, "a number from " + least + " to " + MOST_TIMES, List.of());
            }
        }
        depth--;
        return new Repeat(line, least, most, since(start));
    }

    private int times() {
        int start = at;
        while (isDigit(peek())) {
            at++;
        }
        String digits = text.substring(start, at);
        int n = digits.isEmpty() || digits.length() > 2 ? 0 : Integer.parseInt(digits);
        if (n < 1) {
            throw stop(start, at, orHere(digits), "a number from 1 to " + MOST_TIMES, List.of());
        }
        return n;
    }

    private Reads reads() {
        int start = at;
        descend(start);
        List<Reads.Branch> branches = new ArrayList<>();
        do {
            at++;
            skipSpace();
            if (peek() != '(') {
                throw unexpected("the partner's cue in ( )");
            }
            Partner cue = partner();
            skipSpace();
            expect(':', ": and the answer to the cue");
            branches.add(new Reads.Branch(cue, line()));
        } while (peek() == '|');
        expect('}', "| and another cue, or } to close the reads");
        depth--;
        return new Reads(branches, since(start));
    }

    private Choice choice() {
        int start = at;
        descend(start);
        List<Line> options = new ArrayList<>();
        do {
            at++;
            options.add(line());
        } while (peek() == '|');
        if (options.size() < 2) {
            throw unexpected("| and another way to go on");
        }
        expect('>', "| and another way, or > to close the choice");
        depth--;
        return new Choice(options, since(start));
    }

    private void descend(int start) {
        if (++depth > Size.MOST_DEPTH) {
            throw stop(start, start + 1, here(start), "nesting at most " + Size.MOST_DEPTH + " deep", List.of());
        }
    }

    /// A coach's own line stands alone: it is no single action that could be joined or shortened.
    private Optional<Named> named() {
        if (peek() != '"') {
            return Optional.empty();
        }
        int start = at;
        String name = quoted();
        Optional<Line> line = vocabulary.own(name);
        if (line.isEmpty()) {
            at = start;
            return Optional.empty();
        }
        if (!atLineEnd() && !isSpace(peek())) {
            throw unexpected("a space: your own line \"" + name + "\" stands alone");
        }
        return Optional.of(new Named(name, line.get(), since(start)));
    }

    private Half half() {
        int start = at;
        List<Unit> units = new ArrayList<>();
        units.add(unit());
        while (peek() == '/') {
            at++;
            units.add(unit());
        }
        return new Half(units, since(start));
    }

    private Unit unit() {
        int start = at;
        List<Call> calls = new ArrayList<>();
        calls.add(call());
        while (peek() == '+') {
            at++;
            calls.add(call());
        }
        return new Unit(calls, since(start));
    }

    private Call call() {
        if (peek() == '(') {
            return partner();
        }
        Act act = act();
        if (act.technique().isReaction()) {
            throw stop(
                    act.span(),
                    "the partner's reaction in ( ): (" + act.technique().code() + ")");
        }
        return act;
    }

    private Partner partner() {
        int start = at++;
        inBrackets = true;
        List<PartnerItem> items = new ArrayList<>();
        skipSpace();
        do {
            int itemAt = at;
            if (peek() == '_') {
                at++;
                items.add(new Pause(since(itemAt)));
            } else {
                items.add(act());
            }
            int before = at;
            skipSpace();
            if (peek() != ')' && at == before) {
                throw unexpected("a space, or ) to close the partner's part");
            }
        } while (peek() != ')');
        at++;
        inBrackets = false;
        return new Partner(items, since(start));
    }

    private Act act() {
        int start = at;
        boolean feint = peek() == '~';
        if (feint) {
            at++;
        }
        Technique technique = technique();
        Level level = technique.usualLevel();
        if (pendingLevel != Level.NONE) {
            level = pendingLevel;
            pendingLevel = Level.NONE;
        } else if (peek() == '.') {
            level = dotLevel();
        }
        int levelEnd = at;
        if (technique.isStrike()) {
            Level asked = level;
            technique = vocabulary
                    .catalogue()
                    .atLevel(technique, asked)
                    .orElseThrow(() -> levelNotAllowed(start, levelEnd, asked));
        } else if (level != Level.NONE) {
            throw stop(start, at, text.substring(start, at), "no level: only strikes have one", List.of());
        }
        Intent intent = intent();
        if (feint) {
            checkFeint(start, technique, intent);
        }
        return new Act(feint, technique, level, intent, since(start));
    }

    private Stopped levelNotAllowed(int start, int end, Level asked) {
        return stop(
                start,
                end,
                text.substring(start, end),
                "another level: this strike does not go to the " + asked.word(),
                List.of());
    }

    private void checkFeint(int start, Technique technique, Intent intent) {
        if (!technique.traits().feintable()) {
            throw stop(since(start), "a strike, in, switch or tie behind ~");
        }
        if (intent == Intent.FULL) {
            throw stop(since(start), "a feint without !");
        }
    }

    /// The level that a number's own letter gave (`3b`), until [#act] takes it.
    private Level pendingLevel = Level.NONE;

    private Technique technique() {
        int start = at;
        if (peek() == '"') {
            String name = quoted();
            return vocabulary.catalogue().byName(name).orElseThrow(() -> unknown(start, name));
        }
        Optional<SpokenWords.Found> name = SpokenWords.nameAt(text, start, inBrackets, stance());
        if (name.isPresent()) {
            return spoken(name.get());
        }
        String word = word();
        Optional<Technique> exact = vocabulary.catalogue().byCode(word);
        if (exact.isPresent()) {
            return exact.get();
        }
        if (word.endsWith("h") || word.endsWith("b")) {
            Optional<Technique> number = vocabulary
                    .catalogue()
                    .byCode(word.substring(0, word.length() - 1))
                    .filter(Technique::isNumbered);
            if (number.isPresent()) {
                pendingLevel = word.endsWith("h") ? Level.HEAD : Level.BODY;
                return number.get();
            }
        }
        return SpokenWords.at(text, start, stance()).map(this::spoken).orElseThrow(() -> unknown(start, word));
    }

    /// Of whoever does what is read now.
    private Optional<Stance> stance() {
        return inBrackets ? vocabulary.partner() : vocabulary.athlete();
    }

    /// A technique as people say it.
    private Technique spoken(SpokenWords.Found found) {
        at = found.end();
        String code = found.code();
        Optional<Technique> whole = vocabulary.catalogue().byCode(code);
        if (whole.isPresent()) {
            return whole.get();
        }
        pendingLevel = code.endsWith("h") ? Level.HEAD : Level.BODY;
        return vocabulary.catalogue().get(code.substring(0, code.length() - 1));
    }

    private Stopped unknown(int start, String word) {
        List<String> known = new ArrayList<>();
        vocabulary.catalogue().all().forEach(t -> known.add(t.code()));
        vocabulary.catalogue().all().forEach(t -> known.add('"' + t.name() + '"'));
        vocabulary.ownNames().forEach(name -> known.add('"' + name + '"'));
        String written = text.substring(start, Math.max(start, at));
        if (word.contains("-") && splits(word)) {
            return stop(start, at, word, "a space between actions", List.of(word.replace('-', ' ')));
        }
        String got = word.isEmpty() ? here(at) : word;
        return stop(
                start,
                Math.max(at, start + (at < text.length() ? 1 : 0)),
                got,
                "an action",
                Nearest.to(written, known));
    }

    private boolean splits(String word) {
        for (String part : word.split("-", -1)) {
            if (vocabulary.catalogue().byCode(part).isEmpty()) {
                return false;
            }
        }
        return true;
    }

    private Level dotLevel() {
        int start = at++;
        String word = word();
        List<String> levels = new ArrayList<>();
        for (Level level : Level.values()) {
            if (level != Level.NONE) {
                if (level.word().equals(word)) {
                    return level;
                }
                levels.add("." + level.word());
            }
        }
        throw stop(start, at, "." + word, "a level: " + String.join(" ", levels), Nearest.to("." + word, levels));
    }

    private Intent intent() {
        Intent intent = switch (peek()) {
            case '!' -> Intent.FULL;
            case '\'' -> Intent.LIGHT;
            default -> Intent.NORMAL;
        };
        if (intent != Intent.NORMAL) {
            at++;
        }
        return intent;
    }

    private String quoted() {
        int start = at;
        if (peek() != '"') {
            throw unexpected("a name in quotes");
        }
        int close = text.indexOf('"', start + 1);
        if (close < 0) {
            throw stop(start, text.length(), text.substring(start), "a closing quote", List.of());
        }
        String name = text.substring(start + 1, close);
        if (name.isBlank() || name.chars().anyMatch(Character::isISOControl)) {
            throw stop(start, close + 1, text.substring(start, close + 1), "a name between the quotes", List.of());
        }
        at = close + 1;
        return name.strip();
    }

    private String word() {
        int start = at;
        while (isWord(peek()) && !isBetweenNumbers()) {
            at++;
        }
        return text.substring(start, at);
    }

    /// Whether a dash stands between two numbers: `1-2-3` is said as `1 2 3` is.
    private boolean isBetweenNumbers() {
        return peek() == '-'
                && at > 0
                && at + 1 < text.length()
                && (isDigit(text.charAt(at - 1)) || (at > 1 && isDigit(text.charAt(at - 2))))
                && isDigit(text.charAt(at + 1));
    }

    private void expect(char wanted, String expected) {
        if (peek() != wanted) {
            throw unexpected(expected);
        }
        at++;
    }

    private void skipSpace() {
        while (isSpace(peek()) || isBetweenNumbers()) {
            at++;
        }
    }

    private boolean atLineEnd() {
        return at >= text.length() || peek() == ']' || peek() == '|' || peek() == '}' || peek() == '>';
    }

    /// The next character, or NUL past the end; a NUL in the text itself is no character of any line.
    private char peek() {
        return at < text.length() ? text.charAt(at) : '\0';
    }

    private static boolean isSpace(char c) {
        return c == ' ' || c == '\t' || c == ',';
    }

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }

    private static boolean isWord(char c) {
        return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || isDigit(c) || c == '-';
    }

    private Span since(int start) {
        return new Span(start, at);
    }

    private Stopped unexpected(String expected) {
        return stop(at, Math.min(at + 1, text.length()), here(at), expected, List.of());
    }

    private String orHere(String word) {
        return word.isEmpty() ? here(at) : word;
    }

    private String here(int place) {
        if (place >= text.length()) {
            return "the end";
        }
        int point = text.codePointAt(place);
        return Character.isISOControl(point)
                        || !Character.isDefined(point)
                        || point > 0xFFFF
                        || Character.isSurrogate((char) point)
                ? String.format(Locale.ROOT, "the character U+%04X", point)
                : Character.toString(point);
    }

    private Stopped stop(Span span, String expected) {
        return stop(span.start(), span.end(), text.substring(span.start(), span.end()), expected, List.of());
    }

    private static Stopped stop(int at, int end, String got, String expected, List<String> nearest) {
        return new Stopped(new Misread(at, Math.max(at, end), got, expected, nearest));
    }

    /// Carries a misread out of the descent; without a stack trace, since it is no fault of the program.
    private static final class Stopped extends RuntimeException {

        private static final long serialVersionUID = 1L;

        private final transient Misread misread;

        Stopped(Misread misread) {
            super(null, null, false, false);
            this.misread = misread;
        }
    }
}
