package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import onebeat.core.film.Reel;
import org.junit.jupiter.api.Test;

/// A still with its rope, of a drawn reel and of a film.
class FilmStillTest extends DemoWindow {

    private List<Path> stills() throws IOException {
        Path out = folder.resolve("film");
        if (!Files.isDirectory(out)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(out)) {
            return files.filter(file -> file.toString().endsWith(".png"))
                    .sorted()
                    .toList();
        }
    }

    private static boolean isThere(Path file) {
        return Files.isRegularFile(file);
    }

    private static Set<Integer> colours(BufferedImage image, int fromY, int toY) {
        Set<Integer> colours = new HashSet<>();
        for (int y = fromY; y < toY; y += 3) {
            for (int x = 0; x < image.getWidth(); x += 3) {
                colours.add(image.getRGB(x, y));
            }
        }
        return colours;
    }

    private void still(String reel) throws IOException {
        Optional<Reel> wanted = coach.app.camp().reels().all().stream()
                .filter(r -> r.name().contains(reel) || r.file().contains(reel))
                .findFirst();
        String id = wanted.orElseThrow().id();
        Driver.onFx(() -> {
            coach.app.reelProperty().set(Optional.of(id));
            return true;
        });
        int before = stills().size();
        coach.press(KeyCode.DOWN).press(KeyCode.V, KeyCode.SHIFT);
        coach.await("said where it is", () -> coach.shows("The still is"));
        assertThat(stills()).hasSize(before + 1);
    }

    @Test
    void theMomentAndItsRopeAreWrittenAsAPicture() throws IOException {
        still("harbour");
        Path drawn = stills().getFirst();
        assertThat(isThere(drawn)).isTrue();
        BufferedImage image = ImageIO.read(drawn.toFile());
        assertThat(image.getWidth()).isEqualTo(1280);
        assertThat(image.getHeight()).isGreaterThan(800);
        assertThat(colours(image, 0, 600)).as("figures with their colours").hasSizeGreaterThan(20);
        assertThat(colours(image, 620, image.getHeight()))
                .as("words and a rope")
                .hasSizeGreaterThan(20);
        coach.press(KeyCode.DOWN);
        coach.settle();
    }

    @Test
    void ofAFilmItIsTheFilmsOwnPicture() throws IOException {
        still("ring-apron");
        BufferedImage image = ImageIO.read(stills().getFirst().toFile());
        assertThat(image.getWidth()).isEqualTo(1280);
        assertThat(colours(image, 0, 300)).hasSizeGreaterThan(20);
    }
}
