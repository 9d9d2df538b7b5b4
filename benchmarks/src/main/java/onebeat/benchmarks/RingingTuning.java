package onebeat.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import onebeat.core.hearing.Onset;
import onebeat.core.hearing.OnsetDetector;
import onebeat.core.hearing.SoundFeatures;
import onebeat.core.hearing.SoundKinds;
import onebeat.formats.hearing.Background;
import onebeat.formats.hearing.PadScene;
import onebeat.formats.hearing.PadScene.Hit;
import onebeat.formats.hearing.PadScene.Through;
import onebeat.formats.hearing.PadSounds;
import onebeat.formats.hearing.PadSounds.Surface;

/// Fits the rows of `ringing-on.csv`: what tells a second hit from the first one ringing on, on hits of both makes.
/// None of the clips that ship is among them.
final class RingingTuning {

    private static final List<String> MEASURES = List.of("breadth", "rise", "peak", "louder", "after_ms", "always");
    private static final double SECONDS = 30;
    private static final double LEAST_APART_MS = 45;
    private static final double SAME_S = 0.012;
    private static final double SOON_S = 0.02;
    private static final double LATEST_S = 0.12;
    private static final int PAIRS = 25;

    private final List<double[]> measured = new ArrayList<>();
    private final List<Boolean> another = new ArrayList<>();

    static void print() {
        RingingTuning tuning = new RingingTuning();
        for (Background background : Background.values()) {
            for (int rate : List.of(8_000, 16_000, 44_100)) {
                for (double snr : List.of(30.0, 20.0)) {
                    for (double echo : List.of(0.0, 0.4)) {
                        tuning.hear(new Through(snr, background, echo, 1, rate));
                    }
                }
            }
        }
        double[] weights = LogisticFit.of(tuning.measured, tuning.another);
        long seconds = tuning.another.stream().filter(one -> one).count();
        for (int i = 0; i < weights.length; i++) {
            System.out.printf(Locale.ROOT, "%s,%.3f%n", MEASURES.get(i), weights[i]);
        }
        System.out.printf(
                Locale.ROOT, "from %d second hits and %d that ring on%n", seconds, tuning.another.size() - seconds);
    }

    private void hear(Through through) {
        for (int seed = 1; seed <= 4; seed++) {
            PadScene.Hits made = seed <= 2 ? PadSounds::hit : PadClipMaker.anyGym(FIRST_GYM + seed)::hit;
            hear(PadScene.atRandom(SECONDS, LEAST_APART_MS, through, seed, made));
            hear(pairs(through, new Random(seed), made));
        }
    }

    private static final long FIRST_GYM = 2_000;

    private static PadScene pairs(Through through, Random random, PadScene.Hits made) {
        Surface[] any = Surface.values();
        List<Hit> hits = new ArrayList<>();
        for (int i = 0; i < PAIRS; i++) {
            double at = 0.7 + i + 0.1 * random.nextDouble();
            hits.add(new Hit(at, any[random.nextInt(any.length)]));
            hits.add(new Hit(at + (LEAST_APART_MS + random.nextInt(40)) / 1000, any[random.nextInt(any.length)]));
        }
        return PadScene.of(hits, PAIRS + 2, through, random, made);
    }

    private void hear(PadScene scene) {
        OnsetDetector detector = new OnsetDetector(scene.sound().rate());
        detector.hear(scene.sound().values(), 0, scene.sound().length());
        detector.end();
        List<Onset> onsets = detector.onsets();
        List<SoundFeatures> features = detector.features();
        for (int i = 1; i < onsets.size(); i++) {
            double at = onsets.get(i).timeS();
            Optional<Hit> before = scene.hits().stream()
                    .filter(hit -> at - hit.timeS() > SOON_S && at - hit.timeS() < LATEST_S)
                    .reduce((_, later) -> later);
            double near = scene.hits().stream()
                    .mapToDouble(hit -> Math.abs(at - hit.timeS()))
                    .min()
                    .orElse(1);
            boolean second = near < SAME_S;
            boolean rings =
                    near > SOON_S && SoundKinds.of(features.get(i)).kind().isHit();
            if (before.isPresent() && (second || rings)) {
                take(onsets, i, features.get(i), before.get().timeS(), second);
            }
        }
    }

    private void take(List<Onset> onsets, int index, SoundFeatures of, double hitS, boolean second) {
        Onset one = onsets.get(index);
        onsets.subList(0, index).stream()
                .filter(first -> Math.abs(first.timeS() - hitS) < SAME_S)
                .mapToDouble(Onset::loudness)
                .max()
                .ifPresent(loud -> {
                    measured.add(new double[] {
                        of.breadth(), of.rise(), of.peak(), one.loudness() - loud, (one.timeS() - hitS) * 1000, 1
                    });
                    another.add(second);
                });
    }
}
