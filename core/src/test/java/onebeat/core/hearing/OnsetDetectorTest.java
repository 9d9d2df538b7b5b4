package onebeat.core.hearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class OnsetDetectorTest {

    /// Broad noise that dies away, as a glove on a mitt gives it.
    private static void hit(float[] sound, int rate, double atS, double loud, Random random) {
        int from = (int) Math.round(atS * rate);
        for (int i = 0; i < rate / 5 && from + i < sound.length; i++) {
            sound[from + i] += (float) (loud * random.nextGaussian() * Math.exp(-i / (0.012 * rate)));
        }
    }

    private static void tone(float[] sound, int rate, double atS, double hz, double seconds, double loud) {
        int from = (int) Math.round(atS * rate);
        for (int i = 0; i < seconds * rate && from + i < sound.length; i++) {
            double fade = Math.min(1, Math.min(i / (0.002 * rate), (seconds * rate - i) / (0.01 * rate)));
            sound[from + i] += (float) (loud * fade * Math.sin(2 * Math.PI * hz * i / rate));
        }
    }

    private static float[] hiss(int rate, double seconds, Random random) {
        float[] sound = new float[(int) (rate * seconds)];
        for (int i = 0; i < sound.length; i++) {
            sound[i] = (float) (0.002 * random.nextGaussian());
        }
        return sound;
    }

    private static OnsetDetector heard(float[] sound, int rate) {
        OnsetDetector detector = new OnsetDetector(rate);
        detector.hear(sound, 0, sound.length);
        detector.end();
        return detector;
    }

    @ParameterizedTest
    @ValueSource(ints = {8_000, 11_025, 16_000, 22_050, 44_100, 48_000, 96_000})
    void hitsAreHeardWhenTheyComeAtAnyRate(int rate) {
        Random random = new Random(7);
        float[] sound = hiss(rate, 5, random);
        double[] times = {0.61, 1.2, 1.45, 2.03, 3.377, 4.2};
        for (double time : times) {
            hit(sound, rate, time, 0.3, random);
        }
        List<Onset> onsets = heard(sound, rate).onsets();
        assertThat(onsets).hasSize(times.length);
        for (int i = 0; i < times.length; i++) {
            assertThat(onsets.get(i).timeS()).isCloseTo(times[i], within(0.003));
            assertThat(onsets.get(i).kind().isHit()).isTrue();
        }
    }

    @Test
    void aToneIsNoHitAndOneThatRingsIsABell() {
        int rate = 44_100;
        float[] sound = hiss(rate, 6, new Random(3));
        tone(sound, rate, 1, 1_400, 0.03, 0.25);
        for (double partial : new double[] {880, 1_322, 2_210}) {
            tone(sound, rate, 2, partial, 1.8, 0.2);
        }
        tone(sound, rate, 5, 1_900, 0.03, 0.3);
        List<Onset> onsets = heard(sound, rate).onsets();
        assertThat(onsets).extracting(Onset::kind).containsExactly(SoundKind.CLICK, SoundKind.BELL, SoundKind.CLICK);
        assertThat(onsets.getFirst().pitchHz()).isCloseTo(1_400, within(250.0));
    }

    /// Coders of sound leave out what nobody hears beside a loud sound: holes that open and close.
    @Test
    void whatComesAndGoesFarUnderTheHitsIsNothing() {
        int rate = 22_050;
        Random random = new Random(9);
        float[] sound = new float[3 * rate];
        double far = 0.8 * Math.pow(10, -60 / 20.0);
        for (int i = 0; i < sound.length; i++) {
            boolean open = i / (rate / 16) % 2 == 0;
            sound[i] = open ? (float) (far * random.nextGaussian()) : 0;
        }
        double[] times = {0.31, 1.2, 2.1};
        for (double time : times) {
            hit(sound, rate, time, 0.8, random);
        }
        List<Onset> after = heard(sound, rate).onsets().stream()
                .filter(onset -> onset.timeS() > 0.3)
                .toList();
        assertThat(after).hasSize(times.length);
        assertThat(after).allMatch(onset -> onset.kind().isHit());
    }

    /// A belly pad in a loud hall: low, soft at its beginning, and only its lower bands stand out.
    @Test
    void aDullBlowInHissIsHeard() {
        int rate = 44_100;
        Random random = new Random(6);
        float[] sound = new float[4 * rate];
        for (int i = 0; i < sound.length; i++) {
            sound[i] = (float) (0.02 * random.nextGaussian());
        }
        double[] times = {0.7, 1.5, 2.3, 3.1};
        for (double time : times) {
            for (double hz : new double[] {95, 170, 310, 520, 780}) {
                dull(sound, rate, time, hz);
            }
        }
        List<Onset> onsets = heard(sound, rate).onsets();
        assertThat(onsets).hasSize(times.length);
        for (int i = 0; i < times.length; i++) {
            assertThat(onsets.get(i).timeS()).isCloseTo(times[i], within(0.01));
        }
    }

    private static void dull(float[] sound, int rate, double atS, double hz) {
        int from = (int) Math.round(atS * rate);
        for (int i = 0; i < rate / 5; i++) {
            double t = i / (double) rate;
            sound[from + i] +=
                    (float) (0.08 * (1 - Math.exp(-t / 0.006)) * Math.exp(-t / 0.05) * Math.sin(2 * Math.PI * hz * t));
        }
    }

    @Test
    void silenceHissAndAHumThatIsThereSayNothing() {
        int rate = 22_050;
        assertThat(heard(new float[rate], rate).onsets()).isEmpty();
        assertThat(heard(new float[0], rate).onsets()).isEmpty();
        float[] hum = hiss(rate, 4, new Random(5));
        tone(hum, rate, 0, 100, 4, 0.2);
        assertThat(heard(hum, rate).onsets().stream().filter(o -> o.kind().isHit()))
                .isEmpty();
    }

    @Test
    void soundThatComesInPartsIsHeardAsInOne() {
        int rate = 16_000;
        Random random = new Random(11);
        float[] sound = hiss(rate, 3, random);
        hit(sound, rate, 0.7, 0.4, random);
        hit(sound, rate, 0.78, 0.4, random);
        hit(sound, rate, 2.1, 0.2, random);
        OnsetDetector parts = new OnsetDetector(rate);
        int at = 0;
        while (at < sound.length) {
            int count = Math.min(1 + random.nextInt(700), sound.length - at);
            parts.hear(sound, at, count);
            at += count;
        }
        parts.end();
        assertThat(parts.onsets()).isEqualTo(heard(sound, rate).onsets()).hasSize(3);
    }

    @Test
    void aHitIsKnownWithinFiftyMilliseconds() {
        int rate = 48_000;
        Random random = new Random(2);
        float[] sound = hiss(rate, 3, random);
        List<Double> times = List.of(0.8, 1.3, 1.9, 2.5);
        times.forEach(time -> hit(sound, rate, time, 0.3, random));
        OnsetDetector detector = new OnsetDetector(rate);
        List<Double> knownAt = new ArrayList<>();
        int block = 240;
        for (int at = 0; at < sound.length; at += block) {
            detector.hear(sound, at, block);
            while (knownAt.size() < detector.onsets().size()) {
                knownAt.add(detector.seconds());
            }
        }
        assertThat(knownAt).hasSameSizeAs(times);
        for (int i = 0; i < times.size(); i++) {
            assertThat(knownAt.get(i) - times.get(i)).isLessThan(0.050);
        }
    }

    @Test
    void aLongSilenceIsHeardToItsEnd() {
        OnsetDetector detector = new OnsetDetector(8_000);
        float[] silence = new float[80_000];
        for (int i = 0; i < 60; i++) {
            detector.hear(silence, 0, silence.length);
        }
        assertThat(detector.seconds()).isEqualTo(600);
        assertThat(detector.onsets()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {0, -1, 7_999, 192_001})
    void ratesThatCannotBeHeardAreRefused(int rate) {
        assertThatThrownBy(() -> new OnsetDetector(rate)).isInstanceOf(IllegalArgumentException.class);
    }

    /// Parseval's theorem: a sine of amplitude 1 under a Hann window has the energy of its amplitude in its band.
    @Test
    void aFullSineHasAboutTheEnergyOneInItsBand() {
        int rate = 44_100;
        Bands bands = new Bands(rate);
        float[] sine = new float[bands.size()];
        for (int i = 0; i < sine.length; i++) {
            sine[i] = (float) Math.sin(2 * Math.PI * 3_000 * i / rate);
        }
        double[] energies = new double[bands.count()];
        bands.energies(sine, 0, energies);
        double whole = 0;
        int most = 0;
        for (int b = 0; b < energies.length; b++) {
            whole += energies[b];
            most = energies[b] > energies[most] ? b : most;
        }
        assertThat(whole).isCloseTo(1.5, within(0.1));
        assertThat(bands.middleHz(most)).isCloseTo(3_000, within(500.0));
    }
}
