package onebeat.desktop;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.concurrent.atomic.AtomicLong;
import javafx.scene.input.KeyCode;
import onebeat.desktop.app.StationName;
import onebeat.desktop.demo.DemoCamp;
import onebeat.store.CampFile;
import onebeat.store.Opening.Opened;
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
        Path path = folder.resolve("demo" + CampFile.ENDING);
        Opened made = (Opened) DemoCamp.openOrCreate(path, LocalDate.now(ZoneId.systemDefault()));
        made.file().close();
        coach = Driver.open(path, clockMs::get);
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
