package onebeat.formats.film;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.LongPredicate;
import onebeat.core.film.Exchange;
import onebeat.core.notation.Vocabulary;
import org.apache.commons.csv.CSVFormat;
import org.jspecify.annotations.Nullable;

/// Film as CSV (RFC 4180, lines end with CR LF) with the header
/// `reel,time_s,round,starter,athlete_stance,partner_stance,range,line,outcome,note`.
///
/// Text that a spreadsheet would take for a formula is made [Harmless] on the way out and read back as it was.
public final class FilmCsv {

    /// The columns, in order. Times are seconds from the start of the reel.
    public static final List<String> COLUMNS = List.of(
            "reel",
            "time_s",
            "round",
            "starter",
            "athlete_stance",
            "partner_stance",
            "range",
            "line",
            "outcome",
            "note");

    private FilmCsv() {}

    /// What a file holds: the rows that could be read, and why the others could not.
    public record Film(List<Exchange> exchanges, List<Rejected> rejected) {

        public Film {
            exchanges = List.copyOf(exchanges);
            rejected = List.copyOf(rejected);
        }
    }

    /// A row that could not be read.
    ///
    /// @param line the row's line in the file, from 1
    public record Rejected(long line, String column, String reason) {}

    /// Reads a film file. The exchanges get the ids `x1`, `x2` and so on, and their reel's name as its id.
    ///
    /// @throws UncheckedIOException if the file cannot be read at all
    public static Film read(Reader file, Vocabulary vocabulary) {
        return read(file, vocabulary, _ -> true);
    }

    /// Reads a film file.
    ///
    /// @param goesOn told the number of rows read so far after each; where it answers no, reading ends there
    /// @throws UncheckedIOException if the file cannot be read at all
    public static Film read(Reader file, Vocabulary vocabulary, LongPredicate goesOn) {
        List<Exchange> exchanges = new ArrayList<>();
        List<Rejected> rejected = new ArrayList<>();
        try (CsvRecords records = new CsvRecords(file)) {
            Map<String, Integer> header = new HashMap<>();
            records.next().ifPresent(first -> {
                for (int i = 0; i < first.cells().size(); i++) {
                    header.putIfAbsent(first.cells().get(i).strip(), i);
                }
            });
            long number = 0;
            for (Optional<CsvRecords.Row> next = records.next(); next.isPresent(); next = records.next()) {
                CsvRecords.Row row = next.get();
                try {
                    if (!row.wrong().isEmpty()) {
                        throw new FilmRow.Rejection("quotes", row.wrong());
                    }
                    exchanges.add(new FilmRow(column -> cell(row, header.get(column)), vocabulary)
                            .exchange("x" + (exchanges.size() + 1)));
                } catch (FilmRow.Rejection rejection) {
                    rejected.add(rejection.at(row.line()));
                }
                if (!goesOn.test(++number)) {
                    break;
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new Film(exchanges, rejected);
    }

    private static Optional<String> cell(CsvRecords.Row row, @Nullable Integer at) {
        return at != null && at < row.cells().size()
                ? Optional.of(Harmless.undo(row.cells().get(at)))
                : Optional.empty();
    }

    /// Writes exchanges.
    ///
    /// @param reelName the name of the reel with an id
    /// @throws IOException if `out` fails
    public static void write(Appendable out, Collection<Exchange> exchanges, Function<String, String> reelName)
            throws IOException {
        CSVFormat.RFC4180.printRecord(out, COLUMNS.toArray());
        for (Exchange exchange : exchanges) {
            Object[] cells =
                    cells(exchange, reelName).stream().map(Harmless::text).toArray();
            CSVFormat.RFC4180.printRecord(out, cells);
        }
    }

    /// What stands in the columns.
    static List<String> cells(Exchange exchange, Function<String, String> reelName) {
        return List.of(
                reelName.apply(exchange.reelId()),
                "" + exchange.timeS(),
                "" + exchange.round(),
                word(exchange.starter()),
                word(exchange.athleteStance()),
                word(exchange.partnerStance()),
                exchange.range().map(FilmCsv::word).orElse(""),
                exchange.line(),
                exchange.outcome().word(),
                exchange.note());
    }

    private static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }
}
