package onebeat.store;

import java.util.Optional;
import java.util.function.Function;
import onebeat.core.camp.Place;
import org.jspecify.annotations.Nullable;

/// A column of a table: what a thing has in it, and what it may hold.
///
/// @param refersTo the place in which its value has to be the id of a thing
record Column<T>(String name, Function<T, @Nullable Object> value, Limit limit, Optional<Place<?>> refersTo) {

    static <T> Column<T> of(String name, Function<T, @Nullable Object> value, Limit limit) {
        return new Column<>(name, value, limit, Optional.empty());
    }

    /// A column of ids of things that stand elsewhere.
    static <T> Column<T> to(String name, Function<T, @Nullable Object> value, Place<?> place) {
        return new Column<>(name, value, Limit.name(), Optional.of(place));
    }

    @Nullable
    Object of(T thing) {
        return value.apply(thing);
    }
}
