package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import onebeat.core.play.Step;

/// ROLL_UNDER_KNEES: a roll where knees are thrown. Boxing rolls under hooks; where knees and kicks come
/// many never do, others only straight down and as an exit (common practice; schools differ). A note where
/// the rules have no knees.
final class RollUnderKnees implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        boolean knees = input.context().rules().hasKnees();
        return input.own().stream()
                .filter(WrongRoll::isRoll)
                .map(s -> hit(input, s, knees))
                .toList();
    }

    private static RuleHit hit(RuleInput input, Step roll, boolean knees) {
        String text = Reasons.of(knees ? "ROLL_UNDER_KNEES" : "ROLL_UNDER_KNEES.none", Reasons.beat(roll));
        return new RuleHit(
                Code.ROLL_UNDER_KNEES,
                knees ? Optional.empty() : Optional.of(Severity.NOTE),
                List.of(roll),
                text,
                () -> knees ? mends(input, roll) : List.of());
    }

    static List<String> mends(RuleInput input, Step roll) {
        LineEditor editor = input.editor();
        String exit = input.pairingAt(roll).wayOut();
        return roll.placed().meets().isPresent()
                ? List.of(editor.replace(roll, "block"), editor.replace(roll, "parry"), editor.replace(roll, "off"))
                : List.of(editor.replace(roll, exit), editor.replace(roll, "off"));
    }
}
