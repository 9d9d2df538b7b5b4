package onebeat.core.notation;

import java.util.List;
import java.util.Locale;

/// A place in a text that is read from left to right, with what stands there. Where the text cannot be read on, it
/// says so by [Stopped], which the reader of the whole turns into a [Misread].
final class Cursor {

    private final String text;
    private int at;

    Cursor(String text, int start) {
        this.text = text;
        this.at = start;
    }

    /// The place, in characters from 0.
    int at() {
        return at;
    }

    void moveTo(int place) {
        at = place;
    }

    /// Goes past a character, and gives its place.
    int pass() {
        return at++;
    }

    boolean atEnd() {
        return at >= text.length();
    }

    String text() {
        return text;
    }

    /// What was read since a place.
    String since(int start) {
        return text.substring(start, Math.max(start, at));
    }

    /// Goes past these characters, if they stand here.
    boolean passes(String wanted) {
        boolean here = text.startsWith(wanted, at);
        at += here ? wanted.length() : 0;
        return here;
    }

    /// The digits that stand here, perhaps none.
    String digits() {
        int start = at;
        while (isDigit(peek())) {
            at++;
        }
        return since(start);
    }

    /// Goes past a name in quotes and gives it.
    String quoted() {
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

    /// Goes past letters, digits and dashes and gives them, perhaps none.
    String word() {
        int start = at;
        while (isWord(peek()) && !isBetweenNumbers()) {
            at++;
        }
        return since(start);
    }

    /// Whether a dash stands between two numbers: `1-2-3` is said as `1 2 3` is.
    private boolean isBetweenNumbers() {
        return peek() == '-'
                && at > 0
                && at + 1 < text.length()
                && (isDigit(text.charAt(at - 1)) || (at > 1 && isDigit(text.charAt(at - 2))))
                && isDigit(text.charAt(at + 1));
    }

    /// Goes past this character, which has to stand here.
    ///
    /// @param expected what to say where it does not
    void expect(char wanted, String expected) {
        if (peek() != wanted) {
            throw unexpected(expected);
        }
        at++;
    }

    void skipSpace() {
        while (isSpace(peek()) || isBetweenNumbers()) {
            at++;
        }
    }

    /// Whether a line ends here: at the end of the text, or of the set, the reads or the choice that it stands in.
    boolean atLineEnd() {
        return at >= text.length() || peek() == ']' || peek() == '|' || peek() == '}' || peek() == '>';
    }

    /// The next character, or NUL past the end; a NUL in the text itself is no character of any line.
    char peek() {
        return at < text.length() ? text.charAt(at) : '\0';
    }

    static boolean isSpace(char c) {
        return c == ' ' || c == '\t' || c == ',';
    }

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }

    private static boolean isWord(char c) {
        return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || isDigit(c) || c == '-';
    }

    /// The places that were read since one.
    Span span(int start) {
        return new Span(start, at);
    }

    Stopped unexpected(String expected) {
        return stop(at, Math.min(at + 1, text.length()), here(at), expected, List.of());
    }

    /// A word, or what stands here where it is none.
    String orHere(String word) {
        return word.isEmpty() ? here(at) : word;
    }

    /// What stands in a place, as it can be shown.
    String here(int place) {
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

    Stopped stop(Span span, String expected) {
        return stop(span.start(), span.end(), text.substring(span.start(), span.end()), expected, List.of());
    }

    Stopped stop(int at, int end, String got, String expected, List<String> nearest) {
        return new Stopped(new Misread(at, Math.max(at, end), got, expected, nearest));
    }

    /// Carries a misread out of the descent; without a stack trace, since it is no fault of the program.
    static final class Stopped extends RuntimeException {

        private static final long serialVersionUID = 1L;

        private final transient Misread misread;

        Stopped(Misread misread) {
            super(null, null, false, false);
            this.misread = misread;
        }

        Misread misread() {
            return misread;
        }
    }
}
