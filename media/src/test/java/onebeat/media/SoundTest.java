package onebeat.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// The sound of the test films is a click of a millisecond on each whole second.
class SoundTest {

    private static final int RATE = 48_000;

    @ParameterizedTest
    @CsvSource({"h264-29.97.mp4,3", "h264-60.mkv,3", "hevc-30.mov,3", "mjpeg-24.avi,2"})
    void clicksAreHeardOnTheSecondOfTheFilm(String name, int seconds) {
        try (SoundReader reader = TestFilms.film(name).sound(RATE, 1).orElseThrow()) {
            for (double from : new double[] {0.2, 0.5, 1.25, 0.9, 0.2}) {
                reader.seek(from);
                short[] heard = reader.rest(1);
                List<Double> clicks = clicks(heard, from);
                assertThat(clicks).as("from %s", from).isNotEmpty();
                // The picture of the MKV begins 7 ms after its sound.
                clicks.forEach(at -> assertThat(at).isCloseTo(Math.rint(at), within(0.008)));
            }
            reader.seek(0);
            assertThat(reader.rest(100).length / (double) RATE).isCloseTo(seconds, within(0.1));
        }
    }

    private static List<Double> clicks(short[] heard, double from) {
        List<Double> clicks = new ArrayList<>();
        for (int i = 0; i < heard.length; i++) {
            double at = from + i / (double) RATE;
            if (Math.abs(heard[i]) > 6000 && (clicks.isEmpty() || at - clicks.getLast() > 0.1)) {
                clicks.add(at);
            }
        }
        return clicks;
    }

    @ParameterizedTest
    @ValueSource(strings = {"h264-29.97.mp4", "h264-60.mkv", "hevc-30.mov", "mjpeg-24.avi"})
    void sharpSoundsAreMarkedToAFewMilliseconds(String name) {
        SoundPicture picture =
                SoundPicture.of(TestFilms.film(name), ReadProgress.NONE).orElseThrow();
        // The first one has nothing before it to rise above.
        List<Double> later = picture.sharp().stream().filter(at -> at > 0.5).toList();
        assertThat(later).hasSize(2);
        for (int i = 0; i < later.size(); i++) {
            assertThat(later.get(i)).isCloseTo(i + 1, within(0.008));
        }
        assertThat(Math.max(picture.at(0.95), picture.at(1.05))).isGreaterThan(0.4);
        assertThat(picture.at(1.5)).isLessThan(0.1);
    }

    @Test
    void aVoiceOverAHumIsNotSharp() {
        Random random = new Random(3);
        short[] sound = new short[16_000 * 4];
        for (int i = 0; i < sound.length; i++) {
            double s = i / 16_000.0;
            double voice = Math.sin(2 * Math.PI * 180 * s) * (0.5 + 0.5 * Math.sin(2 * Math.PI * 3 * s));
            sound[i] = (short) (3000 * voice + 60 * random.nextGaussian());
        }
        // Two thuds into it.
        for (int at : new int[] {16_000, 40_000}) {
            for (int i = 0; i < 1600; i++) {
                sound[at + i] += (short) (12_000 * random.nextGaussian() * Math.exp(-i / 200.0) / 3);
            }
        }
        SoundPicture.Listener listener = new SoundPicture.Listener();
        listener.hear(sound, sound.length);
        List<Double> sharp = listener.picture().sharp();
        assertThat(sharp).hasSize(2);
        assertThat(sharp.get(0)).isCloseTo(1, within(0.005));
        assertThat(sharp.get(1)).isCloseTo(2.5, within(0.005));
    }

    @Test
    void aFilmWithoutSoundHasNoPictureOfIt() {
        assertThat(SoundPicture.of(TestFilms.film("h264-24.mp4"), ReadProgress.NONE))
                .isEmpty();
        assertThat(SoundPicture.of(TestFilms.film("hevc-30.mov"), _ -> false)).isEmpty();
    }
}
