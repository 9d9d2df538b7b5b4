package onebeat.core.timing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Technique;
import onebeat.core.play.Beat;
import onebeat.core.play.Impact;
import onebeat.core.play.Limb;
import onebeat.core.play.Played;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// The time that a played way takes.
public final class Timing {

    static final double MS_PER_MINUTE = 60_000;

    /// The share of an action's own time that it needs however short its turn is; the rest grows with the travel that
    /// is still ahead. A default; it makes a lead hook behind a feinted cross earlier than behind a real one (F19).
    private static final double LEAST_SHARE = 0.7;

    /// Each count before a contact takes this share of the action's own time. A default.
    private static final double COUNT_SHARE = 0.6;

    private Timing() {}

    /// When a beat comes at a tempo, in milliseconds from the first beat.
    public static double atMs(Beat beat, double bpm) {
        return beat.inBeats() * MS_PER_MINUTE / bpm;
    }

    /// How long so many beats last at a tempo, in milliseconds.
    public static double msFor(double beats, double bpm) {
        return beats * MS_PER_MINUTE / bpm;
    }

    /// The links of one fighter: for each action from the last one before it, and from the last one of the same limb.
    public static List<Link> links(PlayedWay way, Who who) {
        List<Step> steps = way.of(who)
                .filter(s -> s.placed().technique().kind() != Kind.REACTION)
                .sorted(Comparator.comparing(Step::beat).thenComparingInt(Step::index))
                .toList();
        List<Link> links = new ArrayList<>();
        for (int j = 1; j < steps.size(); j++) {
            Step to = steps.get(j);
            boolean last = true;
            for (int i = j - 1; i >= 0; i--) {
                Step from = steps.get(i);
                if (from.beat().equals(to.beat())) {
                    continue;
                }
                boolean sameLimb = sharesLimb(from, to);
                if (last || sameLimb) {
                    links.add(link(from, to, sameLimb));
                }
                last = false;
                if (sameLimb) {
                    break;
                }
            }
        }
        return links;
    }

    /// The link that sets the athlete's tempo ceiling; empty where a line has no two actions after one another.
    public static Optional<Link> ceiling(PlayedWay way) {
        return links(way, Who.ATHLETE).stream().min(Comparator.comparingDouble(Link::ceilingBpm));
    }

    private static boolean sharesLimb(Step from, Step to) {
        Set<Limb> busy = Limb.busyWith(from.placed());
        return !Collections.disjoint(busy, Limb.busyWith(to.placed()));
    }

    /// The longest of what must come first: the limb home and on its way again, the turn made, the foot down.
    private static Link link(Step from, Step to, boolean sameLimb) {
        Technique first = from.placed().technique();
        Technique second = to.placed().technique();
        double counts = 1 + COUNT_SHARE * (to.placed().countsNeeded() - 1);
        double motion = second.motion().contactMs() * counts * LEAST_SHARE;
        double turn = second.motion().contactMs()
                * counts
                * (LEAST_SHARE
                        + (1 - LEAST_SHARE) * to.impact().map(Impact::drive).orElse(0.0));
        double home = first.motion().homeMs();
        boolean legFirst = first.isLegStrike() || first.family() == Family.LEG;
        // The kicking foot lands as the fist lands (F6), so the two run side by side; another kick waits for it.
        double foot = legFirst ? (second.part() == Part.LEG ? home + turn : home) : 0;
        double hand = sameLimb ? home + turn : motion;
        double needed = Math.max(turn, Math.max(hand, foot));
        Link.Cause cause = needed == foot ? Link.Cause.FOOT : needed == hand ? Link.Cause.HAND : Link.Cause.TURN;
        return new Link(from.index(), to.index(), to.beat().since(from.beat()), needed, cause);
    }

    /// The one-beat value of an athlete's strike: beats between the fed contact that it answers and its own contact.
    /// Empty for strikes that are no first answer to a feed.
    public static OptionalDouble oneBeat(PlayedWay way, Step strike) {
        if (strike.who() != Who.ATHLETE || !strike.placed().act().isStrike()) {
            return OptionalDouble.empty();
        }
        Optional<Step> feed = way.strikesOf(Who.PARTNER)
                .filter(s -> s.beat().compareTo(strike.beat()) <= 0)
                .max(Comparator.comparing(Step::beat).thenComparingInt(Step::index));
        if (feed.isEmpty()) {
            return OptionalDouble.empty();
        }
        Beat fed = feed.get().beat();
        boolean first = way.strikesOf(Who.ATHLETE)
                .filter(s -> s.index() != strike.index())
                .noneMatch(s -> s.beat().compareTo(fed) >= 0
                        && (s.beat().compareTo(strike.beat()) < 0
                                || (s.beat().equals(strike.beat()) && s.index() < strike.index())));
        return first ? OptionalDouble.of(strike.beat().since(fed)) : OptionalDouble.empty();
    }

    /// How many beats after its feed the first answer of a line comes; empty where nothing is answered.
    public static Optional<Double> firstAnswer(Played play) {
        return play.ways().stream()
                .flatMap(way -> way.strikesOf(Who.ATHLETE)
                        .flatMapToDouble(strike -> oneBeat(way, strike).stream())
                        .boxed())
                .findFirst();
    }
}
