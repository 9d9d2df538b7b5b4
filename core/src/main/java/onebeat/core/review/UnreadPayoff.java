package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// UNREAD_PAYOFF: the beat after a feint is a strike, with no reaction or read between. If the expected
/// flinch does not come, the payoff must not be thrown (F22, common practice).
final class UnreadPayoff implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        return scene.way()
                .of(Who.ATHLETE)
                .filter(s -> s.placed().act().feint() && s.placed().technique().isStrike())
                .flatMap(feint -> payoff(scene, feint).stream().map(p -> suspicion(scene, feint, p)))
                .toList();
    }

    private static Optional<Step> payoff(Scene scene, Step feint) {
        return scene.next(feint)
                .filter(s -> s.placed().act().isStrike() && s.beat().since(feint.beat()) <= 1)
                .filter(s ->
                        scene.way().of(Who.PARTNER).noneMatch(p -> p.index() > feint.index() && p.index() < s.index()));
    }

    private static Suspicion suspicion(Scene scene, Step feint, Step payoff) {
        String text = Reasons.of("UNREAD_PAYOFF", Reasons.beat(payoff), Reasons.name(payoff), Reasons.name(feint));
        return new Suspicion(Code.UNREAD_PAYOFF, List.of(feint, payoff), text, () -> mends(scene, feint));
    }

    private static List<String> mends(Scene scene, Step feint) {
        Stream<String> flinches = switch (feint.placed().act().level()) {
            case HEAD -> Stream.of("(high)", "(lean)");
            case BODY, NONE -> Stream.of("(low)", "(high)");
            case LEG, CALF -> Stream.of("(low)", "(weight-lead)");
        };
        return flinches.map(words -> scene.surgery().after(feint, words)).toList();
    }
}
