package onebeat.core.holding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.Build;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Side;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.timing.Timing;

/// Where the holder's hands are at any time of a way: waiting, moving to the next target a step ahead,
/// standing there, or out with a feed.
public final class HandPath {

    /// So long a target is left standing after its contact where nothing else calls, in milliseconds.
    /// Drawing only.
    private static final double STAY_MS = 120;

    /// Where a hand is.
    ///
    /// @param asideCm how far from the middle, toward the holder's lead side
    /// @param out how far it is out toward the athlete with a feed: 0 at home, 1 at its contact
    /// @param holds the step whose target it holds or moves to
    public record Place(double heightCm, double asideCm, double out, Optional<Integer> holds) {}

    private record Key(double ms, double heightCm, double asideCm, double out, Optional<Integer> holds) {}

    private final Map<Side, List<Key>> keys = new EnumMap<>(Side.class);

    private HandPath() {}

    /// The hands of a plan.
    ///
    /// @param holder the holder's build
    public static HandPath of(PlayedWay way, PadPlan plan, Build holder, double bpm) {
        HandPath path = new HandPath();
        for (Side side : Side.values()) {
            path.keys.put(side, keys(side, way, plan, holder, bpm));
        }
        return path;
    }

    private static List<Key> keys(Side side, PlayedWay way, PadPlan plan, Build holder, double bpm) {
        List<Key> keys = new ArrayList<>();
        keys.add(new Key(
                Double.NEGATIVE_INFINITY, holder.targetHeightCm(Level.HEAD), Holding.aside(side), 0, Optional.empty()));
        way.steps().stream()
                .filter(s -> s.placed().act().isStrike())
                .sorted(Comparator.comparing(Step::beat).thenComparingInt(Step::index))
                .forEach(step -> {
                    double at = Timing.atMs(step.beat(), bpm);
                    if (step.who() == Who.PARTNER) {
                        fed(keys, side, step, at);
                    } else {
                        plan.of(step.index())
                                .filter(pad -> pad.hand().sides().contains(side))
                                .ifPresent(pad -> held(keys, side, pad, at));
                    }
                });
        return keys;
    }

    private static void fed(List<Key> keys, Side side, Step feed, double at) {
        boolean theirs = feed.placed().technique().part() == Part.ARM
                && feed.placed().side().orElse(Side.LEAD) == side;
        if (theirs) {
            Key last = keys.getLast();
            double aside = Holding.aside(side);
            double starts =
                    Math.max(last.ms, at - feed.placed().technique().motion().contactMs());
            keys.add(new Key(starts, last.heightCm, aside, 0, Optional.empty()));
            keys.add(new Key(at, last.heightCm, aside, 1, Optional.empty()));
            keys.add(new Key(
                    at + feed.placed().technique().motion().homeMs(), last.heightCm, aside, 0, Optional.empty()));
        }
    }

    private static void held(List<Key> keys, Side side, Pad pad, double at) {
        Key last = keys.getLast();
        double aside = Holding.placeAside(pad.hand(), side);
        double distance = StrictMath.hypot(pad.heightCm() - last.heightCm, aside - last.asideCm);
        double begins = Math.max(last.ms, pad.showMs() - Holding.moveMs(distance));
        Optional<Integer> holds = Optional.of(pad.step());
        keys.add(new Key(begins, last.heightCm, last.asideCm, 0, holds));
        keys.add(new Key(pad.showMs(), pad.heightCm(), aside, 0, holds));
        keys.add(new Key(at + STAY_MS, pad.heightCm(), aside, 0, Optional.empty()));
    }

    /// Where a hand is at a time, in milliseconds from the first beat.
    public Place at(Side side, double ms) {
        List<Key> all = keys.getOrDefault(side, List.of());
        Key before = all.getFirst();
        for (Key key : all) {
            if (key.ms > ms) {
                return between(before, key, ms);
            }
            before = key;
        }
        return new Place(before.heightCm, before.asideCm, before.out, before.holds);
    }

    private static Place between(Key from, Key to, double ms) {
        double share = Double.isInfinite(from.ms) || to.ms <= from.ms ? 0 : (ms - from.ms) / (to.ms - from.ms);
        return new Place(
                from.heightCm + share * (to.heightCm - from.heightCm),
                from.asideCm + share * (to.asideCm - from.asideCm),
                from.out + share * (to.out - from.out),
                from.holds);
    }
}
