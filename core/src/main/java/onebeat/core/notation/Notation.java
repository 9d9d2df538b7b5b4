package onebeat.core.notation;

/// Reads and prints call lines.
///
/// The grammar is that of the manual; this is a hand-written descent without backtracking, linear in the length
/// of the text. Limits: 2 000 characters, nesting 16, sets of 1 to 99, 500 played actions and 64 continuations.
public final class Notation {

    private Notation() {}

    /// Reads a call line, or one as a coach says it (`double jab, cross to the body`). Never throws, whatever the text.
    ///
    /// What is said is turned into calls first; its spans point into those.
    public static Reading read(String text, Vocabulary vocabulary) {
        Reading strict = readStrictly(text, vocabulary);
        if (strict instanceof Read && !SpokenLine.saysOneWithEachHand(text)) {
            return strict;
        }
        return SpokenLine.calls(text, vocabulary)
                .map(calls -> readStrictly(calls, vocabulary))
                .filter(Read.class::isInstance)
                .orElse(strict);
    }

    /// Reads a call line as it stands.
    static Reading readStrictly(String text, Vocabulary vocabulary) {
        return new LineReader(text, vocabulary, 0).readAll();
    }

    /// Reads a call line with the catalogue alone.
    public static Reading read(String text) {
        return read(text, Vocabulary.standard());
    }

    /// The canonical form of a line.
    public static String print(Line line) {
        return Printer.print(line);
    }

    /// The canonical form of one action.
    public static String print(Act act) {
        return Printer.act(act);
    }

    /// What came of reading the definition of an own line.
    public sealed interface OwnReading {

        /// It could be read.
        record Defined(OwnLine line) implements OwnReading {}

        /// It could not.
        record NotDefined(Misread why) implements OwnReading {}
    }

    /// Reads `"name" = line`. The name may hold anything but quotes and control characters.
    public static OwnReading readOwn(String text, Vocabulary vocabulary) {
        return new LineReader(text, vocabulary, 0).readOwn();
    }
}
