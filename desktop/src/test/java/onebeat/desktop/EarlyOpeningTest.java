package onebeat.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import onebeat.desktop.demo.DemoCamp;
import onebeat.desktop.welcome.LastCamp;
import onebeat.store.Opening;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class EarlyOpeningTest {

    @TempDir
    private Path folder;

    @AfterEach
    void settled() {
        LastCamp.settled();
    }

    private Path camp() {
        Path path = folder.resolve("early.onebeat");
        assertInstanceOf(Opening.Opened.class, DemoCamp.openOrCreate(path, LocalDate.of(2027, 3, 4)))
                .file()
                .close();
        return path;
    }

    @Test
    void aNamedCampIsOpenedBeforeItIsAskedForAndGivenOnce() throws Exception {
        Path path = camp();
        EarlyOpening early = EarlyOpening.begin(List.of(path.toString()));
        assertEquals(Optional.of(path), early.path());
        assertEquals(
                Optional.of(path.toAbsolutePath()), LastCamp.neverOpened(), "a camp that ends the program is known");
        CountDownLatch done = new CountDownLatch(1);
        early.whenDone(done::countDown);
        assertTrue(done.await(60, TimeUnit.SECONDS));
        assertEquals(Optional.empty(), early.take(folder.resolve("other.onebeat")), "another camp is not waited for");
        Opening.Opened opened =
                assertInstanceOf(Opening.Opened.class, early.take(path).orElseThrow());
        assertEquals("Saltlight", opened.file().camp().card().name());
        opened.file().close();
        assertEquals(Optional.empty(), early.take(path), "it is opened anew the second time");
    }

    @Test
    void aMissingCampIsRefusedInASentence() {
        Path path = folder.resolve("gone.onebeat");
        EarlyOpening early = EarlyOpening.begin(List.of(path.toString()));
        Opening.Refused refused =
                assertInstanceOf(Opening.Refused.class, early.take(path).orElseThrow());
        assertTrue(refused.sentence().contains("There is no file"), refused.sentence());
    }

    @Test
    void picturesAndMeasuresOpenNothingEarly() {
        for (List<String> arguments : List.of(
                List.of("demo", "--shots", "out"), List.of("--frames", "r1", "out"), List.of("demo", "--typing"))) {
            assertEquals(Optional.empty(), EarlyOpening.begin(arguments).path(), arguments.toString());
        }
        assertEquals(Optional.empty(), EarlyOpening.none().take(folder));
    }
}
