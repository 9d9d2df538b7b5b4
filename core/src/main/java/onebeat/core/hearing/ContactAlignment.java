package onebeat.core.hearing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Constants;

/// Matches heard hits to planned contacts: the assignment in order that costs least, where a contact may be
/// missed and a hit may be extra (dynamic programming after Needleman and Wunsch 1970, Journal of Molecular
/// Biology 48, 443–453; from memory). Costs lie in `alignment.csv`.
final class ContactAlignment {

    private static final Constants NUMBERS = Constants.of(RoundPlacing.class, "alignment.csv", "number");
    private static final double SIGMA_MS = NUMBERS.get("match_sigma_ms");
    private static final double MOST_MS = NUMBERS.get("match_most_ms");
    private static final double EARLIEST_MS = NUMBERS.get("match_earliest_ms");
    private static final double MISS = NUMBERS.get("match_miss");
    private static final double EXTRA = NUMBERS.get("match_extra");
    private static final double LATEST = NUMBERS.get("match_latest");
    private static final double TOGETHER_MS = NUMBERS.get("together_ms");

    private static final byte BOTH = 0;
    private static final byte MISSED = 1;
    private static final byte NOT_PLANNED = 2;

    private ContactAlignment() {}

    /// A hit on the round's clock.
    record Hit(double ms, Onset onset) {}

    /// What was heard of each planned contact.
    ///
    /// @param planned in time
    /// @param hits in time
    static List<HeardContact> of(List<PlannedContact> planned, List<Hit> hits) {
        byte[][] step = new byte[planned.size() + 1][hits.size() + 1];
        least(planned, hits, step);
        return together(backwards(planned, hits, step));
    }

    /// What the assignment costs.
    static double cost(List<PlannedContact> planned, List<Hit> hits) {
        return least(planned, hits, new byte[planned.size() + 1][hits.size() + 1]);
    }

    private static double least(List<PlannedContact> planned, List<Hit> hits, byte[][] step) {
        int n = planned.size();
        int m = hits.size();
        double[] before = new double[m + 1];
        double[] now = new double[m + 1];
        for (int j = 1; j <= m; j++) {
            before[j] = j * EXTRA;
            step[0][j] = NOT_PLANNED;
        }
        for (int i = 1; i <= n; i++) {
            now[0] = i * MISS;
            step[i][0] = MISSED;
            for (int j = 1; j <= m; j++) {
                double both = before[j - 1] + cost(planned.get(i - 1), hits.get(j - 1));
                double missed = before[j] + MISS;
                double extra = now[j - 1] + EXTRA;
                double best = Math.min(both, Math.min(missed, extra));
                now[j] = best;
                step[i][j] = best == both ? BOTH : best == missed ? MISSED : NOT_PLANNED;
            }
            double[] swap = before;
            before = now;
            now = swap;
        }
        return before[m];
    }

    private static double cost(PlannedContact planned, Hit hit) {
        double off = Math.abs(hit.ms() - planned.ms());
        if (off > (hit.ms() < planned.ms() ? EARLIEST_MS : MOST_MS)) {
            return MISS + EXTRA + 1;
        }
        // Far off costs less and less more, and never as much as being lost: late is likelier.
        double sigmas = off / SIGMA_MS;
        double far = sigmas < 1 ? sigmas * sigmas : 2 * sigmas - 1;
        return LATEST * far / (LATEST / 2 + far);
    }

    private static List<HeardContact> backwards(List<PlannedContact> planned, List<Hit> hits, byte[][] step) {
        List<HeardContact> all = new ArrayList<>();
        int i = planned.size();
        int j = hits.size();
        while (i > 0 || j > 0) {
            switch (step[i][j]) {
                case BOTH -> {
                    Hit hit = hits.get(j - 1);
                    all.addFirst(new HeardContact(planned.get(i - 1), Optional.of(hit.ms()), Optional.of(hit.onset())));
                    i--;
                    j--;
                }
                case MISSED -> {
                    all.addFirst(new HeardContact(planned.get(i - 1), Optional.empty(), Optional.empty()));
                    i--;
                }
                default -> j--;
            }
        }
        return all;
    }

    /// Two contacts that are planned at once and heard as one hit were together.
    private static List<HeardContact> together(List<HeardContact> all) {
        List<HeardContact> joined = new ArrayList<>(all);
        for (int i = 0; i < all.size(); i++) {
            HeardContact one = all.get(i);
            for (int other = Math.max(0, i - 1);
                    one.heardMs().isEmpty() && other <= i + 1 && other < all.size();
                    other++) {
                HeardContact beside = all.get(other);
                boolean atOnce = beside.planned().repetition() == one.planned().repetition()
                        && Math.abs(beside.planned().ms() - one.planned().ms()) < TOGETHER_MS;
                if (other != i && atOnce && beside.heardMs().isPresent()) {
                    joined.set(i, new HeardContact(one.planned(), beside.heardMs(), beside.onset()));
                    break;
                }
            }
        }
        return joined;
    }
}
