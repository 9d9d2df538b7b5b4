package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Level;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.play.Grade;
import onebeat.core.play.Impact;
import onebeat.core.play.Step;

/// What RELOAD and ARM_ONLY share: a strike in the arm grade, and whether the strike before it turned the same way.
final class SameSide {

    private SameSide() {}

    /// Strikes that are meant to carry the body and do not.
    static List<Step> armOnly(RuleInput input) {
        List<Step> strikes = input.strikes();
        return strikes.stream()
                .filter(s -> s.placed().act().intent() != Intent.LIGHT)
                .filter(s -> strikes.indexOf(s) < 1
                        || !isMeantToBeSo(strikes.get(strikes.indexOf(s) - 1), s)
                        || !turnsAlike(strikes.get(strikes.indexOf(s) - 1), s))
                .filter(s -> s.impact()
                        .filter(i -> Grade.of(i.whole() / i.room()) == Grade.ARM)
                        .isPresent())
                .toList();
    }

    /// Whether a strike is so near the bound that a word is enough.
    static boolean isNear(Step strike) {
        Impact impact = strike.impact().orElseThrow();
        return Grade.of(impact.whole() / impact.room() + ReviewNumbers.ARM_NEAR) != Grade.ARM;
    }

    /// The strike before, where it turned the body the same way.
    static Optional<Step> before(RuleInput input, Step strike) {
        List<Step> strikes = input.strikes();
        int at = strikes.indexOf(strike);
        if (at < 1) {
            return Optional.empty();
        }
        Step last = strikes.get(at - 1);
        return turnsAlike(last, strike) ? Optional.of(last) : Optional.empty();
    }

    private static boolean turnsAlike(Step last, Step strike) {
        boolean sameBody = last.after().stance() == strike.before().stance();
        double product = last.placed().technique().ends().turn()
                * strike.placed().technique().ends().turn();
        return (sameBody ? product : -product) > 0;
    }

    /// F2: the first is light, or it went to the body and the second rises to the head: the legs push up.
    private static boolean isMeantToBeSo(Step last, Step strike) {
        return last.placed().act().intent() == Intent.LIGHT
                || (last.placed().act().level() == Level.BODY
                        && strike.placed().act().level() == Level.HEAD
                        && strike.beat().since(last.beat()) >= RISES_IN);
    }

    /// Beats that the legs need to push up (F2).
    private static final double RISES_IN = 0.5;

    static String lightened(Act act) {
        return Notation.print(new Act(act.feint(), act.technique(), act.level(), Intent.LIGHT, act.span()));
    }
}
