package onebeat.core.ladder;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import onebeat.core.Lines;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class PiecesTest {

    private static boolean hasNoStop(String text) {
        return !Review.withoutMends(Lines.read(text), Context.usual()).hasStop();
    }

    private static Pieces pieces(String line) {
        return Pieces.of(Lines.read(line).line(), PiecesTest::hasNoStop);
    }

    @Test
    @DisplayName("a feed is no part without what meets it: alone it would be unanswered")
    void aFeedStaysWithItsAnswer() {
        assertThat(pieces("(1 2) catch slip-in 5 2").parts()).containsExactly("(1 2) catch slip-in", "5", "2");
        assertThat(pieces("1 (2) slip-out 3").parts()).containsExactly("1", "(2) slip-out", "3");
    }

    @Test
    void everyPartStandsOnceAndAlone() {
        Pieces pieces = pieces("1 2 1 2 3 rlow 1 2");
        assertThat(pieces.parts()).containsExactly("1", "2", "3", "rlow");
        assertThat(pieces.parts()).allMatch(PiecesTest::hasNoStop);
    }

    @Test
    @DisplayName("J22, F44, common practice: a chain grows from the top, by one piece or, a long one, by two")
    void piecesGrowFromTheTop() {
        assertThat(pieces("1 2 3 2").grown()).containsExactly("1 2", "1 2 3");
        assertThat(pieces("1 2 3 rlow 1 2 3 rmid").grown()).containsExactly("1 2", "1 2 3 rlow", "1 2 3 rlow 1 2");
    }

    @Test
    @DisplayName("a chain is cut where it breathes: at a reload, a step, a pause")
    void itIsCutWhereItBreathes() {
        assertThat(pieces("1 2 3 reload 3 2").grown()).contains("1 2 3");
        assertThat(pieces("1 2 3 in 1b 2").grown()).contains("1 2 3");
        assertThat(pieces("1 2 3 _ 3 2").grown()).contains("1 2 3");
    }

    @Test
    void theWholeIsNoPieceOfItself() {
        for (String line : List.of("1 2", "1 2 3 rlow", "(1) catch+1 2 3 rlow circle-rear")) {
            assertThat(pieces(line).grown()).doesNotContain(line);
        }
    }

    @Test
    void theSlowPairIsTheLongestPartWithItsNeighbour() {
        assertThat(pieces("1 2 (1 2) catch slip-in 3").pair()).contains("2 (1 2) catch slip-in");
        assertThat(pieces("3").pair()).isEmpty();
    }

    @Test
    void aSetAloneIsTakenApartInside() {
        assertThat(pieces("[1 2 3]*3").parts()).containsExactly("1", "2", "3");
    }
}
