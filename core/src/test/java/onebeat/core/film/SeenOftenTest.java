package onebeat.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Stance;
import onebeat.core.play.Who;
import org.junit.jupiter.api.Test;

class SeenOftenTest {

    private static List<Exchange> logged(String... lines) {
        List<Exchange> all = new ArrayList<>();
        for (String line : lines) {
            all.add(new Exchange(
                    "x" + all.size(),
                    "r1",
                    all.size(),
                    1,
                    Who.ATHLETE,
                    Stance.ORTHODOX,
                    Stance.SOUTHPAW,
                    Optional.empty(),
                    line,
                    Outcome.NONE,
                    ""));
        }
        return all;
    }

    @Test
    void whatWasSeenMostOftenComesFirstAndOfEqualOnesTheLast() {
        assertThat(SeenOften.lines(logged("1", "2", "1", "3", "2", "4"), 3)).containsExactly("2", "1", "4");
        assertThat(SeenOften.lines(List.of(), 3)).isEmpty();
    }

    @Test
    void whatIsLongAgoDoesNotCount() {
        String[] lines = new String[100];
        for (int i = 0; i < lines.length; i++) {
            lines[i] = i < 35 ? "1 (parry)" : "" + (1 + i % 3);
        }
        assertThat(SeenOften.lines(logged(lines), 5))
                .doesNotContain("1 (parry)")
                .hasSize(3);
    }

    @Test
    void aLineGoesOnWithTheOtherOne() {
        assertThat(SeenOften.goingOn("1 2")).isEqualTo("1 2 ()");
        assertThat(SeenOften.goingOn("1 (parry)")).isEqualTo("1 (parry) ");
    }
}
