package onebeat.core.camp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Idea;
import onebeat.core.film.Repertoire;
import onebeat.core.film.Reply;
import onebeat.core.film.Share;
import org.junit.jupiter.api.Test;

class BookLinesTest {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 4);

    private Camp camp = Camp.empty(new Card(
            "Saltlight",
            Fighter.usual("Ilka", Stance.ORTHODOX),
            Fighter.usual("Noor", Stance.SOUTHPAW),
            DAY,
            DAY.plusWeeks(8)));

    private void drill(String id, String line) {
        camp = Edit.add(Place.DRILLS, new Drill(id, id, line, 60, DAY, "")).applyTo(camp);
    }

    private List<String> using(String stimulus, String response, String strike) {
        Reply reply = Reply.all(stimulus, response, camp.againstOpponent(), Repertoire.usual()).stream()
                .filter(r -> r.strike().equals(strike))
                .findFirst()
                .orElseThrow();
        Idea idea = new Idea(stimulus, response, Share.of(5, 6), reply, List.of());
        return BookLines.using(camp, idea).stream().map(Drill::id).toList();
    }

    @Test
    void linesThatStrikeRightAfterTheStimulusUseIt() {
        drill("right", "1b (low) 3 circle-lead");
        drill("next", "1b 2 3");
        drill("late", "1b 2 2 3");
        drill("other", "1 3");
        drill("read", "1b { (low): 3 | (out): rcalf } circle-lead");
        assertThat(using("1b", "low", "3")).containsExactly("right", "next", "read");
    }

    @Test
    void aLineThatCannotBeReadIsLeftOut() {
        drill("broken", "1b (low) 3 \"gone\"");
        assertThat(using("1b", "low", "3")).isEmpty();
    }
}
