package onebeat.store;

import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import onebeat.core.camp.Place;
import org.jdbi.v3.core.ConnectionException;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.mapper.RowMapper;
import org.jspecify.annotations.Nullable;

/// One table of the camp file: how a thing becomes a row and a row a thing.
///
/// History keeps rows as JSON, made and taken apart by SQLite itself, so that the same mapper reads both.
///
/// @param key the column that tells the rows apart
/// @param columns all columns with what a thing has in them and what they may hold
record Rows<T>(Place<T> place, String key, List<Column<T>> columns, RowMapper<T> mapper) {

    String table() {
        return place.name();
    }

    private Stream<String> names() {
        return columns.stream().map(Column::name);
    }

    /// A row as it was read: the thing, or what is wrong with it.
    ///
    /// @param rowid where it is
    /// @param seat where the thing stands among its kind
    record Looked<T>(long rowid, long seat, @Nullable T thing, String wrong) {}

    /// All rows in the order of their seats, looked at one by one: a bad one spoils no other.
    ///
    /// @param ids the ids of the things that these rows may point at, by place
    List<Looked<T>> all(Handle handle, Map<String, Set<String>> ids) {
        String seat = hasSeats() ? "seat" : "0 AS seat";
        return handle.createQuery("SELECT rowid AS row_number, " + seat + ", "
                        + names().collect(Collectors.joining(", ")) + " FROM " + table() + " ORDER BY seat, rowid")
                .map((row, context) -> {
                    Optional<String> wrong = wrong(row, ids);
                    @Nullable T thing = null;
                    if (wrong.isEmpty()) {
                        try {
                            thing = mapper.map(row, context);
                        } catch (IllegalArgumentException | DateTimeException e) {
                            wrong = Optional.of(String.valueOf(e.getMessage()));
                        }
                    }
                    return new Looked<>(row.getLong("row_number"), row.getLong("seat"), thing, wrong.orElse(""));
                })
                .list();
    }

    /// The card alone has no place among others.
    private boolean hasSeats() {
        return !table().equals(CARD);
    }

    private static final String CARD = "card";

    /// The row's number and seat stand before its columns.
    private static final int FIRST = 3;

    private Optional<String> wrong(ResultSet row, Map<String, Set<String>> ids) throws SQLException {
        for (int i = 0; i < columns.size(); i++) {
            Column<T> column = columns.get(i);
            // By its place: looking each name up takes longer than reading the value.
            @Nullable Object value = row.getObject(FIRST + i);
            Optional<String> wrong = column.limit()
                    .wrong(value)
                    .or(() -> column.refersTo()
                            .filter(to -> !ids.getOrDefault(to.name(), Set.of()).contains(String.valueOf(value)))
                            .map(to -> value + ", which is no " + to.name()));
            if (wrong.isPresent()) {
                return Optional.of(column.name() + ": " + wrong.get());
            }
        }
        return Optional.empty();
    }

    /// The columns that a row has wrong, each with what may stand there instead.
    List<Column<T>> wrongColumns(Handle handle, long rowid) {
        List<Column<T>> wrong = new ArrayList<>();
        handle.createQuery("SELECT * FROM " + table() + " WHERE rowid = :row")
                .bind("row", rowid)
                .map((row, _) -> {
                    for (Column<T> column : columns) {
                        if (column.limit().wrong(row.getObject(column.name())).isPresent()) {
                            wrong.add(column);
                        }
                    }
                    return 0;
                })
                .list();
        return wrong;
    }

    /// Keeps a row word for word apart from the others, with the reason.
    void putAside(Handle handle, long rowid, String why) {
        handle.createUpdate("INSERT INTO aside (place, row, why) SELECT '" + table() + "', "
                        + json(columns.stream()
                                .map(c -> "CASE typeof(" + c.name() + ") WHEN 'blob' THEN hex(" + c.name() + ") ELSE "
                                        + c.name() + " END")
                                .toList())
                        + ", :why FROM " + table() + " WHERE rowid = :row")
                .bind("why", why)
                .bind("row", rowid)
                .execute();
    }

    void removeRow(Handle handle, long rowid) {
        handle.createUpdate("DELETE FROM " + table() + " WHERE rowid = :row")
                .bind("row", rowid)
                .execute();
    }

