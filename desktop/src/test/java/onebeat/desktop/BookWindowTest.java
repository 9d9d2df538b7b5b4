package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import onebeat.core.camp.Drill;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.timing.Rung;
import onebeat.desktop.app.StationName;
import onebeat.desktop.nodes.Nodes;
import org.apache.commons.csv.CSVFormat;
import org.junit.jupiter.api.Test;

/// The book and the rounds that come of it.
class BookWindowTest extends DemoWindow {

    private List<RoundPlan> tonight() {
        return coach.app.camp().roundsOf(coach.app.tonight().orElseThrow().id());
    }

    @Test
    void theBookProposesTheNextSessionWithItsReasons() {
        go(StationName.BOOK);
        coach.await("the proposal", () -> coach.shows("Proposed for the next session"));
        coach.await("what slipped comes first", () -> coach.shows("Back, to whole at 52"));
        int before = tonight().size();
        coach.press(KeyCode.T);
        coach.await("the rounds", () -> coach.shell.here() == StationName.ROUNDS);
        assertThat(tonight()).hasSize(before + 4);
        assertThat(tonight().get(before).drillId()).isEqualTo("d4");
        assertThat(tonight().get(before).bpm()).isEqualTo(52);
        coach.press(KeyCode.Z, KeyCode.CONTROL);
        coach.await("taken out as one", () -> tonight().size() == before);
    }

    @Test
    void theCoachOverrulesAndTheBookRemembers() {
        go(StationName.BOOK);
        coach.await("up", () -> coach.shows("Up to 66"));
        coach.press(KeyCode.O).press(KeyCode.O);
        coach.await("again at 60", () -> coach.shows("whole at 60, and the book said up to 66"));
        Drill drill = coach.app.camp().drills().get("d1").orElseThrow();
        assertThat(drill.overruled()).startsWith(coach.app.today().toString());
        coach.press(KeyCode.R);
        coach.await("the rounds", () -> coach.shell.here() == StationName.ROUNDS);
        assertThat(tonight().getLast().bpm()).isEqualTo(60);
    }

    @Test
    void choosingAnotherRowLeavesTheRowsAsTheyAre() {
        go(StationName.BOOK);
        coach.await("all rows", () -> rows().size() == ran());
        List<Node> before = Driver.onFx(this::rows);
        assertThat(Driver.onFx(this::chosen)).containsExactly(0);
        coach.press(KeyCode.DOWN).press(KeyCode.DOWN);
        coach.await("the third", () -> chosen().equals(List.of(2)));
        assertThat(Driver.onFx(this::rows)).isEqualTo(before);
        coach.press(KeyCode.UP);
        coach.await("the second", () -> chosen().equals(List.of(1)));
    }

    private List<Node> rows() {
        return coach.shell.root().lookupAll(".row").stream()
                .filter(BookWindowTest::isInTheBook)
                .toList();
    }

    private static boolean isInTheBook(Node node) {
        return node.getClass().getSimpleName().equals("BookRow");
    }

    private List<Integer> chosen() {
        List<Node> rows = rows();
        return IntStream.range(0, rows.size())
                .filter(place -> rows.get(place).getPseudoClassStates().contains(Nodes.CHOSEN))
                .boxed()
                .toList();
    }

    private long ran() {
        return coach.app.camp().drills().all().stream()
                .filter(drill -> !coach.app.camp().ledger(drill.id()).days().isEmpty())
                .count();
    }

    @Test
    void theBookIsSearchedByNameAndLine() {
        go(StationName.BOOK);
        coach.press(KeyCode.SLASH).type("jab");
        coach.await("two jabs", () -> coach.shows("Answer the lazy jab") && coach.shows("Double jab in"));
        coach.await("nothing else", () -> !coach.shows("Parry Noor's cross"));
        coach.press(KeyCode.A, KeyCode.CONTROL).type("zebra");
        coach.await("nothing", () -> coach.shows("Nothing in the book has \"zebra\""));
        coach.press(KeyCode.A, KeyCode.CONTROL).press(KeyCode.BACK_SPACE);
        coach.await("all again", () -> coach.shows("Parry Noor's cross"));
    }

    @Test
    void theBookIsWrittenInOpenFormats() throws Exception {
        go(StationName.BOOK);
        coach.press(KeyCode.X);
        coach.await("written", () -> coach.shows("book.csv, book.json"));
        Path csv = coach.app.folder().resolve("book").resolve("book.csv");
        try (var rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(Files.newBufferedReader(csv))) {
            var parry = rows.stream()
                    .filter(r -> r.get("drill").equals("Parry Noor's cross"))
                    .toList();
            assertThat(parry).hasSize(2);
            assertThat(parry.getLast().get("judged")).isEqualTo("13");
            assertThat(parry.getLast().get("step")).isEqualTo("whole");
        }
    }

    @Test
    void aRoundClimbsItsLadder() {
        go(StationName.ROUNDS);
        assertThat(tonight().getFirst().rung()).isEqualTo(Rung.WHOLE);
        coach.press(KeyCode.L).press(KeyCode.L).press(KeyCode.L).press(KeyCode.L);
        coach.await("broken", () -> tonight().getFirst().rung() == Rung.BROKEN);
        coach.await("its line", () -> coach.shows(" _ "));
        coach.press(KeyCode.L);
        coach.await("a read", () -> tonight().getFirst().rung() == Rung.READS && coach.shows("{ (1): catch+2"));
        for (int i = 0; i < 14; i++) {
            coach.press(KeyCode.L, KeyCode.SHIFT);
        }
        coach.await("its parts", () -> tonight().getFirst().rung() == Rung.PARTS);
    }

    @Test
    void theEveningIsFilledAndTakesATemplate() {
        go(StationName.ROUNDS);
        for (int i = 0; i < 4; i++) {
            coach.press(KeyCode.DELETE);
        }
        coach.await("empty", () -> tonight().isEmpty());
        coach.press(KeyCode.T);
        coach.await("half an hour", () -> coach.shows("Half an hour"));
        coach.press(KeyCode.A);
        coach.await("filled", () -> tonight().size() == 4);
        coach.await("why", () -> coach.shows("clearly below target"));
        coach.await("thirty minutes", () -> coach.shows("30:00") && coach.shows("Warm-up") && coach.shows("Trunk"));
        coach.press(KeyCode.U).press(KeyCode.U);
        coach.await("two bursts", () -> coach.shows("2 bursts of 20 s."));
    }
}
