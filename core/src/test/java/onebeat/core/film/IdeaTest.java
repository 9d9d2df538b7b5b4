package onebeat.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import onebeat.core.exchange.Stance;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Setting;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class IdeaTest {

    private static final Context OPEN = Context.of(Setting.of(Stance.ORTHODOX, Stance.SOUTHPAW));
    private static final Repertoire ALL = Repertoire.usual();

    @Test
    @DisplayName("F20, common practice: hands that drop to a body jab leave the head, and the reply goes there")
    void droppedHandsLeaveTheHead() {
        Reply reply = Reply.best("1b", "low", OPEN, ALL).orElseThrow();
        assertThat(reply.strike()).isIn("2", "3", "overhand");
    }

    @Test
    @DisplayName("F21, common practice: weight leaned back off the lead hook leaves the leg to the rear low kick")
    void aLeanLeavesTheLeg() {
        assertThat(Reply.all("2 3", "lean", OPEN, ALL).stream().limit(3).map(Reply::strike))
                .containsAnyOf("rlow", "rcalf", "inlow");
    }

    @Test
    @DisplayName("a reply to a strike meets it first, and nothing that is proposed has a stop")
    void aStrikeIsMetFirst() {
        List<Reply> replies = Reply.all("1", "2", OPEN, ALL);
        assertThat(replies).isNotEmpty();
        for (Reply reply : replies) {
            Review review = Review.withoutMends((Read) Notation.read(reply.line()), OPEN);
            assertThat(review.hasStop()).as(reply.line()).isFalse();
            assertThat(reply.words()).contains(reply.strike()).isNotEqualTo(reply.strike());
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"low", "parry", "check", "lean", "block", "out", "chase", "none", "2", "3"})
    void everyUsualResponseHasAReply(String response) {
        assertThat(Reply.best("1", response, OPEN, ALL)).isPresent();
    }

    @Test
    @DisplayName("ten of twelve come before three of three: a habit from three sightings is a guess (common practice)")
    void theSurerComesFirst() {
        List<Idea> ideas = Idea.of(
                OnFilm.habits(
                        OnFilm.times(10, "1b (low)"), OnFilm.times(2, "1b (out)"), OnFilm.times(3, "inlow (low)")),
                OPEN,
                ALL);
        assertThat(ideas.getFirst().stimulus()).isEqualTo("1b");
        assertThat(ideas.getFirst().response()).isEqualTo("low");
        assertThat(ideas).isSortedAccordingTo((a, b) -> Double.compare(b.worth(), a.worth()));
    }

    @Test
    void whatWasSeenOnceIsNoIdea() {
        assertThat(Idea.of(OnFilm.habits(OnFilm.times(1, "1 (low)")), OPEN, ALL))
                .isEmpty();
    }

    @Test
    void ideasPointAtTheExchangesBehindThem() {
        List<Exchange> seen = OnFilm.times(4, "1b (low)");
        Idea idea = Idea.of(OnFilm.habits(seen), OPEN, ALL).getFirst();
        assertThat(idea.exchanges())
                .containsExactlyElementsOf(seen.stream().map(Exchange::id).toList());
        assertThat(idea.share()).isEqualTo(Share.of(4, 4));
    }
}
