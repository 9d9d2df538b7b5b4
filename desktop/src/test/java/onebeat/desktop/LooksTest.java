package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.ResourceBundle;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import onebeat.core.review.Code;
import onebeat.desktop.text.Texts;
import onebeat.formats.sound.Sound;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What can be checked of the look without eyes: contrast and words.
class LooksTest {

    private static final Pattern TOKEN = Pattern.compile("(-[a-z-]+): (#[0-9a-f]{6});");

    private static Map<String, Integer> colours() throws IOException {
        try (InputStream in =
                Objects.requireNonNull(LooksTest.class.getResourceAsStream("/onebeat/desktop/one-beat.css"))) {
            Matcher matcher = TOKEN.matcher(new String(in.readAllBytes(), StandardCharsets.UTF_8));
            Map<String, Integer> colours = new HashMap<>();
            while (matcher.find()) {
                colours.put(matcher.group(1), Integer.parseInt(matcher.group(2).substring(1), 16));
            }
            return colours;
        }
    }

    /// Relative luminance (W3C, Web Content Accessibility Guidelines 2.1, definition of relative luminance).
    private static double luminance(int rgb) {
        double[] parts = new double[3];
        for (int i = 0; i < 3; i++) {
            double c = ((rgb >> (16 - 8 * i)) & 0xFF) / 255.0;
            parts[i] = c <= 0.03928 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
        }
        return 0.2126 * parts[0] + 0.7152 * parts[1] + 0.0722 * parts[2];
    }

    /// Text against its ground has a contrast of at least 4.5 to 1 (WCAG 2.1, success criterion 1.4.3).
    @ParameterizedTest
    @CsvSource({
        "-ink,-canvas",
        "-ink-soft,-canvas",
        "-ink-soft,-paper",
        "-athlete,-paper",
        "-athlete,-canvas",
        "-partner,-paper",
        "-partner,-canvas",
        "-good,-paper",
        "-knot-ink,-paper",
        "-stop,-paper",
        "-warn,-paper",
        "-chalk,-leather",
        "-night-knot,-leather",
        "-night-soft,-night",
        "-night-athlete,-night",
        "-night-partner,-night",
        "-chalk,-night",
        "-night,-night-knot",
        "-night-soft,-leather"
    })
    void textCanBeRead(String text, String ground) throws IOException {
        double one = luminance(Objects.requireNonNull(colours().get(text)));
        double other = luminance(Objects.requireNonNull(colours().get(ground)));
        assertThat((Math.max(one, other) + 0.05) / (Math.min(one, other) + 0.05))
                .as(text + " on " + ground)
                .isGreaterThanOrEqualTo(4.5);
    }

    @Test
    void everyFindingHasItsWords() {
        ResourceBundle texts = ResourceBundle.getBundle("onebeat.desktop.texts");
        for (Code code : Code.values()) {
            assertThat(texts.containsKey("finding." + code)).as(code.name()).isTrue();
        }
    }

    @Test
    void cautionsAreSaid() {
        assertThat(Texts.of("caution.floor"))
                .contains("dizziness")
                .contains("licensed")
                .contains("clears nobody");
        assertThat(Texts.of("caution.short")).contains("Stop at");
    }

    @Test
    void timesAreToldAsCoachesReadThem() {
        assertThat(Texts.clock(180)).isEqualTo("3:00");
        assertThat(Texts.clock(9.2)).isEqualTo("0:10");
        assertThat(Texts.clock(-1)).isEqualTo("0:00");
        assertThat(Texts.filmTime(134.36)).isEqualTo("02:14.4");
    }

    /// A file of texts says nothing where a key stands twice: the second one wins.
    @ParameterizedTest
    @ValueSource(
            strings = {
                "/onebeat/desktop/texts.properties",
                "/onebeat/desktop/commands.properties",
                "/onebeat/core/vocabulary.properties"
            })
    void everyTextStandsOnce(String file) throws IOException {
        try (InputStream in = Objects.requireNonNull(LooksTest.class.getResourceAsStream(file))) {
            assertThat(new String(in.readAllBytes(), StandardCharsets.UTF_8)
                            .lines()
                            .filter(line -> line.contains("=") && !line.startsWith("#"))
                            .map(line -> line.substring(0, line.indexOf('='))))
                    .hasSizeGreaterThan(50)
                    .doesNotHaveDuplicates();
        }
    }

    @Test
    void everySoundIsShipped() {
        for (Sound sound : Sound.values()) {
            assertThat(LooksTest.class.getResource(sound.path()))
                    .as(sound.path())
                    .isNotNull();
        }
        assertThat(Sound.values()).hasSize(8);
    }
}
