package onebeat.core.opening;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.play.Impact;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import org.jspecify.annotations.Nullable;

/// The openings of all strikes of the athlete along one way through a line, and what the way exposes.
///
/// @param byStep by the index of the strike
/// @param exposures how exposed the athlete is at each of their strikes and holds, by its index
/// @param fedExposure the sum of what the fed strikes expose by how each is met
/// @param endExposure how exposed the athlete stands the beat after the last action
/// @param exposure of the whole way, 0 to 1
public record Openings(
        Map<Integer, Opening> byStep,
        Map<Integer, Double> exposures,
        double fedExposure,
        double endExposure,
        double exposure) {

    /// A credit smaller than this is no reason.
    private static final double LEAST_CREDIT = 1e-9;

    /// Reasons are looked for among so many actions from the start of a way; nobody holds more in mind.
    private static final int MOST_CREDITED = 96;

    public Openings {
        byStep = Map.copyOf(byStep);
        exposures = Map.copyOf(exposures);
    }

    /// The openings of a way.
    ///
    /// @param seenBefore how often the partner has seen this way already in the round
    public static Openings of(PlayedWay way, Setting setting, PartnerModel model, int seenBefore) {
        return of(way, setting, model, seenBefore, true);
    }

    /// Without credits: enough for counting and ranking, and far quicker.
    public static Openings withoutCredits(PlayedWay way, Setting setting, PartnerModel model, int seenBefore) {
        return of(way, setting, model, seenBefore, false);
    }

    private static Openings of(
            PlayedWay way, Setting setting, PartnerModel model, int seenBefore, boolean withCredits) {
        OpponentSimulation simulation = new OpponentSimulation(way, setting, model, seenBefore, withCredits);
        OpponentSimulation.Seen whole = simulation.run();
        Map<Integer, List<Credit>> credits = withCredits ? credits(way, model, simulation, whole) : Map.of();
        Exposure exposure = new Exposure(way, setting, model, simulation, whole);
        Map<Integer, Double> exposures = exposure.byStep();
        Map<Integer, Opening> byStep = new HashMap<>();
        way.strikesOf(Who.ATHLETE).forEach(step -> {
            Zone zone = simulation.zone(step);
            byStep.put(
                    step.index(),
                    new Opening(
                            step.index(),
                            zone,
                            zone.isLiver(way.at(step.beat()).partner().stance()),
                            whole.opening(step.index()),
                            exposures.getOrDefault(step.index(), 0.0),
                            step.impact().map(Impact::power).orElse(0.0) * whole.worth(step.index()),
                            credits.getOrDefault(step.index(), List.of())));
        });
        double fed = exposure.fed();
        double end = exposure.end();
        return new Openings(byStep, exposures, fed, end, exposure.ofWay(exposures, fed, end));
    }

    private static Map<Integer, List<Credit>> credits(
            PlayedWay way, PartnerModel model, OpponentSimulation simulation, OpponentSimulation.Seen whole) {
        Map<Integer, List<Credit>> credits = new HashMap<>();
        List<Step> strikes = way.strikesOf(Who.ATHLETE).toList();
        List<Step> asked =
                way.steps().subList(0, Math.min(MOST_CREDITED, way.steps().size()));
        for (Step earlier : asked) {
            if (!simulation.moves(earlier)) {
                continue;
            }
            OpponentSimulation.Seen without = simulation.runWithout(earlier.index(), whole);
            for (Step strike : strikes) {
                int at = strike.index();
                double gain = whole.opening(at) - without.opening(at);
                if (at != earlier.index() && Math.abs(gain) > LEAST_CREDIT) {
                    Optional<Posture> by = gain > 0
                            ? opener(model, whole.before(at), without.before(at), simulation.zone(strike))
                            : Optional.empty();
                    credits.computeIfAbsent(at, _ -> new ArrayList<>()).add(new Credit(earlier.index(), gain, by));
                }
            }
        }
        credits.values()
                .forEach(list ->
                        list.sort(Comparator.comparingDouble(Credit::gain).reversed()));
        return credits;
    }

    /// The posture that an action made likelier and that covers the zone least for it; empty where it is no posture
    /// that gave the credit.
    private static Optional<Posture> opener(
            PartnerModel model, double @Nullable [] with, double @Nullable [] without, Zone zone) {
        if (with == null || without == null) {
            return Optional.empty();
        }
        Posture best = Posture.GUARD;
        double most = LEAST_SHIFT;
        double atGuard = model.coverage(PartnerModel.index(Posture.GUARD), zone);
        for (Posture posture : Posture.values()) {
            double shift = PostureVector.odds(with, posture) - PostureVector.odds(without, posture);
            double opens = shift * (atGuard - model.coverage(PartnerModel.index(posture), zone));
            if (opens > most) {
                most = opens;
                best = posture;
            }
        }
        return best == Posture.GUARD ? Optional.empty() : Optional.of(best);
    }

    /// A posture that opens less than this gave no credit.
    private static final double LEAST_SHIFT = 0.005;

    /// Nothing known of a way.
    public static Openings none() {
        return new Openings(Map.of(), Map.of(), 0, 0, 0);
    }

    /// The opening of a strike of the athlete's that is meant to land.
    public Optional<Opening> of(Step strike) {
        return Optional.ofNullable(byStep.get(strike.index()));
    }

    /// How exposed the athlete is at one of their strikes or holds.
    public Optional<Double> exposureAt(Step step) {
        return Optional.ofNullable(exposures.get(step.index()));
    }
}
