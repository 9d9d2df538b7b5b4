package onebeat.core.exchange;

import java.util.Locale;
import java.util.Optional;

/// A pattern of strikes that a defence meets, written `family/path/level` with `*` for any.
public record Target(Optional<Family> family, Optional<Path> path, Optional<Level> level) {

    /// Reads one pattern of the table.
    ///
    /// @throws IllegalArgumentException if the pattern has not three known parts
    public static Target parse(String text) {
        String[] parts = text.split("/", -1);
        if (parts.length != 3) {
            throw new IllegalArgumentException("not family/path/level: " + text);
        }
        return new Target(part(Family.class, parts[0]), part(Path.class, parts[1]), part(Level.class, parts[2]));
    }

    private static <E extends Enum<E>> Optional<E> part(Class<E> type, String word) {
        return word.equals("*") ? Optional.empty() : Optional.of(Enum.valueOf(type, word.toUpperCase(Locale.ROOT)));
    }

    /// Whether a strike of this technique at this level fits the pattern.
    public boolean fits(Technique strike, Level at) {
        return family.map(f -> f == strike.family()).orElse(true)
                && path.map(p -> p == strike.path()).orElse(true)
                && level.map(l -> l == at).orElse(true);
    }
}
