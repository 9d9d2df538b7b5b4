package onebeat.core.camp;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Map;
import java.util.stream.Collectors;
import onebeat.core.book.Judgement;
import onebeat.core.book.Repetition;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Weapon;
import onebeat.core.notation.Notation;
import org.junit.jupiter.api.Test;

class MasteryTest {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 4);

    private static Camp camp(int clean, int late) {
        Camp camp = Camp.empty(new Card(
                "Saltlight",
                Fighter.usual("Ilka", Stance.ORTHODOX),
                Fighter.usual("Noor", Stance.SOUTHPAW),
                DAY,
                DAY.plusWeeks(8)));
        camp = Edit.add(Place.DRILLS, new Drill("d1", "hands", "(1) catch+2 ~3 hookkick", 60, DAY, ""))
                .applyTo(camp);
        for (int i = 0; i < clean + late; i++) {
            Judgement judged = i < clean ? Judgement.CLEAN : Judgement.LATE;
            camp = Edit.add(Place.REPETITIONS, new Repetition("p" + i, "r", "d1", DAY, 60, i, judged))
                    .applyTo(camp);
        }
        return camp;
    }

    private static Map<String, Double> mastery(Camp camp) {
        return Mastery.of(camp).weapons().stream()
                .collect(Collectors.toMap(w -> Notation.print(w.act()), Weapon::mastery));
    }

    @Test
    void cleanRepetitionsMakeItsActionsSure() {
        Map<String, Double> sure = mastery(camp(45, 5));
        assertThat(sure.get("2")).isCloseTo((45 + 4) / (50 + 5.0), within(1e-12));
        assertThat(sure.get("catch")).isEqualTo(sure.get("2"));
        assertThat(mastery(camp(5, 45)).get("2")).isLessThan(sure.get("2"));
    }

    @Test
    void whatWasNeverJudgedIsAsSureAsTheStart() {
        assertThat(mastery(camp(45, 5)).get("1")).as("only the partner's").isEqualTo(0.8);
        assertThat(mastery(camp(0, 0)).get("2")).isEqualTo(0.8);
        assertThat(mastery(camp(45, 5)).get("3")).as("only feinted").isEqualTo(0.8);
    }

    @Test
    void linesOfTheCampAddToTheRepertoire() {
        assertThat(mastery(camp(0, 0))).containsKeys("hookkick", "1", "rlow", "parry");
    }
}
