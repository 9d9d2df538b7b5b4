package onebeat.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

/// Worked by hand from the definitions of Foster 1998 (Medicine and Science in Sports and Exercise 30, 1164–1168;
/// from memory): load is effort times minutes, monotony mean over standard deviation, strain load times monotony.
class TrainingLoadTest {

    @Test
    void aSessionIsItsEffortTimesItsMinutes() {
        assertThat(TrainingLoad.session(7, 60)).isEqualTo(420);
        assertThat(TrainingLoad.session(0, 60)).isZero();
        assertThatThrownBy(() -> TrainingLoad.session(11, 60)).hasMessageContaining("0 to 10");
        assertThatThrownBy(() -> TrainingLoad.session(Double.NaN, 60)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aWeekOfHardAndEasyDays() {
        // 400 0 200 400 0 200 200: the sum is 1400, the mean 200; the squares off it are 4 times 200², 160 000, so
        // that a sample's deviation is √(160 000 / 6) = 163.299, monotony 1.2247, strain 1714.6.
        TrainingLoad week = TrainingLoad.week(List.of(400.0, 0.0, 200.0, 400.0, 0.0, 200.0, 200.0));
        assertThat(week.load()).isEqualTo(1_400);
        assertThat(week.monotony().orElseThrow()).isCloseTo(1.2247, within(1e-4));
        assertThat(week.strain().orElseThrow()).isCloseTo(1_714.6, within(0.1));
    }

    @Test
    void aWeekOfDaysThatAreAllAlikeHasNoNumberForItsMonotony() {
        TrainingLoad week = TrainingLoad.week(List.of(300.0, 300.0, 300.0, 300.0, 300.0, 300.0, 300.0));
        assertThat(week.load()).isEqualTo(2_100);
        assertThat(week.monotony()).isEmpty();
        assertThat(week.strain()).isEmpty();
        assertThat(TrainingLoad.week(List.of()).load()).isZero();
    }
}
