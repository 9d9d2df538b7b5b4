package onebeat.formats.film;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.LongPredicate;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.core.notation.Vocabulary;
import org.apache.commons.csv.CSVFormat;
import org.jspecify.annotations.Nullable;

/// Film as CSV (RFC 4180, lines end with CR LF) with the header
/// `reel,time_s,round,starter,athlete_stance,partner_stance,range,line,outcome,note,subject,film,film_s,round_s,
/// round_starts,contact_s`; those from `subject` to `round_starts` tell of the reel: whom it studies, its film file,
/// how
/// long it runs, how long its rounds are and when they begin where that was marked; `contact_s` is when the exchange
/// lands. Logs without them, and without `note` or `range`, are read too; so are cells parted by semicolons or tabs.
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
            "note",
            "subject",
            "film",
            "film_s",
            "round_s",
            "round_starts",
            "contact_s");

    private FilmCsv() {}

    /// What a file holds: the rows that could be read, and why the others could not.
    ///
    /// @param reels what it tells of its reels; a reel's id is its name, as it stands with the exchanges
    public record Film(List<Exchange> exchanges, List<Rejected> rejected, List<Reel> reels) {

        public Film {
            exchanges = List.copyOf(exchanges);
            rejected = List.copyOf(rejected);
            reels = List.copyOf(reels);
        }

        /// Whom its exchanges study, in the order of the file; empty where it does not tell.
        public List<String> subjects() {
            Set<String> seen = new LinkedHashSet<>();
            exchanges.forEach(e -> seen.add(e.reelId()));
            return reels.stream()
                    .filter(reel -> seen.contains(reel.id()))
                    .map(Reel::subject)
                    .filter(name -> !name.isEmpty())
                    .distinct()
                    .toList();
        }

        /// Only what studies this one.
        public Film of(String subject) {
            List<String> of = reels.stream()
                    .filter(reel -> reel.subject().equalsIgnoreCase(subject))
                    .map(Reel::id)
                    .toList();
            return new Film(
                    exchanges.stream().filter(e -> of.contains(e.reelId())).toList(), rejected, reels);
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
        Map<String, Reel> reels = new LinkedHashMap<>();
        try (CsvRecords records = new CsvRecords(file)) {
            Map<String, Integer> header = new HashMap<>();
            records.next().ifPresent(first -> {
                for (int i = 0; i < first.cells().size(); i++) {
                    String name = first.cells().get(i).replace("\uFEFF", "").strip();
                    header.putIfAbsent(name.toLowerCase(Locale.ROOT), i);
                }
            });
            long number = 0;
            for (Optional<CsvRecords.Row> next = records.next(); next.isPresent(); next = records.next()) {
                CsvRecords.Row row = next.get();
                try {
                    if (!row.wrong().isEmpty()) {
                        throw new FilmRow.Rejection("quotes", row.wrong());
                    }
                    FilmRow cells = new FilmRow(column -> cell(row, header, column), vocabulary);
                    Exchange read = cells.exchange("x" + (exchanges.size() + 1));
                    if (!reels.containsKey(read.reelId())) {
                        cells.reel().ifPresent(reel -> reels.put(reel.id(), reel));
                    }
                    exchanges.add(read);
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
        return new Film(exchanges, rejected, List.copyOf(reels.values()));
    }

    /// What stands in a column; nothing where the row ends before it.
    private static Optional<String> cell(CsvRecords.Row row, Map<String, Integer> header, String column) {
        @Nullable Integer at = header.get(column);
        if (at == null) {
            return Optional.empty();
        }
        boolean there = at < row.cells().size();
        return there
                ? Optional.of(Harmless.undo(row.cells().get(at)))
                : FilmRow.MAY_BE_MISSING.contains(column) ? Optional.of("") : Optional.empty();
    }

    /// Writes exchanges.
    ///
    /// @param reels what is known of their reels
    /// @throws IOException if `out` fails
    public static void write(Appendable out, Collection<Exchange> exchanges, ReelTable reels) throws IOException {
        CSVFormat.RFC4180.printRecord(out, COLUMNS.toArray());
        for (Exchange exchange : exchanges) {
            Object[] cells = cells(exchange, reels).stream().map(Harmless::text).toArray();
            CSVFormat.RFC4180.printRecord(out, cells);
        }
    }

    /// What stands in the columns.
    static List<String> cells(Exchange exchange, ReelTable reels) {
        return List.of(
                reels.name(exchange.reelId()),
                "" + exchange.timeS(),
                "" + exchange.round(),
                word(exchange.starter()),
                word(exchange.athleteStance()),
                word(exchange.partnerStance()),
                exchange.range().map(FilmCsv::word).orElse(""),
                exchange.line(),
                exchange.outcome().word(),
                exchange.note(),
                reels.subject(exchange.reelId()),
                reels.file(exchange.reelId()),
                reels.seconds(exchange.reelId()),
                reels.roundSeconds(exchange.reelId()),
                reels.roundStarts(exchange.reelId()),
                exchange.contactS().map(String::valueOf).orElse(""));
    }

    private static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }
}
