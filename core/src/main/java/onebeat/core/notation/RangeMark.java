package onebeat.core.notation;

import onebeat.core.exchange.Band;

/// `@long`: the next action starts from this band.
public record RangeMark(Band band, Span span) implements Item {}
