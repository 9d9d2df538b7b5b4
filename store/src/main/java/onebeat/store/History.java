package onebeat.store;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.stream.Collectors;
import onebeat.core.camp.Card;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Edit.Change;
import onebeat.core.camp.Edit.OfCard;
import onebeat.core.camp.Edit.Together;
import onebeat.store.Rows.Seated;
import org.jdbi.v3.core.Handle;
import org.jspecify.annotations.Nullable;

/// Writes edits with their effect, and finds them again to take back or do again.
final class History {

    /// So many changes are written between two looks at whether to go on.
    private static final int AT_ONCE = 1_000;

    private static final Map<String, Rows<?>> BY_TABLE =
            Tables.SHELVES.stream().collect(Collectors.toUnmodifiableMap(Rows::table, rows -> rows));

    private History() {}

    /// Writes an edit's effect and the edit. What had been taken back before can no longer be done again.
    ///
    /// @param edit as it was done: with its seats, and with what it replaced
    /// @return its number
    static int write(Handle handle, Edit edit, Progress progress) {
        handle.execute("DELETE FROM history WHERE undone = 1");
        int number = handle.createQuery("SELECT coalesce(max(edit), 0) + 1 FROM history")
                .mapTo(Integer.class)
                .one();
        each(edit, progress, step -> step.write(handle, number));
        return number;
    }

    /// What an edit brings that a camp file may not hold, in words; empty where all of it can be written.
    static Optional<String> unfit(Edit edit) {
        return switch (edit) {
            case Together together ->
                together.edits().stream()
                        .map(History::unfit)
                        .flatMap(Optional::stream)
                        .findFirst();
            case Change<?> change -> unfitChange(change);
            case OfCard card -> Tables.CARD.unfit(card.after());
        };
    }

    private static <T> Optional<String> unfitChange(Change<T> change) {
        return change.after().flatMap(rowsOf(change)::unfit);
    }

    /// Writes an edit's effect alone: for doing an edit of the history again, or taking it back.
    static void effect(Handle handle, Edit edit, Progress progress) {
        each(edit, progress, step -> step.effect(handle));
    }

    /// Changes of one kind that can be written at once: no two of them are of one thing, and all things come, or all
    /// change, or all go.
    private interface Step {
        void effect(Handle handle);

        void write(Handle handle, int number);
    }

    private interface Doing {
        void doIt(Step step);
    }

    private static void each(Edit edit, Progress progress, Doing doing) {
        List<Edit> single = new ArrayList<>();
        flatten(edit, single);
        int at = 0;
        while (at < single.size()) {
            int end = endOfStep(single, at);
            doing.doIt(step(single.subList(at, end)));
            at = end;
            progress.tell(at, single.size());
        }
    }

    private static void flatten(Edit edit, List<Edit> into) {
        switch (edit) {
            case Together together -> together.edits().forEach(one -> flatten(one, into));
            case Change<?> change -> into.add(change);
            case OfCard card -> into.add(card);
        }
    }

    private static int endOfStep(List<Edit> edits, int from) {
        if (!(edits.get(from) instanceof Change<?> first)) {
            return from + 1;
        }
        Set<Object> keys = new HashSet<>();
        int at = from;
        while (at < edits.size()
                && at - from < AT_ONCE
                && edits.get(at) instanceof Change<?> change
                && change.place().name().equals(first.place().name())
                && change.before().isPresent() == first.before().isPresent()
                && change.after().isPresent() == first.after().isPresent()
                && keys.add(keyOf(change))) {
            at++;
        }
        return at;
    }

    private static <T> Object keyOf(Change<T> change) {
        return Objects.requireNonNull(
                rowsOf(change).keyOf(change.before().or(change::after).orElseThrow()));
    }

    private static Step step(List<Edit> edits) {
        return switch (edits.getFirst()) {
            case OfCard card -> new CardStep(card);
            case Change<?> change -> changes(change, edits);
            case Together _ -> throw new IllegalStateException("taken apart before");
        };
    }

    /// All of them are of the place of the first.
    @SuppressWarnings("unchecked")
    private static <T> Step changes(Change<T> first, List<Edit> edits) {
        boolean were = first.before().isPresent();
        boolean stay = first.after().isPresent();
        List<Seated<T>> things = new ArrayList<>();
        for (Edit edit : edits) {
            Change<T> change = (Change<T>) edit;
            T thing = (stay ? change.after() : change.before()).orElseThrow();
            things.add(new Seated<>(change.seat().orElse(0), thing));
        }
        return new Changes<>(rowsOf(first), things, were, stay);
    }

