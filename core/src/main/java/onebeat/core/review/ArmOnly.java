package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.exchange.Side;
import onebeat.core.play.Step;

/// ARM_ONLY: power in the arm grade though the strike before is not to blame: a roll, a slip or a pull has turned the
/// body the other way. Jabs carry their power in the arm anyway and are never found.
final class ArmOnly implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        return SameSide.armOnly(scene).stream()
                .filter(s -> isTooNear(s) || SameSide.before(scene, s).isEmpty())
                .map(s -> suspicion(scene, s))
                .toList();
    }

    /// Whether it is the room that is missing and not the turn.
    static boolean isTooNear(Step strike) {
        return strike.impact().orElseThrow().room() < 1;
    }

    private static Suspicion suspicion(Scene scene, Step strike) {
        double drive = strike.impact().orElseThrow().drive();
        if (isTooNear(strike)) {
            String near = Reasons.of(
                    "ARM_ONLY.near",
                    Reasons.beat(strike),
                    Reasons.name(strike),
                    Reasons.percent(strike.impact().orElseThrow().room()));
            return new Suspicion(Code.ARM_ONLY, List.of(strike), near, () -> roomier(scene, strike));
        }
        String text = Reasons.of("ARM_ONLY", Reasons.beat(strike), Reasons.name(strike), Reasons.percent(drive));
        return new Suspicion(Code.ARM_ONLY, List.of(strike), text, () -> mends(scene, strike));
    }

    private static List<String> mends(Scene scene, Step strike) {
        List<String> mends = new ArrayList<>();
        Surgery.otherSide(strike.placed().act())
                .ifPresent(words -> mends.add(scene.surgery().replace(strike, words)));
        mends.add(scene.surgery().before(strike, "reload"));
        return mends;
    }

    /// Room is made by a step out, or a shorter weapon of the same side is taken.
    private static List<String> roomier(Scene scene, Step strike) {
        boolean lead = strike.placed().side().filter(side -> side == Side.LEAD).isPresent();
        return List.of(
                scene.surgery().before(strike, "out"),
                scene.surgery().replace(strike, lead ? "lknee" : "knee"),
                scene.surgery().replace(strike, lead ? "5" : "6"));
    }
}
