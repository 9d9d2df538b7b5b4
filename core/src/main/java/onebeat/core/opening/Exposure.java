package onebeat.core.opening;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Path;
import onebeat.core.exchange.Ranges;
import onebeat.core.exchange.Technique;
import onebeat.core.opening.NumberTable.Cell;
import onebeat.core.opening.PartnerModel.Name;
import onebeat.core.play.Moment;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.timing.Timing;

/// What the athlete exposes along a way: how open he is himself, how free the other man is to answer,
/// whether the answer reaches, and from which side it would have to come.
final class Exposure {

    private final PlayedWay way;
    private final Ranges his;
    private final PartnerModel model;
    private final Watching.Seen seen;
    private final List<Step> own;

    Exposure(PlayedWay way, Setting setting, PartnerModel model, Watching.Seen seen) {
        this.way = way;
        this.his = setting.ranges(Who.PARTNER);
        this.model = model;
        this.seen = seen;
        this.own = way.of(Who.ATHLETE)
                .sorted(Comparator.comparing(Step::beat).thenComparingInt(Step::index))
                .toList();
    }

    /// At every strike and hold of the athlete's, by its index.
    Map<Integer, Double> byStep() {
        Map<Integer, Double> exposures = new TreeMap<>();
        own.stream()
                .filter(s -> s.placed().act().isStrike()
                        || (s.placed().technique().kind() == Kind.CLINCH
                                && !s.placed().act().feint()))
                .forEach(s -> exposures.put(s.index(), at(s)));
        return exposures;
    }

    /// How exposed the athlete is while he does this, 0 to 1.
    private double at(Step step) {
        Moment moment = way.at(step.beat());
        double open = model.number("standing") + out(step) + still(step);
        open += model.number("turned") * Math.abs(step.after().turn());
        open -= covers(step);
        return PartnerModel.clamp(open) * answer(step) * reaches(moment) * angle(moment);
    }

    /// What the strike itself takes from home.
    private double out(Step step) {
        if (!step.placed().technique().isStrike()) {
            return 0;
        }
        double away = step.placed().technique().part() == Part.LEG ? model.number("leg_out") : model.number("hand_out");
        return step.placed().act().feint() ? away / 2 : away;
    }

    /// What the strike before has not yet brought home.
    private double still(Step step) {
        return own.stream()
                .filter(s -> s.placed().act().isStrike() && s.beat().compareTo(step.beat()) < 0)
                .reduce((_, last) -> last)
                .map(s -> out(s)
                        * s.placed().technique().motion().homeMs()
                        / model.number("usual_home_ms")
                        * StrictMath.pow(
                                PartnerModel.clamp(model.number("still_out")),
                                step.beat().since(s.beat())))
                .orElse(0.0);
    }

    /// What an action covers on its way, by its row in the table, and a head that moves.
    private double covers(Step step) {
        double covered = 0;
        for (Step other : own) {
            if (other.beat().equals(step.beat())) {
                Technique technique = other.placed().technique();
                covered += model.table(Name.EXPOSURE).at(new Cell("cover_" + technique.code(), "value"));
                covered += technique.family() == Family.HEAD ? model.number("head_moves") : 0;
            }
        }
        return covered;
    }

    /// How free he is to answer: not while he covers, stands off balance or has a hand that was parried away.
    private double answer(Step step) {
        double free = free(step.index());
        if (step.placed().technique().kind() == Kind.CLINCH && behindRound(step)) {
            free *= 1 - model.number("taken_hand");
        }
        return free * (1 - lateHand(step));
    }

    private double free(int index) {
        double busy = 0;
        double[] odds = seen.after(index);
        for (int i = 0; i < odds.length; i++) {
            busy += odds[i] * model.busy(i);
        }
        return PartnerModel.clamp(1 - busy);
    }

    private boolean behindRound(Step hold) {
        return own.stream()
                .filter(s -> s.placed().act().isStrike() && s.beat().compareTo(hold.beat()) < 0)
                .reduce((_, last) -> last)
                .filter(s -> s.placed().technique().path() == Path.ROUND
                        && s.placed().technique().part() == Part.ARM)
                .isPresent();
    }

    private double lateHand(Step step) {
        return way
                .strikesOf(Who.PARTNER)
                .filter(feed ->
                        feed.beat().compareTo(step.beat()) <= 0 && step.beat().since(feed.beat()) <= 1)
                .flatMap(feed -> way.metBy(feed).stream())
                .mapToDouble(defence -> model.delayMs(defence.placed().technique()) / model.number("latest_ms"))
                .max()
                .stream()
                .map(share -> PartnerModel.clamp(share) * model.number("late_hand"))
                .findFirst()
                .orElse(0);
    }

    private double reaches(Moment moment) {
        if (moment.gapCm() <= his.farCm(Band.LONG)) {
            return 1;
        }
        return moment.gapCm() <= his.farCm(Band.KICK) ? model.number("out_of_hand") : model.number("out_of_kick");
    }

    private double angle(Moment moment) {
        return angle(moment.athleteFeet().offLineOf(moment.partnerFeet()), Angles.of(model));
    }

    /// The numbers of an angle off the other man's line.
    record Angles(double full, double lead, double power) {

        static Angles of(PartnerModel model) {
            return new Angles(model.number("full_angle"), model.number("off_lead"), model.number("off_power"));
        }
    }

    /// What an angle off the other man's line takes away or adds.
    static double angle(double off, Angles numbers) {
        double share = Math.min(1, Math.abs(off) / numbers.full);
        return off < 0 ? 1 - numbers.lead * share : 1 + numbers.power * share;
    }

    /// Of the whole way: every strike and hold, every fed strike by how it was met, and the beat after the last
    /// action.
    double ofWay(Map<Integer, Double> byStep) {
        List<Double> all = new ArrayList<>(byStep.values());
        way.strikesOf(Who.PARTNER).forEach(feed -> all.add(fed(feed)));
        all.add(end());
        return PartnerModel.clamp(all.stream().mapToDouble(d -> d).average().orElse(0));
    }

    private double fed(Step feed) {
        Optional<Step> met = way.metBy(feed);
        if (met.isPresent()) {
            boolean fits = met.get()
                    .placed()
                    .technique()
                    .meets(feed.placed().technique(), feed.placed().act().level());
            return model.number(fits ? "fed_met" : "fed_wrong");
        }
        boolean first = way.strikesOf(Who.ATHLETE)
                .anyMatch(s -> s.beat().equals(feed.beat())
                        && Timing.arrivesFirst(
                                s.placed().technique(), feed.placed().technique()));
        return model.number(first ? "fed_met" : "fed_unmet");
    }

    /// The beat after the last action, with the hands on their way home.
    double end() {
        if (own.isEmpty()) {
            return 0;
        }
        Step last = own.getLast();
        Moment moment = way.moments().getLast();
        double out = own.stream()
                .filter(s -> s.placed().act().isStrike())
                .reduce((_, later) -> later)
                .map(s -> out(s)
                        * StrictMath.pow(
                                PartnerModel.clamp(model.number("still_out")),
                                1 + last.beat().since(s.beat())))
                .orElse(0.0);
        double moved = last.placed().technique().family() == Family.HEAD ? model.number("head_moves") : 0;
        return PartnerModel.clamp(model.number("standing") + out - moved)
                * free(lastSeen())
                * reaches(moment)
                * angle(moment);
    }

    private int lastSeen() {
        return way.steps().stream()
                .max(Comparator.comparing(Step::beat).thenComparingInt(Step::index))
                .map(Step::index)
                .orElse(0);
    }
}
