package onebeat.core.hearing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class BellRoundsTest {

    @Test
    void longGapsAreRoundsAndShortOnesRests() {
        assertThat(BellRounds.starts(List.of(12.0, 192.0, 252.0, 432.5, 492.0, 672.0)))
                .as("three minutes and one (F40)")
                .containsExactly(12.0, 252.0, 492.0);
        assertThat(BellRounds.starts(List.of(5.0, 65.0, 245.0, 305.0)))
                .as("the film begins in a round and its first bell ends it")
                .containsExactly(65.0, 305.0);
        assertThat(BellRounds.starts(List.of(3.0, 183.0))).containsExactly(3.0);
    }

    @Test
    void whereItIsNotClearNothingIsProposed() {
        assertThat(BellRounds.starts(List.of())).isEmpty();
        assertThat(BellRounds.starts(List.of(12.0))).isEmpty();
        assertThat(BellRounds.starts(List.of(10.0, 40.0, 75.0))).isEmpty();
        assertThat(BellRounds.starts(List.of(0.0, 120.0, 240.0, 360.0)))
                .as("rounds and rests of one length")
                .isEmpty();
    }

    @Test
    void strokesCloseTogetherAreOneBellAndDoubtfulOnesNone() {
        List<Onset> onsets = List.of(
                new Onset(10, -10, SoundKind.BELL, 0.99, 0, 900),
                new Onset(11, -10, SoundKind.BELL, 0.99, 0, 900),
                new Onset(30, -10, SoundKind.PAD, 0.99, 1, 900),
                new Onset(50, -10, SoundKind.BELL, 0.5, 0, 900),
                new Onset(190, -10, SoundKind.BELL, 0.95, 0, 900));
        assertThat(BellRounds.bells(onsets)).containsExactly(10.0, 190.0);
    }
}
