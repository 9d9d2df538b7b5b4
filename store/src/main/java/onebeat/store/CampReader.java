package onebeat.store;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Card;
import onebeat.core.camp.Shelf;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.store.Rows.Looked;
import onebeat.store.Rows.Seated;
import org.jdbi.v3.core.Handle;
import org.jspecify.annotations.Nullable;

/// Reads a camp from its tables. Rows that make no sense are set aside, so that one of them does not take the camp
/// with it.
final class CampReader {

    /// A camp is eight weeks long where its card does not say.
    private static final int WEEKS = 8;

    private final Handle handle;
    private final List<BadRow> bad = new ArrayList<>();
    private final Map<String, Set<String>> ids = new HashMap<>();

    private CampReader(Handle handle) {
        this.handle = handle;
    }

    /// @param bad the rows that were set aside on the way
    record Found(Camp camp, List<BadRow> bad) {

        Found {
            bad = List.copyOf(bad);
        }

        /// The same, with rows that were set aside before.
        Found after(List<BadRow> before) {
            List<BadRow> all = new ArrayList<>(before);
            all.addAll(bad);
            return new Found(camp, all);
        }
    }

    /// The whole camp as it stands in the tables, in one transaction.
    ///
    /// @param today what stands in the card where it holds no day
    static Found read(Handle handle, LocalDate today) {
        return handle.inTransaction(h -> new CampReader(h).read(today));
    }

    private Found read(LocalDate today) {
        Camp camp = Camp.empty(card(today));
        for (Rows<?> rows : Tables.SHELVES) {
            camp = filled(camp, rows);
        }
        return new Found(camp, bad);
    }

    private <T> Camp filled(Camp camp, Rows<T> rows) {
        Shelf<T> shelf = camp.shelf(rows.place());
        Set<String> here = new HashSet<>();
        for (Looked<T> row : rows.all(handle, ids)) {
            @Nullable T thing = row.thing();
            if (thing == null) {
                rows.putAside(handle, row.rowid(), row.wrong());
                rows.removeRow(handle, row.rowid());
                bad.add(new BadRow(rows.table(), row.wrong()));
            } else {
                here.add(String.valueOf(rows.keyOf(thing)));
                shelf = shelf.seated(thing, row.seat());
            }
        }
        ids.put(rows.table(), here);
        return camp.with(rows.place(), shelf);
    }

    /// The card; what is wrong on it becomes what a new camp has there.
    private Card card(LocalDate today) {
        Card usual = new Card(
                "Camp",
                Fighter.usual("Athlete", Stance.ORTHODOX),
                Fighter.usual("Opponent", Stance.ORTHODOX),
                today,
                today.plusWeeks(WEEKS));
        List<Looked<Card>> rows = Tables.CARD.all(handle, ids);
        if (rows.isEmpty()) {
            bad.add(new BadRow(Tables.CARD.table(), "not there"));
            Tables.CARD.put(handle, List.of(new Seated<>(0, usual)));
            return usual;
        }
        Looked<Card> row = rows.getFirst();
        @Nullable Card card = row.thing();
        if (card != null) {
            return card;
        }
        Tables.CARD.putAside(handle, row.rowid(), row.wrong());
        bad.add(new BadRow(Tables.CARD.table(), row.wrong()));
        for (Column<Card> column : Tables.CARD.wrongColumns(handle, row.rowid())) {
            handle.createUpdate("UPDATE card SET " + column.name() + " = :value WHERE rowid = :row")
                    .bind("value", column.of(usual))
                    .bind("row", row.rowid())
                    .execute();
        }
        @Nullable Card mended = Tables.CARD.all(handle, ids).getFirst().thing();
        return mended == null ? usual : mended;
    }
}
