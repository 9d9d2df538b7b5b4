package onebeat.core.film;

import java.util.Comparator;
import java.util.List;

/// A line that the finder proposes.
///
/// @param reasons why it is built so, one sentence a link; empty for answers to a feed
/// @param taught whether it is one of the counters that everybody is taught (F25)
public record Answer(String line, Value value, List<String> reasons, boolean taught) {

    /// The best first; equal ones in the order of their words.
    static final Comparator<Answer> BEST =
            Comparator.comparingDouble((Answer a) -> -a.value().score()).thenComparing(Answer::line);

    public Answer {
        reasons = List.copyOf(reasons);
    }

    Answer(String line, Value value) {
        this(line, value, List.of(), false);
    }

    Answer(String line, Value value, List<String> reasons) {
        this(line, value, reasons, false);
    }

    Answer asTaught() {
        return new Answer(line, value, reasons, true);
    }

    /// The same in other words.
    Answer reading(String other) {
        return new Answer(other, value, reasons, taught);
    }
}
