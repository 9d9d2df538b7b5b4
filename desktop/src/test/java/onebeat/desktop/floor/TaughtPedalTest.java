package onebeat.desktop.floor;

import static org.assertj.core.api.Assertions.assertThat;

import onebeat.desktop.command.KeyPress;
import onebeat.desktop.command.OwnKeys;
import org.junit.jupiter.api.Test;

class TaughtPedalTest {

    @Test
    void whatACampKnewOfAPedalIsKept() {
        OwnKeys keys = TaughtPedal.with(OwnKeys.NONE, "CLEAN=PAGE_DOWN LATE=B nonsense ZAP=Q BELL=nokey");
        assertThat(keys.of("floor.clean")).contains(KeyPress.of("Page Down"));
        assertThat(keys.of("floor.late")).contains(KeyPress.of("B"));
        assertThat(keys.of("floor.bell")).isEmpty();
    }

    @Test
    void aPedalThatIsKnownStaysAsItIs() {
        OwnKeys known = OwnKeys.NONE.with("floor.clean", KeyPress.of("F5"));
        assertThat(TaughtPedal.with(known, "CLEAN=PAGE_DOWN LATE=B")).isEqualTo(known);
        assertThat(TaughtPedal.with(OwnKeys.NONE, "")).isEqualTo(OwnKeys.NONE);
    }
}
