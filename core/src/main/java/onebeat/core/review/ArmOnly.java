package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.play.Step;

/// ARM_ONLY: power in the arm grade though the strike before is not to blame: a roll, a slip or a pull has turned the
/// body the other way. Jabs carry their power in the arm anyway and are never found.
final class ArmOnly implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        return SameSide.armOnly(scene).stream()
                .filter(s -> SameSide.before(scene, s).isEmpty())
                .map(s -> suspicion(scene, s))
                .toList();
    }

    private static Suspicion suspicion(Scene scene, Step strike) {
        double drive = strike.impact().orElseThrow().drive();
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
}
