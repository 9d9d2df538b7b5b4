package onebeat.formats.film;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/// Words along a film as other players read them: WebVTT (W3C, WebVTT: The Web Video Text Tracks Format, Candidate
/// Recommendation 2019, section 4) and SRT (common practice).
public final class Subtitles {

    /// No words stand for less than this, in seconds.
    private static final double SHORTEST_S = 0.3;

    private static final double GAP_S = 0.04;

    private Subtitles() {}

    /// Words that stand on the screen for a while.
    ///
    /// @param fromS when they come, in seconds
    /// @param toS when they go, in seconds
    public record Cue(double fromS, double toS, String words) {}

    /// The cues in time, each gone before the next one comes.
    private static List<Cue> inTime(List<Cue> cues) {
        List<Cue> sorted =
                cues.stream().sorted(Comparator.comparingDouble(Cue::fromS)).toList();
        return IntStream.range(0, sorted.size())
                .mapToObj(i -> {
                    Cue cue = sorted.get(i);
                    double from = Math.max(0, cue.fromS);
                    double next = i + 1 < sorted.size() ? sorted.get(i + 1).fromS - GAP_S : Double.MAX_VALUE;
                    return new Cue(from, Math.max(from + SHORTEST_S, Math.min(cue.toS, next)), cue.words);
                })
                .toList();
    }

    /// The cues as WebVTT.
    public static String vtt(List<Cue> cues) {
        return "WEBVTT\n\n"
                + inTime(cues).stream()
                        .map(cue -> time(cue.fromS, '.') + " --> " + time(cue.toS, '.') + "\n" + escaped(cue.words)
                                + "\n\n")
                        .collect(Collectors.joining());
    }

    /// The cues as SRT.
    public static String srt(List<Cue> cues) {
        List<Cue> sorted = inTime(cues);
        return IntStream.range(0, sorted.size())
                .mapToObj(i -> (i + 1) + "\r\n" + time(sorted.get(i).fromS, ',') + " --> "
                        + time(sorted.get(i).toS, ',') + "\r\n"
                        + plain(sorted.get(i).words).replace("\n", "\r\n")
                        + "\r\n\r\n")
                .collect(Collectors.joining());
    }

    private static String time(double seconds, char point) {
        long ms = Math.round(seconds * 1000);
        return String.format(
                Locale.ROOT,
                "%02d:%02d:%02d%c%03d",
                ms / 3_600_000,
                ms / 60_000 % 60,
                ms / 1000 % 60,
                point,
                ms % 1000);
    }

    /// An empty line would end the cue, and an arrow in it would begin another.
    private static String plain(String words) {
        return words.strip().replace("\r", "").replaceAll("\n{2,}", "\n").replace("-->", "→");
    }

    private static String escaped(String words) {
        return plain(words).replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
