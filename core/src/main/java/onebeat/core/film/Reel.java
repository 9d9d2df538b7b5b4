package onebeat.core.film;

/// A fight or sparring on film.
///
/// @param seconds how long it runs
/// @param roundSeconds how long a round on it lasts, rests left out; the round of a time follows from it
public record Reel(String id, String name, double seconds, double roundSeconds) {

    /// The round, from 1, that a time in seconds lies in.
    public int roundAt(double timeS) {
        return (int) Math.floor(Math.max(0, timeS) / roundSeconds) + 1;
    }
}
