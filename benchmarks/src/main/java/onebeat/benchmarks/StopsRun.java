package onebeat.benchmarks;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import onebeat.core.exchange.Stance;
import onebeat.core.notation.Read;
import onebeat.core.play.Setting;
import onebeat.core.review.CoachLines;
import onebeat.core.review.Code;
import onebeat.core.review.Context;
import onebeat.core.review.Finding;
import onebeat.core.review.Review;
import onebeat.core.review.Severity;

/// Reviews seeded lines such as coaches write and prints how many have a `stop`, what stops them, and how often each
/// finding comes, so that a wave of false stops is seen.
final class StopsRun {

    private static final int LINES = 5_000;
    private static final long SEED = 12;
    private static final int EXAMPLES = 3;

    private StopsRun() {}

    static void print() {
        for (Stance partner : Stance.values()) {
            Context context = Context.of(Setting.of(Stance.ORTHODOX, partner));
            Map<Code, Integer> stops = new EnumMap<>(Code.class);
            Map<Code, Integer> warns = new EnumMap<>(Code.class);
            Map<Code, List<String>> examples = new EnumMap<>(Code.class);
            int stopped = 0;
            for (Read read : CoachLines.of(SEED, LINES)) {
                Review review = Review.withoutMends(read, context);
                stopped += review.hasStop() ? 1 : 0;
                for (Finding finding : review.findings()) {
                    if (finding.severity() == Severity.STOP) {
                        stops.merge(finding.code(), 1, Integer::sum);
                        examples.computeIfAbsent(finding.code(), _ -> new ArrayList<>())
                                .add(review.canonical());
                    } else if (finding.severity() == Severity.WARN) {
                        warns.merge(finding.code(), 1, Integer::sum);
                    }
                }
            }
            System.out.printf(
                    Locale.ROOT,
                    "%northodox against %s: %d of %d lines have a stop (%.1f %%)%n",
                    partner.name().toLowerCase(Locale.ROOT),
                    stopped,
                    LINES,
                    100.0 * stopped / LINES);
            stops.forEach((code, n) -> {
                System.out.printf(Locale.ROOT, "  stop %-16s %5d%n", code, n);
                examples.get(code).stream().limit(EXAMPLES).forEach(line -> System.out.println("         " + line));
            });
            warns.forEach((code, n) -> System.out.printf(Locale.ROOT, "  warn %-16s %5d%n", code, n));
        }
    }
}
