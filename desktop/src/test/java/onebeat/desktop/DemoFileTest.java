package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import onebeat.store.CampFile;
import onebeat.store.Opening;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DemoFileTest {

    @TempDir
    private Path folder;

    @Test
    void theDemoCampIsWrittenAsACampThatOpens() {
        Path file = folder.resolve("saltlight.onebeat");
        assertThat(DemoFile.write(file)).isZero();
        try (CampFile camp = ((Opening.Opened) CampFile.open(file)).file()) {
            assertThat(camp.camp().card().athlete().name()).isEqualTo("Ilka");
            assertThat(camp.camp().partners().size()).isPositive();
        }
    }

    @Test
    void whatIsThereAlreadyIsLeftAsItIs() throws IOException {
        Path file = Files.writeString(folder.resolve("mine.onebeat"), "something of mine");
        assertThat(DemoFile.write(file)).isEqualTo(2);
        assertThat(file).hasContent("something of mine");
    }
}
