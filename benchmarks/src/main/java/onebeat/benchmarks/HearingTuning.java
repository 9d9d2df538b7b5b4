package onebeat.benchmarks;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.function.Supplier;
import onebeat.core.hearing.Onset;
import onebeat.core.hearing.OnsetDetector;
import onebeat.core.hearing.SoundFeatures;
import onebeat.core.hearing.SoundKind;
import onebeat.formats.hearing.Background;
import onebeat.formats.hearing.PadScene;
import onebeat.formats.hearing.PadScene.Hit;
import onebeat.formats.hearing.Room;
import onebeat.formats.hearing.Samples;
import onebeat.formats.sound.Sound;

/// Measures the features of each kind of sound on the tuning rounds, seed 1: the rows of `kinds.csv`.
final class HearingTuning {

    private static final int RATE = 44_100;
    private static final double LEAST_LOUD = -45;
    private static final double LEAST_SPREAD = 0.03;

    /// The place of the brightness among the features, and its least spread: bands do not lie alike at all rates.
    private static final int BRIGHTNESS = 2;

    private static final double LEAST_BRIGHTNESS = 0.1;

    /// A tone ends softly for so long, in seconds.
    private static final double ENDS_S = 0.01;

    private static final double SAME_S = 0.012;

    /// What a row is about: a kind, and one of the program's own sounds where it is one.
    private record Of(SoundKind kind, String sound) {}

    private final Map<Of, List<SoundFeatures>> seen = new LinkedHashMap<>();

    static void print() throws IOException {
        HearingTuning tuning = new HearingTuning();
        for (int rate : List.of(8_000, 16_000, RATE, 48_000)) {
            for (double echo : List.of(0.0, 0.5)) {
                for (double snr : List.of(30.0, 15.0)) {
                    tuning.hits(new PadScene.Through(snr, Background.HISS, echo, 1, rate));
                    tuning.others(rate, echo, snr);
                }
            }
        }
        System.out.println("kind,sound,often,breadth,breadth_sd,peak,peak_sd,brightness,brightness_sd,decay,decay_sd,"
                + "rise,rise_sd,attack,attack_sd,ring,ring_sd,provenance");
        tuning.seen.forEach((kind, all) -> System.out.println(row(kind, all)));
    }

    private void hits(PadScene.Through through) {
        PadScene scene = PadScene.atRandom(40, 50, through, 1);
        OnsetDetector detector = heard(scene.sound());
        List<Onset> onsets = detector.onsets();
        List<SoundFeatures> features = detector.features();
        for (int i = 0; i < onsets.size(); i++) {
            for (Hit hit : scene.hits()) {
                if (Math.abs(onsets.get(i).timeS() - hit.timeS()) < SAME_S) {
                    take(new Of(hit.on().isDull() ? SoundKind.BODY : SoundKind.PAD, "any"), features.get(i));
                }
            }
        }
    }

    private void others(int rate, double echo, double snr) throws IOException {
        Random random = new Random(1);
        voice(Background.VOICES, SoundKind.VOICE, rate, echo, random);
        voice(Background.MUSIC, SoundKind.OTHER, rate, echo, random);
        for (Sound sound : Sound.values()) {
            Samples one = new Samples(48_000, sound.samples());
            String name = sound.name().toLowerCase(Locale.ROOT);
            given(new Of(kind(sound), name), () -> one, new Heard(rate, echo, snr), random);
        }
        given(new Of(SoundKind.CLICK, "tone"), () -> tone(random), new Heard(rate, echo, snr), random);
        given(new Of(SoundKind.BELL, "ring"), () -> ring(random), new Heard(rate, echo, snr), random);
    }

    private record Heard(int rate, double echo, double snr) {}

    /// A sound that somebody's clock gives, again and again.
    private void given(Of of, Supplier<Samples> sound, Heard heard, Random random) {
        Samples all = Samples.silence(48_000, 30);
        List<Double> starts = new ArrayList<>();
        double at = 0.5;
        for (Samples one = sound.get(); at + one.seconds() < 29; one = sound.get()) {
            all.lay(one, (int) (at * 48_000), 0.2 + 0.8 * random.nextDouble());
            starts.add(at);
            at += one.seconds() + 0.5 + random.nextDouble();
        }
        Samples wet = heard.echo > 0 ? Room.in(all, 0.5, heard.echo, random) : all;
        wet.lay(Background.HISS.of(48_000, 30, random), 0, 0.2 * Math.pow(10, -heard.snr / 20));
        OnsetDetector detector = heard(wet.at(heard.rate, heard.rate));
        List<Onset> onsets = detector.onsets();
        for (int i = 0; i < onsets.size(); i++) {
            double time = onsets.get(i).timeS();
            if (starts.stream().anyMatch(start -> Math.abs(time - start) < SAME_S)) {
                take(of, detector.features().get(i));
            }
        }
    }

