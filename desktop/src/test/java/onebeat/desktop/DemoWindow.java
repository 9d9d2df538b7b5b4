package onebeat.desktop;

import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicLong;
import javafx.scene.input.KeyCode;
import onebeat.desktop.app.StationName;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/// The demo camp in the real window, made anew for every test, with a clock that the test moves.
abstract class DemoWindow {

    @TempDir
    Path folder;

    final AtomicLong clockMs = new AtomicLong();

    Driver coach;

    @BeforeAll
    static void toolkit() throws InterruptedException {
        Driver.startToolkit();
    }

    @BeforeEach
    void open() {
        coach = Driver.open(DemoFiles.in(folder, TestDay.TODAY), clockMs::get);
    }

    @AfterEach
    void close() {
        coach.close();
    }

    final void go(StationName name) {
        coach.press(KeyCode.getKeyCode("" + name.number()), KeyCode.CONTROL);
        coach.await(name.name(), () -> coach.shell.here() == name);
    }
}
