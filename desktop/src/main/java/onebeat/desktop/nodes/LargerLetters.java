package onebeat.desktop.nodes;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/// The stylesheet with all its letters larger. Sizes stand in the one stylesheet as pixels; here they are multiplied,
/// so that no view has to know of it. The floor is as large as it can be anyway and keeps its sizes, as the program's
/// name does; what stands under the knots of the stations grows less, since the knots lie where they lie.
final class LargerLetters {

    private static final Pattern SIZE =
            Pattern.compile("(^[^\n{]*\\{[^}]*?-fx-font-size: )([0-9.]+)px", Pattern.MULTILINE);

    private static final int MOST_OF_STATIONS = 125;

    /// Each is made once: an address holds the whole stylesheet, and whoever looks a style up compares addresses.
    private static final Map<Asked, String> MADE = new ConcurrentHashMap<>();

    private record Asked(String stylesheet, int percent) {}

    private LargerLetters() {}

    /// The address of the stylesheet with larger letters.
    static String of(String stylesheet, int percent) {
        return MADE.computeIfAbsent(new Asked(stylesheet, percent), asked -> made(asked.stylesheet, asked.percent));
    }

    private static String made(String stylesheet, int percent) {
        try (InputStream in = URI.create(stylesheet).toURL().openStream()) {
            String css = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            String larger = SIZE.matcher(css).replaceAll(match -> replaced(match, percent));
            return "data:text/css;base64,"
                    + Base64.getEncoder().encodeToString(larger.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException("the stylesheet ships with the program", e);
        }
    }

    private static String replaced(MatchResult match, int percent) {
        String rule = match.group(1);
        boolean keeps = Stream.of(".floor", ".feeder", ".brand").anyMatch(rule::startsWith);
        int grows = keeps ? 100 : rule.startsWith(".station") ? Math.min(percent, MOST_OF_STATIONS) : percent;
        double size = Double.parseDouble(match.group(2)) * grows / 100;
        return Matcher.quoteReplacement(match.group(1)) + String.format(Locale.ROOT, "%.1fpx", size);
    }
}
