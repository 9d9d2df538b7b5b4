package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.play.Limb;
import onebeat.core.play.Step;

/// LEG_LOADED: the weight is on the leg that has to kick, and nothing between has freed it (F4, common practice).
final class LegLoaded implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        return scene.strikes().stream()
                .filter(s -> s.placed().technique().isLegStrike())
                .filter(s -> s.before().loadedLeg().isPresent()
                        && s.before().loadedLeg().equals(s.placed().side()))
                .map(s -> suspicion(scene, s))
                .toList();
    }

    private static Suspicion suspicion(Scene scene, Step kick) {
        String leg = kick.placed().side().map(Limb::leg).map(Limb::words).orElse("leg");
        String weight = Reasons.percent(Math.abs(kick.before().weight())) + " past the middle";
        String text = Reasons.of("LEG_LOADED", Reasons.beat(kick), leg, weight, Reasons.name(kick));
        return new Suspicion(Code.LEG_LOADED, List.of(kick), text, () -> mends(scene, kick));
    }

    /// A hop on the support foot for speed, a switch for power (F4).
    private static List<String> mends(Scene scene, Step kick) {
        List<String> mends = new ArrayList<>();
        mends.add(scene.surgery().before(kick, "hop"));
        mends.add(scene.surgery().before(kick, "switch"));
        mends.add(scene.surgery().before(kick, "reload"));
        return mends;
    }
}
