package onebeat.core.rounds;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// One stretch of an evening.
///
/// @param seconds how long it is
/// @param exercises what is done in it; none in rounds and rests
public record Block(Kind kind, int seconds, List<Exercise> exercises) {

    /// What kind of stretch.
    public enum Kind {
        WARM_UP,
        FEET,
        ROUND,
        REST,
        TRUNK,
        COOL_DOWN;

        /// The word for it, for example `warm-up`.
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        static Optional<Kind> of(String word) {
            for (Kind kind : values()) {
                if (kind.word().equals(word)) {
                    return Optional.of(kind);
                }
            }
            return Optional.empty();
        }
    }

    public Block {
        exercises = List.copyOf(exercises);
    }

    /// Rounds alone with the scheme's rests between.
    static List<Block> alone(Scheme scheme, int rounds) {
        List<Block> blocks = new ArrayList<>();
        for (int i = 0; i < rounds; i++) {
            if (i > 0) {
                blocks.add(new Block(Kind.REST, scheme.restS(), List.of()));
            }
            blocks.add(new Block(Kind.ROUND, scheme.workS(), List.of()));
        }
        return blocks;
    }
}
