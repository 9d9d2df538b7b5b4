package onebeat.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import onebeat.formats.out.OutFiles;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// A cut is read back frame by frame: the film that it was made of carries its frames' numbers.
class CutWriterTest {

    private static final int TITLE = 75;
    private static final int RUN = 90;
    private static final int SLOW = 42;
    private static final int HELD = 27;

    /// Two tests read one cut: it takes a while to make.
    @TempDir
    private static Path shared;

    private static Path made;
    private static CutWriter.Result result;

    @TempDir
    private Path folder;

    @BeforeAll
    static void cutOnce() {
        made = shared.resolve("cut.mp4");
        result = CutWriter.write(
                cut(TestFilms.film("hevc-30.mov")),
                made,
                new OutFiles(shared.resolve("written")),
                OutFiles.Taken.REFUSE,
                ReadProgress.NONE);
    }

    private OutFiles files() {
        return new OutFiles(folder.resolve("written"));
    }

    private static Cut cut(FilmFile film) {
        return new Cut(
                List.of("What Noor does after the left hook", "leans back: 8 of 16"),
                List.of(
                        new Cut.Moment(film, 1, List.of("Left hook; Noor leans back", "round 1, 0:01")),
                        new Cut.Moment(film, 2, List.of("Left hook; Noor leans back"))));
    }

    /// The number in a picture of the cut, which shows the film 5.625 times as large, 30 pixels from the left.
    private static int number(FilmPicture picture) {
        int number = 0;
        for (int bit = 0; bit < 16; bit++) {
            int x = (int) (30 + (bit % 8 * 20 + 10) * 5.625);
            int y = (int) ((bit / 8 * 48 + 24) * 5.625);
            int green = picture.argb().get(y * picture.width() + x) >> 8 & 0xff;
            number |= green > 128 ? 1 << bit : 0;
        }
        return number;
    }

    @Test
    void eachMomentIsSeenAtSpeedThenSlowAndHeldWhereItLands() {
        Cut cut = cut(TestFilms.film("hevc-30.mov"));
        assertThat(result).isInstanceOf(CutWriter.Written.class);
        FilmFile read = TestFilms.film(made);
        assertThat(read.info().codec()).isEqualTo("h264");
        assertThat(read.info().width()).isEqualTo(960);
        assertThat(read.info().sound()).isPresent();
        int one = RUN + 2 * SLOW + HELD;
        assertThat(read.info().frames()).isEqualTo(TITLE + 2 * one);
        assertThat(read.info().seconds()).isCloseTo(CutWriter.seconds(cut), within(0.05));
        try (FrameReader reader = read.frames(1 << 26).orElseThrow()) {
            for (int moment = 0; moment < 2; moment++) {
                int at = 30 * (moment + 1);
                int begins = TITLE + moment * one;
                for (int i = 0; i < RUN; i += 3) {
                    int wanted = Math.clamp(at - 36 + i, 0, 89);
                    assertThat(number(reader.picture(begins + i, 2000, 2000).orElseThrow()))
                            .as("at speed, picture %d", i)
                            .isEqualTo(wanted);
                }
                for (int i = 0; i < HELD; i += 5) {
                    assertThat(number(reader.picture(begins + RUN + SLOW + i, 2000, 2000)
                                    .orElseThrow()))
                            .as("held")
                            .isEqualTo(at);
                }
                int slow = begins + RUN;
                assertThat(number(reader.picture(slow, 2000, 2000).orElseThrow()))
                        .isEqualTo(at - 21);
                assertThat(number(reader.picture(slow + 20, 2000, 2000).orElseThrow()))
                        .isEqualTo(at - 11);
            }
        }
    }

    @Test
    void itIsHeardAtSpeedAndSilentWhereItIsSlow() {
        SoundPicture sound =
                SoundPicture.of(TestFilms.film(made), ReadProgress.NONE).orElseThrow();
        // The first moment begins at 2.5 s with 0.2 s before the film; its click is on the film's second 1.
        assertThat(sound.sharp())
                .anySatisfy(at -> assertThat(at).isCloseTo(2.5 + 1.2, within(0.02)))
                .noneSatisfy(at -> assertThat(at).isBetween(5.6, 9.1));
    }

    @Test
    void whatIsStoppedOrCannotBeWrittenLeavesNothing() throws IOException {
        FilmFile film = TestFilms.film("hevc-30.mov");
        Path to = folder.resolve("cut.mp4");
        CutWriter.Result stopped = CutWriter.write(cut(film), to, files(), OutFiles.Taken.REFUSE, share -> share < 0.3);
        assertThat(stopped).isEqualTo(new CutWriter.NotWritten("The cut was stopped. Nothing was written."));
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left).isEmpty();
        }
        Files.writeString(to, "somebody's own");
        assertThat(CutWriter.write(cut(film), to, files(), OutFiles.Taken.REFUSE, _ -> {
                    throw new AssertionError("worked on what is refused in the end");
                }))
                .isInstanceOf(CutWriter.NotWritten.class);
        assertThat(Files.readString(to)).isEqualTo("somebody's own");
        assertThat(CutWriter.write(new Cut(List.of(), List.of()), to, files(), OutFiles.Taken.REFUSE, _ -> true))
                .isInstanceOf(CutWriter.NotWritten.class);
    }
}
