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
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import javafx.application.Platform;
import onebeat.desktop.Driver;
import onebeat.desktop.sound.StreamedSound;
import onebeat.media.FilmFile;
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

    /// What a player told.
    private static final class Heard implements FilmPlayer.Told {

        private final CompletableFuture<FilmFile> opened = new CompletableFuture<>();
        private final CompletableFuture<String> wrong = new CompletableFuture<>();

        @Override
        public void opened(FilmFile film) {
            opened.complete(film);
        }

        @Override
        public void cannot(String sentence) {
            wrong.complete(sentence);
        }

        @Override
        public void moved() {}
    }

    /// A card that hears in real time, as one does, without making a noise.
    private static final class HearingCard implements StreamedSound {

        private final AtomicLong written = new AtomicLong();
        private final AtomicLong loudest = new AtomicLong();

        @Override
        public Optional<Line> open() {
            long begun = System.nanoTime();
            written.set(0);
            return Optional.of(new Line() {
                @Override
                public void write(short[] samples, int count) {
                    for (int i = 0; i < count; i++) {
                        loudest.accumulateAndGet(Math.abs(samples[i]), Math::max);
                    }
                    long all = written.addAndGet(count / CHANNELS);
                    LockSupport.parkNanos(Math.max(0, all * 1_000_000_000L / RATE - (System.nanoTime() - begun)));
                }

                @Override
                public long heard() {
                    return Math.min(written.get(), (System.nanoTime() - begun) * RATE / 1_000_000_000L);
                }

                @Override
                public void close() {}
            });
        }
    }

    private static String cannot(Path film) throws Exception {
        Heard heard = new Heard();
        Platform.runLater(() -> new FilmPlayer(film, 0, Optional::empty, heard));
        return heard.wrong.get(20, TimeUnit.SECONDS);
    }

    @Test
    void playsTheShippedClipAndGoesToItsPictures() throws Exception {
        Path film = Files.write(folder.resolve("clip.mp4"), clip());
        Heard heard = new Heard();
        AtomicReference<FilmPlayer> player = new AtomicReference<>();
        Platform.runLater(() -> player.set(new FilmPlayer(film, 2, Optional::empty, heard)));
        FilmFile file = heard.opened.get(20, TimeUnit.SECONDS);
        assertThat(file.info().seconds()).isEqualTo(15, within(0.2));
        await(() -> player.get().isThere() && Math.abs(player.get().timeS() - 2) < 0.05);
        Platform.runLater(() -> player.get().seek(6.2));
        await(() -> player.get().isThere() && Math.abs(player.get().timeS() - 6.2) < 0.05);
        int frame = file.times().frameAt(6.2);
        for (int back = 1; back <= 12; back++) {
            double before = file.times().timeS(frame - back);
            Platform.runLater(() -> player.get().seek(player.get().stepped(-1)));
            await(() -> player.get().isThere() && player.get().timeS() == before);
        }
        Platform.runLater(() -> player.get().play(2));
        await(() -> player.get().timeS() > 6.6);
        Platform.runLater(() -> player.get().seek(14.5));
        await(() -> player.get().isAtEnd());
        Platform.runLater(() -> player.get().close());
        assertThat(heard.wrong).isNotDone();
        assertThat(Files.readAllBytes(film)).as("the film is only read").isEqualTo(clip());
    }

    @Test
    void aFilmIsHeardAtItsOwnSpeedAndItsPicturesKeepToWhatIsHeard() throws Exception {
        Path film = Files.write(folder.resolve("clip.mp4"), clip());
        Heard heard = new Heard();
        HearingCard card = new HearingCard();
        AtomicReference<FilmPlayer> player = new AtomicReference<>();
        Platform.runLater(() -> player.set(new FilmPlayer(film, 0, card, heard)));
        FilmFile file = heard.opened.get(20, TimeUnit.SECONDS);
        assertThat(file.info().sound()).as("the shipped clip has sound").isPresent();
        Platform.runLater(() -> player.get().play(1));
        await(() -> player.get().timeS() > 2.5 && card.loudest.get() > 1000);
        double heardS = card.written.get() / (double) StreamedSound.RATE;
        assertThat(player.get().timeS()).isCloseTo(heardS, within(0.5));
        Platform.runLater(() -> player.get().pause());
        double still = player.get().timeS();
        await(() -> player.get().isThere() && player.get().timeS() >= still);
        long before = card.written.get();
        Platform.runLater(() -> player.get().play(0.25));
        await(() -> player.get().timeS() > still + 0.3);
        assertThat(card.written.get()).as("silent where it runs slow").isLessThan(before + StreamedSound.RATE / 2);
        Platform.runLater(() -> player.get().close());
    }

    @Test
    void aTextFileIsNoFilm() throws Exception {
        Path text = Files.writeString(
                folder.resolve("notes.mp4"), "Noor parries low\n".repeat(400), StandardCharsets.UTF_8);
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
