package onebeat.desktop.settings;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import onebeat.core.wording.Scheme;
import onebeat.desktop.command.KeyPress;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SettingsStoreTest {

    @TempDir
    Path folder;

    private Path file() {
        return folder.resolve("deep").resolve("settings");
    }

    @Test
    void whatIsSetIsThereNextTime() {
        SettingsStore store = new SettingsStore(file());
        assertThat(store.get()).isEqualTo(Settings.USUAL);
        store.change(s -> s.withText(150)
                .with(Scheme.NUMBERS)
                .withWordsFirst(false)
                .withStill(true)
                .withWords(Map.of("rlow", "chop; no", "3", "hook"))
                .with(s.ownKeys().with("floor.bell", KeyPress.of("Page Up"))));
        Settings again = new SettingsStore(file()).get();
        assertThat(again.textPercent()).isEqualTo(150);
        assertThat(again.scheme()).isEqualTo(Scheme.NUMBERS);
        assertThat(again.wordsFirst()).isFalse();
        assertThat(again.still()).isTrue();
        assertThat(again.ownWords()).containsEntry("3", "hook").containsEntry("rlow", "chop");
        assertThat(again.ownKeys().of("floor.bell")).contains(KeyPress.of("Page Up"));
    }

    @Test
    void whatCannotBeReadIsAsUsual() throws IOException {
        Files.createDirectories(file().getParent());
        Files.writeString(file(), "text=huge\nscheme=runes\nkeys=floor.bell=Nokey;x\nown-words=zap=zip\nnonsense\n");
        assertThat(new SettingsStore(file()).get()).isEqualTo(Settings.USUAL);
    }

    @Test
    void lettersStayWithinTheirSizes() {
        assertThat(Settings.USUAL.withText(20).textPercent()).isEqualTo(100);
        assertThat(Settings.USUAL.withText(900).textPercent()).isEqualTo(200);
    }
}
