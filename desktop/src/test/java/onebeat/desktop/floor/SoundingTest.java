package onebeat.desktop.floor;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import onebeat.core.camp.Schedules;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Session;
import onebeat.desktop.DemoFiles;
import onebeat.desktop.Driver;
import onebeat.desktop.TestDay;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.settings.SettingsStore;
import onebeat.desktop.sound.SilentSounds;
import onebeat.formats.sound.SaidCalls;
import onebeat.store.CampFile;
import onebeat.store.Opening.Opened;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SoundingTest {

    @TempDir
    Path folder;

    private CampSession app;
    private Sounding sounding;

    @BeforeEach
    void open() throws InterruptedException {
        Driver.startToolkit();
        CampFile file = ((Opened) CampFile.open(DemoFiles.in(folder, TestDay.TODAY))).file();
        app = Driver.onFx(() -> new CampSession(file, TestDay.clock(), new SettingsStore(folder.resolve("settings"))));
        sounding = new Sounding(app, new SilentSounds("a test"), () -> 0);
    }

    @AfterEach
    void close() {
        Driver.onFx(() -> {
            app.close();
            return true;
        });
    }

    private Schedule laidOut() {
        Session tonight = app.tonight().orElseThrow();
        return app.schedules().of(app.camp(), tonight, sounding.calls());
    }

    private String take(String name) throws Exception {
        try (InputStream bell = Sounding.class.getResourceAsStream("/onebeat/formats/sound/bell.wav")) {
            return sounding.take(Files.write(
                    folder.resolve(name), Objects.requireNonNull(bell).readAllBytes()));
        }
    }

    /// A bell rings longer than the words of a call: said by one, a call has to begin earlier.
    @Test
    void aSessionIsLaidOutAnewOnceARecordingTakesAnotherTime() throws Exception {
        Schedule before = laidOut();
        assertThat(laidOut()).isSameAs(before);
        for (String word : new String[] {"jab.wav", "cross.wav", "catch.wav", "hook.wav"}) {
            take(word);
        }
        assertThat(laidOut())
                .isNotEqualTo(before)
                .isEqualTo(new Schedules().of(app.camp(), app.tonight().orElseThrow(), sounding.calls()));
    }

    @Test
    void aRecordingThatIsNotTakenChangesNothing() throws Exception {
        SaidCalls before = sounding.calls();
        assertThat(take("zebra.wav")).contains("zebra");
        assertThat(sounding.calls()).isSameAs(before);
    }
}
