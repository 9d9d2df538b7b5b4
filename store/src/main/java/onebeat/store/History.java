package onebeat.store;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Card;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Edit.Change;
import onebeat.core.camp.Edit.OfCard;
import onebeat.core.camp.Edit.Together;
import org.jdbi.v3.core.Handle;
import org.jspecify.annotations.Nullable;

/// Writes edits with their effect, and finds them again to take back or do again.
final class History {

    private History() {}

    /// Writes an edit's effect and the edit. What had been taken back before can no longer be done again.
    static void write(Handle handle, Edit edit) {
        handle.execute("DELETE FROM history WHERE undone = 1");
        int number = handle.createQuery("SELECT coalesce(max(edit), 0) + 1 FROM history")
                .mapTo(Integer.class)
                .one();
        write(handle, edit, number);
    }

    private static void write(Handle handle, Edit edit, int number) {
        switch (edit) {
            case Together together -> together.edits().forEach(one -> write(handle, one, number));
            case Change<?> change -> writeChange(handle, change, number);
            case OfCard card ->
                note(handle, number, Tables.CARD.table(), Tables.CARD.asJson(handle, "card"), () -> {
                    Tables.CARD.put(handle, card.after());
                    return Tables.CARD.asJson(handle, "card");
                });
        }
    }

    private static <T> void writeChange(Handle handle, Change<T> change, int number) {
        Rows<T> rows = rowsOf(change);
        Object key = rows.keyOf(change.before().or(change::after).orElseThrow());
        note(handle, number, rows.table(), rows.asJson(handle, key), () -> {
            effect(handle, change);
            return change.after().flatMap(after -> rows.asJson(handle, rows.keyOf(after)));
        });
    }

    private interface Effect {
        Optional<String> run();
    }

    private static void note(Handle handle, int number, String place, Optional<String> before, Effect effect) {
        @Nullable String after = effect.run().orElse(null);
        handle.createUpdate(
                        "INSERT INTO history (edit, place, row_before, row_after) VALUES (:edit, :place, :before, :after)")
                .bind("edit", number)
                .bind("place", place)
                .bind("before", before.orElse(null))
                .bind("after", after)
                .execute();
    }

    /// Writes an edit's effect alone: for doing an edit of the history again, or taking it back.
    static void effect(Handle handle, Edit edit) {
        switch (edit) {
            case Together together -> together.edits().forEach(one -> effect(handle, one));
            case Change<?> change -> effectOf(handle, change);
            case OfCard card -> Tables.CARD.put(handle, card.after());
        }
    }

    private static <T> void effectOf(Handle handle, Change<T> change) {
        Rows<T> rows = rowsOf(change);
        if (change.after().isPresent()) {
            rows.put(handle, change.after().get());
        } else {
            change.before().ifPresent(gone -> rows.remove(handle, gone));
        }
    }

    /// The rows of a change's place: the place carries the type.
    @SuppressWarnings("unchecked")
    private static <T> Rows<T> rowsOf(Change<T> change) {
        return (Rows<T>) rowsOf(change.place().name());
    }

    private static Rows<?> rowsOf(String name) {
        return Tables.SHELVES.stream()
                .filter(r -> r.table().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("no table for " + name));
    }

    /// The last edit that is done, or the first one that was taken back.
    static Optional<Integer> number(Handle handle, boolean undone) {
        String sql = undone
                ? "SELECT min(edit) FROM history WHERE undone = 1"
                : "SELECT max(edit) FROM history WHERE undone = 0";
        return handle.createQuery(sql).mapTo(Integer.class).findOne();
    }

    /// The edit of this number.
    static Edit edit(Handle handle, int number) {
        record Row(
                String place,
                @Nullable String before,
                @Nullable String after) {}
        List<Row> rows = handle.createQuery(
                        "SELECT place, row_before, row_after FROM history WHERE edit = :n ORDER BY seq")
                .bind("n", number)
                .map((r, _) -> new Row(Rows.text(r, "place"), r.getString("row_before"), r.getString("row_after")))
                .list();
        List<Edit> edits = new ArrayList<>();
        for (Row row : rows) {
            edits.add(
                    row.place.equals("card")
                            ? cardEdit(handle, row.before, row.after)
                            : change(handle, rowsOf(row.place), row.before, row.after));
        }
        return edits.size() == 1 ? edits.getFirst() : new Together(edits);
    }

    private static Edit cardEdit(Handle handle, @Nullable String before, @Nullable String after) {
        if (before == null || after == null) {
            throw new IllegalStateException("a card neither comes nor goes");
        }
        Card was = Tables.CARD.fromJson(handle, before);
        return new OfCard(was, Tables.CARD.fromJson(handle, after));
    }

    private static <T> Edit change(Handle handle, Rows<T> rows, @Nullable String before, @Nullable String after) {
        return new Change<>(
                rows.place(),
                Optional.ofNullable(before).map(json -> rows.fromJson(handle, json)),
                Optional.ofNullable(after).map(json -> rows.fromJson(handle, json)));
    }

    static void mark(Handle handle, int number, boolean undone) {
        handle.createUpdate("UPDATE history SET undone = :undone WHERE edit = :n")
                .bind("undone", undone ? 1 : 0)
                .bind("n", number)
                .execute();
    }

    /// The whole camp as it stands in the tables.
    static Camp camp(Handle handle) {
        Card card = Tables.CARD.all(handle).getFirst();
        Camp camp = Camp.empty(card);
        for (Rows<?> rows : Tables.SHELVES) {
            camp = filled(handle, camp, rows);
        }
        return camp;
    }

    private static <T> Camp filled(Handle handle, Camp camp, Rows<T> rows) {
        var shelf = rows.place().in().apply(camp).withAll(rows.all(handle));
        return rows.place().put().apply(camp, shelf);
    }
}
