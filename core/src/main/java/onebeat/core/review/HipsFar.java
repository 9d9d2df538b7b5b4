package onebeat.core.review;

import java.util.List;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Part;
import onebeat.core.play.Step;

/// HIPS_FAR: after a hold neither the hips in nor a knee in reach: hips far away are thrown (F16, common practice).
final class HipsFar implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.own().stream()
                .filter(s -> isHold(s) && !workedInside(input, s))
                .map(s -> new RuleHit(
                        Code.HIPS_FAR,
                        List.of(s),
                        Reasons.of("HIPS_FAR", Reasons.beat(s), Reasons.name(s)),
                        () -> List.of(input.editor().after(s, "hips"))))
                .toList();
    }

    /// A hold by the arms, meant and not feinted.
    static boolean isHold(Step step) {
        return step.placed().technique().isHold()
                && step.placed().technique().part() == Part.ARM
                && !step.placed().act().feint();
    }

    static boolean workedInside(RuleInput input, Step hold) {
        return input.own().stream()
                .filter(s -> s.index() > hold.index())
                .anyMatch(s -> isHips(s) || (s.placed().technique().family() == Family.KNEE && !s.isShort()));
    }

    /// Holding with the trunk is what hips in is.
    private static boolean isHips(Step step) {
        return step.placed().technique().kind() == Kind.CLINCH
                && step.placed().technique().part() == Part.TRUNK;
    }
}
