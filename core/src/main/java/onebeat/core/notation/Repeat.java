package onebeat.core.notation;

/// `[…]*n..m`: a set.
///
/// @param least repetitions at least, from 1
/// @param most repetitions at most; drawn at random between the two where they differ
public record Repeat(Line line, int least, int most, Span span) implements Item {}
