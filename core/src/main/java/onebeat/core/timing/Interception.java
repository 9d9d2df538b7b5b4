package onebeat.core.timing;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import onebeat.core.exchange.Constants;
import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Move;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Act;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// What becomes of a fed strike.
///
/// A strike begun with a feed answers it only where it arrives first by a margin and stops it, or takes the own head
/// off its line by itself; arriving first without that is a trade, and arriving later is no answer at all (F7, J2).
/// Space is a defence too: a feed that cannot reach needs no other (J5).
public enum Interception {
    /// A defence that fits meets it.
    MET,
    /// A defence meets it that does not fit.
    WRONG,
    /// A defence that would fit meets it from the wrong side, or a roll goes into it.
    WRONG_SIDE,
    /// A strike of the athlete's stops it.
    STOPPED,
    /// A strike of the athlete's takes the head off its line.
    EVADED,
    /// A strike of the athlete's arrives first and stops nothing: both land.
    TRADED,
    /// It does not reach.
    SHORT,
    /// Nothing meets it.
    UNMET;

    private static final Constants TABLE = Constants.of(Interception.class, "reaction.csv", "constant");

    /// By how much a strike has to arrive first to come before another that starts with it, in milliseconds.
    private static final double MARGIN_MS = TABLE.get("margin_ms");

    /// Whether the feed does no harm.
    public boolean isAnswer() {
        return switch (this) {
            case MET, STOPPED, EVADED, SHORT -> true;
            case WRONG, WRONG_SIDE, TRADED, UNMET -> false;
        };
    }

    /// What becomes of this feed.
    public static Interception of(PlayedWay way, Step feed) {
        Technique fed = feed.placed().technique();
        Level level = feed.placed().act().level();
        Interception best = met(way, feed);
        if (best == MET) {
            return MET;
        }
        if (feed.isShort() || landsWhereNobodyIs(way, feed)) {
            return SHORT;
        }
        for (Step strike : way.strikesOf(Who.ATHLETE).toList()) {
            if (strike.beat().equals(feed.beat())) {
                Interception one = by(strike.placed().act(), fed, level);
                if (one.isAnswer()) {
                    return one;
                }
                best = best == WRONG || best == WRONG_SIDE || one == UNMET ? best : one;
            }
        }
        return best;
    }

    /// By what is done against it: of several things on its beat the best counts (J20).
    private static Interception met(PlayedWay way, Step feed) {
        Optional<Step> bound = way.metBy(feed);
        List<Step> against = Stream.concat(
                        bound.stream(),
                        way.of(Who.ATHLETE)
                                .filter(s -> s.beat().equals(feed.beat())
                                        && meetsNoOther(s, feed)
                                        && s.placed().technique().isDefence()
                                        && !s.placed().act().feint()))
                .toList();
        List<Step> fitting = against.stream()
                .filter(d -> d.placed()
                        .technique()
                        .meets(feed.placed().technique(), feed.placed().act().level()))
                .toList();
        if (fitting.isEmpty()) {
            return bound.isPresent() ? WRONG : UNMET;
        }
        return fitting.stream().anyMatch(d -> isOnItsSide(way, d, feed)) ? MET : WRONG_SIDE;
    }

    /// Whether it had to be stepped in after who had just stepped away: it comes to its end where the target was (J20).
    private static boolean landsWhereNobodyIs(PlayedWay way, Step feed) {
        boolean away = way.of(Who.ATHLETE)
                .filter(s -> s.beat().compareTo(feed.beat()) < 0)
                .reduce((_, later) -> later)
                .filter(s -> feed.beat().since(s.beat()) <= 1
                        && s.placed().technique().traits().move() == Move.STEP_BACK)
                .isPresent();
        return away
                && way.moments().stream()
                        .filter(m -> m.beat().compareTo(feed.beat()) < 0)
                        .reduce((_, later) -> later)
                        .filter(before -> before.gapCm() > feed.gapCm())
                        .isPresent();
    }

    private static boolean meetsNoOther(Step defence, Step feed) {
        return defence.placed().meets().isEmpty() || defence.placed().meets().getAsInt() == feed.index();
    }

    /// Whether a defence that covers one side is on the side from which a round strike comes, and a roll goes under it
    /// toward that side (F11, F25).
    private static boolean isOnItsSide(PlayedWay way, Step defence, Step feed) {
        Technique technique = defence.placed().technique();
        boolean rolls = technique.traits().move() == Move.ROLL;
        if (!feed.placed().technique().comesRound() || !(technique.coversOneSide() || rolls)) {
            return true;
        }
        Pairing pairing = Pairing.of(
                way.at(feed.beat()).athlete().stance(),
                way.at(feed.beat()).partner().stance());
        Side from = feed.placed().technique().arrival().at(feed.placed().side().orElse(Side.LEAD), pairing);
        return defence.placed().side().equals(Optional.of(from));
    }

    private static Interception by(Act strike, Technique fed, Level level) {
        Technique technique = strike.technique();
        if (technique.traits().evades().stream().anyMatch(t -> t.fits(fed, level))) {
            return EVADED;
        }
        if (!arrivesFirst(technique, fed)) {
            return UNMET;
        }
        boolean toHeadOrChest = strike.level() == Level.HEAD || strike.level() == Level.BODY;
        boolean stops = toHeadOrChest
                && strike.intent() != Intent.LIGHT
                && technique.traits().stops().stream()
                        .anyMatch(
                                s -> s.target().fits(fed, level) && (!s.committed() || strike.intent() == Intent.FULL));
        return stops ? STOPPED : TRADED;
    }

    /// Whether a strike can land on the beat of a feed that it starts with. A slower kick would have to start before
    /// the cue; a hand may be a little slower, since its beat is felt as one (J2).
    public static boolean sharesBeat(Technique strike, Technique feed) {
        double later = strike.motion().contactMs() - feed.motion().contactMs();
        return later <= (strike.isLegStrike() ? MARGIN_MS : TOGETHER_MS);
    }

    /// How long before a fed contact an action has to start to land on its beat, in milliseconds: a hand may be a
    /// little later, a defence and a kick may not.
    static double startsBeforeMs(Technique action) {
        double contact = action.motion().contactMs();
        return action.isStrike() && !action.isLegStrike() ? contact - TOGETHER_MS : contact;
    }

    private static final double TOGETHER_MS = TABLE.get("together_ms");

    /// Whether one action arrives before another that starts with it, by a margin (F7).
    public static boolean arrivesFirst(Technique one, Technique other) {
        return one.motion().contactMs() + MARGIN_MS <= other.motion().contactMs();
    }
}
