package onebeat.core.exchange;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// One row of the catalogue: an action that a fighter can do.
///
/// @param code the canonical name in a call line, for example `3` or `rlow`
/// @param key a stable key for resource bundles, for example `lead-hook`
/// @param name the full name in the trade's words
/// @param levels the levels it can be called at, the usual one first, each with the code of the technique that it then
///     is (`rmid` at the head is `rhigh`)
/// @param ranges the bands it can be done in; empty where any will do
/// @param counts beats it takes until its contact, itself included (F5); 0 takes no time
/// @param windTurn the turn that the counts before the contact wind up to, where it has such counts
/// @param meets the strikes that it answers; empty where it is no defence
/// @param provenance where the row's numbers come from
public record Technique(
        String code,
        String key,
        String name,
        Kind kind,
        Family family,
        Path path,
        SideRule side,
        Part part,
        Map<Level, String> levels,
        Set<Band> ranges,
        StanceEffect stance,
        int counts,
        Motion motion,
        Ends ends,
        Optional<Double> windTurn,
        DriveShares drive,
        Arrival arrival,
        List<Target> meets,
        GapChange gap,
        String provenance) {

    public boolean isStrike() {
        return kind == Kind.STRIKE;
    }

    public boolean isReaction() {
        return kind == Kind.REACTION;
    }

    /// Whether it can answer a strike: hand, head and leg defences, and the feet that are marked so in the table.
    public boolean isDefence() {
        return !meets.isEmpty();
    }

    /// Whether it answers this strike at this level.
    public boolean meets(Technique strike, Level level) {
        return meets.stream().anyMatch(t -> t.fits(strike, level));
    }

    /// A kick or a knee: it needs its own leg free and the other one to stand on (F4).
    public boolean isLegStrike() {
        return isStrike() && part == Part.LEG;
    }

    /// The level it goes to when none is written.
    public Level usualLevel() {
        return levels.isEmpty() ? Level.NONE : levels.keySet().iterator().next();
    }

    /// Whether the code is a number, so that its level is written `3b` and not `3.body`.
    public boolean isNumbered() {
        return Character.isDigit(code.charAt(0));
    }

    /// Ends the way that feet and exits do: after it the fighter is no longer where the last strike left him.
    public boolean isExit() {
        return family == Family.FEET || family == Family.HEAD || code.equals("tie") || code.equals("break");
    }

    /// The side that it is fixed to, if it is.
    public Optional<Side> fixedSide() {
        return switch (side) {
            case LEAD -> Optional.of(Side.LEAD);
            case REAR -> Optional.of(Side.REAR);
            case COMING, AWAY, ANSWERING, BOTH, NONE -> Optional.empty();
        };
    }
}
