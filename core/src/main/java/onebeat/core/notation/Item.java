package onebeat.core.notation;

/// One item of a line.
public sealed interface Item permits Pause, RangeMark, Repeat, Reads, Choice, Half, Named {

    /// Where it stands in the text that was read.
    Span span();
}
