package onebeat.core.play;

import java.util.Optional;
import java.util.OptionalInt;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Act;
import onebeat.core.notation.Span;

/// An action on its beat.
///
/// @param index its place in the way, from 0; what the other places refer to
/// @param unit the unit it was called in; actions that were joined by `+` share it
/// @param beat the beat of contact
/// @param counts beats that the line gave it, itself included; fewer than it needs is short (F5)
/// @param meets the index of the strike that it answers
/// @param side the side it is done on, resolved from the answered strike where the call leaves it open
/// @param branch the branch it stands on, for example `a` or `a.b`; empty before the first read
/// @param own the coach's own line that it comes from, where it does; its span is that of the name then
public record Placed(
        int index,
        Who who,
        Act act,
        int unit,
        Beat beat,
        int counts,
        OptionalInt meets,
        Optional<Side> side,
        String branch,
        Span span,
        Optional<OwnName> own) {

    public Technique technique() {
        return act.technique();
    }

    /// Beats that it needs until its contact, itself included; a feint shows the first count only.
    public int countsNeeded() {
        return act.feint() ? 1 : Math.max(1, technique().counts());
    }
}
