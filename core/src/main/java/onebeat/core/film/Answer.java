package onebeat.core.film;

/// A line that the finder proposes.
public record Answer(String line, Value value) {}
