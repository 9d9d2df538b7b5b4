package onebeat.calibration.judgement;

import java.util.regex.Pattern;
import onebeat.core.notation.Misread;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.review.Context;

/// Reads lines of judgements, and looks for words in what comes of them.
final class Reading {

    private Reading() {}

    /// @throws IllegalArgumentException where it is no line
    static Read read(String line, Context context) {
        return switch (Notation.read(line, context.vocabulary())) {
            case Read read -> read;
            case Misread misread ->
                throw new IllegalArgumentException("not read: " + misread.got() + ", expected " + misread.expected());
        };
    }

    /// Whether these words stand in a text as words of their own.
    static boolean has(String text, String words) {
        return Pattern.compile("(?<![\\w-])" + Pattern.quote(words) + "(?![\\w-])")
                .matcher(text)
                .find();
    }
}
