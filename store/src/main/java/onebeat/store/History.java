package onebeat.store;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Card;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Edit.Change;
import onebeat.core.camp.Edit.OfCard;
import onebeat.core.camp.Edit.Together;
import onebeat.core.camp.Place;
import onebeat.store.Rows.Seated;
import org.jdbi.v3.core.Handle;
import org.jspecify.annotations.Nullable;

/// Writes edits with their effect, and finds them again to take back or do again.
final class History {

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
        EditSteps steps = EditSteps.of(edit);
        // What comes and goes within one edit, the table does not know.
        each(steps, progress, step -> step.write(handle, number, steps.once()));
        return number;
    }

    /// What an edit brings that a camp file may not hold, in words; empty where all of it can be written.
    static Optional<String> unfit(Edit edit) {
        return switch (edit) {
            case Together together -> unfitOf(together.edits());
            case Change<?> change -> unfitChange(change);
            case OfCard card -> Tables.CARD.unfit(card.after());
        };
    }

    private static Optional<String> unfitOf(List<Edit> edits) {
        for (Edit edit : edits) {
            Optional<String> unfit = unfit(edit);
            if (unfit.isPresent()) {
                return unfit;
            }
        }
        return Optional.empty();
    }

    private static <T> Optional<String> unfitChange(Change<T> change) {
        return change.after().flatMap(rowsOf(change)::unfit);
    }

    /// Writes an edit's effect alone: no history.
    static void effect(Handle handle, Edit edit, Progress progress) {
        each(EditSteps.of(edit), progress, step -> step.effect(handle));
    }

    /// Takes an edit of the history back, or does it again.
    ///
    /// @param edit what that does
    /// @param number the number of the edit of the history
    /// @param undone whether it is taken back
    static void move(Handle handle, Edit edit, int number, boolean undone) {
        if (undone) {
            handle.createQuery("SELECT DISTINCT place FROM history WHERE edit = :n AND thing IS NOT NULL")
                    .bind("n", number)
                    .mapTo(String.class)
                    .forEach(place -> rowsOf(place).noteGoing(handle, number));
        }
        effect(handle, edit, Progress.NONE);
        handle.createUpdate("UPDATE history SET undone = :undone WHERE edit = :n")
                .bind("undone", undone ? 1 : 0)
                .bind("n", number)
                .execute();
    }

    /// Changes that can be written at once.
    private interface Step {
        void effect(Handle handle);

        /// @param once whether the edit touches each thing once
        void write(Handle handle, int number, boolean once);
    }

    private interface Doing {
        void doIt(Step step);
    }

    private static void each(EditSteps steps, Progress progress, Doing doing) {
        int size = steps.size();
        int done = 0;
        for (List<Edit> edits : steps.steps()) {
            doing.doIt(step(edits));
            done += edits.size();
            progress.tell(done, size);
        }
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
        public void write(Handle handle, int number, boolean once) {
            if (once && !were) {
                rows.putComing(handle, number, things);
            } else {
                rows.note(handle, number, things, stay);
                effect(handle);
            }
        }
    }

    private record CardStep(OfCard edit) implements Step {

        @Override
        public void effect(Handle handle) {
            Tables.CARD.put(handle, List.of(new Seated<>(0, edit.after())));
        }

        @Override
        public void write(Handle handle, int number, boolean once) {
            Tables.CARD.note(handle, number, List.of(new Seated<>(0, edit.after())), true);
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
    /// @param camp as it stands in the tables: it has what is written down by its key alone
    /// @throws IllegalArgumentException if the history does not say clearly what it was
    static Edit edit(Handle handle, Camp camp, int number) {
        record Row(long seq, String place, OptionalLong seat, Optional<String> key) {}
        List<Row> rows = handle.createQuery("SELECT seq, place, seat, CASE WHEN row_after IS NULL THEN thing END AS key"
                        + " FROM history WHERE edit = :n ORDER BY seq")
                .bind("n", number)
                .map((r, _) -> new Row(
                        r.getLong("seq"),
                        Rows.text(r, "place"),
                        r.getObject("seat") == null ? OptionalLong.empty() : OptionalLong.of(r.getLong("seat")),
                        Optional.ofNullable(r.getString("key"))))
                .list();
        Map<String, Told<?>> told = new HashMap<>();
        List<Edit> edits = new ArrayList<>();
        for (Row row : rows) {
            if (row.key.isPresent()) {
                came(rowsOf(row.place).place(), camp, row.key.get(), row.seat).ifPresent(edits::add);
            } else {
                edits.add(told.computeIfAbsent(row.place, place -> Told.of(handle, number, place))
                        .edit(row.seq, row.seat));
            }
        }
        return edits.size() == 1 ? edits.getFirst() : new Together(edits);
    }

    /// That a thing came; nothing where it was set aside since, because it made no sense.
    private static <T> Optional<Edit> came(Place<T> place, Camp camp, String key, OptionalLong seat) {
        return camp.shelf(place).get(key).map(thing -> new Change<>(place, Optional.empty(), Optional.of(thing), seat));
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
}
