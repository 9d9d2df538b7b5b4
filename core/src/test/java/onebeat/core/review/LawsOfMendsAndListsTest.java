package onebeat.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import onebeat.core.Lines;
import onebeat.core.RandomLines;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Answer;
import onebeat.core.film.AnswerList;
import onebeat.core.film.Finder;
import onebeat.core.film.Repertoire;
import onebeat.core.film.Setups;
import onebeat.core.ladder.Ladder;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// The laws of mends, ladders, searches, single faults and words (J21 to J25, common practice).
class LawsOfMendsAndListsTest {

    private static Context context(Setting setting, String rules) {
        return Context.of(setting).with(RuleSet.of(rules).orElseThrow());
    }

    private static List<String> thrownAtAthlete(PlayedWay way) {
        return way.strikesOf(Who.PARTNER)
                .map(s -> Notation.print(s.placed().act()))
                .toList();
    }

    private static long defences(PlayedWay way) {
        return way.of(Who.ATHLETE)
                .map(Step::placed)
                .filter(p -> p.technique().isDefence())
                .count();
    }

    @ParameterizedTest
    @ValueSource(longs = {21, 22})
    @DisplayName("J21: no mend changes what the partner throws, takes a defence away, or steps in and out")
    void aMendIsReadAsAWholeLine(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 150; i++) {
            String line = RandomLines.chain(random, 2 + random.nextInt(4));
            Setting setting = Lines.ALL_SETTINGS.get(random.nextInt(Lines.ALL_SETTINGS.size()));
            Review review = Review.of(Lines.read(line), context(setting, "mixed"));
            PlayedWay before = review.played().ways().getFirst();
            for (Finding finding : review.findings()) {
                finding.mended().ifPresent(mended -> {
                    PlayedWay after = Lines.play(mended, setting).ways().getFirst();
                    assertThat(thrownAtAthlete(after)).as(line + " > " + mended).isEqualTo(thrownAtAthlete(before));
                    assertThat(defences(after)).as(line + " > " + mended).isGreaterThanOrEqualTo(defences(before));
                });
            }
        }
        assertThat(Review.of(Lines.read("1 2 3 rlow 3 in rhigh"), context(Lines.SAME, "mixed"))
                        .findings())
                .noneMatch(f -> f.mended().orElse("").contains("in out"));
    }

    @Test
    @DisplayName("J21: what the rules forbid goes all at once")
    void whatIsForbiddenGoesAtOnce() {
        Review review = Review.of(Lines.read("1 overhand tie hips"), context(Lines.SAME, "boxing"));
        assertThat(review.findings(Code.AGAINST_RULES))
                .isNotEmpty()
                .allMatch(f -> f.mended().equals(Optional.of("1 overhand")));
    }

    private static List<String> ladder(String line, Setting setting) {
        Context context = context(setting, "mixed");
        return Ladder.of(Lines.read(line), Ladder.With.usual(context)).stages().stream()
                .map(s -> s.rung().id() + ": " + s.line())
                .toList();
    }

    @Test
    @DisplayName("J22: parts are the athlete's own, chains grow from the top, the read stands at the line's own feed")
    void theLadderKnowsWhatIsDrilled() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(ladder("3! (weight-lead) rlow", setting)).noneMatch(s -> s.equals("parts: (weight-lead)"));
            assertThat(ladder("1 2 3 2", setting)).contains("slow: 1 2", "slow: 1 2 3");
            assertThat(ladder("1 2 (3) block 2 3", setting))
                    .filteredOn(s -> s.startsWith("reads: "))
                    .allMatch(s -> s.startsWith("reads: 1 2 { (3): "));
            assertThat(ladder("1 2! 1 ~2 (high) shovel rlow", setting))
                    .anyMatch(s -> s.startsWith("random: [1 2!]*1..4 1 ~2 { (high): "));
            assertThat(ladder("1 2 3 rlow", setting)).noneMatch(s -> s.startsWith("random: [1]*"));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"(1)", "(2)", "(3)", "(4)", "(1b)", "(2b)", "(3b)", "(4b)", "(1 1)", "(1 2)", "(overhand)"})
    @DisplayName("J23, F25: a taught counter stands among the first, no bare rear hand into a straight is the first")
    void theTaughtStandAmongTheFirst(String feed) {
        for (Setting setting : List.of(Lines.SAME, Lines.OPEN)) {
            List<Answer> answers = AnswerList.of(
                            new Finder.Query(feed, context(setting, "boxing"), Repertoire.usual(), 3, 5), () -> false)
                    .answers();
            assertThat(answers.subList(0, Math.min(2, answers.size()))).as(feed).anyMatch(Answer::taught);
            assertThat(answers.getFirst().line()).as(feed).doesNotContain(")+");
            assertThat(answers).as(feed).noneMatch(a -> a.line().endsWith(" out"));
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"3", "3b", "2", "6", "overhand", "rlow", "rcalf", "rmid", "hookkick", "tie", "collar", "elbow"})
    @DisplayName("J23: among the first four lines for a weapon is a taught one")
    void theTaughtSetUpsAreFound(String weapon) {
        for (Setting setting : List.of(Lines.SAME, Lines.OPEN)) {
            List<Answer> found = Setups.of(new Setups.Query(weapon, context(setting, "mixed"), Repertoire.usual(), 10))
                    .answers();
            assertThat(found.subList(0, Math.min(4, found.size())))
                    .as(weapon + " " + setting.pairing())
                    .anyMatch(Answer::taught);
        }
    }

    @Test
    @DisplayName("J24: who is run at is driven back, a snap comes back, a hold loses no stance, a busy jab is no fault")
    void onceIsNoFault() {
        Context context = context(Lines.SAME, "mixed");
        assertThat(codes("overhand through+2 through+2 through+2 tie hips", context))
                .doesNotContain(Code.ARM_ONLY, Code.STANCE_LOST);
        assertThat(codes("[lsnap]*1..3 ~lsnap (low) 1 2", context)).doesNotContain(Code.LEG_LOADED);
        assertThat(codes("1 2 (high) 1 6 3", context)).doesNotContain(Code.CLOSED_TARGET);
        assertThat(codes("1 (high) 2", context)).contains(Code.CLOSED_TARGET);
    }

    private static List<Code> codes(String line, Context context) {
        return Review.withoutMends(Lines.read(line), context).findings().stream()
                .map(Finding::code)
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "feint the cross, left hook to the body > ~2 3b > ~2 4b",
                "double jab, right hand > 1 1 2 > 1 1 1",
                "cross, uppercut, uppercut, elbow, elbow > 2 5 6 elbow relbow > 2 5 6 elbow relbow",
                "two uppercuts > 6 5 > 6 5",
                "jab to the head, cross to the body > 1 2b > 1 2b",
                "catch and jab > catch+1 > catch+1",
                "1-6-lead kick > 1 6 lmid > 1 6 lmid",
                "one two three > 1 2 3 > 1 2 3",
                "round kick > rmid > rmid",
                "question mark kick > question > question",
                "jab cross up jab > 1 2 upjab > 1 2 upjab",
                "rear hand low > 2b > 2b"
            })
    @DisplayName("J25: words as they are said, by an orthodox and by a southpaw")
    void wordsAsTheyAreSaid(String said, String orthodox, String southpaw) {
        assertThat(read(said, Stance.ORTHODOX)).isEqualTo(orthodox);
        assertThat(read(said, Stance.SOUTHPAW)).isEqualTo(southpaw);
    }

    private static String read(String said, Stance stance) {
        return ((Read) Notation.read(said, Vocabulary.standard().spokenBy(stance, Stance.ORTHODOX))).canonical();
    }
}
