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
        Traits traits,
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

    /// Whether a line that ends with it leaves: after it the fighter is no longer where the last strike left them.
    public boolean isExit() {
        return traits.exit();
    }

    /// Whether it needs to be carried in: an elbow, a knee or a hold (F8, F16).
    public boolean needsEntry() {
        return family == Family.ELBOW || family == Family.KNEE || kind == Kind.CLINCH;
    }

    /// Whether it covers one side only: a block, tuck, shield or check with its side written.
    public boolean coversOneSide() {
        return isDefence()
                && fixedSide().isPresent()
                && switch (traits.fate()) {
                    case BLOCKED, TUCKED, SHIELDED, CHECKED -> true;
                    case LANDED, CAUGHT, PARRIED, SLIPPED, MISSED -> false;
                };
    }

    /// Whether it comes toward the other without striking.
    public boolean stepsIn() {
        return !isStrike() && traits.move() == Move.STEP_IN;
    }

    /// Whether it takes hold of the other.
    public boolean isHold() {
        return family == Family.CLINCH && gap instanceof GapChange.IntoClinch;
    }

    /// Whether it answers a hold: it breaks it, or works inside it. An elbow does neither: the grip on the head is
    /// still there (F25).
    public boolean answersHold(Technique hold) {
        return family == Family.KNEE
                || kind == Kind.CLINCH
                || meets.stream()
                        .anyMatch(
                                t -> t.family().filter(f -> f == hold.family()).isPresent());
    }

    /// Whether it leaves a hand out that meets no strike: it blinds and measures.
    public boolean leavesHandOut() {
        return kind == Kind.DEFENCE && part == Part.ARM && traits.fate() == Fate.LANDED;
    }

    /// Whether it is an arm that comes round.
    public boolean isRoundArm() {
        return isStrike() && path == Path.ROUND && part == Part.ARM;
    }

    /// A strike that a straight can be stopped from: it comes round or falls.
    public boolean comesRound() {
        return isStrike() && (path == Path.ROUND || path == Path.FALLING);
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
