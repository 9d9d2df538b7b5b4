package onebeat.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import onebeat.core.Lines;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Setting;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/// J11 over 5000 seeded lines such as coaches write (the trade's chains, cut, joined, mirrored, spoilt).
class MendsLawTest {

    private static final int LINES = 2_500;

    @Test
    @DisplayName("J11: a mend has its finding less often, and no other one more often that is more than a note")
    void mendsAreClean() {
        List<String> wrong = new ArrayList<>();
        int mends = 0;
        for (Setting setting : List.of(Lines.SAME, Lines.OPEN)) {
            Context context = Context.of(setting);
            for (Read read : CoachLines.of(11, LINES)) {
                Review review = Review.of(read, context);
                for (Finding finding : review.findings()) {
                    if (finding.mended().isPresent()) {
                        mends++;
                        String told = wrong(review, finding, context);
                        if (!told.isEmpty()) {
                            wrong.add(review.canonical() + " -> "
                                    + finding.mended().get() + ": " + told);
                        }
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(mends).as("something was mended").isGreaterThan(LINES);
    }

    private static String wrong(Review review, Finding finding, Context context) {
        if (!(Notation.read(finding.mended().orElseThrow()) instanceof Read mended)) {
            return "cannot be read";
        }
        if (finding.mended().get().equals(review.canonical())) {
            return "is the line itself";
        }
        Map<Code, Integer> had = counts(review.findings(), false);
        Map<Code, Integer> hadWeighed = counts(review.findings(), true);
        Review after = Review.withoutMends(mended, context);
        if (after.findings(finding.code()).size() >= had.getOrDefault(finding.code(), 0)) {
            return "still has " + finding.code();
        }
        for (Map.Entry<Code, Integer> now : counts(after.findings(), true).entrySet()) {
            if (now.getValue() > hadWeighed.getOrDefault(now.getKey(), 0)) {
                return "has a new " + now.getKey();
            }
        }
        return "";
    }

    private static Map<Code, Integer> counts(List<Finding> findings, boolean weighed) {
        Map<Code, Integer> counts = new EnumMap<>(Code.class);
        findings.stream()
                .filter(f -> !weighed || f.severity() != Severity.NOTE)
                .forEach(f -> counts.merge(f.code(), 1, Integer::sum));
        return counts;
    }

    @Test
    @DisplayName("Few of the trade's own chains stop: a wave of false stops would be seen here")
    void theTradesOwnChainsHaveNoStop() {
        List<String> stopped = new ArrayList<>();
        for (Read read : CoachLines.of(12, LINES)) {
            if (Review.withoutMends(read, Context.of(Lines.SAME)).hasStop()) {
                stopped.add(Notation.print(read.line()));
            }
        }
        assertThat(stopped.size()).isLessThan(LINES / 10);
    }

    @Test
    void theSameSeedGivesTheSameLines() {
        assertThat(CoachLines.of(3, 50).stream().map(Read::canonical))
                .containsExactlyElementsOf(
                        CoachLines.of(3, 50).stream().map(Read::canonical).toList());
        assertThat(CoachLines.of(3, 50).stream().map(Read::canonical).distinct().count())
                .isGreaterThan(30);
    }
}
