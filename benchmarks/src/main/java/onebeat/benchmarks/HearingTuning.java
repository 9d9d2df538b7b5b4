package onebeat.benchmarks;

import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
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
    private static final double SAME_S = 0.012;

    private final Map<SoundKind, List<SoundFeatures>> seen = new EnumMap<>(SoundKind.class);

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
        System.out.println("kind,breadth,breadth_sd,peak,peak_sd,brightness,brightness_sd,decay,decay_sd,"
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
                    take(hit.on().isDull() ? SoundKind.BODY : SoundKind.PAD, features.get(i));
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
            Samples all = Samples.silence(48_000, 30);
            List<Double> starts = new ArrayList<>();
            for (double at = 0.5; at + one.seconds() < 29; at += one.seconds() + 0.5 + random.nextDouble()) {
                all.lay(one, (int) (at * 48_000), 0.2 + 0.8 * random.nextDouble());
                starts.add(at);
            }
            Samples wet = echo > 0 ? Room.in(all, 0.5, echo, random) : all;
            wet.lay(Background.HISS.of(48_000, 30, random), 0, 0.2 * Math.pow(10, -snr / 20));
            OnsetDetector detector = heard(wet.at(rate, rate));
            List<Onset> onsets = detector.onsets();
            for (int i = 0; i < onsets.size(); i++) {
                double at = onsets.get(i).timeS();
                if (starts.stream().anyMatch(start -> Math.abs(at - start) < SAME_S)) {
                    take(kind(sound), detector.features().get(i));
                }
            }
        }
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
                take(kind, detector.features().get(i));
            }
        }
    }

    private static OnsetDetector heard(Samples sound) {
        OnsetDetector detector = new OnsetDetector(sound.rate());
        detector.hear(sound.values(), 0, sound.length());
        detector.end();
        return detector;
    }

    private void take(SoundKind kind, SoundFeatures features) {
        seen.computeIfAbsent(kind, _ -> new ArrayList<>()).add(features);
    }

    private static String row(SoundKind kind, List<SoundFeatures> all) {
        StringBuilder row = new StringBuilder(kind.name());
        int features = all.getFirst().values().size();
        for (int f = 0; f < features; f++) {
            int at = f;
            double mean =
                    all.stream().mapToDouble(x -> x.values().get(at)).average().orElse(0);
            double variance = all.stream()
                    .mapToDouble(x -> Math.pow(x.values().get(at) - mean, 2))
                    .average()
                    .orElse(0);
            row.append(String.format(Locale.ROOT, ",%.3f,%.3f", mean, Math.max(0.03, Math.sqrt(variance))));
        }
        return row + ",measured on the tuning rounds (seed 1; " + all.size() + " sounds)";
    }
}
