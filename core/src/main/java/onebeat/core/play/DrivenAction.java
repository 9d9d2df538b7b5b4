package onebeat.core.play;

import java.util.Optional;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.DriveShares;
import onebeat.core.exchange.Ends;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Technique;
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
/// @param sets whether it sets the body anew for the strike after it
/// @param wind the turn that the counts before the contact wind up to, where it has such counts
record DrivenAction(
        DriveShares shares,
        double factor,
        Ends ends,
        @Nullable Ends drivenTo,
        double reach,
        boolean sets,
        Optional<Double> wind) {

    static DrivenAction of(Placed placed) {
        Act act = placed.act();
        return new DrivenAction(
                placed.technique().drive(),
                Body.factorOf(act),
                Body.endsOf(act),
                drivenTo(placed),
                Body.reachOf(act),
                placed.technique().traits().loads(),
                act.feint() ? Optional.empty() : placed.technique().windTurn());
    }

    private static @Nullable Ends drivenTo(Placed placed) {
        Ends ends = sided(placed);
        return ends.equals(NOWHERE) && !placed.technique().traits().loads() ? null : ends;
    }

    private static final Ends NOWHERE = new Ends(0, 0, 0);

    /// A defence without its side written is the one on that side. Slips tell their ends for the lead side; on the rear
    /// side they are mirrored.
    private static Ends sided(Placed placed) {
        Technique technique = placed.technique();
        Optional<Side> side = placed.side();
        if (technique.isStrike() || side.isEmpty() || technique.fixedSide().isPresent()) {
            return Body.endsOf(placed.act());
        }
        Technique named = Catalogue.standard().onSide(technique, side.get());
        Ends ends = named.ends();
        return named.equals(technique) && side.get() == Side.REAR
                ? new Ends(-ends.turn(), -ends.weight(), ends.height())
                : ends;
    }

    /// The body when the action starts: what winds up is wound, what a step has set is used.
    Body started(Body before) {
        return wind.isPresent() ? before.wound(wind.get()) : before.setFor(ends);
    }

    /// The body right after it.
    Body after(Body started) {
        if (drivenTo == null) {
            return started;
        }
        return sets ? carried(started) : started.toward(drivenTo, reach);
    }

    /// The body right after it where it goes with a strike: the turn that is loaded stays loaded.
    Body carried(Body started) {
        if (drivenTo == null) {
            return started;
        }
        Body carried = started.carried(drivenTo, reach);
        return sets ? carried.setBy(drivenTo) : carried;
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
