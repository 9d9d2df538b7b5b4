package onebeat.core.notation;

/// A stretch of the text that was read: from `start` up to but not including `end`, in characters from 0.
public record Span(int start, int end) {

    /// From the start of this one to the end of the other.
    public Span to(Span other) {
        return new Span(start, other.end);
    }
}
