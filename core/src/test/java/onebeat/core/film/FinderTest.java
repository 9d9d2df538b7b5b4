package onebeat.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import onebeat.core.Lines;
import onebeat.core.film.Finder.Query;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.opening.Openings;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Code;
import onebeat.core.review.Context;
import onebeat.core.review.Limits;
import onebeat.core.review.Review;
import onebeat.core.timing.Interception;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// The finder against trying everything with the whole engine, of each first strike of the answer the best.
class FinderTest {

    private static final Set<String> DEFENCES = Set.of(
            "parry", "catch", "slip-in", "slip-out", "block", "tuck", "check", "off", "circle-lead", "out", "shield");

    /// Every line of the finder's space, written out and reviewed one by one.
    private static List<Answer> everything(Query query) {
        List<String> words = query.repertoire().weapons().stream()
                .map(w -> Notation.print(w.act()))
                .toList();
        List<String> plain = words.stream()
                .filter(w -> !DEFENCES.contains(w)
                        || Set.of("off", "circle-lead", "out").contains(w))
                .toList();
        List<String> strikes = plain.stream()
                .filter(w -> !DEFENCES.contains(w) && !w.startsWith("sw-"))
                .toList();
        int feeds = query.feed().replaceAll("[()]", "").strip().split(" ").length;
        Map<String, Integer> lines = new TreeMap<>();
        Map<String, Integer> begun = new TreeMap<>(Map.of(query.feed(), 0));
        for (int i = 0; i < feeds; i++) {
            Map<String, Integer> next = new TreeMap<>();
            begun.forEach((line, n) ->
                    words.stream().filter(DEFENCES::contains).forEach(d -> next.put(line + " " + d, n + 1)));
            begun = next;
        }
        Map<String, Integer> starts = new TreeMap<>(begun);
        begun.forEach((line, n) -> strikes.forEach(s -> starts.put(line + "+" + s, n + 1)));
        if (feeds == 1) {
            strikes.forEach(s -> starts.put(query.feed() + "+" + s, 1));
        }
        Map<String, Integer> open = starts;
        while (!open.isEmpty()) {
            Map<String, Integer> next = new TreeMap<>();
            open.forEach((line, n) -> {
                if (n <= query.depth()) {
                    lines.put(line, n);
                    plain.forEach(p -> next.put(line + " " + p, n + 1));
                }
            });
            next.values().removeIf(n -> n > query.depth());
            open = next;
        }
        Map<String, Answer> best = new TreeMap<>();
        for (String line : lines.keySet()) {
            Read read = (Read) Notation.read(line);
            Review review = Review.withoutMends(read, query.context());
            PlayedWay way = review.played().ways().getFirst();
            boolean leavesWell = review.findings(Code.STRAIGHT_RETREAT).isEmpty();
            if (!review.hasStop() && leavesWell && belongs(way)) {
                Openings openings = Openings.withoutCredits(
                        way,
                        query.context().setting(),
                        query.context().partner().atFirstSight(),
                        0);
                Answer answer = new Answer(
                        review.canonical(),
                        Value.of(way, openings, query.repertoire().mastery()));
                String first = way.strikesOf(Who.ATHLETE)
                        .findFirst()
                        .map(s -> Notation.print(s.placed().act()))
                        .orElse("");
                best.merge(first, answer, (a, b) -> Answer.BEST.compare(a, b) <= 0 ? a : b);
            }
        }
        List<Answer> all = best.values().stream().sorted(Answer.BEST).toList();
        return all.subList(0, Math.min(query.top(), all.size()));
    }

    /// A trade is no answer, a strike that is slower than its feed does not share its beat, and nothing falls short.
    private static boolean belongs(PlayedWay way) {
        return way.of(Who.ATHLETE).noneMatch(Step::isShort)
                && way.strikesOf(Who.PARTNER)
                        .allMatch(feed -> Interception.of(way, feed).isAnswer()
                                && way.strikesOf(Who.ATHLETE)
                                        .filter(s -> s.beat().equals(feed.beat()))
                                        .allMatch(s -> Interception.sharesBeat(
                                                s.placed().technique(),
                                                feed.placed().technique())));
    }

    @ParameterizedTest
    @CsvSource({
        "(1), 1 2 3 rlow parry slip-out off, 3, true",
        "(1), 1 2 3 rlow parry slip-out off, 3, false",
        "(2), 2 3b 5 rmid parry slip-in circle-lead, 3, true",
        "(3), 3 6 sw-mid block off stiffjab, 3, false",
        "(3b), 5 6 tuck lteep 1, 3, true",
        "(1 2), 2 3 catch parry slip-in, 4, true",
        "(rlow), check 2 3 out overhand, 3, false",
        "(1), 2 tie knee elbow parry shield, 3, true",
        "(1b), parry 2 inlow rcalf, 4, true"
    })
    @DisplayName("the answers are those that trying everything gives, with the same values")
    void equalsTryingEverything(String feed, String repertoire, int depth, boolean same) {
        Setting setting = same ? Lines.SAME : Lines.OPEN;
        Repertoire has = Repertoire.of(repertoire).with(Map.of("2", 0.8));
        Query query = new Query(feed, Context.of(setting), has, depth, 10);
        Found found = Finder.find(query);
        List<Answer> all = everything(query);
        assertThat(found.answers()).hasSameSizeAs(all);
        for (int i = 0; i < all.size(); i++) {
            assertThat(found.answers().get(i).line()).isEqualTo(all.get(i).line());
            assertThat(found.answers().get(i).value().score())
                    .isCloseTo(all.get(i).value().score(), within(1e-12));
        }
        assertThat(found.whole()).isTrue();
    }

    @Test
    @DisplayName("a limit of the coach forbids whole lines, which shows only at their end: still the same answers")
    void keepsToTheCoachsLimits() {
        Context strict = Context.of(Lines.SAME).with(Limits.none().with(Limits.Of.PARTNER, Limits.In.REPETITION, 0));
        Query query = new Query("(1)", strict, Repertoire.of("2 rmid rlow 3 parry off"), 3, 10);
        List<Answer> all = everything(query);
        assertThat(Finder.find(query).answers())
                .extracting(Answer::line)
                .containsExactlyElementsOf(all.stream().map(Answer::line).toList());
        assertThat(all).noneMatch(a -> a.line().contains("rmid"));
    }

    @Test
    void itCanBeStoppedAndTellsHowFarItCame() {
        List<Integer> told = new ArrayList<>();
        Query query = new Query("(1)", Context.of(Lines.SAME), Repertoire.usual(), 5, 10);
        Found found = Finder.find(query, best -> told.add(best.size()), () -> true);
        assertThat(found.whole()).isFalse();
        assertThat(found.answers()).isNotEmpty();
        assertThat(told).isNotEmpty();
        assertThat(found.skipped()).isPositive();
    }

    @Test
    void aFeedThatNothingMeetsHasNoAnswer() {
        assertThat(Finder.find(new Query("(1)", Context.of(Lines.SAME), Repertoire.of("check rmid"), 3, 5))
                        .answers())
                .isEmpty();
        assertThat(Finder.find(new Query("(zap", Context.of(Lines.SAME), Repertoire.usual(), 3, 5))
                        .answers())
                .isEmpty();
    }
}
