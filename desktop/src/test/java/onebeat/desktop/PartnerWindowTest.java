package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import javafx.stage.Window;
import onebeat.core.camp.Drill;
import onebeat.core.exchange.Stance;
import onebeat.core.film.FilmOdds;
import onebeat.core.holding.Gear;
import onebeat.core.holding.Odds;
import onebeat.core.holding.SoreSpot;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.rounds.RoundPlan;
import onebeat.desktop.app.StationName;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/// The partner's side in the real window: who is at the door, what they hold and feed, what is drawn and
/// printed.
class PartnerWindowTest extends DemoWindow {

    private static String text(Path pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @Test
    void anotherPartnerIsOneKeyAndEverythingFollows() {
        go(StationName.BENCH);
        coach.press(KeyCode.SLASH)
                .press(KeyCode.A, KeyCode.CONTROL)
                .type("(1) catch+2 rmid off")
                .press(KeyCode.H, KeyCode.ALT);
        coach.await("all gear", () -> coach.shows("kick pad") && coach.shows("lines are held against Noor"));
        coach.press(KeyCode.P, KeyCode.CONTROL);
        coach.await("Jonas", () -> coach.shows("Jonas, standing southpaw") && coach.shows("right foot in front"));
        assertThat(coach.app.camp().context().holder().gear())
                .contains(Gear.KICKPADS)
                .doesNotContain(Gear.MITTS);
        assertThat(coach.app.camp().setting().partner().stance()).isEqualTo(Stance.SOUTHPAW);
        assertThat(coach.app.camp().setting().partner().heightCm()).isEqualTo(180);
        coach.press(KeyCode.P, KeyCode.CONTROL);
        coach.await("Sunniva has mitts only", () -> coach.shows("touch only: rear body kick") && coach.shows("mitt"));
        coach.press(KeyCode.P, KeyCode.CONTROL);
        coach.await("the opponent again", () -> coach.shows("lines are held against Noor"));
    }

    @Test
    void aSoreLegMovesTheKickAndTheMendSaysSo() {
        go(StationName.BENCH);
        coach.press(KeyCode.P, KeyCode.CONTROL);
        coach.press(KeyCode.P, KeyCode.CONTROL, KeyCode.SHIFT);
        coach.await("Jonas's page", () -> coach.shows("Feeds up to step"));
        Driver.onFx(() -> {
            coach.shell.root().lookupAll(".check-box").stream()
                    .map(CheckBox.class::cast)
                    .filter(box -> box.getText().equals("right leg"))
                    .forEach(box -> box.setSelected(true));
            ((Button) coach.shell.root().lookup("#partner-keep")).fire();
            return true;
        });
        assertThat(coach.app.camp().partner().orElseThrow().sore()).contains(SoreSpot.RIGHT_LEG);
        coach.press(KeyCode.SLASH).press(KeyCode.A, KeyCode.CONTROL).type("1 2 3 rlow circle-lead");
        coach.await("the sore leg", () -> coach.shows("sore right leg") && coach.shows("rear body kick to the body"));
        // The line that lay there before has the same finding; the mend of this one is waited for.
        coach.await("its mend", () -> coach.shows("1 2 3 rmid circle-lead"));
        coach.press(KeyCode.F2);
        coach.await("moved", () -> coach.shell.callLine().text().contains("rmid"));
        coach.await("and nothing sore", () -> !coach.shows("sore right leg"));
    }

    @Test
    void theOddsOfTheCuesAreKeptBesideTheLine() {
        go(StationName.BENCH);
        while (!coach.app.drill().orElseThrow().id().equals("d12")) {
            coach.press(KeyCode.DOWN, KeyCode.ALT);
        }
        coach.press(KeyCode.H, KeyCode.ALT);
        coach.await("the odds", () -> coach.shows("Choose: (1) 3 of 6"));
        coach.press(KeyCode.DIGIT2, KeyCode.ALT);
        coach.await("the cross more often", () -> coach.shows("(2) 3 of 7"));
        assertThat(coach.app.drill().map(Drill::odds).orElseThrow().words()).isEqualTo("3:3:1");
        coach.press(KeyCode.O, KeyCode.ALT);
        coach.await(
                "by film: Noor begins with the jab six times and with the two hands twice",
                () -> odds().equals(byFilm()));
        coach.press(KeyCode.DIGIT2, KeyCode.ALT);
        coach.await("more often than on film", () -> !odds().equals(byFilm()));
        Odds before = Driver.onFx(this::odds);
        coach.press(KeyCode.DIGIT0, KeyCode.ALT);
        coach.await("even", () -> coach.shows("(2) 1 of 3"));
        coach.press(KeyCode.Z, KeyCode.CONTROL);
        coach.await("taken back", () -> odds().equals(before));
        assertThat(before).isNotEqualTo(Odds.even());
    }

    private Odds odds() {
        return coach.app.drill().map(Drill::odds).orElseThrow();
    }

    private Odds byFilm() {
        String line = coach.app.drill().orElseThrow().line();
        return FilmOdds.of(
                ((Read) Notation.read(line)).line(),
                coach.app.camp().studied(),
                coach.app.camp().vocabulary());
    }

    @Test
    void theCardsOfALineArePrinted() throws IOException {
        go(StationName.BENCH);
        coach.press(KeyCode.P, KeyCode.CONTROL);
        coach.press(KeyCode.P, KeyCode.ALT);
        coach.await("printed", () -> coach.shows("Printed"));
        try (Stream<Path> files = Files.list(folder.resolve("cards"))) {
            List<Path> all = files.sorted().toList();
            List<Path> cards =
                    all.stream().filter(f -> f.toString().endsWith(".pdf")).toList();
            assertThat(cards).hasSize(2);
            assertThat(all).hasSize(3);
            assertThat(all.stream().filter(f -> f.toString().endsWith(".svg")))
                    .singleElement()
                    .satisfies(rope -> assertThat(Files.readString(rope)).contains("<svg ", "one beat"));
            assertThat(text(cards.getFirst())).contains("Athlete: Ilka").contains("(1) catch+2 3 rlow circle-lead");
            // The rope is drawn on it as outlines and words: the grade below a strike is one of its words.
            assertThat(text(cards.getLast()))
                    .contains("Partner: Jonas")
                    .contains("one beat")
                    .contains("RIGHT HAND");
        }
    }

    @Test
    void theRoundIsDrawnShownAndDrawnAgain() throws IOException {
        go(StationName.ROUNDS);
        coach.press(KeyCode.RIGHT).press(KeyCode.RIGHT).press(KeyCode.RIGHT);
        coach.await("the drawn cues", () -> coach.shows("Drawn: (") && coach.shows("How predictable"));
        RoundPlan before = coach.app
                .camp()
                .roundsOf(coach.app.tonight().orElseThrow().id())
                .getLast();
        coach.press(KeyCode.D).press(KeyCode.N).press(KeyCode.V).press(KeyCode.L);
        RoundPlan after = coach.app.camp().rounds().get(before.id()).orElseThrow();
        assertThat(after.draw().seed()).isEqualTo(before.draw().seed() + 1);
        assertThat(after.draw().mostRun()).isEqualTo(4);
        assertThat(after.draw().gapSpread()).isEqualTo(1);
        assertThat(after.rung().id()).isEqualTo("tempo");
        coach.press(KeyCode.P, KeyCode.ALT);
        coach.await("printed", () -> coach.shows("Printed"));
        try (Stream<Path> files = Files.list(folder.resolve("cards"))) {
            // Its rope may lie beside it, in whatever order a folder tells.
            Path card = files.filter(file -> file.toString().endsWith(".pdf"))
                    .findFirst()
                    .orElseThrow();
            assertThat(text(card)).contains("READ NOOR'S HANDS").contains("to a head");
        }
    }

    @Test
    void onlyTheFeederIsToldWhatComes() {
        go(StationName.ROUNDS);
        coach.press(KeyCode.RIGHT).press(KeyCode.RIGHT).press(KeyCode.RIGHT);
        coach.press(KeyCode.LEFT, KeyCode.SHIFT)
                .press(KeyCode.LEFT, KeyCode.SHIFT)
                .press(KeyCode.LEFT, KeyCode.SHIFT);
        go(StationName.FLOOR);
        coach.press(KeyCode.V).press(KeyCode.V).press(KeyCode.SPACE);
        coach.await("their corner", () -> coach.shows("Feeder:  ("));
        // A call that comes late is left out: on a busy machine the clock goes on until one is on time.
        for (int i = 0; i < 900 && coach.sounds.said().isEmpty(); i++) {
            clockMs.addAndGet(100);
            coach.pause(20);
        }
        coach.await("something said", () -> !coach.sounds.said().isEmpty());
        assertThat(coach.sounds.said()).allMatch(s -> s.startsWith("FEEDER "));
        int windows = Driver.onFx(() -> Window.getWindows().size());
        coach.press(KeyCode.F);
        coach.await("a window of their own", () -> Window.getWindows().size() == windows + 1);
        coach.await("read from across the room, in a window of any size", () -> letters(feedersWindow()) > 0.12);
        Driver.onFx(() -> {
            feedersWindow().setHeight(720);
            return true;
        });
        coach.await(
                "larger with it",
                () -> feedersWindow().getScene().getHeight() > 600 && letters(feedersWindow()) > 0.12);
        assertThat(coach.words()).doesNotContain("Feeder:  ");
        coach.press(KeyCode.F);
        coach.await("closed again", () -> Window.getWindows().size() == windows);
    }

    private static Stage feedersWindow() {
        return Window.getWindows().stream()
                .filter(w -> w instanceof Stage s && "Feeder".equals(s.getTitle()))
                .map(Stage.class::cast)
                .findFirst()
                .orElseThrow();
    }

    /// How large the largest letters are, as a share of the window's height.
    private static double letters(Stage window) {
        double largest = window.getScene().getRoot().lookupAll(".text").stream()
                .mapToDouble(text -> ((Text) text).getFont().getSize())
                .max()
                .orElse(0);
        return largest / window.getScene().getHeight();
    }
}
