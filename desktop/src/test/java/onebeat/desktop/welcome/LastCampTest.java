package onebeat.desktop.welcome;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LastCampTest {

    @TempDir
    Path folder;

    private String before = "";

    @BeforeEach
    void ownFolder() {
        before = System.getProperty("onebeat.folder", "");
        System.setProperty("onebeat.folder", folder.toString());
    }

    @AfterEach
    void theOtherFolder() {
        System.setProperty("onebeat.folder", before);
    }

    @Test
    void theCampThatWasOpenIsRemembered() throws IOException {
        Path camp = Files.createFile(folder.resolve("a.onebeat"));
        LastCamp.tries(camp);
        assertThat(LastCamp.neverOpened()).contains(camp);
        LastCamp.remember(camp);
        assertThat(LastCamp.path()).contains(camp);
        assertThat(LastCamp.neverOpened()).isEmpty();
    }

    @Test
    void aCampThatIsGoneIsNotOpenedAgain() throws IOException {
        Path camp = Files.createFile(folder.resolve("a.onebeat"));
        LastCamp.remember(camp);
        Files.delete(camp);
        assertThat(LastCamp.path()).isEmpty();
    }

    @Test
    void spoiltNotesAreNoCamp() throws IOException {
        for (String words : new String[] {"", "\n", "a\0b.onebeat", "/etc/passwd", "§".repeat(5_000)}) {
            Files.write(folder.resolve("last-camp"), words.getBytes(StandardCharsets.UTF_8));
            assertThat(LastCamp.path()).isEmpty();
        }
        Files.write(folder.resolve("last-camp"), new byte[] {(byte) 0xC3, (byte) 0x28, 0, 1});
        assertThat(LastCamp.path()).isEmpty();
    }
}
