package onebeat.core.camp;

import org.pcollections.HashTreePMap;
import org.pcollections.PMap;

/// A shelf for each place; a place in which nothing was put has an empty one. Immutable.
public final class Shelves {

    private static final Shelves EMPTY = new Shelves(HashTreePMap.empty());

    private final PMap<Place<?>, Shelf<?>> filled;

    private Shelves(PMap<Place<?>, Shelf<?>> filled) {
        this.filled = filled;
    }

    /// Shelves with nothing on them.
    static Shelves empty() {
        return EMPTY;
    }

    /// What is kept in a place.
    // A place and its shelf speak of the same things: only `with` puts them together.
    @SuppressWarnings("unchecked")
    <T> Shelf<T> at(Place<T> place) {
        Shelf<?> shelf = filled.get(place);
        return shelf == null ? place.none() : (Shelf<T>) shelf;
    }

    /// These shelves with another one in a place.
    <T> Shelves with(Place<T> place, Shelf<T> shelf) {
        return new Shelves(shelf.size() == 0 ? filled.minus(place) : filled.plus(place, shelf));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Shelves shelves && filled.equals(shelves.filled);
    }

    @Override
    public int hashCode() {
        return filled.hashCode();
    }

    @Override
    public String toString() {
        return filled.values().toString();
    }
}
