package onebeat.core.camp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import onebeat.core.book.Judgement;
import onebeat.core.book.Repetition;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.ladder.Ladder;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.rounds.Session;
import org.junit.jupiter.api.Test;

class LaddersTest {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 4);
    private static final Read LINE = (Read) Notation.read("(1) catch+2 3 off");

    private final Camp camp = Edit.add(Place.DRILLS, new Drill("d1", "d1", "(1) catch+2 3 off", 60, DAY, ""))
            .applyTo(Camp.empty(new Card(
                    "Saltlight",
                    Fighter.usual("Ilka", Stance.ORTHODOX),
                    Fighter.usual("Noor", Stance.SOUTHPAW),
                    DAY.minusWeeks(4),
                    DAY.plusWeeks(4))));

    @Test
    void whatIsBuiltIsKeptWhileOnlyRoundsChange() {
        Ladders ladders = new Ladders();
        Ladder first = ladders.of(camp, LINE);
        Camp later = Edit.add(Place.SESSIONS, new Session("s1", DAY, "Tonight", "kickboxing"))
                .applyTo(camp);
        assertThat(ladders.of(later, LINE)).isSameAs(first);
        assertThat(first.stages()).isNotEmpty();
    }

    @Test
    void whatItIsBuiltFromChangesIt() {
        Ladders ladders = new Ladders();
        Ladder first = ladders.of(camp, LINE);
        Camp judged = Edit.add(Place.REPETITIONS, new Repetition("p1", "r1", "d1", DAY, 60, 0, Judgement.LATE))
                .applyTo(camp);
        assertThat(ladders.of(judged, LINE)).isNotSameAs(first).isEqualTo(new Ladders().of(judged, LINE));
        Camp same = new Edit.OfCard(
                        camp.card(),
                        new Card(
                                "Saltlight",
                                Fighter.usual("Ilka", Stance.ORTHODOX),
                                Fighter.usual("Noor", Stance.ORTHODOX),
                                DAY.minusWeeks(4),
                                DAY.plusWeeks(4)))
                .applyTo(camp);
        assertThat(ladders.of(same, LINE)).isEqualTo(new Ladders().of(same, LINE));
    }
}
