package onebeat.desktop.film;

import java.util.Optional;
import onebeat.desktop.text.Texts;

/// Two marks on the film that it can run between, in seconds.
record Marks(Optional<Double> begin, Optional<Double> end) {

    static final Marks NONE = new Marks(Optional.empty(), Optional.empty());

    /// The first mark stands here; a second one that is not behind it goes.
    Marks beginAt(double timeS) {
        return new Marks(Optional.of(timeS), end.filter(e -> e > timeS));
    }

    /// The second mark stands here; a first one that is not before it goes.
    Marks endAt(double timeS) {
        return new Marks(begin.filter(b -> b < timeS), Optional.of(timeS));
    }

    boolean isSet() {
        return begin.isPresent() || end.isPresent();
    }

    String words() {
        return Texts.of(
                "film.marks",
                begin.map(Texts::filmTime).orElse("…"),
                end.map(Texts::filmTime).orElse("…"));
    }
}
