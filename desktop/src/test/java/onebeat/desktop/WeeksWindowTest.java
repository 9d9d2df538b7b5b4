package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import onebeat.core.camp.Card;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.KeptRound;
import onebeat.core.plan.PlanSettings;
import onebeat.desktop.app.StationName;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The camp's weeks, by keys.
class WeeksWindowTest extends DemoWindow {

    @Test
    void aPlanIsFoundTakenAndRemadeAndADayOfItGoesIntoTonight() throws Exception {
        keepAPlan();
        int kept = coach.app.camp().keptRounds().size();
        assertThat(kept).isGreaterThan(10);
        coach.press(KeyCode.M);
        coach.await("what a missed evening changes", () -> coach.shows("changes to " + kept + " planned rounds"));
        coach.await("it may be taken", () -> coach.shows("Enter takes it"));
        assertThat(coach.app.camp().keptRounds().size()).as("not taken yet").isEqualTo(kept);
        coach.press(KeyCode.BACK_SPACE);
        coach.await("left", () -> coach.shows("rounds are planned"));
        coach.press(KeyCode.X);
        Path load = coach.app.folder().resolve("weeks").resolve("load.csv");
        coach.await("the weeks as files", () -> Files.exists(load));
        assertThat(Files.readString(load))
                .startsWith("date,what,rounds,minutes,effort,load\r\n")
                .contains(",planned,")
                .contains(",done,");
        coach.press(KeyCode.P, KeyCode.ALT);
        Path cards = coach.app.folder().resolve("cards");
        coach.await("two pages", () -> coach.shows("Printed"));
        try (Stream<Path> pages = Files.list(cards)) {
            assertThat(pages.map(page -> page.getFileName().toString()).sorted())
                    .hasSize(2)
                    .allMatch(page -> page.endsWith(".pdf"));
        }
        int before = coach.app.camp().rounds().size();
        coach.press(KeyCode.R);
        coach.await("the rounds", () -> coach.shell.here() == StationName.ROUNDS);
        assertThat(coach.app.camp().rounds().size()).isGreaterThan(before);
    }

