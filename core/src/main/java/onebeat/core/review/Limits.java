package onebeat.core.review;

import java.util.OptionalInt;

/// How many touches the coach allows in one repetition of a line. The limits are his own; the program knows none.
///
/// @param head strikes to a head, of either, that meet no pad
/// @param partner touches on the partner himself
public record Limits(OptionalInt head, OptionalInt partner) {

    /// No limit set.
    public static Limits none() {
        return new Limits(OptionalInt.empty(), OptionalInt.empty());
    }
}
