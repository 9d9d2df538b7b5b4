package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import onebeat.core.exchange.FirstAnswers;
import onebeat.core.exchange.Side;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.timing.Interception;

/// UNANSWERED: a fed strike that nothing meets and nothing stops (F7), and that would reach.
final class Unanswered implements Rule {

    /// Where a defence is put to try: right behind the feed, or behind so many items that meet what came before it.
    private static final int PLACES = 4;

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.way()
                .strikesOf(Who.PARTNER)
                .filter(feed -> isLeft(Interception.of(input.way(), feed)))
                .map(feed -> hit(input, feed))
                .toList();
    }

    private static boolean isLeft(Interception of) {
        return of == Interception.UNMET || of == Interception.WRONG;
    }

    private static RuleHit hit(RuleInput input, Step feed) {
        String target = Reasons.target(feed.placed().act().level());
        Optional<Step> met = input.way().metBy(feed);
        String text = met.map(d ->
                        Reasons.of("UNANSWERED.wrong", Reasons.beat(feed), Reasons.name(d), Reasons.name(feed), target))
                .orElseGet(() -> Reasons.of("UNANSWERED.none", Reasons.beat(feed), Reasons.name(feed), target));
        List<Step> steps = new ArrayList<>();
        steps.add(feed);
        met.ifPresent(steps::add);
        return new RuleHit(Code.UNANSWERED, steps, text, () -> mends(input, feed, met));
    }

    private static List<String> mends(RuleInput input, Step feed, Optional<Step> met) {
        List<String> mends = new ArrayList<>();
        List<String> answers = answersTo(input, feed);
        met.ifPresent(d -> answers.forEach(words -> mends.add(input.editor().replace(d, words))));
        int likely = metBefore(input, feed);
        IntStream.concat(IntStream.of(likely), IntStream.range(0, PLACES).filter(p -> p != likely))
                .forEach(place ->
                        answers.forEach(words -> mends.add(input.editor().afterItems(feed, words, place))));
        input.strikes().stream()
                .filter(s -> s.beat().equals(feed.beat()))
                .forEach(s -> answers.forEach(words -> mends.add(input.editor().met(s, words, " "))));
        answers.forEach(words -> mends.add(input.editor().joined(feed, "+" + words)));
        return mends;
    }

    /// How many strikes of the same brackets before this one are met: its own answer belongs behind theirs.
    private static int metBefore(RuleInput input, Step feed) {
        return (int) input.way()
                .strikesOf(Who.PARTNER)
                .filter(s -> s.placed().unit() == feed.placed().unit() && s.index() < feed.index())
                .filter(s -> input.way().metBy(s).isPresent())
                .count();
    }

    static List<String> answersTo(RuleInput input, Step feed) {
        return FirstAnswers.to(
                feed.placed().technique(),
                feed.placed().act().level(),
                feed.placed().side().orElse(Side.LEAD),
                input.pairingAt(feed));
    }
}
