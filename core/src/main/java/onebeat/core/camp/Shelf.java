package onebeat.core.camp;

import java.util.Collection;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Function;
import org.pcollections.HashTreePMap;
import org.pcollections.PMap;
import org.pcollections.PSortedMap;
import org.pcollections.TreePMap;

/// Things of one kind by their id, in the order in which they came. Immutable; the next shelf shares what it has in
/// common with the one before, so that a change costs the same on a long shelf as on a short one.
///
/// Each thing has a seat: a number that grows from each to the next. What is taken away and comes back takes its seat
/// again, so that a change taken back leaves the order as it was.
public final class Shelf<T> {

    private final Function<T, String> id;
    private final PSortedMap<Long, T> things;
    private final PMap<String, Long> seats;

    private Shelf(Function<T, String> id, PSortedMap<Long, T> things, PMap<String, Long> seats) {
        this.id = id;
        this.things = things;
        this.seats = seats;
    }

    static <T> Shelf<T> of(Function<T, String> id) {
        return new Shelf<>(id, TreePMap.empty(), HashTreePMap.empty());
    }

    /// These things and one more, or one in the place of the one with its id.
    public Shelf<T> with(T thing) {
        return seated(thing, seatOf(thing).orElseGet(this::nextSeat));
    }

    /// These things and many more.
    public Shelf<T> withAll(Collection<T> many) {
        Shelf<T> more = this;
        for (T thing : many) {
            more = more.with(thing);
        }
        return more;
    }

    /// These things and one more on this seat; where the thing has a seat already, it changes seats. Nobody is pushed
    /// off a seat: what finds another thing on it comes last.
    public Shelf<T> seated(T thing, long seat) {
        String key = id.apply(thing);
        Long before = seats.get(key);
        PSortedMap<Long, T> rest = before == null ? things : things.minus(before);
        long next = next(rest);
        long free = seat < next && rest.containsKey(seat) ? next : seat;
        return new Shelf<>(id, rest.plus(free, thing), seats.plus(key, free));
    }

    Shelf<T> without(String gone) {
        Long seat = seats.get(gone);
        return seat == null ? this : new Shelf<>(id, things.minus(seat), seats.minus(gone));
    }

    /// The seat of the thing with this one's id; empty where that is not here.
    OptionalLong seatOf(T thing) {
        Long seat = seats.get(id.apply(thing));
        return seat == null ? OptionalLong.empty() : OptionalLong.of(seat);
    }

    /// The seat after all others.
    long nextSeat() {
        return next(things);
    }

    private static long next(PSortedMap<Long, ?> things) {
        return things.isEmpty() ? 1 : things.lastKey() + 1;
    }

    Shelf<T> changed(Optional<T> before, Optional<T> after, long seat) {
        return after.map(thing -> seated(thing, seat))
                .orElseGet(() -> before.map(b -> without(id.apply(b))).orElse(this));
    }

    public Collection<T> all() {
        return things.values();
    }

    public Optional<T> get(String wanted) {
        return Optional.ofNullable(seats.get(wanted)).map(things::get);
    }

    /// The thing on a seat; empty where nothing is.
    Optional<T> on(long seat) {
        return Optional.ofNullable(things.get(seat));
    }

    public int size() {
        return seats.size();
    }

    /// An id that no thing here has: the prefix and the next number.
    public String nextId(String prefix) {
        int most = 0;
        for (String one : seats.keySet()) {
            if (one.startsWith(prefix) && one.substring(prefix.length()).matches("\\d{1,8}")) {
                most = Math.max(most, Integer.parseInt(one.substring(prefix.length())));
            }
        }
        return prefix + (most + 1);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Shelf<?> shelf && things.equals(shelf.things);
    }

    @Override
    public int hashCode() {
        return things.hashCode();
    }

    @Override
    public String toString() {
        return things.values().toString();
    }
}
