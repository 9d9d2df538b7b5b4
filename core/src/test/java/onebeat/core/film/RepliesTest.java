package onebeat.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import onebeat.core.Lines;
import onebeat.core.review.Context;
import org.junit.jupiter.api.Test;

class RepliesTest {

    private static final Context OPEN = Context.of(Lines.OPEN);

    @Test
    void whatIsKnownIsWhatIsFound() {
        Replies replies = new Replies(OPEN, Repertoire.usual());
        for (String theirs : List.of("1", "2", "low", "none")) {
            for (String beginning : List.of("", "1b")) {
                assertThat(replies.best(beginning, theirs))
                        .as(beginning + " (" + theirs + ")")
                        .isEqualTo(Reply.best(beginning, theirs, OPEN, Repertoire.usual()))
                        .isSameAs(replies.best(beginning, theirs));
            }
        }
        assertThat(replies.best("", "1")).isNotEqualTo(replies.best("1b", "low"));
    }

    @Test
    void noReplyIsKnownToo() {
        Replies nothing = new Replies(OPEN, new Repertoire(List.of()));
        assertThat(nothing.best("", "1")).isEmpty();
    }
}
