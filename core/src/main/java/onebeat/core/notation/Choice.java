package onebeat.core.notation;

import java.util.List;

/// `< a | b >`: a free choice of the athlete's own, without a cue.
///
/// @param options two or more
public record Choice(List<Line> options, Span span) implements Item {

    public Choice {
        options = List.copyOf(options);
    }
}
