package onebeat.core.camp;

import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/// Things of one kind by their id, in the order in which they came. Immutable.
public final class Shelf<T> {

    private final Function<T, String> id;
    private final Map<String, T> things;

    private Shelf(Function<T, String> id, Map<String, T> things) {
        this.id = id;
        this.things = Collections.unmodifiableMap(things);
    }

    static <T> Shelf<T> of(Function<T, String> id) {
        return new Shelf<>(id, Map.of());
    }

    /// These things and one more, or one in the place of the one with its id.
    public Shelf<T> with(T thing) {
        Map<String, T> more = new LinkedHashMap<>(things);
        more.put(id.apply(thing), thing);
        return new Shelf<>(id, more);
    }

    /// These things and many more.
    public Shelf<T> withAll(Collection<T> many) {
        Map<String, T> more = new LinkedHashMap<>(things);
        many.forEach(thing -> more.put(id.apply(thing), thing));
        return new Shelf<>(id, more);
    }

    Shelf<T> without(String gone) {
        Map<String, T> fewer = new LinkedHashMap<>(things);
        fewer.remove(gone);
        return new Shelf<>(id, fewer);
    }

    Shelf<T> changed(Optional<T> before, Optional<T> after) {
        return after.map(this::with)
                .orElseGet(() -> before.map(b -> without(id.apply(b))).orElse(this));
    }

    public Collection<T> all() {
        return things.values();
    }

    public Optional<T> get(String wanted) {
        return Optional.ofNullable(things.get(wanted));
    }

    public int size() {
        return things.size();
    }

    /// An id that no thing here has: the prefix and the next number.
    public String nextId(String prefix) {
        int most = 0;
        for (String one : things.keySet()) {
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
        return things.toString();
    }
}
