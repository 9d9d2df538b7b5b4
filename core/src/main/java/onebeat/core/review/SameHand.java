package onebeat.core.review;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import onebeat.core.play.Limb;
import onebeat.core.play.Step;

/// SAME_HAND: one limb, two jobs, one beat. The rear glove can catch while the lead hand jabs, but the same hand cannot
/// do both (F26, common practice).
final class SameHand implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        List<RuleHit> found = new ArrayList<>();
        List<Step> steps = input.way().steps();
        for (int j = 0; j < steps.size(); j++) {
            for (int i = 0; i < j; i++) {
                Step one = steps.get(i);
                Step two = steps.get(j);
                if (one.who() == two.who() && one.beat().equals(two.beat())) {
                    clash(one, two).ifPresent(limb -> found.add(hit(input, one, two, limb)));
                }
            }
        }
        return found;
    }

    private static Optional<Limb> clash(Step one, Step two) {
        if (one.placed().technique().isReaction() || two.placed().technique().isReaction()) {
            return Optional.empty();
        }
        Set<Limb> both = EnumSet.noneOf(Limb.class);
        both.addAll(Limb.busyWith(one.placed()));
        both.retainAll(Limb.busyWith(two.placed()));
        both.remove(Limb.FEET);
        return both.stream().findFirst();
    }

    private static RuleHit hit(RuleInput input, Step one, Step two, Limb limb) {
        String text = Reasons.of("SAME_HAND", capital(limb.words()), Reasons.name(one), Reasons.name(two));
        return new RuleHit(Code.SAME_HAND, List.of(one, two), text, () -> mends(input, one, two));
    }

    /// A return in the same beat keeps its beat with the other hand; anything else gets a beat of its own.
    private static List<String> mends(RuleInput input, Step one, Step two) {
        List<String> mends = new ArrayList<>();
        Step strike = two.placed().technique().isStrike() ? two : one;
        Step other = strike.equals(two) ? one : two;
        if (other.placed().technique().isDefence()
                && strike.placed().technique().isStrike()) {
            LineEditor.otherSide(strike.placed().act())
                    .ifPresent(words -> mends.add(input.editor().replace(strike, words)));
        }
        mends.add(input.editor().alone(two));
        mends.add(input.editor().alone(one));
        return mends;
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
