package onebeat.formats.out;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import onebeat.formats.out.OutFiles.Taken;
import onebeat.formats.out.OutFiles.TakenException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class OutFilesTest {

    @TempDir
    Path folder;

    private OutFiles files() {
        return new OutFiles(folder.resolve("program").resolve("written"));
    }

    @Test
    void aFileOfOursIsWrittenOverAndOneOfAnotherIsNot() throws IOException {
        Path file = folder.resolve("film.csv");
        files().writeText(file, "first", Taken.REFUSE);
        files().writeText(file, "second", Taken.REFUSE);
        assertThat(file).hasContent("second");
        Files.writeString(file, "the coach's own");
        assertThatThrownBy(() -> files().writeText(file, "third", Taken.REFUSE))
                .isInstanceOf(TakenException.class)
                .hasMessageContaining(file.toString());
        assertThat(file).hasContent("the coach's own");
        assertThatThrownBy(() -> files().mustBeFree(file, Taken.REFUSE)).isInstanceOf(TakenException.class);
        files().mustBeFree(file, Taken.NUMBER);
        files().mustBeFree(folder.resolve("nothing is here yet.csv"), Taken.REFUSE);
        assertThat(files().writeText(file, "third", Taken.NUMBER)).isEqualTo(folder.resolve("film-2.csv"));
        assertThat(files().writeText(file, "fourth", Taken.NUMBER)).isEqualTo(folder.resolve("film-2.csv"));
        assertThat(folder.resolve("film-2.csv")).hasContent("fourth");
        assertThat(file).hasContent("the coach's own");
        files().writeText(file, "fifth", Taken.REPLACE);
        assertThat(file).hasContent("fifth");
    }

    @Test
    void whatFailsHalfWayLeavesTheOldFileAndNothingElse() throws IOException {
        Path file = folder.resolve("round.wav");
        files().writeText(file, "whole", Taken.REFUSE);
        assertThatThrownBy(() -> files().write(
                                file,
                                out -> {
                                    out.write(new byte[100_000]);
                                    throw new IOException("No space left on device");
                                },
                                Taken.REFUSE))
                .hasMessageContaining("No space");
        assertThat(file).hasContent("whole");
        try (Stream<Path> all = Files.list(folder)) {
            assertThat(all).containsExactlyInAnyOrder(file, folder.resolve("program"));
        }
    }

    @Test
    void aDeviceIsWrittenToAndNotReplaced() throws IOException {
        Path device = Path.of("/dev/null");
        assumeTrue(Files.exists(device));
        files().writeText(device, "gone", Taken.REFUSE);
        assertThat(Files.isRegularFile(device)).isFalse();
    }

    @Test
    void aLinkStaysALink() throws IOException {
        Path real = folder.resolve("real.csv");
        files().writeText(real, "first", Taken.REFUSE);
        Path link = Files.createSymbolicLink(folder.resolve("link.csv"), real);
        files().writeText(link, "second", Taken.REFUSE);
        assertThat(link).isSymbolicLink();
        assertThat(real).hasContent("second");
    }
}
