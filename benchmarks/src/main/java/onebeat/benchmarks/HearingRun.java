package onebeat.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import onebeat.formats.hearing.Background;
import onebeat.formats.hearing.HeardSound;
import onebeat.formats.hearing.HearingScore;
import onebeat.formats.hearing.PadClips;
import onebeat.formats.hearing.PadNoise;
import onebeat.formats.hearing.PadScene;
import onebeat.formats.hearing.PadScene.Hit;
import onebeat.formats.hearing.PadScene.Through;
import onebeat.formats.hearing.PadSounds;
import onebeat.formats.hearing.Samples;
import onebeat.formats.hearing.SoundSource;
import onebeat.media.FilmFile;
import onebeat.media.FilmOpening;
import onebeat.media.FilmSoundSource;
import onebeat.media.PhoneFilm;

/// How well hits are heard, as a table: by background, by how loud it is, by sampling rate, and for pairs of hits.
/// What is printed comes from the seeds 101 to 104; the numbers of the hearing were set on others (docs/hearing.md).
final class HearingRun {

    private static final int FIRST_SEED = 101;
    private static final int SCENES = 4;
    private static final double SECONDS = 30;
    private static final double APART_MS = 80;

    private HearingRun() {}

    /// What a scene is heard through at last.
    private interface Ear {

        /// When hits are heard, in seconds.
        List<Double> hits(Samples sound) throws IOException;
    }

    static void print() throws IOException {
        System.out.println(
                "hits heard: F-measure within 50 ms / within 10 ms; seeds 101 to 104, numbers set on other seeds");
        for (Background background : Background.values()) {
            for (int rate : List.of(8_000, 16_000, 22_050, 44_100, 48_000)) {
                row("made", background, rate, PadSounds::hit, HearingScore::hits);
            }
        }
        for (Background background : Background.values()) {
            for (int rate : List.of(8_000, 44_100)) {
                row("noise", background, rate, PadNoise::hit, HearingScore::hits);
            }
        }
        PadClips clips = new PadClips();
        for (Background background : Background.values()) {
            for (int rate : List.of(8_000, 44_100)) {
                row("clips", background, rate, clips::hit, HearingScore::hits);
            }
        }
        for (Background background : Background.values()) {
            for (int bits : List.of(64_000, 24_000)) {
                row("phone " + bits / 1000, background, PhoneFilm.RATE, clips::hit, sound -> throughPhone(sound, bits));
            }
        }
        pairs();
    }

    /// How long it takes to hear a round, beside the round itself.
    static void speed() {
        Through through = new Through(20, Background.VOICES, 0.3, 1, 44_100);
        PadScene scene = PadScene.atRandom(ROUND_S, APART_MS, through, FIRST_SEED, PadSounds::hit);
        double best = Double.MAX_VALUE;
        for (int i = 0; i < 3; i++) {
            long begun = System.nanoTime();
            HearingScore.hits(scene.sound());
            best = Math.min(best, (System.nanoTime() - begun) / 1e9);
        }
        PerformanceTable.row("three minutes of pads heard", "s", best, "the three minutes", ROUND_S, "<= 0.01");
    }

    private static final int ROUND_S = 180;

    private static void row(String name, Background background, int rate, PadScene.Hits made, Ear ear)
            throws IOException {
        StringBuilder row = new StringBuilder(String.format(Locale.ROOT, "%-8s %-7s %6d Hz ", name, background, rate));
        for (int snr : List.of(30, 20, 10, 5, 0)) {
            HearingScore near = HearingScore.NONE;
            HearingScore exact = HearingScore.NONE;
            for (int i = 0; i < SCENES; i++) {
                Through through = new Through(snr, background, i % 2 == 0 ? 0 : 0.5, i == 3 ? 3 : 1, rate);
                PadScene scene = PadScene.atRandom(SECONDS, APART_MS, through, FIRST_SEED + i, made);
                List<Double> truth = scene.hits().stream().map(Hit::timeS).toList();
                List<Double> heard = ear.hits(scene.sound());
                near = near.plus(HearingScore.of(heard, truth, 0.05));
                exact = exact.plus(HearingScore.of(heard, truth, 0.01));
            }
            row.append(String.format(Locale.ROOT, "  %2d dB %.3f/%.3f", snr, near.f(), exact.f()));
        }
        System.out.println(row);
    }

    /// Coded by FFmpeg as a phone does, and read from the film again.
    private static List<Double> throughPhone(Samples sound, int bits) throws IOException {
        Path film = Files.createTempFile("phone", ".mp4");
        try {
            PhoneFilm.write(film, sound.values(), bits);
            if (!(FilmFile.open(film) instanceof FilmOpening.Opened(FilmFile opened))) {
                throw new IOException("not read again: " + film);
            }
            try (SoundSource source = FilmSoundSource.of(opened).orElseThrow()) {
                return HeardSound.in(source, _ -> true).onsets().stream()
                        .filter(onset -> onset.kind().isHit())
                        .map(onset -> onset.timeS())
                        .toList();
            }
        } finally {
            Files.delete(film);
        }
    }

    private static void pairs() {
        for (int apart : List.of(20, 30, 40, 50, 60, 80, 120)) {
            int both = 0;
            int of = 0;
            double[] off = new double[400];
            int offs = 0;
            for (int seed = FIRST_SEED; seed < FIRST_SEED + 4; seed++) {
                PadScene scene = PadScene.pairs(
                        50, apart, new Through(20, Background.HISS, seed % 2 == 0 ? 0.3 : 0, 1, 44_100), seed);
                List<Double> heard = HearingScore.hits(scene.sound());
                List<Hit> hits = scene.hits();
                for (int i = 0; i < hits.size(); i += 2) {
                    double first = nearest(heard, hits.get(i).timeS());
                    double second = nearest(heard, hits.get(i + 1).timeS());
                    boolean told = first != second
                            && Math.abs(first - hits.get(i).timeS()) < 0.01
                            && Math.abs(second - hits.get(i + 1).timeS()) < 0.01;
                    both += told ? 1 : 0;
                    of++;
                    if (told) {
                        off[offs++] = Math.abs(second - first - apart / 1000.0) * 1000;
                    }
                }
            }
            java.util.Arrays.sort(off, 0, offs);
            System.out.printf(
                    Locale.ROOT,
                    "two hits %3d ms apart, 20 dB: told apart %5.1f %%, their gap off by %.1f ms at the median%n",
                    apart,
                    100.0 * both / of,
                    offs == 0 ? Double.NaN : off[offs / 2]);
        }
    }

    private static double nearest(List<Double> all, double to) {
        double best = Double.NEGATIVE_INFINITY;
        for (double one : all) {
            best = Math.abs(one - to) < Math.abs(best - to) ? one : best;
        }
        return best;
    }
}
