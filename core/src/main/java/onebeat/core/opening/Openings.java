package onebeat.core.opening;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// The openings of all strikes of the athlete along one way through a line, and what the way exposes.
///
/// @param byStep by the index of the strike
/// @param exposures how exposed the athlete is at each strike and hold of his, by its index
/// @param endExposure how exposed he stands the beat after his last action
/// @param exposure of the whole way, 0 to 1
public record Openings(
        Map<Integer, Opening> byStep, Map<Integer, Double> exposures, double endExposure, double exposure) {

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
    /// @param seenBefore how often he has seen this way already in the round
    public static Openings of(PlayedWay way, Setting setting, PartnerModel model, int seenBefore) {
        return of(way, setting, model, seenBefore, true);
    }

    /// Without credits: enough for counting and ranking, and far quicker.
    public static Openings withoutCredits(PlayedWay way, Setting setting, PartnerModel model, int seenBefore) {
        return of(way, setting, model, seenBefore, false);
    }

    private static Openings of(
            PlayedWay way, Setting setting, PartnerModel model, int seenBefore, boolean withCredits) {
        Watching watching = new Watching(way, model, seenBefore);
        Watching.Seen whole = watching.run(Watching.NOBODY);
        Map<Integer, List<Credit>> credits = withCredits ? credits(way, watching, whole) : Map.of();
        Exposure exposure = new Exposure(way, setting, model, whole);
        Map<Integer, Double> exposures = exposure.byStep();
        Map<Integer, Opening> byStep = new HashMap<>();
        way.strikesOf(Who.ATHLETE).forEach(step -> {
            Zone zone = watching.zone(step);
            byStep.put(
                    step.index(),
                    new Opening(
                            step.index(),
                            zone,
                            zone.isLiver(way.at(step.beat()).partner().stance()),
                            whole.opening(step.index()),
                            exposures.getOrDefault(step.index(), 0.0),
                            credits.getOrDefault(step.index(), List.of())));
        });
        return new Openings(byStep, exposures, exposure.end(), exposure.ofWay(exposures));
    }

    private static Map<Integer, List<Credit>> credits(PlayedWay way, Watching watching, Watching.Seen whole) {
        Map<Integer, List<Credit>> credits = new HashMap<>();
        List<Step> strikes = way.strikesOf(Who.ATHLETE).toList();
        List<Step> asked =
                way.steps().subList(0, Math.min(MOST_CREDITED, way.steps().size()));
        for (Step earlier : asked) {
            if (!watching.moves(earlier)) {
                continue;
            }
            Watching.Seen without = watching.run(earlier.index());
            for (Step strike : strikes) {
                double gain = whole.opening(strike.index()) - without.opening(strike.index());
                if (strike.index() != earlier.index() && Math.abs(gain) > LEAST_CREDIT) {
                    credits.computeIfAbsent(strike.index(), _ -> new ArrayList<>())
                            .add(new Credit(earlier.index(), gain));
                }
            }
        }
        credits.values()
                .forEach(list ->
                        list.sort(Comparator.comparingDouble(Credit::gain).reversed()));
        return credits;
    }

    /// The opening of a strike of the athlete's that is meant to land.
    public Optional<Opening> of(Step strike) {
        return Optional.ofNullable(byStep.get(strike.index()));
    }

    /// How exposed the athlete is at a strike or hold of his.
    public Optional<Double> exposureAt(Step step) {
        return Optional.ofNullable(exposures.get(step.index()));
    }
}
