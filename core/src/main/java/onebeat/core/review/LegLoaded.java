package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.play.Limb;
import onebeat.core.play.Step;

/// LEG_LOADED: the weight is on the leg that has to kick, and nothing between has freed it (F4, common practice).
final class LegLoaded implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.strikes().stream()
                .filter(s -> s.placed().technique().isLegStrike())
                .filter(s -> s.before().loadedLeg().isPresent()
                        && s.before().loadedLeg().equals(s.placed().side()))
                .map(s -> hit(input, s))
                .toList();
    }

    private static RuleHit hit(RuleInput input, Step kick) {
        String leg = kick.placed().side().map(Limb::leg).map(Limb::words).orElse("leg");
        String weight = Reasons.percent(Math.abs(kick.before().weight())) + " past the middle";
        String text = Reasons.of("LEG_LOADED", Reasons.beat(kick), leg, weight, Reasons.name(kick));
        return new RuleHit(Code.LEG_LOADED, List.of(kick), text, () -> mends(input, kick));
    }

    /// A hop on the support foot for speed, a switch for power (F4).
    private static List<String> mends(RuleInput input, Step kick) {
        List<String> mends = new ArrayList<>();
        mends.add(input.editor().before(kick, "hop"));
        mends.add(input.editor().before(kick, "switch"));
        mends.add(input.editor().before(kick, "reload"));
        return mends;
    }
}
