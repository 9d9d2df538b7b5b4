package onebeat.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import onebeat.store.CampLook.Look;
import onebeat.store.CampLook.Seen;
import onebeat.store.CampLook.Unseen;
import onebeat.store.Opening.Opened;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CampLookTest {

    @TempDir
    Path folder;

    @Test
    void aCampIsSeenAndStaysAsItIs() throws IOException {
        Path path = folder.resolve("pier.onebeat");
        ((Opened) CampFile.create(path, CampFileTest.CARD, _ -> {})).file().close();
        byte[] before = Files.readAllBytes(path);
        Look look = CampLook.into(path);
        assertThat(look)
                .isInstanceOfSatisfying(
                        Seen.class, seen -> assertThat(seen.camp().card()).isEqualTo(CampFileTest.CARD));
        assertThat(Files.readAllBytes(path)).isEqualTo(before);
        try (var beside = Files.list(folder)) {
            assertThat(beside).containsExactly(path);
        }
    }

    @Test
    void theOpenCampIsNotLookedInto() {
        Path path = folder.resolve("open.onebeat");
        try (CampFile file = ((Opened) CampFile.create(path, CampFileTest.CARD, _ -> {})).file()) {
            assertThat(CampLook.into(path))
                    .isInstanceOfSatisfying(
                            Unseen.class, no -> assertThat(no.sentence()).contains("is open in this One Beat"));
            assertThat(file.path()).isEqualTo(path);
        }
    }

    @Test
    void whatIsNoCampIsSaidOfTheFileThatWasChosen() throws IOException {
        Path path = Files.writeString(folder.resolve("notes.onebeat"), "nothing");
        assertThat(CampLook.into(path))
                .isInstanceOfSatisfying(
                        Unseen.class, no -> assertThat(no.sentence()).contains(path.toString()));
        assertThat(CampLook.into(folder.resolve("none"))).isInstanceOf(Unseen.class);
    }
}
