package onebeat.core.play;

import java.util.Optional;
import onebeat.core.exchange.DriveShares;
import onebeat.core.exchange.Ends;
import onebeat.core.exchange.Side;
import onebeat.core.notation.Act;
import org.jspecify.annotations.Nullable;

/// What an action does to the body that does it and what it has behind it: all that is the same each time it is
/// thrown, worked out once. A played line and a search that tries very many ways both reckon with it.
///
/// @param shares how much turn, weight and height each give to the drive
/// @param factor the share of its power that the intent asks for
/// @param ends where a strike's body goes, for its drive
/// @param drivenTo where the body goes; null where the action leaves it alone
/// @param reach how far the body gets on the way there, 0 to 1
/// @param wind the turn that the counts before the contact wind up to, where it has such counts
record DrivenAction(
        DriveShares shares,
        double factor,
        Ends ends,
        @Nullable Ends drivenTo,
        double reach,
        Optional<Double> wind) {

    static DrivenAction of(Placed placed) {
        Act act = placed.act();
        return new DrivenAction(
                placed.technique().drive(),
                Body.factorOf(act),
                Body.endsOf(act),
                drivenTo(placed),
                Body.reachOf(act),
                act.feint() ? Optional.empty() : placed.technique().windTurn());
    }

    private static @Nullable Ends drivenTo(Placed placed) {
        return placed.technique().ends().equals(new Ends(0, 0, 0)) ? null : sided(placed, Body.endsOf(placed.act()));
    }

    /// Slips and the bare tuck tell their ends for the lead side; on the rear side they are mirrored.
    private static Ends sided(Placed placed, Ends ends) {
        boolean open =
                placed.technique().fixedSide().isEmpty() && !placed.technique().isStrike();
        boolean rear = placed.side().filter(s -> s == Side.REAR).isPresent();
        return open && rear ? new Ends(-ends.turn(), -ends.weight(), ends.height()) : ends;
    }

    /// The body when the action starts: what winds up is wound.
    Body started(Body before) {
        return wind.isPresent() ? before.wound(wind.get()) : before;
    }

    /// The body right after it.
    Body after(Body started) {
        return drivenTo == null ? started : started.toward(drivenTo, reach);
    }

    /// What it has behind it from this body, in this room.
    ///
    /// @param kept the share of its power that it keeps beside what else is done on its beat
    Impact impact(Body started, double room, double kept) {
        double drive = started.drive(ends, shares);
        double whole = room * kept * whole(drive);
        return new Impact(drive, whole * factor, whole, Grade.of(whole), room);
    }

    /// The power of it alone, without the rest.
    double power(Body started, double room) {
        return room * whole(started.drive(ends, shares)) * factor;
    }

    private double whole(double drive) {
        double alone = shares.limbAlone();
        return alone + (1 - alone) * drive;
    }
}
