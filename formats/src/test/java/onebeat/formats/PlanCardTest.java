package onebeat.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.film.AfterCleanHit;
import onebeat.core.film.Exchange;
import onebeat.core.film.FightPlan;
import onebeat.core.film.FollowUps;
import onebeat.core.film.Habit;
import onebeat.core.film.Outcome;
import onebeat.core.film.PauseBeforeAttack;
import onebeat.core.film.Reaction;
import onebeat.core.film.Repertoire;
import onebeat.core.film.Share;
import onebeat.core.film.WhenHurt;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Setting;
import onebeat.core.play.Who;
import onebeat.core.review.Context;
import onebeat.core.wording.Scheme;
import onebeat.core.wording.Wording;
import onebeat.formats.cards.PlanCard;
import onebeat.formats.cards.Sheet;
import onebeat.formats.cards.Sheet.Row;
import onebeat.formats.cards.SheetPdf;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class PlanCardTest {

    private static final Setting SETTING =
            new Setting(new Fighter("Ilka", Stance.ORTHODOX, 168, 170), new Fighter("Noor", Stance.SOUTHPAW, 177, 182));

    /// Lines stay as they are written.
    private static final PlanCard SHORT = new PlanCard("Ilka", "Noor", line -> line);

    private static String words(String line) {
        return new Wording(Scheme.LEFT_RIGHT, Stance.ORTHODOX, Stance.SOUTHPAW, "Noor", Map.of())
                .of(((Read) Notation.read(line)).line());
    }

    @Test
    void inWordsEverySentenceIsOneThatACornerCanSay() {
        PlanCard card = new PlanCard("Ilka", "Noor", PlanCardTest::words);
        List<String> said = card.avoid(plan());
        assertThat(said).contains("Left hook with no set-up: cross comes, 6 of 6 times; likely 61 % or more.");
        for (var one : plan().plans()) {
            assertThat(card.evidence(one)).matches("[A-Z].*: .*, \\d+ of \\d+ times; likely \\d+ % or more\\.");
            assertThat(card.reads(one)).allMatch(r -> r.matches("If (Noor|[a-z]).*: [a-z].*\\(\\d+ of \\d+ times\\)"));
        }
        assertThat(card.page(plan(), "2027-04-29").rows())
                .as("the line, the same in words, its reads")
                .anyMatch(r -> r.set() == Sheet.Set.TOLD && r.call().contains("circle left"));
    }

    private static void seen(List<Exchange> all, int times, String line) {
        for (int i = 0; i < times; i++) {
            all.add(new Exchange(
                    "x" + all.size(),
                    "reel",
                    all.size(),
                    1,
                    Who.ATHLETE,
                    Stance.ORTHODOX,
                    Stance.SOUTHPAW,
                    Optional.empty(),
                    line,
                    Outcome.NONE,
                    ""));
        }
    }

    private static FightPlan plan() {
        List<Exchange> all = new ArrayList<>();
        seen(all, 12, "1b (low)");
        seen(all, 4, "1b (out)");
        seen(all, 9, "1 (parry)");
        seen(all, 8, "inlow (check)");
        seen(all, 6, "3 (2)");
        return FightPlan.of(
                FollowUps.of(all, Who.PARTNER, Vocabulary.standard()), Context.of(SETTING), Repertoire.usual());
    }

    @Test
    void onePageHasEveryLineEveryReadAndWhatToStayAwayFrom() throws Exception {
        FightPlan plan = plan();
        Sheet sheet = SHORT.page(plan, "2027-04-29");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(SheetPdf.write(sheet, out).isReadable()).isTrue();
        try (var document = Loader.loadPDF(out.toByteArray())) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            plan.plans().forEach(p -> assertThat(text).contains(p.drill().line()));
            plan.plans()
                    .forEach(p -> SHORT.reads(p).forEach(r -> assertThat(text).contains(r)));
            assertThat(text)
                    .contains("3 with no set-up: (2), 6 of 6 times; likely 61 % or more.")
                    .contains("only Noor lands a straight without a step")
                    .contains("clears nobody to train");
        }
    }

    @Test
    void theEvidenceHasItsCountAndItsLowerEnd() {
        for (var one : plan().plans()) {
            var idea = one.idea();
            assertThat(SHORT.evidence(one))
                    .startsWith(idea.stimulus() + ": (" + idea.response() + "), ")
                    .contains(idea.share().n() + " of " + idea.share().of() + " times")
                    .endsWith("likely " + Math.round(100 * idea.share().low()) + " % or more.");
            assertThat(SHORT.reads(one)).hasSameSizeAs(one.drill().reads()).allMatch(r -> r.startsWith("If ("));
            assertThat(SHORT.title(2, one)).startsWith("Plan 2: " + idea.stimulus());
        }
    }

    @Test
    void anEmptyPlanIsStillAPage() throws Exception {
        FightPlan none = FightPlan.of(List.of(), Context.usual(), Repertoire.usual());
        Sheet sheet = SHORT.page(none, "2027-04-29");
        assertThat(sheet.rows()).isEqualTo(List.<Row>of());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        SheetPdf.write(sheet, out);
        try (var document = Loader.loadPDF(out.toByteArray())) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
        }
    }

    @Test
    void whatToDoWhenTheyAreHurtStandsOnThePageWithItsIntervals() {
        WhenHurt hurt = new WhenHurt(
                4,
                List.of(new WhenHurt.Reacted(Reaction.TIES_UP, Share.of(3, 4))),
                Optional.of(Share.of(1, 9)),
                Optional.of(Share.of(8, 9)),
                WhenHurt.Advice.WAIT,
                List.of("x1"));
        FightPlan plan = new FightPlan(List.of(), List.of(), Optional.empty(), moments(Optional.of(hurt)));
        assertThat(SHORT.whenHurt(plan))
                .containsExactly(
                        "Noor was visibly shaken on film, times: 4. In the ten seconds after: ties up 3 of 4 times (30 to 95 %).",
                        "Going after it landed 1 of 9 times (2 to 43 %) and was countered 8 of 9 times (57 to 98 %).",
                        "Wait: attacks are countered clearly more often than they land. Keep the distance, let Noor"
                                + " come, and answer.");
        assertThat(SHORT.page(plan, "").rows()).extracting(Row::call).containsAll(SHORT.whenHurt(plan));
        assertThat(SHORT.whenHurt(plan.with(FightPlan.Moments.NONE))).isEmpty();
    }

    private static FightPlan.Moments moments(Optional<WhenHurt> hurt) {
        return new FightPlan.Moments(hurt, Optional.empty(), Optional.empty());
    }

    @Test
    void whatChangesAfterACleanHitAndWhetherToWaitStandOnThePage() {
        AfterCleanHit hit = new AfterCleanHit(
                Map.of(1, 2, 3, 9),
                List.of(new AfterCleanHit.Change(
                        Reaction.GOES_BACK, new Habit.Against(Share.of(9, 11), Share.of(2, 20), 0.001))),
                List.of("x1"));
        PauseBeforeAttack pause = new PauseBeforeAttack(6.25, 11, 2, 14, 0.004, List.of("x2"));
        FightPlan plan = new FightPlan(
                List.of(),
                List.of(),
                Optional.empty(),
                new FightPlan.Moments(Optional.empty(), Optional.of(hit), Optional.of(pause)));
        assertThat(SHORT.afterHit(plan))
                .containsExactly(
                        "Noor was hit clean on film: 2 in round 1, 9 in round 3.",
                        "After a clean hit the next thing changes: goes back 9 of 11 times (52 to 95 %), otherwise 2 of 20"
                                + " times (3 to 30 %).");
        assertThat(SHORT.pause(plan))
                .containsExactly(
                        "Attacks that landed began 6.3 s after the exchange before (median of 11), those that failed 2.0 s"
                                + " (of 14; p 0.004).",
                        "When the rhythm is lost, wait: what comes after a longer pause lands on Noor more often.");
        assertThat(SHORT.page(plan, "").rows())
                .extracting(Row::call)
                .containsAll(SHORT.afterHit(plan))
                .containsAll(SHORT.pause(plan));
    }

    @Test
    void whatTheFilmDoesNotTellClearlyStaysOnTheScreenAndEachMarkStandsOnce() throws Exception {
        WhenHurt hurt = new WhenHurt(
                4,
                List.of(new WhenHurt.Reacted(Reaction.TIES_UP, Share.of(3, 4))),
                Optional.empty(),
                Optional.empty(),
                WhenHurt.Advice.TOO_FEW,
                List.of("x1"));
        AfterCleanHit hit = new AfterCleanHit(
                Map.of(1, 2),
                List.of(new AfterCleanHit.Change(
                        Reaction.GOES_BACK, new Habit.Against(Share.of(9, 21), Share.of(9, 20), 0.9))),
                List.of("x1"));
        PauseBeforeAttack pause = new PauseBeforeAttack(6.25, 11, 6, 14, 0.7, List.of("x2"));
        FightPlan some = plan();
        FightPlan plan = some.with(new FightPlan.Moments(Optional.of(hurt), Optional.of(hit), Optional.of(pause)));
        assertThat(SHORT.afterHit(plan)).hasSize(2);
        assertThat(SHORT.pause(plan)).hasSize(2);
        Sheet page = SHORT.page(plan, "2027-04-29");
        assertThat(page.rows())
                .extracting(Row::call)
                .containsAll(SHORT.whenHurt(plan))
                .doesNotContainAnyElementsOf(SHORT.afterHit(plan))
                .doesNotContainAnyElementsOf(SHORT.pause(plan));
        assertThat(page.rows().stream().map(Row::mark).filter(mark -> !mark.isEmpty()))
                .doesNotHaveDuplicates()
                .contains("no", "if hurt");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        SheetPdf.write(page, out);
        try (var document = Loader.loadPDF(out.toByteArray())) {
            assertThat(CoveredGlyphs.on(document)).isEmpty();
        }
    }
}
