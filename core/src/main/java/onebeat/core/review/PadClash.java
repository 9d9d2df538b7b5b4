package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.holding.PadPlan;
import onebeat.core.play.Step;

/// PAD_CLASH: the hand that should hold this target cannot be there in time after its last job, feeding included.
final class PadClash implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        return scene.plan().clash().map(c -> suspicion(scene, c)).map(List::of).orElse(List.of());
    }

    private static Suspicion suspicion(Scene scene, PadPlan.Clash clash) {
        Step strike = scene.way().steps().get(clash.step());
        Step keeper = scene.way().steps().get(clash.keeper());
        String text = Reasons.of(
                "PAD_CLASH",
                Reasons.beat(strike),
                Reasons.name(strike),
                Math.round(clash.shortMs()),
                Reasons.name(keeper),
                Reasons.beat(keeper));
        return new Suspicion(Code.PAD_CLASH, List.of(strike, keeper), text, () -> mends(scene, strike));
    }

    /// The other hand, one beat more, a beat of its own.
    private static List<String> mends(Scene scene, Step strike) {
        List<String> mends = new ArrayList<>();
        Surgery.otherSide(strike.placed().act())
                .ifPresent(words -> mends.add(scene.surgery().replace(strike, words)));
        mends.add(scene.surgery().before(strike, "_"));
        mends.add(scene.surgery().alone(strike));
        return mends;
    }
}
