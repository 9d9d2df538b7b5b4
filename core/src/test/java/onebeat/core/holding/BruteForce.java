package onebeat.core.holding;

import java.util.List;
import java.util.Map;
import java.util.Set;
import onebeat.core.exchange.Build;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Technique;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// Tries every choice of target for every contact of a way in which the partner feeds nothing, written apart from the
/// planner: places are points, travel is the way between them.
final class BruteForce {

    private static final double ASIDE = 24;

    private record Place(double height, double aside) {

        double to(Place other) {
            return Math.hypot(height - other.height, aside - other.aside);
        }
    }

    private BruteForce() {}

    static double leastTravel(PlayedWay way, Setting setting, Set<Gear> gear) {
        Build build = Build.of(setting.partner());
        double head = build.targetHeightCm(Level.HEAD);
        List<Step> strikes = way.strikesOf(Who.ATHLETE)
                .filter(s -> gear.stream().anyMatch(g -> canHold(g, s)))
                .toList();
        return least(
                way,
                build,
                gear,
                strikes,
                0,
                Map.of(Side.LEAD, new Place(head, ASIDE), Side.REAR, new Place(head, -ASIDE)));
    }

    private static boolean canHold(Gear gear, Step strike) {
        return HoldOptions.gearFor(
                        strike.placed().technique(), strike.placed().act().level())
                .contains(gear);
    }

    private static double least(
            PlayedWay way, Build build, Set<Gear> gear, List<Step> strikes, int at, Map<Side, Place> hands) {
        if (at == strikes.size()) {
            return 0;
        }
        Step strike = strikes.get(at);
        double best = Double.MAX_VALUE;
        for (Gear one : gear) {
            if (!canHold(one, strike)) {
                continue;
            }
            double height = build.targetHeightCm(strike.placed().act().level());
            if (!one.takesHands()) {
                best = Math.min(best, least(way, build, gear, strikes, at + 1, hands));
            } else if (needsBoth(one, strike)) {
                Place middle = new Place(height, 0);
                double moved =
                        hands.values().stream().mapToDouble(p -> p.to(middle)).sum();
                best = Math.min(
                        best,
                        moved + least(way, build, gear, strikes, at + 1, Map.of(Side.LEAD, middle, Side.REAR, middle)));
            } else {
                Side side = near(way, strike);
                Place target = new Place(height, side == Side.LEAD ? ASIDE : -ASIDE);
                Place now = hands.getOrDefault(side, target);
                Place other = hands.getOrDefault(side.opposite(), target);
                best = Math.min(
                        best,
                        now.to(target)
                                + least(
                                        way,
                                        build,
                                        gear,
                                        strikes,
                                        at + 1,
                                        Map.of(side, target, side.opposite(), other)));
            }
        }
        return best;
    }

    private static boolean needsBoth(Gear gear, Step strike) {
        Technique technique = strike.placed().technique();
        return gear == Gear.SHIELD
                || (technique.isLegStrike()
                        && !(gear == Gear.KICKPADS
                                && strike.placed().act().level() == Level.LEG
                                && !technique.family().name().equals("KNEE")));
    }

    private static Side near(PlayedWay way, Step strike) {
        Pairing pairing = Pairing.of(
                strike.before().stance(), way.at(strike.beat()).partner().stance());
        return strike.placed().technique().arrival().at(strike.placed().side().orElse(Side.LEAD), pairing);
    }
}
