package onebeat.core.film;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// A fight or sparring on film.
///
/// @param seconds how long it runs
/// @param roundSeconds how long a round on it lasts, rests left out; the round of a time follows from it
/// @param subject whom it studies, by name; empty where it is the camp's opponent
/// @param file where the film lies; empty where it is drawn from its exchanges. The file is only ever read
/// @param roundStarts when its rounds begin, in seconds, as they were marked; empty where they follow one another from
///     the start, each as long as `roundSeconds`
public record Reel(
        String id,
        String name,
        double seconds,
        double roundSeconds,
        String subject,
        String file,
        List<Double> roundStarts) {

    /// No film is longer than a day, in seconds.
    public static final double MOST_SECONDS = 86_400;

    /// No round on film is shorter, in seconds.
    public static final double LEAST_ROUND_SECONDS = 1;

    /// Two beginnings of rounds that lie nearer are one, in seconds.
    private static final double SAME_START_S = 5;

    public Reel {
        roundStarts = roundStarts.stream().sorted().toList();
    }

    /// A reel whose rounds were not marked.
    public Reel(String id, String name, double seconds, double roundSeconds, String subject, String file) {
        this(id, name, seconds, roundSeconds, subject, file, List.of());
    }

    /// A drawn reel of the camp's opponent.
    public Reel(String id, String name, double seconds, double roundSeconds) {
        this(id, name, seconds, roundSeconds, "", "");
    }

    /// The round, from 1, that a time in seconds lies in. What lies before the first mark belongs to the first round,
    /// a rest to the round before it.
    public int roundAt(double timeS) {
        if (roundStarts.isEmpty()) {
            return (int) Math.floor(Math.max(0, timeS) / roundSeconds) + 1;
        }
        return (int)
                Math.max(1, roundStarts.stream().filter(start -> start <= timeS).count());
    }

    /// When its rounds begin, in seconds: as marked, or one after the other.
    public List<Double> rounds() {
        return roundStarts.isEmpty()
                ? Stream.iterate(0.0, start -> start < seconds, start -> start + roundSeconds)
                        .toList()
                : roundStarts;
    }

    /// The same reel with a round that begins here, or without the one that began here or close by.
    public Reel withRoundAt(double timeS) {
        List<Double> starts = new ArrayList<>(roundStarts);
        if (!starts.removeIf(start -> Math.abs(start - timeS) < SAME_START_S)) {
            starts.add(timeS);
        }
        return withRounds(roundSeconds, starts);
    }

    /// The same reel with rounds that begin at these times, or are so long where there are none.
    public Reel withRounds(double lengthS, List<Double> starts) {
        return new Reel(id, name, seconds, lengthS, subject, file, starts);
    }

    /// The same reel of another name, that studies somebody else.
    public Reel named(String changed, String studied) {
        return new Reel(id, changed, seconds, roundSeconds, studied, file, roundStarts);
    }

    /// Whether it studies the opponent of this name.
    public boolean isOf(String opponent) {
        return subject.isEmpty() || subject.equals(opponent);
    }

    public boolean isDrawn() {
        return file.isEmpty();
    }

    /// The same reel of a film that lies elsewhere or turned out to be of another length.
    public Reel withFile(String changed, double lengthS) {
        return new Reel(id, name, lengthS, roundSeconds, subject, changed, roundStarts);
    }
}
