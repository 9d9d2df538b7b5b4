package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.play.Step;

/// RELOAD: little drive because the strike before was the same side (F2, common practice).
final class Reload implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        List<Suspicion> found = new ArrayList<>();
        for (Step strike : SameSide.armOnly(scene)) {
            if (ArmOnly.isTooNear(strike)) {
                continue;
            }
            SameSide.before(scene, strike).ifPresent(last -> found.add(suspicion(scene, last, strike)));
        }
        return found;
    }

    private static Suspicion suspicion(Scene scene, Step last, Step strike) {
        double drive = strike.impact().orElseThrow().drive();
        String text = Reasons.of("RELOAD", Reasons.beat(strike), Reasons.name(last), Reasons.percent(drive));
        return new Suspicion(Code.RELOAD, List.of(strike, last), text, () -> mends(scene, last, strike));
    }

    private static List<String> mends(Scene scene, Step last, Step strike) {
        List<String> mends = new ArrayList<>();
        mends.add(scene.surgery().before(strike, "reload"));
        mends.add(scene.surgery().replace(last, SameSide.lightened(last.placed().act())));
        Surgery.otherSide(strike.placed().act())
                .ifPresent(words -> mends.add(scene.surgery().replace(strike, words)));
        return mends;
    }
}
