package onebeat.desktop.floor;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.input.KeyCode;
import onebeat.desktop.floor.FloorKeys.Does;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FloorKeysTest {

    @Test
    void theUsualKeysAreThere() {
        FloorKeys keys = FloorKeys.of("");
        assertThat(keys.of(KeyCode.SPACE)).contains(Does.BELL);
        assertThat(keys.of(KeyCode.C)).contains(Does.CLEAN);
        assertThat(keys.of(KeyCode.L)).contains(Does.LATE);
        assertThat(keys.of(KeyCode.W)).contains(Does.WRONG);
        assertThat(keys.of(KeyCode.S)).contains(Does.STOPPED);
        assertThat(keys.of(KeyCode.PAGE_DOWN)).isEmpty();
    }

    @Test
    void aTaughtKeyIsKeptAndComesBack() {
        FloorKeys keys = FloorKeys.of("").with(Does.CLEAN, KeyCode.PAGE_DOWN).with(Does.BELL, KeyCode.F5);
        FloorKeys again = FloorKeys.of(keys.words());
        assertThat(again.of(KeyCode.PAGE_DOWN)).contains(Does.CLEAN);
        assertThat(again.of(KeyCode.F5)).contains(Does.BELL);
        assertThat(again.of(KeyCode.C)).as("nobody is locked out").contains(Does.CLEAN);
    }

    @Test
    void aTaughtKeyGoesBeforeAUsualOne() {
        FloorKeys swapped = FloorKeys.of("LATE=C");
        assertThat(swapped.of(KeyCode.C)).contains(Does.LATE);
    }

    @ParameterizedTest
    @ValueSource(strings = {"CLEAN", "CLEAN=", "=C", "CLEAN=NO_SUCH_KEY", "FLY=C", "  ", "CLEAN=C=D"})
    void whatCannotBeReadIsAsUsual(String words) {
        assertThat(FloorKeys.of(words).of(KeyCode.C)).contains(Does.CLEAN);
        assertThat(FloorKeys.of(words).of(KeyCode.SPACE)).contains(Does.BELL);
    }
}
