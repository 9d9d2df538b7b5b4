package onebeat.core.opening;

import onebeat.core.exchange.Fate;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Move;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Act;
import onebeat.core.opening.PartnerModel.Name;
import org.jspecify.annotations.Nullable;

/// An action of the athlete as the partner sees it, and what it exposes: all that is the same each time it is done,
/// worked out once. The simulation of a played way and the search that looks ahead both reckon with it.
///
/// @param zone where it strikes; null for what is no strike that is meant to land
/// @param worth what it is worth there at its best, without what adds up
/// @param reacts the vector of the reaction to it; null where there is none
/// @param salience how far it moves the partner into that reaction when it is believed
@SuppressWarnings("ArrayRecordComponent") // read-only within the package, on the path of every search
record SeenAction(
        Act act, Side side, @Nullable Zone zone, double worth, double @Nullable [] reacts, double salience, Cost cost) {

    /// What an action costs the one who does it.
    ///
    /// @param left what it leaves open; null for what is no strike
    /// @param leftScale how much of that a feint leaves
    /// @param exposes whether it exposes by itself: strikes and holds do
    /// @param covers what it covers on its way
    /// @param following what it takes of the answer to the action before
    record Cost(LeftOpen.@Nullable Left left, double leftScale, boolean exposes, double covers, double following) {

        Cost leaving(LeftOpen.Left other) {
            return new Cost(other, leftScale, exposes, covers, following);
        }
    }

    /// @param arrives the side of the partner on which it comes
    /// @param lands where it lands, for a strike
    static SeenAction of(
            PartnerModel model,
            Act act,
            Side side,
            Side arrives,
            @Nullable Zone lands,
            Stance theirs,
            boolean withOdds) {
        Technique technique = act.technique();
        Zone zone = act.isStrike() ? lands : null;
        return new SeenAction(
                act,
                side,
                zone,
                zone == null ? 0 : technique.traits().worth() * model.zones().of(zone, theirs, 0),
                model.reaction(technique, act.level(), arrives)
                        .map(odds -> PostureVector.of(model, odds, withOdds))
                        .orElse(null),
                PartnerModel.clamp(salience(model, act)),
                cost(model, act, side));
    }

    private static Cost cost(PartnerModel model, Act act, Side side) {
        Technique technique = act.technique();
        return new Cost(
                technique.isStrike() ? model.leftOpen().of(technique, act.level(), side, Fate.LANDED) : null,
                act.feint() ? HALF : 1,
                act.isStrike() || (technique.kind() == Kind.CLINCH && !act.feint()),
                covers(model, technique),
                following(model, act));
    }

    Technique technique() {
        return act.technique();
    }

    Level level() {
        return act.level();
    }

    boolean feint() {
        return act.feint();
    }

    LeftOpen.@Nullable Left left() {
        return cost.left;
    }

    double leftScale() {
        return cost.leftScale;
    }

    boolean exposes() {
        return cost.exposes;
    }

    double covers() {
        return cost.covers;
    }

    private static final double HALF = 0.5;

    private static double salience(PartnerModel model, Act act) {
        if (act.feint()) {
            return model.number("salience_feint");
        }
        if (!act.technique().isStrike()) {
            return model.number("salience_other");
        }
        return switch (act.intent()) {
            case FULL -> model.number("salience_full");
            case NORMAL -> model.number("salience_normal");
            case LIGHT -> model.number("salience_light");
        };
    }

    private static double covers(PartnerModel model, Technique technique) {
        return model.table(Name.EXPOSURE).at(new NumberTable.Cell("cover_" + technique.code(), "value"))
                + (technique.traits().move().isOfHead() ? model.number("head_moves") : 0);
    }

    /// What an action that follows at once takes of the answer to the one before: hands in the face, a head or feet
    /// that are gone, a hold (F10, F11, F16, F30).
    private static double following(PartnerModel model, Act act) {
        Technique technique = act.technique();
        Move move = technique.traits().move();
        double whole;
        if (technique.isStrike()) {
            whole = model.number(act.level() == Level.HEAD ? "in_face" : "in_body");
        } else if (move.isOfHead()) {
            whole = model.number("head_away");
        } else if (move.isAway()) {
            whole = model.number("step_away");
        } else {
            whole = technique.isHold() ? model.number("held") : 0;
        }
        return PartnerModel.clamp(act.feint() ? whole * HALF : whole);
    }

    /// The same, and nobody reacts to it.
    SeenAction unseen() {
        return new SeenAction(act, side, zone, worth, null, salience, cost);
    }

    /// The same strike met by something.
    SeenAction met(PartnerModel model, Fate fate) {
        LeftOpen.Left met = model.leftOpen().of(technique(), level(), side, fate);
        return new SeenAction(act, side, zone, worth, reacts, salience, cost.leaving(met));
    }

    /// How much of the answer to the action before is left when this one follows at once.
    double leaves() {
        return 1 - cost.following;
    }

    /// Whether a strike is one with the leg.
    boolean isLeg() {
        return technique().part() == Part.LEG;
    }
}
