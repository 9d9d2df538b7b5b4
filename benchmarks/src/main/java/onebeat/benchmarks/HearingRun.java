package onebeat.benchmarks;

import java.util.List;
import java.util.Locale;
import onebeat.formats.hearing.Background;
import onebeat.formats.hearing.HearingScore;
import onebeat.formats.hearing.PadScene;
import onebeat.formats.hearing.PadScene.Hit;
import onebeat.formats.hearing.PadScene.Through;

/// How well hits are heard, as a table: by background, by how loud it is, by sampling rate, and for pairs of hits.
/// Numbers in the tables of the hearing were set on the seeds 1, 2 and 501; what is printed comes from 101 to 104.
final class HearingRun {

    private static final int FIRST_SEED = 101;
    private static final int SCENES = 4;
    private static final double SECONDS = 30;
    private static final double APART_MS = 80;

    private HearingRun() {}

    static void print() {
        System.out.println(
                "hits heard: F-measure within 50 ms / within 10 ms; seeds 101 to 104, tuned on 1, 2 and 501");
        for (Background background : Background.values()) {
            for (int rate : List.of(8_000, 16_000, 22_050, 44_100, 48_000)) {
                StringBuilder row = new StringBuilder(String.format(Locale.ROOT, "%-7s %6d Hz ", background, rate));
                for (int snr : List.of(30, 20, 10, 5, 0)) {
                    HearingScore near = HearingScore.NONE;
                    HearingScore exact = HearingScore.NONE;
                    for (int i = 0; i < SCENES; i++) {
                        Through through = new Through(snr, background, i % 2 == 0 ? 0 : 0.5, i == 3 ? 3 : 1, rate);
                        PadScene scene = PadScene.atRandom(SECONDS, APART_MS, through, FIRST_SEED + i);
                        near = near.plus(score(scene, 0.05));
                        exact = exact.plus(score(scene, 0.01));
                    }
                    row.append(String.format(Locale.ROOT, "  %2d dB %.3f/%.3f", snr, near.f(), exact.f()));
                }
                System.out.println(row);
            }
        }
        pairs();
    }

    private static HearingScore score(PadScene scene, double tolerance) {
        return HearingScore.of(
                HearingScore.hits(scene.sound()),
                scene.hits().stream().map(Hit::timeS).toList(),
                tolerance);
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
