package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import onebeat.core.notation.Span;

/// One thing that a coach would say about a line.
///
/// @param steps the numbers of the steps concerned, counted through the whole line
/// @param branch the branch it stands on; empty for the part that all ways share
/// @param text the reason in one or two sentences
/// @param spans where the steps stand in the text that was reviewed
/// @param mended a line in canonical form that no longer has this finding and has no new `stop`
public record Finding(
        Code code,
        Severity severity,
        List<Integer> steps,
        String branch,
        String text,
        List<Span> spans,
        Optional<String> mended) {

    public Finding {
        steps = List.copyOf(steps);
        spans = List.copyOf(spans);
    }
}
