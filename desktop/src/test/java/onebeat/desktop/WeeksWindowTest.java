package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import onebeat.desktop.app.StationName;
import org.junit.jupiter.api.Test;

/// The camp's weeks, by keys.
class WeeksWindowTest extends DemoWindow {

    @Test
    void aPlanIsFoundTakenAndRemadeAndADayOfItGoesIntoTonight() throws Exception {
        coach.press(KeyCode.DIGIT6, KeyCode.CONTROL);
        coach.await("no plan yet", () -> coach.shows("No plan is kept yet"));
        coach.press(KeyCode.L);
        coach.await("a plan while a better one is looked for", () -> coach.shows("A first plan:"));
        coach.press(KeyCode.S);
        coach.await("the best so far stands", () -> coach.shows("Enter takes it"));
        coach.press(KeyCode.ENTER);
        coach.await("taken", () -> coach.shows("rounds are planned"));
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
}
