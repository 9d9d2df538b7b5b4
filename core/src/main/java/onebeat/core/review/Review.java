package onebeat.core.review;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.notation.Span;
import onebeat.core.play.Play;
import onebeat.core.play.Played;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;

/// What came of reviewing a line.
///
/// @param canonical the line in canonical form
/// @param played the line as played
/// @param findings all findings, the severest first, then in the order of the steps
public record Review(String canonical, Played played, List<Finding> findings) {

    private static final List<Rule> RULES = List.of(
            new SameHand(),
            new Unanswered(),
            new LegLoaded(),
            new Reload(),
            new ArmOnly(),
            new CountShort(),
            new NakedHook(),
            new NoExit());

    public Review {
        findings = List.copyOf(findings);
    }

    /// Whether there is a `stop` among the findings.
    public boolean hasStop() {
        return findings.stream().anyMatch(f -> f.severity() == Severity.STOP);
    }

    /// The findings of one code.
    public List<Finding> findings(Code code) {
        return findings.stream().filter(f -> f.code() == code).toList();
    }

    /// Reviews a line and tries mends.
    public static Review of(Read read, Context context) {
        return new Reviewing(context).review(read, true);
    }

    /// Reviews a line without trying mends: what an offered mend is held against, and enough for counting.
    public static Review withoutMends(Read read, Context context) {
        return new Reviewing(context).review(read, false);
    }

    private record Reviewing(Context context) {

        Review review(Read read, boolean withMends) {
            Played played = Play.of(read.line(), context.setting());
            Map<String, Integer> numbers = played.numbers();
            List<Found> found = new ArrayList<>();
            Set<String> seen = new HashSet<>();
            for (PlayedWay way : played.ways()) {
                Scene scene = new Scene(read, context.setting(), way);
                for (Rule rule : RULES) {
                    for (Suspicion suspicion : rule.check(scene)) {
                        Found one = found(suspicion, numbers);
                        if (seen.add(suspicion.code() + " " + one.finding.steps())) {
                            found.add(one);
                        }
                    }
                }
            }
            found.sort((a, b) -> {
                int bySeverity = a.finding.severity().compareTo(b.finding.severity());
                return bySeverity != 0
                        ? bySeverity
                        : Integer.compare(
                                a.finding.steps().getFirst(), b.finding.steps().getFirst());
            });
            List<Finding> bare = found.stream().map(Found::finding).toList();
            List<Finding> findings =
                    withMends ? found.stream().map(f -> mended(f, bare)).toList() : bare;
            return new Review(Notation.print(read.line()), played, findings);
        }

        private record Found(Finding finding, Suspicion suspicion) {}

        private Found found(Suspicion suspicion, Map<String, Integer> numbers) {
            List<Integer> steps = new ArrayList<>();
            List<Span> spans = new ArrayList<>();
            for (Step step : suspicion.steps()) {
                steps.add(Played.numberOf(step, numbers));
                spans.add(step.placed().span());
            }
            return new Found(
                    new Finding(
                            suspicion.code(),
                            context.severities().of(suspicion.code()),
                            steps,
                            suspicion.steps().getFirst().placed().branch(),
                            suspicion.text(),
                            spans,
                            Optional.empty()),
                    suspicion);
        }

        /// The finding with the first candidate that holds: it can be read, has this finding less often, and no `stop`
        /// more often.
        private Finding mended(Found found, List<Finding> before) {
            Finding finding = found.finding;
            Optional<String> mend = found.suspicion.mends().get().stream()
                    .map(text -> Notation.read(text, context.vocabulary()))
                    .filter(Read.class::isInstance)
                    .map(Read.class::cast)
                    .filter(read ->
                            holds(finding.code(), before, review(read, false).findings()))
                    .findFirst()
                    .map(Read::canonical);
            return new Finding(
                    finding.code(),
                    finding.severity(),
                    finding.steps(),
                    finding.branch(),
                    finding.text(),
                    finding.spans(),
                    mend);
        }

        private static boolean holds(Code code, List<Finding> before, List<Finding> after) {
            Map<Code, Long> had = counts(before);
            Map<Code, Long> has = counts(after);
            boolean noNewStop = after.stream()
                    .filter(f -> f.severity() == Severity.STOP)
                    .allMatch(f -> has.getOrDefault(f.code(), 0L) <= had.getOrDefault(f.code(), 0L));
            return noNewStop && has.getOrDefault(code, 0L) < had.getOrDefault(code, 0L);
        }

        private static Map<Code, Long> counts(List<Finding> findings) {
            Map<Code, Long> counts = new EnumMap<>(Code.class);
            findings.forEach(f -> counts.merge(f.code(), 1L, Long::sum));
            return counts;
        }
    }
}
