package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.input.KeyCode;
import onebeat.core.camp.Camp;
import onebeat.desktop.app.StationName;
import onebeat.desktop.command.KeyPress;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Follows `docs/guide.md` in the real window: presses its keys, types what it types, and waits for what it says the
/// window says. Its pictures are there.
class GuideTest {

    private static final Path GUIDE = Path.of("..", "docs", "guide.md");

    /// A key, something to type, or what is to be seen.
    private static final Pattern STEP = Pattern.compile("<kbd>(.+?)</kbd>|[Tt]ype `(.+?)`|(?<![\\w])_(.+?)_(?![\\w])");

    /// The floor's clock runs so many times faster.
    private static final int FAST = 150;

    @TempDir
    Path folder;

    @BeforeAll
    static void toolkit() throws InterruptedException {
        Driver.startToolkit();
    }

    @Test
    void itsKeysDoWhatItSays() throws IOException {
        Path camp = DemoFiles.in(folder, TestDay.TODAY);
        Driver coach = Driver.open(camp, () -> System.nanoTime() / 1_000_000 * FAST);
        try {
            Camp before = coach.app.camp();
            String guide = Files.readString(GUIDE);
            int steps = 0;
            Matcher step = STEP.matcher(guide.substring(guide.indexOf("## Monday")));
            while (step.find()) {
                follow(coach, step);
                steps++;
            }
            assertThat(steps).isGreaterThan(40);
            assertThat(coach.shell.here()).isEqualTo(StationName.BENCH);
            Camp after = coach.app.camp();
            assertThat(after.exchanges().size()).isEqualTo(before.exchanges().size() + 1);
            assertThat(after.drills().size()).isEqualTo(before.drills().size() + 1);
            assertThat(after.rounds().size()).isEqualTo(before.rounds().size() + 1);
            assertThat(after.runs().size()).isEqualTo(before.runs().size() + 5);
            assertThat(after.repetitions().size())
                    .isGreaterThan(before.repetitions().size());
        } finally {
            coach.close();
        }
    }

    private static void follow(Driver coach, Matcher step) {
        if (step.group(1) != null) {
            KeyPress key = KeyPress.of(
                    switch (step.group(1)) {
                        case "/" -> "Slash";
                        case "Escape" -> "Esc";
                        default -> step.group(1);
                    });
            List<KeyCode> held = new ArrayList<>();
            if (key.control()) {
                held.add(KeyCode.CONTROL);
            }
            if (key.alt()) {
                held.add(KeyCode.ALT);
            }
            if (key.shift()) {
                held.add(KeyCode.SHIFT);
            }
            coach.press(key.code(), held.toArray(KeyCode[]::new));
        } else if (step.group(2) != null) {
            coach.type(step.group(2));
        } else {
            String said = step.group(3);
            coach.await("the guide says: " + said, () -> coach.shows(said));
        }
    }

    @Test
    void itsPicturesAreThereAndItIsNotTooLong() throws IOException {
        String guide = Files.readString(GUIDE);
        Matcher picture = Pattern.compile("!\\[.+?]\\((.+?)\\)").matcher(guide);
        int pictures = 0;
        while (picture.find()) {
            assertThat(GUIDE.resolveSibling(picture.group(1))).exists();
            pictures++;
        }
        assertThat(pictures).isGreaterThan(5);
        assertThat(guide.split("\\s+")).as("words of ten pages").hasSizeLessThan(4_000);
    }
}
