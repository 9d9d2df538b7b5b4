package onebeat.core.opening;

import java.util.Arrays;
import java.util.Map;

/// What the partner has been shown: how far each feint is earned (F22), and what follows what (F23).
///
/// A pair counts for more the harder it is shown: thrown light it teaches little (J8).
final class PatternMemory {

    static final int NOBODY = -1;

    private final PartnerModel model;
    private final Map<Integer, SeenAction> seen;
    private final double[] shown;
    private final double[][] pairs;
    private final int[] best;
    private final double[] levels;
    private int last = NOBODY;
    private double lastTeaches;
    private boolean expected;

    /// @param ids how many different things can be seen
    /// @param seen each of them that is reacted to
    PatternMemory(PartnerModel model, int ids, Map<Integer, SeenAction> seen) {
        this.model = model;
        this.seen = seen;
        this.shown = new double[ids];
        this.pairs = new double[ids][ids];
        this.best = new int[ids];
        this.levels = new double[] {
            0,
            model.number("pattern_once"),
            model.number("pattern_twice"),
            model.number("pattern_thrice"),
            model.number("pattern_often")
        };
        Arrays.fill(best, NOBODY);
    }

    /// Another that has been shown the same.
    PatternMemory copy() {
        PatternMemory copy = new PatternMemory(model, shown.length, seen);
        System.arraycopy(shown, 0, copy.shown, 0, shown.length);
        for (int i = 0; i < pairs.length; i++) {
            System.arraycopy(pairs[i], 0, copy.pairs[i], 0, pairs.length);
        }
        System.arraycopy(best, 0, copy.best, 0, best.length);
        copy.last = last;
        copy.lastTeaches = lastTeaches;
        copy.expected = expected;
        return copy;
    }

    /// How far a feint is believed: as far as the real one was shown.
    double belief(int real) {
        double unshown = model.number("belief_unshown");
        return unshown + (1 - unshown) * Math.min(1, shown[real]);
    }

    /// What has followed the last action before is covered as it would land, whether it comes or not (F23).
    /// Once: what was expected does not come again at the next action that says nothing new.
    void expect(OpponentState state) {
        if (expected || last == NOBODY || best[last] == NOBODY) {
            return;
        }
        expected = true;
        SeenAction to = seen.get(best[last]);
        if (to != null && to.reacts() != null) {
            state.expect(to.reacts(), foreseen(last) * model.number("salience_normal"), to.zone());
        }
    }

    /// How far what has followed this action most often is expected.
    private double foreseen(int id) {
        double times = pairs[id][best[id]];
        double all = 0;
        for (double count : pairs[id]) {
            all += count;
        }
        return all == 0 ? 0 : PartnerModel.clamp(level(times)) * times / all;
    }

    /// Between whole counts the share lies between theirs.
    private double level(double times) {
        int below = (int) Math.min(levels.length - 1, Math.floor(times));
        int above = Math.min(levels.length - 1, below + 1);
        return levels[below] + (levels[above] - levels[below]) * Math.min(1, times - below);
    }

    /// Keeps what was done.
    ///
    /// @param id what it was
    /// @param real the real one that it shows; [#NOBODY] for a start only
    /// @param shows how far it earns its feint
    /// @param teaches how much it counts in a pair, 0 to 1
    void remember(int id, int real, double shows, double teaches) {
        if (real != NOBODY) {
            shown[real] += shows;
        }
        if (last != NOBODY) {
            pairs[last][id] += Math.min(lastTeaches, teaches);
            if (best[last] == NOBODY || pairs[last][id] > pairs[last][best[last]]) {
                best[last] = id;
            }
        }
        last = id;
        lastTeaches = teaches;
        expected = false;
    }

    void forgetLast() {
        last = NOBODY;
    }
}
