package onebeat.core.review;

import java.util.List;
import java.util.Locale;
import onebeat.core.exchange.Stance;
import onebeat.core.play.Step;

/// STANCE_LOST: the line ends in another stance than it began, so the next repetition starts from the wrong side. A
/// mirror run over an even count is home again (F18, common practice).
final class StanceLost implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        List<Step> own = input.own();
        if (own.isEmpty()) {
            return List.of();
        }
        Stance first = own.getFirst().before().stance();
        Stance last = own.getLast().after().stance();
        // Who holds stands as the hold asks.
        if (first == last || own.getLast().placed().technique().isHold()) {
            return List.of();
        }
        Step lost = own.stream()
                .filter(s -> s.before().stance() != s.after().stance())
                .reduce((_, later) -> later)
                .orElse(own.getLast());
        String text = Reasons.of("STANCE_LOST", word(last), word(first));
        return List.of(new RuleHit(
                Code.STANCE_LOST,
                List.of(lost),
                text,
                () -> List.of(input.editor().append("switch"))));
    }

    private static String word(Stance stance) {
        return stance.name().toLowerCase(Locale.ROOT);
    }
}
