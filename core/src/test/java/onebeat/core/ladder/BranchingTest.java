package onebeat.core.ladder;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import onebeat.core.Lines;
import onebeat.core.film.FollowUps.After;
import onebeat.core.film.FollowUps.FollowUp;
import onebeat.core.film.Repertoire;
import onebeat.core.film.Replies;
import onebeat.core.film.Share;
import onebeat.core.ladder.Branching.Way;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import org.junit.jupiter.api.Test;

class BranchingTest {

    private static final Context OPEN = Context.of(Lines.OPEN);
    private static final Replies REPLIES = new Replies(OPEN, Repertoire.usual());

    private static boolean hasNoStop(String text) {
        return !Review.withoutMends(Lines.read(text), OPEN).hasStop();
    }

    private static Optional<Branching> of(String line, List<After> habits) {
        return Branching.of(Lines.read(line).line(), new Ladder.With(REPLIES, habits), BranchingTest::hasNoStop);
    }

    @Test
    void anotherFeedComesInPlaceOfTheFirst() {
        Branching read = of("(1) catch+2 3 circle-lead", List.of()).orElseThrow();
        assertThat(read.before()).isEmpty();
        assertThat(read.ways().getFirst()).isEqualTo(new Way("1", "catch+2 3 circle-lead"));
        assertThat(read.ways().stream().map(Way::cue)).doesNotHaveDuplicates().hasSize(Branching.MOST);
        assertThat(read.text(2).chars().filter(c -> c == '|').count()).isEqualTo(1);
        assertThat(hasNoStop(read.text(Branching.MOST))).isTrue();
    }

    @Test
    void theReactionThatIsWrittenIsTheLinesOwnCue() {
        Branching read = of("1b (low) 2 3 circle-lead", List.of()).orElseThrow();
        assertThat(read.before()).isEqualTo("1b");
        assertThat(read.ways().getFirst()).isEqualTo(new Way("low", "2 3 circle-lead"));
    }

    @Test
    void filmGivesTheCuesAndHowOftenTheyCome() {
        After after = new After(
                "1b",
                16,
                List.of(
                        new FollowUp("low", Share.of(12, 16), List.of()),
                        new FollowUp("out", Share.of(4, 16), List.of())));
        Branching read = of("1b (low) 2 3 circle-lead", List.of(after)).orElseThrow();
        assertThat(read.ways().stream().map(Way::cue)).containsExactly("low", "out");
        assertThat(read.odds(2).weights(0, 2)).containsExactly(12, 4);
    }

    @Test
    void aReadThatIsThereIsKept() {
        Branching read =
                of("1 { (low): 2 | (high): 2b } circle-lead", List.of()).orElseThrow();
        assertThat(read.before()).isEqualTo("1");
        assertThat(read.ways()).containsExactly(new Way("low", "2 circle-lead"), new Way("high", "2b circle-lead"));
    }

    @Test
    void feetAloneHaveNothingToRead() {
        assertThat(of("in out circle-lead", List.of())).isEmpty();
    }
}
