package onebeat.desktop.settings;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Rectangle2D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WindowPlaceTest {

    private static final List<Rectangle2D> LAPTOP = List.of(new Rectangle2D(0, 0, 1366, 728));
    private static final List<Rectangle2D> WITH_WALL =
            List.of(new Rectangle2D(0, 0, 1366, 728), new Rectangle2D(1366, 0, 1920, 1080));

    @TempDir
    Path folder;

    private Path file() {
        return folder.resolve("deep").resolve("window");
    }

    @Test
    void theWindowComesBackToWhereItStood() {
        WindowPlace place = new WindowPlace(1500, 40, 1280, 800, false);
        place.keep(file());
        assertThat(WindowPlace.kept(file(), WITH_WALL)).contains(place);
        new WindowPlace(20, 10, 1100, 700, true).keep(file());
        assertThat(WindowPlace.kept(file(), LAPTOP)).contains(new WindowPlace(20, 10, 1100, 700, true));
    }

    @Test
    void aPlaceOnAScreenThatIsGoneIsForgotten() {
        new WindowPlace(1500, 40, 1280, 800, false).keep(file());
        assertThat(WindowPlace.kept(file(), LAPTOP)).isEmpty();
        new WindowPlace(100, -300, 1280, 800, false).keep(file());
        assertThat(WindowPlace.kept(file(), LAPTOP))
                .as("nobody could pull it down")
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "1 2 3", "a b c d part", "NaN 0 800 600 part", "0 0 -5 600 part", "0 0 1e9 600 part"})
    void whatIsNoPlaceIsForgotten(String words) throws IOException {
        Path file = Files.writeString(folder.resolve("window"), words);
        assertThat(WindowPlace.kept(file, LAPTOP)).isEmpty();
    }

    @Test
    void whereNothingWasKeptNothingComesBack() {
        assertThat(WindowPlace.kept(file(), LAPTOP)).isEmpty();
    }
}
