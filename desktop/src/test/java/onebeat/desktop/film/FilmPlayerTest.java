package onebeat.desktop.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BooleanSupplier;
import javafx.application.Platform;
import onebeat.desktop.Driver;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FilmPlayerTest {

    @TempDir
    Path folder;

    @BeforeAll
    static void toolkit() throws InterruptedException {
        Driver.startToolkit();
    }

    private byte[] clip() throws IOException {
        try (InputStream in = getClass().getResourceAsStream("/onebeat/desktop/demo/ring-apron.mp4")) {
            return Objects.requireNonNull(in).readAllBytes();
        }
    }

    private static String cannot(Path film) throws Exception {
        CompletableFuture<String> said = new CompletableFuture<>();
        Platform.runLater(() -> FilmPlayer.open(film, 0, _ -> {}, said::complete, () -> {}));
        return said.get(20, TimeUnit.SECONDS);
    }

    @Test
    void playsTheShippedClipAndGoesToItsPictures() throws Exception {
        Path film = Files.write(folder.resolve("clip.mp4"), clip());
        CompletableFuture<Double> length = new CompletableFuture<>();
        CompletableFuture<String> wrong = new CompletableFuture<>();
        AtomicReference<FilmPlayer> player = new AtomicReference<>();
        Platform.runLater(() -> player.set(FilmPlayer.open(film, 2, length::complete, wrong::complete, () -> {})));
        assertThat(length.get(20, TimeUnit.SECONDS)).isEqualTo(15, within(0.1));
        await(() -> player.get().isThere() && Math.abs(player.get().timeS() - 2) < 0.05);
        Platform.runLater(() -> player.get().seek(6.2));
        await(() -> player.get().isThere() && Math.abs(player.get().timeS() - 6.2) < 0.05);
        Platform.runLater(() -> player.get().play(1));
        await(() -> player.get().isThere() && player.get().timeS() > 6.6);
        Platform.runLater(() -> player.get().close());
        assertThat(wrong).isNotDone();
        assertThat(Files.readAllBytes(film)).as("the film is only read").isEqualTo(clip());
    }

    @Test
    void aTextFileIsNoFilm() throws Exception {
        Path text =
                Files.writeString(folder.resolve("notes.mp4"), "she parries low\n".repeat(400), StandardCharsets.UTF_8);
        assertThat(cannot(text)).contains("notes.mp4").contains("no film");
    }

    @Test
    void aFilmThatWasCutOffIsTold() throws Exception {
        byte[] whole = clip();
        Path cut = Files.write(folder.resolve("cut.mp4"), Arrays.copyOf(whole, 600));
        assertThat(cannot(cut)).contains("cut.mp4");
    }

    private static void await(BooleanSupplier so) throws Exception {
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
        while (true) {
            CompletableFuture<Boolean> now = new CompletableFuture<>();
            Platform.runLater(() -> now.complete(so.getAsBoolean()));
            if (now.get(20, TimeUnit.SECONDS)) {
                return;
            }
            assertThat(System.nanoTime()).as("not in time").isLessThan(until);
            Thread.sleep(20);
        }
    }
}
