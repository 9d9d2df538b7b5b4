package onebeat.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import onebeat.core.camp.Place;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.mapper.RowMapper;
import org.jspecify.annotations.Nullable;

/// One table of the camp file: how a thing becomes a row and a row a thing.
///
/// History keeps rows as JSON, made and taken apart by SQLite itself, so that the same mapper reads both.
///
/// @param key the column that tells the rows apart
/// @param columns all columns with what a thing has in them
record Rows<T>(Place<T> place, String key, Map<String, Function<T, @Nullable Object>> columns, RowMapper<T> mapper) {

    String table() {
        return place.name();
    }

    List<T> all(Handle handle) {
        return handle.createQuery("SELECT * FROM " + table() + " ORDER BY rowid")
                .map(mapper)
                .list();
    }

    /// Puts the thing into the table, in the place of the row with its key.
    void put(Handle handle, T thing) {
        String names = String.join(", ", columns.keySet());
        String values = columns.keySet().stream().map(c -> ":" + c).collect(Collectors.joining(", "));
        String changes = columns.keySet().stream().map(c -> c + " = :" + c).collect(Collectors.joining(", "));
        var update = handle.createUpdate("INSERT INTO " + table() + " (" + names + ") VALUES (" + values
                + ") ON CONFLICT (" + key + ") DO UPDATE SET " + changes);
        columns.forEach((column, value) -> update.bind(column, value.apply(thing)));
        update.execute();
    }

    void remove(Handle handle, T thing) {
        handle.createUpdate("DELETE FROM " + table() + " WHERE " + key + " = :key")
                .bind("key", keyOf(thing))
                .execute();
    }

    @Nullable
    Object keyOf(T thing) {
        Function<T, @Nullable Object> value = columns.get(key);
        return value == null ? null : value.apply(thing);
    }

    /// The row of this key as JSON, as it stands in the table now.
    Optional<String> asJson(Handle handle, @Nullable Object keyValue) {
        String pairs = columns.keySet().stream().map(c -> "'" + c + "', " + c).collect(Collectors.joining(", "));
        return handle.createQuery("SELECT json_object(" + pairs + ") FROM " + table() + " WHERE " + key + " = :key")
                .bind("key", keyValue)
                .mapTo(String.class)
                .findOne();
    }

    /// The thing that a JSON row tells of.
    T fromJson(Handle handle, String json) {
        List<String> values = new ArrayList<>();
        for (String column : columns.keySet()) {
            values.add("json_extract(:json, '$." + column + "') AS " + column);
        }
        return handle.createQuery("SELECT " + String.join(", ", values))
                .bind("json", json)
                .map(mapper)
                .one();
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

    /// A text that older rows of the history do not have.
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
