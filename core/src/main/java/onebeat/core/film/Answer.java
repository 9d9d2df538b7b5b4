package onebeat.core.film;

import java.util.Comparator;
import java.util.List;

/// A line that the finder proposes.
///
/// @param reasons why it is built so, one sentence a link; empty for answers to a feed
public record Answer(String line, Value value, List<String> reasons) {

    /// The best first; equal ones in the order of their words.
    static final Comparator<Answer> BEST =
            Comparator.comparingDouble((Answer a) -> -a.value().score()).thenComparing(Answer::line);

    public Answer {
        reasons = List.copyOf(reasons);
    }

    Answer(String line, Value value) {
        this(line, value, List.of());
    }
}
