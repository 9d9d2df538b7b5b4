package onebeat.core.notation;

/// `_`: one empty beat that is wanted.
public record Pause(Span span) implements Item, PartnerItem {}
