package onebeat.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import org.junit.jupiter.api.Test;

/// The README's example lines are lines.
class ReadmeTest {

    @Test
    void exampleLinesCanBeReadAndAreCanonical() throws IOException {
        String readme = Files.readString(Path.of("..", "README.md"));
        String block = readme.substring(readme.indexOf("## A line")).split("```", 3)[1];
        List<String> lines = block.lines()
                .filter(l -> !l.isBlank())
                .map(l -> l.split(" {3,}", 2)[0])
                .toList();
        assertThat(lines).hasSizeGreaterThan(3);
        for (String line : lines) {
            assertThat(Notation.read(line))
                    .as(line)
                    .isInstanceOfSatisfying(
                            Read.class, read -> assertThat(read.canonical()).isEqualTo(line));
        }
    }
}
