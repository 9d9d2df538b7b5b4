package onebeat.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/// The page of facts and the code keep together.
class FactsPageTest {

    private static final Path TOP = Path.of("").toAbsolutePath().getParent();
    private static final Pattern CITED = Pattern.compile("\\b([FJ][0-9]{1,2})\\b");
    private static final Pattern TOLD = Pattern.compile("\\*\\*([FJ][0-9]{1,2})\\*\\*");

    private static Set<String> matches(Pattern pattern, Predicate<Path> which) throws IOException {
        Set<String> all = new TreeSet<>();
        try (Stream<Path> files = Files.walk(TOP)) {
            for (Path file : files.filter(Files::isRegularFile)
                    .filter(f ->
                            !f.toString().contains("/target/") && !f.toString().contains("/."))
                    .filter(which)
                    .toList()) {
                Matcher matcher = pattern.matcher(Files.readString(file));
                while (matcher.find()) {
                    all.add(matcher.group(1));
                }
            }
        }
        return all;
    }

    private static boolean endsWith(Path file, String... endings) {
        return Stream.of(endings).anyMatch(file.toString()::endsWith);
    }

    private static Set<String> told() throws IOException {
        return matches(TOLD, f -> f.endsWith(Path.of("docs", "facts.md")));
    }

    @Test
    @DisplayName("Every number cited in code or data stands on the page")
    void whatIsCitedIsTold() throws IOException {
        Set<String> cited = matches(
                CITED,
                f -> endsWith(f, ".java", ".csv", ".properties") && f.toString().contains("/onebeat/core/"));
        assertThat(told()).containsAll(cited);
    }

    @Test
    @DisplayName("Every fact and every law has a test that cites it")
    void whatIsToldIsTested() throws IOException {
        Set<String> tested = matches(CITED, f -> f.toString().contains("/src/test/") && endsWith(f, ".java"));
        assertThat(tested).containsAll(told());
        assertThat(told()).hasSize(33 + 7 + 25);
    }
}
