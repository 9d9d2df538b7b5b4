package onebeat.core.review;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Table;
import onebeat.core.exchange.Target;
import onebeat.core.exchange.Technique;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.timing.Timing;

/// UNANSWERED: a fed strike that nothing meets. A strike that starts with it and arrives first is an answer too (F7).
final class Unanswered implements Rule {

    /// Where a defence is put to try: right behind the feed, or behind so many items that meet what came before it.
    private static final int PLACES = 4;

    private record Answer(Target strike, Optional<Side> side, List<String> words) {}

    private static final List<Answer> ANSWERS = Table.rows(Unanswered.class, "first_answers.csv").stream()
            .map(row -> new Answer(
                    Target.parse(row.get("strike")),
                    row.get("side").equals("*")
                            ? Optional.empty()
                            : Optional.of(Side.valueOf(row.get("side").toUpperCase(Locale.ROOT))),
                    Arrays.asList(row.get("answers").split(" "))))
            .toList();

    @Override
    public List<Suspicion> check(Scene scene) {
        return scene.way()
                .strikesOf(Who.PARTNER)
                .filter(feed -> !isAnswered(scene, feed))
                .map(feed -> suspicion(scene, feed))
                .toList();
    }

    private static boolean isAnswered(Scene scene, Step feed) {
        return scene.way().metBy(feed).filter(d -> meets(d, feed)).isPresent()
                || scene.strikes().stream()
                        .anyMatch(s -> s.beat().equals(feed.beat())
                                && Timing.arrivesFirst(
                                        s.placed().technique(), feed.placed().technique()));
    }

    private static boolean meets(Step defence, Step feed) {
        return defence.placed()
                .technique()
                .meets(feed.placed().technique(), feed.placed().act().level());
    }

    private static Suspicion suspicion(Scene scene, Step feed) {
        String target = Reasons.target(feed.placed().act().level());
        Optional<Step> met = scene.way().metBy(feed);
        String text = met.map(d ->
                        Reasons.of("UNANSWERED.wrong", Reasons.beat(feed), Reasons.name(d), Reasons.name(feed), target))
                .orElseGet(() -> Reasons.of("UNANSWERED.none", Reasons.beat(feed), Reasons.name(feed), target));
        List<Step> steps = new ArrayList<>();
        steps.add(feed);
        met.ifPresent(steps::add);
        return new Suspicion(Code.UNANSWERED, steps, text, () -> mends(scene, feed, met));
    }

    private static List<String> mends(Scene scene, Step feed, Optional<Step> met) {
        List<String> mends = new ArrayList<>();
        List<String> answers = answersTo(feed);
        met.ifPresent(d -> answers.forEach(words -> mends.add(scene.surgery().replace(d, words))));
        int likely = metBefore(scene, feed);
        IntStream.concat(IntStream.of(likely), IntStream.range(0, PLACES).filter(p -> p != likely))
                .forEach(place ->
                        answers.forEach(words -> mends.add(scene.surgery().afterItems(feed, words, place))));
        answers.forEach(words -> mends.add(scene.surgery().joined(feed, "+" + words)));
        return mends;
    }

    /// How many strikes of the same brackets before this one are met: its own answer belongs behind theirs.
    private static int metBefore(Scene scene, Step feed) {
        return (int) scene.way()
                .strikesOf(Who.PARTNER)
                .filter(s -> s.placed().unit() == feed.placed().unit() && s.index() < feed.index())
                .filter(s -> scene.way().metBy(s).isPresent())
                .count();
    }

    private static List<String> answersTo(Step feed) {
        Technique strike = feed.placed().technique();
        return ANSWERS.stream()
                .filter(a -> a.strike().fits(strike, feed.placed().act().level()))
                .filter(a -> a.side().isEmpty() || a.side().equals(feed.placed().side()))
                .flatMap(a -> a.words().stream())
                .filter(code -> Catalogue.standard()
                        .get(code)
                        .meets(strike, feed.placed().act().level()))
                .distinct()
                .toList();
    }
}