    /// A short tone, as another clock or a phone gives it.
    private static Samples tone(Random random) {
        double hz = 600 * Math.pow(5, random.nextDouble());
        return sum(new double[] {hz}, 0.02 + 0.1 * random.nextDouble(), 3 * random.nextInt(2), random);
    }

    /// Something that rings, as another bell does.
    private static Samples ring(Random random) {
        double hz = 400 * Math.pow(4, random.nextDouble());
        return sum(
                new double[] {hz, hz * (1.3 + 0.4 * random.nextDouble()), hz * (2.2 + 0.6 * random.nextDouble())},
                1.5,
                3,
                random);
    }

    /// Tones that begin and end softly together.
    ///
    /// @param dies how many times they fall to a third while they last; 0 where they stay as they are
    private static Samples sum(double[] hz, double seconds, double dies, Random random) {
        float[] values = new float[(int) (48_000 * seconds)];
        double begins = 0.0002 + 0.004 * random.nextDouble();
        for (int i = 0; i < values.length; i++) {
            double t = i / 48_000.0;
            double loud = Math.min(1, Math.min(t / begins, (seconds - t) / ENDS_S)) * Math.exp(-dies * t / seconds);
            for (double one : hz) {
                values[i] += (float) (0.5 / hz.length * loud * Math.sin(2 * Math.PI * one * t));
            }
        }
        return new Samples(48_000, values);
    }

    private static SoundKind kind(Sound sound) {
        return switch (sound) {
            case BELL, END -> SoundKind.BELL;
            case LAST_TEN -> SoundKind.OTHER;
            default -> SoundKind.CLICK;
        };
    }

    private void voice(Background background, SoundKind kind, int rate, double echo, Random random) {
        Samples said = background.of(48_000, 40, random);
        Samples wet = echo > 0 ? Room.in(said, 0.5, echo, random) : said;
        OnsetDetector detector = heard(wet.at(rate, rate));
        List<Onset> onsets = detector.onsets();
        for (int i = 0; i < onsets.size(); i++) {
            if (onsets.get(i).loudness() > LEAST_LOUD) {
                take(new Of(kind, "any"), detector.features().get(i));
            }
        }
    }

    private static OnsetDetector heard(Samples sound) {
        OnsetDetector detector = new OnsetDetector(sound.rate());
        detector.hear(sound.values(), 0, sound.length());
        detector.end();
        return detector;
    }

    private void take(Of of, SoundFeatures features) {
        seen.computeIfAbsent(of, _ -> new ArrayList<>()).add(features);
    }

    /// How often it is heard beside a hit: clicks as often, a bell a few times a round, another clock seldom.
    private static String often(Of of) {
        return switch (of.sound) {
            case "bell", "end", "last_ten" -> "0.02";
            case "tone", "ring" -> "0.1";
            default -> "1";
        };
    }

    private static String row(Of of, List<SoundFeatures> all) {
        StringBuilder row = new StringBuilder(of.kind.name() + "," + of.sound + "," + often(of));
        int features = all.getFirst().values().size();
        for (int f = 0; f < features; f++) {
            int at = f;
            double mean =
                    all.stream().mapToDouble(x -> x.values().get(at)).average().orElse(0);
            double variance = all.stream()
                    .mapToDouble(x -> Math.pow(x.values().get(at) - mean, 2))
                    .average()
                    .orElse(0);
            row.append(String.format(
                    Locale.ROOT,
                    ",%.3f,%.3f",
                    mean,
                    Math.max(f == BRIGHTNESS ? LEAST_BRIGHTNESS : LEAST_SPREAD, Math.sqrt(variance))));
        }
        return row + ",measured on the tuning rounds (seed 1; " + all.size() + " sounds)";
    }
}
