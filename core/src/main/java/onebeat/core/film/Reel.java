package onebeat.core.film;

/// A fight or sparring on film.
///
/// @param seconds how long it runs
/// @param roundSeconds how long a round on it lasts, rests left out; the round of a time follows from it
/// @param subject whom it studies, by name; empty where it is the camp's opponent
/// @param file where the film lies; empty where it is drawn from its exchanges. The file is only ever read
public record Reel(String id, String name, double seconds, double roundSeconds, String subject, String file) {

    /// No film is longer than a day, in seconds.
    public static final double MOST_SECONDS = 86_400;

    /// No round on film is shorter, in seconds.
    public static final double LEAST_ROUND_SECONDS = 1;

    /// A drawn reel of the camp's opponent.
    public Reel(String id, String name, double seconds, double roundSeconds) {
        this(id, name, seconds, roundSeconds, "", "");
    }

    /// The round, from 1, that a time in seconds lies in.
    public int roundAt(double timeS) {
        return (int) Math.floor(Math.max(0, timeS) / roundSeconds) + 1;
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
        return new Reel(id, name, lengthS, roundSeconds, subject, changed);
    }
}
