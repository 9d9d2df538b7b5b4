package onebeat.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Each step, jump and step back shows the frame that was asked for: the frames carry their numbers.
class FrameReaderTest {

    private static final long ROOM = 64L << 20;

    private static final long TIGHT = 100_000;

    @ParameterizedTest
    @CsvSource({
        "h264-24.mp4,72,24,h264,false",
        "h264-25.mp4,75,25,h264,false",
        "h264-29.97.mp4,90,29.97003,h264,true",
        "h264-59.94.mp4,120,59.94006,h264,false",
        "h264-60.mkv,180,60,h264,true",
        "h264-open.mp4,72,24,h264,false",
        "hevc-30.mov,90,30,hevc,true",
        "vp9-25.webm,75,25,vp9,false",
        "mjpeg-24.avi,48,24,mjpeg,true",
    })
    void aFilmTellsWhatIsInIt(String name, int frames, double fps, String codec, boolean sound) {
        FilmInfo info = TestFilms.film(name).info();
        assertThat(info.frames()).isEqualTo(frames);
        assertThat(info.fps()).isCloseTo(fps, within(fps / 200));
        assertThat(info.seconds()).isCloseTo(frames / fps, within(0.03));
        assertThat(info.codec()).isEqualTo(codec);
        assertThat(info.sound().isPresent()).isEqualTo(sound);
        assertThat(info.width()).isEqualTo(160);
        assertThat(info.height()).isEqualTo(96);
        assertThat(info.rotation()).isZero();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "h264-24.mp4",
                "h264-25.mp4",
                "h264-29.97.mp4",
                "h264-59.94.mp4",
                "h264-60.mkv",
                "h264-open.mp4",
                "hevc-30.mov",
                "vp9-25.webm",
                "mjpeg-24.avi"
            })
    void everyStepJumpAndStepBackShowsTheRightFrame(String name) {
        FilmFile film = TestFilms.film(name);
        int frames = film.info().frames();
        for (long room : new long[] {ROOM, TIGHT, 0}) {
            try (FrameReader reader = film.frames(room).orElseThrow()) {
                for (int frame = 0; frame < frames; frame++) {
                    assertThat(TestFilms.number(reader, frame)).as("forward").isEqualTo(frame);
                }
                for (int frame = frames - 1; frame >= Math.max(0, frames - 40); frame--) {
                    assertThat(TestFilms.number(reader, frame)).as("back").isEqualTo(frame);
                }
                Random random = new Random(20_270_304);
                for (int i = 0; i < 60; i++) {
                    int frame = random.nextInt(frames);
                    assertThat(TestFilms.number(reader, frame)).as("jump").isEqualTo(frame);
                    if (i % 3 == 0 && frame + 1 < frames) {
                        assertThat(TestFilms.number(reader, frame + 1))
                                .as("on from a jump")
                                .isEqualTo(frame + 1);
                    }
                }
                for (int turn = 0; turn < 3; turn++) {
                    for (int frame = 20; frame < 35; frame++) {
                        assertThat(TestFilms.number(reader, frame)).as("loop").isEqualTo(frame);
                    }
                }
                assertThat(TestFilms.number(reader, -5)).isZero();
                assertThat(TestFilms.number(reader, frames + 5)).isEqualTo(frames - 1);
            }
        }
    }

    @Test
    void aFilmOfVaryingRateShowsEachFrameAtItsTime() {
        FilmFile film = TestFilms.film("h264-varying.mp4");
        assertThat(film.info().frames()).isEqualTo(60);
        FrameTimes times = film.times();
        try (FrameReader reader = film.frames(ROOM).orElseThrow()) {
            for (int frame = 59; frame >= 0; frame--) {
                // Numbers 0, 3, 6 and so on were left out.
                int number = frame / 2 * 3 + 1 + frame % 2;
                assertThat(TestFilms.number(reader, frame)).isEqualTo(number);
                assertThat(times.timeS(frame)).isCloseTo((number - 1) / 30.0, within(0.002));
                assertThat(times.frameAt(times.timeS(frame))).isEqualTo(frame);
                assertThat(times.frameAt(times.timeS(frame) + 0.02)).isEqualTo(frame);
            }
        }
    }

    @Test
    void aFilmOnItsSideStandsUpright() {
        FilmFile film = TestFilms.film("h264-30-rotated.mp4");
        assertThat(film.info().rotation()).isEqualTo(90);
        assertThat(film.info().uprightWidth()).isEqualTo(96);
        try (FrameReader reader = film.frames(ROOM).orElseThrow()) {
            FilmPicture picture = reader.picture(5, 1000, 1000).orElseThrow();
            assertThat(picture.width()).isEqualTo(96);
            assertThat(picture.height()).isEqualTo(160);
            // The squares of the upper row, left to right, go down the right side after a quarter clockwise.
            int number = 0;
            for (int bit = 0; bit < 8; bit++) {
                int green = picture.argb().get((bit * 20 + 10) * 96 + 96 - 24) >> 8 & 0xff;
                number |= green > 128 ? 1 << bit : 0;
            }
            assertThat(number).isEqualTo(5);
        }
    }

    @Test
    void anHourIsReachedAtOnce() {
        FilmFile film = TestFilms.film("hour.mp4");
        assertThat(film.info().seconds()).isCloseTo(3600, within(2.0));
        try (FrameReader reader = film.frames(ROOM).orElseThrow()) {
            Random random = new Random(7);
            for (int i = 0; i < 25; i++) {
                int frame = random.nextInt(3600);
                assertThat(TestFilms.number(reader, frame)).isEqualTo(frame);
            }
        }
    }

    @Test
    void aPictureIsAsLargeAsThereIsRoomAndNeverLargerThanItIs() {
        FilmFile film = TestFilms.film("uhd.mp4");
        try (FrameReader reader = film.frames(ROOM).orElseThrow()) {
            FilmPicture small = reader.picture(1, 640, 640).orElseThrow();
            assertThat(small.width()).isEqualTo(640);
            assertThat(small.height()).isEqualTo(360);
            FilmPicture whole = reader.picture(1, 100_000, 100_000).orElseThrow();
            assertThat(whole.width()).isEqualTo(3840);
        }
    }

    @Test
    void whatWasPreparedIsThereWithoutDecoding() {
        FilmFile film = TestFilms.film("hevc-30.mov");
        try (FrameReader reader = film.frames(ROOM).orElseThrow()) {
            assertThat(TestFilms.number(reader, 60)).isEqualTo(60);
            reader.prepare(60, 30, ReadProgress.NONE);
            for (int frame = 30; frame <= 60; frame++) {
                assertThat(reader.isKept(frame)).as("frame %d", frame).isTrue();
            }
        }
    }
}
