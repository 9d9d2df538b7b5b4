package onebeat.core.opening;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import onebeat.core.exchange.FirstAnswers;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Technique;
import onebeat.core.play.Angle;
import onebeat.core.play.Beat;
import onebeat.core.play.Moment;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.timing.Interception;

/// What the athlete exposes along a played way.
///
/// Each strike and hold is exposed until the next own action: something in the partner's face, a head that moves, a
/// step away or a hold takes of the answer. What is left after the last action counts for as much as all before it,
/// since answers come when the hands stop.
final class Exposure {

    private final PlayedWay way;
    private final PartnerModel model;
    private final ExposureRules rules;
    private final OpponentSimulation simulation;
    private final OpponentSimulation.Seen seen;
    private final List<Step> own;
    private final List<Step> fed;

    Exposure(
            PlayedWay way,
            Setting setting,
            PartnerModel model,
            OpponentSimulation simulation,
            OpponentSimulation.Seen seen) {
        this.way = way;
        this.model = model;
        this.rules = ExposureRules.of(model, setting);
        this.simulation = simulation;
        this.seen = seen;
        this.own = way.of(Who.ATHLETE)
                .sorted(Comparator.comparing(Step::beat).thenComparingInt(Step::index))
                .toList();
        this.fed = way.strikesOf(Who.PARTNER).toList();
    }

    private SeenAction action(Step step) {
        return simulation.seen(step);
    }

    /// At every strike and hold of the athlete's, by its index.
    Map<Integer, Double> byStep() {
        Map<Integer, Double> exposures = new TreeMap<>();
        for (int i = 0; i < own.size(); i++) {
            Step step = own.get(i);
            if (action(step).exposes()) {
                exposures.put(step.index(), at(step, i) * leaves(step, i));
            }
        }
        return exposures;
    }

    /// How exposed the athlete is while doing this, 0 to 1, before what follows.
    private double at(Step step, int place) {
        SeenAction action = action(step);
        Moment moment = way.at(step.beat());
        double covers = 0;
        Optional<Step> before = Optional.empty();
        for (int i = 0; i < own.size(); i++) {
            Step other = own.get(i);
            if (other.beat().equals(step.beat())) {
                covers += action(other).covers();
            } else if (i < place && other.placed().act().isStrike()) {
                before = Optional.of(other);
            }
        }
        ExposureRules.Last last = before.map(b -> rules.last(action(b))).orElse(ExposureRules.Last.NONE);
        double still =
                before.map(b -> rules.still(last, step.beat().since(b.beat()))).orElse(0.0);
        return rules.at(
                action,
                still,
                covers,
                step.after().turn(),
                step.after().height(),
                rules.free(seen.free(step.index()), action, last, late(step)),
                place(moment));
    }

    /// How much of the answer is left by what follows at once.
    private double leaves(Step step, int place) {
        double left = 1;
        int next = place;
        while (next < own.size() && own.get(next).beat().compareTo(step.beat()) <= 0) {
            next++;
        }
        if (next == own.size() || own.get(next).beat().since(step.beat()) > 1) {
            return left;
        }
        Beat at = own.get(next).beat();
        for (; next < own.size() && own.get(next).beat().equals(at); next++) {
            left = Math.min(left, action(own.get(next)).leaves());
        }
        return left;
    }

    private double late(Step step) {
        double late = 0;
        for (Step feed : fed) {
            double since = step.beat().since(feed.beat());
            Optional<Step> met = since >= 0 && since <= 1 ? way.metBy(feed) : Optional.empty();
            if (met.isPresent()) {
                late = Math.max(late, rules.late(met.get().placed().technique()));
            }
        }
        return late;
    }

    private double place(Moment moment) {
        return rules.place(moment.gapCm(), Angle.of(moment.athleteFeet(), moment.partnerFeet()));
    }