    private Pane ropeOfACampOf(int weeks) {
        Driver.onFx(() -> {
            Card card = coach.app.camp().card();
            Card later = new Card(
                    card.name(),
                    card.athlete(),
                    card.opponent(),
                    card.firstDay(),
                    coach.app.today().plusWeeks(weeks),
                    card.school(),
                    card.partner());
            return coach.app.save(new Edit.OfCard(card, later));
        });
        go(StationName.WEEKS);
        coach.await("the strands", () -> coach.shows("Back in Noor's face"));
        return Driver.onFx(() -> {
            coach.shell.root().layout();
            return (Pane) coach.shell.root().lookup("#weeks-rope");
        });
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 8, 13, 20})
    void noWordOfTheWeeksCoversAnother(int weeks) {
        Pane rope = ropeOfACampOf(weeks);
        assertThat(Driver.onFx(() -> CoveredWords.on(rope, weeks + " weeks"))).isEmpty();
    }

    @Test
    void whatLiesBehindThePlannedWeeksIsNotDrawnAtTheirEnd() {
        Pane rope = ropeOfACampOf(20);
        assertThat(coach.shows("Only the next 112 days")).isTrue();
        for (String mark : List.of(".weeks-fight", ".weeks-ready", ".weeks-quiet")) {
            assertThat(rope.lookupAll(mark)).as(mark).isEmpty();
        }
    }

    @Test
    void theCordUnrollsAndAPlanIsTakenWithTheMouseAlone() {
        coach.await("the bar", () -> coach.has("action-film.bench"));
        coach.click("cord");
        coach.await("the weeks", () -> coach.shell.here() == StationName.WEEKS);
        coach.await("what can be done", () -> coach.has("action-weeks.look") && coach.shows("No plan is kept yet"));
        coach.click("action-weeks.look");
        coach.await("it can be stopped", () -> coach.has("action-weeks.stop") && coach.shows("A first plan:"));
        coach.click("action-weeks.stop");
        coach.await("it can be taken", () -> coach.has("action-weeks.take"));
        coach.click("action-weeks.take");
        coach.await("taken", () -> coach.app.camp().keptRounds().size() > 10);
        coach.press(KeyCode.Z, KeyCode.CONTROL);
        coach.await("taken back as one", () -> coach.app.camp().keptRounds().size() == 0);
        coach.await("and told so", () -> coach.shows("No plan is kept yet"));
    }

    @Test
    @Tag("real-window")
    void aPlannedRoundIsPulledToAnotherDayWithTheMouse() {
        keepAPlan();
        List<String> before = holders();
        // Not on the day that is chosen already: a press there would draw nothing anew.
        KeptRound first = coach.app.camp().keptRounds().all().stream()
                .filter(kept -> kept.date().isAfter(coach.app.today()))
                .findFirst()
                .orElseThrow();
        List<LocalDate> days = coach.app.camp().keptRounds().all().stream()
                .map(KeptRound::date)
                .distinct()
                .sorted()
                .toList();
        List<Drill> lines = List.copyOf(coach.app.camp().drills().all());
        int line = IntStream.range(0, lines.size())
                .filter(i -> lines.get(i).id().equals(first.drillId()))
                .findFirst()
                .orElseThrow();
        LocalDate to = days.stream()
                .filter(day -> coach.app.camp().keptRounds().all().stream()
                        .noneMatch(kept ->
                                kept.date().equals(day) && kept.drillId().equals(first.drillId())))
                .findFirst()
                .orElseThrow();
        coach.pull("planned-" + line + "-" + day(first.date()), "weeks-cord-" + day(to));
        coach.await("another plan", () -> coach.shows("changes to"));
        coach.press(KeyCode.S);
        coach.await("it can be taken", () -> coach.shows("Enter takes it"));
        coach.press(KeyCode.ENTER);
        coach.await("taken", () -> coach.shows("rounds are planned"));
        assertThat(coach.app.camp().keptRounds().all())
                .anyMatch(kept -> kept.date().equals(to) && kept.drillId().equals(first.drillId()))
                .noneMatch(kept ->
                        kept.date().equals(first.date()) && kept.drillId().equals(first.drillId()));
        List<String> changed = new ArrayList<>(before);
        holders().forEach(changed::remove);
        assertThat(changed).as("the rest stays, who holds it too").hasSizeLessThan(before.size() / 8);
    }

    /// What comes when and who holds it, as often as it comes.
    private List<String> holders() {
        return coach.app.camp().keptRounds().all().stream()
                .map(kept -> kept.date() + " " + kept.drillId() + " " + kept.partnerId())
                .toList();
    }

    private void keepAPlan() {
        coach.press(KeyCode.DIGIT6, KeyCode.CONTROL);
        coach.await("no plan yet", () -> coach.shows("No plan is kept yet"));
        coach.press(KeyCode.L);
        coach.await("a plan while a better one is looked for", () -> coach.shows("A first plan:"));
        coach.press(KeyCode.S);
        coach.await("the best so far stands", () -> coach.shows("Enter takes it"));
        coach.press(KeyCode.ENTER);
        coach.await("taken", () -> coach.shows("rounds are planned"));
    }

    private long day(LocalDate date) {
        return ChronoUnit.DAYS.between(coach.app.today(), date);
    }

    @Test
    void whatTheWeeksKeepToIsSetInAForm() {
        coach.press(KeyCode.DIGIT6, KeyCode.CONTROL);
        coach.await("the weeks", () -> coach.shows("No plan is kept yet"));
        coach.press(KeyCode.K);
        coach.await("the form", () -> coach.has("rules-form"));
        coach.press(KeyCode.A, KeyCode.CONTROL).type("often").press(KeyCode.ENTER);
        coach.await("what is wrong", () -> coach.shows("A number from 0 to 999"));
        coach.press(KeyCode.A, KeyCode.CONTROL).type("0").press(KeyCode.ENTER);
        coach.await("a plan without Mondays", () -> coach.shows("A first plan:"));
        coach.press(KeyCode.S);
        coach.await("it can be taken", () -> coach.shows("Enter takes it"));
        coach.press(KeyCode.ENTER);
        coach.await("kept", () -> coach.app.camp().keptRounds().size() > 10);
        assertThat(PlanSettings.of(coach.app.camp())
                        .week()
                        .get(DayOfWeek.MONDAY)
                        .minutes())
                .isZero();
        assertThat(coach.app.camp().keptRounds().all())
                .noneMatch(kept -> kept.date().getDayOfWeek() == DayOfWeek.MONDAY);
        coach.press(KeyCode.E);
        coach.await("the day's form", () -> coach.has("day-form") && coach.shows("Who is there"));
        coach.press(KeyCode.A, KeyCode.CONTROL).type("0").press(KeyCode.ENTER);
        coach.await("a plan without the day", () -> coach.shows("changes to"));
    }
}
