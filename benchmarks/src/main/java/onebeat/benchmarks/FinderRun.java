package onebeat.benchmarks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Finder;
import onebeat.core.film.Found;
import onebeat.core.film.Repertoire;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Setting;
import onebeat.core.review.Context;
import onebeat.core.review.Review;

/// The finder by depth and by the size of the repertoire, beside reviewing every line of the same space one
/// by one: how many those are, how many of them a second the engine reviews, and how long that would take.
final class FinderRun {

    private static final int WARM = 25;
    private static final int RUNS = 9;
    private static final long PATIENCE_NS = 20_000_000_000L;
    private static final String FEED = "(1)";

    private FinderRun() {}

    static void print() {
        Setting setting = new Setting(
                new Fighter("athlete", Stance.ORTHODOX, 168, 170), new Fighter("partner", Stance.SOUTHPAW, 177, 182));
        Context context = Context.of(setting);
        double rate = reviewsASecond(context);
        System.out.printf(
                Locale.ROOT, "%nfinder, answers to %s; the engine reviews %,.0f such lines a second%n", FEED, rate);
        System.out.printf(
                Locale.ROOT,
                "%-10s %6s %12s %16s %16s %20s %14s%n",
                "actions",
                "depth",
                "median ms",
                "looked at",
                "left out",
                "one by one, s",
                "times faster");
        List<String> all = Catalogue.standard().all().stream()
                .filter(t -> t.isStrike() || t.isDefence())
                .map(t -> t.code())
                .toList();
        for (int size : new int[] {25, 50, all.size()}) {
            Repertoire repertoire = repertoire(size, all);
            for (int depth = 3; depth <= 6; depth++) {
                if (!line(context, repertoire, depth, rate)) {
                    break;
                }
            }
        }
    }

    private static Repertoire repertoire(int size, List<String> all) {
        List<String> actions = new ArrayList<>(Repertoire.usual().weapons().stream()
                .map(w -> Notation.print(w.act()))
                .toList());
        all.stream().filter(code -> !actions.contains(code)).forEach(actions::add);
        return Repertoire.of(actions.subList(0, Math.min(size, actions.size())));
    }

    /// Runs one case; false where it had to be stopped.
    private static boolean line(Context context, Repertoire repertoire, int depth, double rate) {
        Finder.Query query = new Finder.Query(FEED, context, repertoire, depth, 10);
        Found found = run(query);
        double first = lastMs;
        if (!found.whole()) {
            System.out.printf(
                    Locale.ROOT,
                    "%-10d %6d %12s%n",
                    repertoire.weapons().size(),
                    depth,
                    "stopped after " + PATIENCE_NS / 1_000_000_000 + " s");
            return false;
        }
        int runs = first > 2_000 ? 1 : RUNS;
        for (int i = 0; i < (first > 1_000 ? 0 : WARM); i++) {
            run(query);
        }
        double[] ms = new double[runs];
        for (int i = 0; i < runs; i++) {
            run(query);
            ms[i] = lastMs;
        }
        Arrays.sort(ms);
        double median = ms[runs / 2];
        double space = (double) found.looked() + found.skipped();
        System.out.printf(
                Locale.ROOT,
                "%-10d %6d %12.1f %,16d %,16d %,20.1f %,14.0f%n",
                repertoire.weapons().size(),
                depth,
                median,
                found.looked(),
                found.skipped(),
                space / rate,
                space / rate * 1000 / median);
        if (depth == USUAL_DEPTH && repertoire.weapons().size() <= MOST_SHOWN) {
            PerformanceTable.row(
                    "finder, " + repertoire.weapons().size() + " actions, depth " + depth,
                    "s",
                    median / 1000,
                    "every line one by one",
                    space / rate,
                    "<= 1");
        }
        return true;
    }

    /// What the desktop asks for.
    private static final int USUAL_DEPTH = 4;

    private static final int MOST_SHOWN = 25;

    private static double lastMs;

    private static Found run(Finder.Query query) {
        long start = System.nanoTime();
        Found found = Finder.find(query, () -> System.nanoTime() - start > PATIENCE_NS);
        lastMs = (System.nanoTime() - start) / 1e6;
        return found;
    }

    /// How many answers of five actions the engine reviews in a second, warm.
    private static double reviewsASecond(Context context) {
        Read read = (Read) Notation.read(FEED + " parry+2 3 rlow off");
        long end = System.nanoTime() + 3_000_000_000L;
        while (System.nanoTime() < end) {
            Review.withoutMends(read, context);
        }
        int count = 0;
        long start = System.nanoTime();
        end = start + 3_000_000_000L;
        while (System.nanoTime() < end) {
            Review.withoutMends(read, context);
            count++;
        }
        return count / ((System.nanoTime() - start) / 1e9);
    }
}