    /// Of the whole way: every strike and hold, every fed strike by how it was met, and the beat after the last
    /// action.
    double ofWay(Map<Integer, Double> byStep, double fed, double end) {
        double sum = byStep.values().stream().mapToDouble(d -> d).sum() + fed;
        return rules.whole(sum, byStep.size() + this.fed.size(), end);
    }

    /// What all fed strikes expose.
    double fed() {
        return fed.stream().mapToDouble(this::fed).sum();
    }

    private double fed(Step feed) {
        Interception became = Interception.of(way, feed);
        double exposed = model.number(
                switch (became) {
                    case MET -> "fed_met";
                    case STOPPED -> "fed_stopped";
                    case EVADED -> "fed_evaded";
                    case WRONG, WRONG_SIDE -> "fed_wrong";
                    case SHORT -> "fed_short";
                    case TRADED, UNMET -> "fed_unmet";
                });
        return switch (became) {
            case MET -> PartnerModel.clamp(exposed + slow(feed));
            case EVADED -> PartnerModel.clamp(exposed + late(evading(feed), feed));
            case WRONG, WRONG_SIDE, STOPPED, TRADED, SHORT, UNMET -> exposed;
        };
    }

    /// How much later than the feed the strike comes whose own motion takes the head away: until then it is there.
    private double late(double ownMs, Step feed) {
        double later = ownMs - feed.placed().technique().motion().contactMs();
        return model.number("fed_late") * Math.max(0, later);
    }

    private double evading(Step feed) {
        return way.strikesOf(Who.ATHLETE)
                .filter(s -> s.beat().equals(feed.beat()))
                .filter(s -> s.placed().technique().traits().evades().stream()
                        .anyMatch(t -> t.fits(
                                feed.placed().technique(), feed.placed().act().level())))
                .mapToDouble(s -> s.placed().technique().motion().contactMs())
                .min()
                .orElse(0);
    }

    /// A slow defence comes too late more often, and one that another would fit better covers less.
    private double slow(Step feed) {
        Optional<Step> met = way.metBy(feed);
        if (met.isEmpty()) {
            return 0;
        }
        Technique defence = met.get().placed().technique();
        double ms = defence.motion().contactMs() - model.number("quickest_ms");
        double fits = FirstAnswers.rank(
                        defence,
                        feed.placed().technique(),
                        feed.placed().act().level(),
                        feed.placed().side().orElse(Side.LEAD),
                        pairing(feed))
                .map(rank -> rank * model.number("fed_rank"))
                .orElseGet(() -> model.number("fed_unusual"));
        return model.number("fed_late") * Math.max(0, ms) + fits;
    }

    private Pairing pairing(Step step) {
        Moment moment = way.at(step.beat());
        return Pairing.of(moment.athlete().stance(), moment.partner().stance());
    }

    /// The beat after the last action, with the hands on their way home.
    double end() {
        if (own.isEmpty()) {
            return 0;
        }
        Step last = own.getLast();
        Moment moment = way.moments().getLast();
        double still = own.stream()
                .filter(s -> s.placed().act().isStrike())
                .reduce((_, later) -> later)
                .map(s -> rules.still(rules.last(action(s)), 1 + last.beat().since(s.beat())))
                .orElse(0.0);
        List<Technique> lastDone = own.stream()
                .filter(s -> s.beat().equals(last.beat()))
                .map(s -> s.placed().technique())
                .toList();
        List<Technique> doneBefore = own.stream()
                .filter(s -> s.beat().compareTo(last.beat()) < 0 && last.beat().since(s.beat()) <= 1)
                .map(s -> s.placed().technique())
                .toList();
        ExposureRules.Leaving leaving =
                rules.leaving(rules.headMoved(lastDone), ExposureRules.isAway(lastDone), rules.headMoved(doneBefore));
        return rules.end(still, leaving, seen.free(lastSeen()), place(moment));
    }

    private int lastSeen() {
        return way.steps().stream()
                .max(Comparator.comparing(Step::beat).thenComparingInt(Step::index))
                .map(Step::index)
                .orElse(0);
    }
}
