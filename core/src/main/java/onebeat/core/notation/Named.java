package onebeat.core.notation;

/// A coach's own line, called by its name in quotes.
public record Named(String name, Line line, Span span) implements Item {}
