package onebeat.core.notation;

/// What one of the two does: an action of the athlete, or the partner's brackets.
public sealed interface Call permits Act, Partner {

    Span span();
}
