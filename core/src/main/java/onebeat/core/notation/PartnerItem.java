package onebeat.core.notation;

/// What can stand between the partner's brackets.
public sealed interface PartnerItem permits Act, Pause {

    Span span();
}