    private record Changes<T>(Rows<T> rows, List<Seated<T>> things, boolean were, boolean stay) implements Step {

        @Override
        public void effect(Handle handle) {
            if (stay) {
                rows.put(handle, things);
            } else {
                rows.remove(handle, things);
            }
        }

        @Override
        public void write(Handle handle, int number) {
            rows.note(handle, number, things, were, stay);
            effect(handle);
        }
    }

    private record CardStep(OfCard edit) implements Step {

        @Override
        public void effect(Handle handle) {
            Tables.CARD.put(handle, List.of(new Seated<>(0, edit.after())));
        }

        @Override
        public void write(Handle handle, int number) {
            Tables.CARD.note(handle, number, List.of(new Seated<>(0, edit.after())), true, true);
            effect(handle);
        }
    }

    /// The rows of a change's place: the place carries the type.
    @SuppressWarnings("unchecked")
    private static <T> Rows<T> rowsOf(Change<T> change) {
        return (Rows<T>) rowsOf(change.place().name());
    }

    private static Rows<?> rowsOf(String name) {
        Rows<?> rows = BY_TABLE.get(name);
        if (rows == null) {
            throw new IllegalArgumentException("no table for " + name);
        }
        return rows;
    }

    /// The last edit that is done, or the first one that was taken back.
    static Optional<Integer> number(Handle handle, boolean undone) {
        String sql = undone
                ? "SELECT min(edit) FROM history WHERE undone = 1"
                : "SELECT max(edit) FROM history WHERE undone = 0";
        return handle.createQuery(sql).mapTo(Integer.class).findOne();
    }

    /// How many changes an edit is made of.
    static int size(Handle handle, int number) {
        return handle.createQuery("SELECT count(*) FROM history WHERE edit = :n")
                .bind("n", number)
                .mapTo(Integer.class)
                .one();
    }

    /// The edit of this number.
    ///
    /// @throws IllegalArgumentException if the history does not say clearly what it was
    static Edit edit(Handle handle, int number) {
        record Row(long seq, String place, OptionalLong seat) {}
        List<Row> rows = handle.createQuery("SELECT seq, place, seat FROM history WHERE edit = :n ORDER BY seq")
                .bind("n", number)
                .map((r, _) -> new Row(
                        r.getLong("seq"),
                        Rows.text(r, "place"),
                        r.getObject("seat") == null ? OptionalLong.empty() : OptionalLong.of(r.getLong("seat"))))
                .list();
        Map<String, Told<?>> told = new HashMap<>();
        List<Edit> edits = new ArrayList<>();
        for (Row row : rows) {
            edits.add(told.computeIfAbsent(row.place, place -> Told.of(handle, number, place))
                    .edit(row.seq, row.seat));
        }
        return edits.size() == 1 ? edits.getFirst() : new Together(edits);
    }

    /// What an edit says of one table.
    private record Told<T>(Rows<T> rows, Map<Long, T> before, Map<Long, T> after) {

        static Told<?> of(Handle handle, int number, String place) {
            return place.equals(Tables.CARD.table())
                    ? by(Tables.CARD, handle, number)
                    : by(rowsOf(place), handle, number);
        }

        private static <T> Told<T> by(Rows<T> rows, Handle handle, int number) {
            return new Told<>(rows, rows.told(handle, number, "row_before"), rows.told(handle, number, "row_after"));
        }

        Edit edit(long seq, OptionalLong seat) {
            @Nullable T was = before.get(seq);
            @Nullable T is = after.get(seq);
            if (was instanceof Card from && is instanceof Card to) {
                return new OfCard(from, to);
            }
            if (was == null && is == null) {
                throw new IllegalArgumentException("a change of nothing");
            }
            return new Change<>(rows.place(), Optional.ofNullable(was), Optional.ofNullable(is), seat);
        }
    }

    static void mark(Handle handle, int number, boolean undone) {
        handle.createUpdate("UPDATE history SET undone = :undone WHERE edit = :n")
                .bind("undone", undone ? 1 : 0)
                .bind("n", number)
                .execute();
    }
}
