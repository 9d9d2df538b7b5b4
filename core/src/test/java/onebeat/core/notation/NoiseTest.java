package onebeat.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import onebeat.core.RandomLines;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Seeded: whatever is typed is either a line whose print is stable, or a placed misread, and nothing else.
class NoiseTest {

    private static final String ALPHABET =
            "12345612()[]{}|:+/~!'\"@_.*-hb \t abcdefghijklmnopqrstuvwxyz=\u0000\u00e9\n";

    private static void holds(String text) {
        switch (Notation.read(text)) {
            case Read read -> {
                String once = read.canonical();
                assertThat(Notation.read(once))
                        .as(text)
                        .isInstanceOfSatisfying(
                                Read.class,
                                again -> assertThat(again.canonical()).isEqualTo(once));
            }
            case Misread misread -> {
                assertThat(misread.at()).as(text).isBetween(0, text.length());
                assertThat(misread.end()).as(text).isBetween(misread.at(), text.length());
                assertThat(misread.got()).isNotEmpty();
                assertThat(misread.expected()).isNotBlank();
            }
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void noise(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 5000; i++) {
            StringBuilder text = new StringBuilder();
            int length = random.nextInt(60);
            for (int c = 0; c < length; c++) {
                text.append(
                        random.nextInt(40) == 0
                                ? (char) random.nextInt(0x10000)
                                : ALPHABET.charAt(random.nextInt(ALPHABET.length())));
            }
            holds(text.toString());
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13})
    void mutatedLines(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 3000; i++) {
            StringBuilder text = new StringBuilder(RandomLines.line(random, 3));
            for (int m = random.nextInt(4); m > 0 && !text.isEmpty(); m--) {
                int at = random.nextInt(text.length());
                switch (random.nextInt(3)) {
                    case 0 -> text.deleteCharAt(at);
                    case 1 -> text.insert(at, ALPHABET.charAt(random.nextInt(ALPHABET.length())));
                    default -> text.setCharAt(at, ALPHABET.charAt(random.nextInt(ALPHABET.length())));
                }
            }
            holds(text.toString());
        }
    }

    /// Random good lines are read, printed stably, and reviewed without an exception.
    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23})
    void randomLinesAreReviewed(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 50; i++) {
            String text = RandomLines.line(random, 2);
            holds(text);
            if (Notation.read(text) instanceof Read read) {
                Review review = Review.of(read, Context.usual());
                review.findings()
                        .forEach(finding -> finding.mended().ifPresent(mended -> {
                            Read mend = (Read) Notation.read(mended);
                            Review after = Review.withoutMends(mend, Context.usual());
                            assertThat(after.findings(finding.code()).size())
                                    .as(text + " -> " + mended)
                                    .isLessThan(review.findings(finding.code()).size());
                        }));
            }
        }
    }
}
