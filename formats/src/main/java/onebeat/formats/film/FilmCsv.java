package onebeat.formats.film;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.Outcome;
import onebeat.core.notation.Misread;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/// Reads film as CSV (RFC 4180) with the header
/// `reel,time_s,round,starter,athlete_stance,partner_stance,range,line,outcome,note`.
public final class FilmCsv {

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
        List<Exchange> exchanges = new ArrayList<>();
        List<Rejected> rejected = new ArrayList<>();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (CSVParser rows = format.parse(file)) {
            for (CSVRecord row : rows) {
                try {
                    exchanges.add(new Row(row, vocabulary).exchange("x" + (exchanges.size() + 1)));
                } catch (Rejection rejection) {
                    rejected.add(new Rejected(rows.getCurrentLineNumber(), rejection.column, rejection.reason));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new Film(exchanges, rejected);
    }

    /// One row, read column by column until one cannot be.
    private record Row(CSVRecord row, Vocabulary vocabulary) {

        Exchange exchange(String id) {
            return new Exchange(
                    id,
                    text("reel"),
                    seconds("time_s"),
                    (int) seconds("round"),
                    one(Who.class, "starter"),
                    one(Stance.class, "athlete_stance"),
                    one(Stance.class, "partner_stance"),
                    text("range").isEmpty() ? Optional.empty() : Optional.of(one(Band.class, "range")),
                    line(),
                    outcome(),
                    text("note"));
        }

        private String text(String column) {
            if (!row.isMapped(column) || !row.isSet(column)) {
                throw new Rejection(column, "the column is missing");
            }
            return row.get(column).strip();
        }

        private double seconds(String column) {
            String text = text(column);
            try {
                double value = Double.parseDouble(text);
                if (value >= 0 && value < 1_000_000) {
                    return value;
                }
            } catch (NumberFormatException _) {
                // Told below, together with numbers that are out of range.
            }
            throw new Rejection(column, "not a number from 0: " + text);
        }

        private <E extends Enum<E>> E one(Class<E> type, String column) {
            String text = text(column);
            for (E constant : type.getEnumConstants()) {
                if (constant.name().toLowerCase(Locale.ROOT).equals(text)) {
                    return constant;
                }
            }
            throw new Rejection(column, "not a known word: " + text);
        }

        private Outcome outcome() {
            String text = text("outcome");
            return Outcome.of(text).orElseThrow(() -> new Rejection("outcome", "not a known outcome: " + text));
        }

        private String line() {
            return switch (Notation.read(text("line"), vocabulary)) {
                case Read read -> read.canonical();
                case Misread misread -> throw new Rejection("line", misread.sentence());
            };
        }
    }

    /// Why a row is rejected; never leaves this class.
    private static final class Rejection extends RuntimeException {

        private static final long serialVersionUID = 1L;

        private final String column;
        private final String reason;

        Rejection(String column, String reason) {
            super(reason, null, false, false);
            this.column = column;
            this.reason = reason;
        }
    }
}