    private String json(List<String> values) {
        List<String> pairs = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            pairs.add("'" + columns.get(i).name() + "', " + values.get(i));
        }
        return "json_object(" + String.join(", ", pairs) + ")";
    }

    /// A thing with its seat.
    record Seated<T>(long seat, T thing) {}

    /// Puts things into the table, each in the place of the row with its key.
    void put(Handle handle, Collection<Seated<T>> things) {
        List<String> all = new ArrayList<>(names().toList());
        if (hasSeats()) {
            all.add("seat");
        }
        String changes = all.stream().map(c -> c + " = excluded." + c).collect(Collectors.joining(", "));
        String sql = "INSERT INTO " + table() + " (" + String.join(", ", all) + ") VALUES (" + marks(all.size())
                + ") ON CONFLICT (" + key + ") DO UPDATE SET " + changes;
        each(handle, sql, things, (statement, one) -> {
            int next = bind(statement, 1, one.thing());
            if (hasSeats()) {
                statement.setLong(next, one.seat());
            }
        });
    }

    private static String marks(int count) {
        return String.join(", ", Collections.nCopies(count, "?"));
    }

    private interface Binding<T> {
        void bind(PreparedStatement statement, Seated<T> one) throws SQLException;
    }

    /// One statement for many things. Straight on the connection: names of parameters would cost more than the writing.
    private void each(Handle handle, String sql, Collection<Seated<T>> things, Binding<T> binding) {
        try (PreparedStatement statement = handle.getConnection().prepareStatement(sql)) {
            for (Seated<T> one : things) {
                binding.bind(statement, one);
                statement.addBatch();
            }
            statement.executeBatch();
        } catch (SQLException e) {
            throw new ConnectionException(e);
        }
    }

    /// @return the number of the next parameter
    private int bind(PreparedStatement statement, int from, T thing) throws SQLException {
        int at = from;
        for (Column<T> column : columns) {
            statement.setObject(at++, column.of(thing));
        }
        return at;
    }

    /// What a thing holds that a camp file may not hold, in words: it could not be read again.
    Optional<String> unfit(T thing) {
        for (Column<T> column : columns) {
            Optional<String> wrong = column.limit().wrong(column.of(thing));
            if (wrong.isPresent()) {
                return Optional.of(table() + ", " + column.name() + ": " + wrong.get());
            }
        }
        return Optional.empty();
    }

    void remove(Handle handle, Collection<Seated<T>> things) {
        each(
                handle,
                "DELETE FROM " + table() + " WHERE " + key + " = ?",
                things,
                (statement, one) -> statement.setObject(1, keyOf(one.thing())));
    }

    String keyOf(T thing) {
        return place.id().apply(thing);
    }

    /// Writes down what changes about to be made do: the rows that stand in the table now, and as they will.
    ///
    /// @param edit the number of the edit
    /// @param stay whether the things have rows afterwards
    void note(Handle handle, int edit, Collection<Seated<T>> things, boolean stay) {
        String after = stay ? json(names().map(_ -> "?").toList()) : "NULL";
        String sql = "INSERT INTO history (edit, place, seat, row_before, row_after) VALUES (" + edit + ", '" + table()
                + "', ?, (SELECT " + json(names().toList()) + " FROM " + table() + " WHERE " + key + " = ?), " + after
                + ")";
        each(handle, sql, things, (statement, one) -> {
            statement.setLong(1, one.seat());
            statement.setObject(2, keyOf(one.thing()));
            if (stay) {
                bind(statement, 3, one.thing());
            }
        });
    }

    /// Puts things into the table that have no rows yet, and writes down that they came, by their keys alone: their
    /// rows are in the table for as long as the edit is done.
    ///
    /// @param edit the number of the edit
    void putComing(Handle handle, int edit, Collection<Seated<T>> things) {
        long last = handle.createQuery("SELECT coalesce(max(rowid), 0) FROM " + table())
                .mapTo(Long.class)
                .one();
        put(handle, things);
        // What came stands behind all that was there. One statement for all of it is quicker than one for each.
        handle.execute("INSERT INTO history (edit, place, seat, thing) SELECT " + edit + ", '" + table() + "', seat, "
                + key + " FROM " + table() + " WHERE rowid > " + last + " ORDER BY rowid");
    }

    /// Writes down the rows that an edit brought, before it is taken back.
    void noteGoing(Handle handle, int edit) {
        handle.execute("UPDATE history SET row_after = (SELECT " + json(names().toList()) + " FROM " + table()
                + " WHERE " + key + " = history.thing) WHERE edit = " + edit + " AND place = '" + table()
                + "' AND thing IS NOT NULL AND row_after IS NULL");
    }

    /// What the history has written down of an edit's things in this table in one of its two columns, by its place in
    /// the history.
    ///
    /// @param side `row_before` or `row_after`
    /// @throws IllegalArgumentException if a row of it makes no sense
    Map<Long, T> told(Handle handle, int edit, String side) {
        String values = names().map(name -> "json_extract(" + side + ", '$." + name + "') AS " + name)
                .collect(Collectors.joining(", "));
        return handle
                .createQuery("SELECT seq, " + values + " FROM history WHERE edit = :edit AND place = '" + table()
                        + "' AND " + side + " IS NOT NULL")
                .bind("edit", edit)
                .map((row, context) -> Map.entry(row.getLong("seq"), mapper.map(row, context)))
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    /// A column that holds the name of an enum constant.
    static <E extends Enum<E>> E one(Class<E> type, ResultSet row, String column) throws SQLException {
        return Enum.valueOf(type, text(row, column));
    }

    /// The same, where the row may be older than the column.
    static <E extends Enum<E>> E one(Class<E> type, ResultSet row, String column, E before) throws SQLException {
        return row.getString(column) == null ? before : one(type, row, column);
    }

    /// A column that holds the names of enum constants, apart by spaces.
    static <E extends Enum<E>> Set<E> several(Class<E> type, ResultSet row, String column) throws SQLException {
        Set<E> all = EnumSet.noneOf(type);
        for (String name : text(row, column).split(" ", -1)) {
            if (!name.isEmpty()) {
                all.add(Enum.valueOf(type, name));
            }
        }
        return all;
    }

    /// A text that may not be there, as in older rows of the history.
    static String orNothing(ResultSet row, String column) throws SQLException {
        return Objects.requireNonNullElse(row.getString(column), "");
    }

    /// A column that is never empty.
    static String text(ResultSet row, String column) throws SQLException {
        String text = row.getString(column);
        if (text == null) {
            throw new SQLException("nothing in column " + column);
        }
        return text;
    }
}
