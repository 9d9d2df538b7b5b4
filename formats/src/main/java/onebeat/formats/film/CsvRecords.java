package onebeat.formats.film;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/// The records of a CSV file one by one, so that one with a quote too many costs nothing but itself: where a quote is
/// never closed, its line is the bad one, and reading goes on at the next.
final class CsvRecords implements AutoCloseable {

    /// A cell with line ends is never longer than so many lines.
    private static final int MOST_LINES = 100;

    /// What may part cells, the usual one first.
    private static final String PARTING = ",;\t";

    private final BufferedReader in;
    private final Deque<String> ahead = new ArrayDeque<>();
    private long line;
    private CSVFormat format = CSVFormat.RFC4180;
    private boolean begun;

    /// A record.
    ///
    /// @param line its first line in the file, from 1
    /// @param wrong why its cells cannot be told apart; empty where they can
    record Row(long line, List<String> cells, String wrong) {

        Row {
            cells = List.copyOf(cells);
        }
    }

    CsvRecords(Reader in) {
        this.in = new BufferedReader(in);
    }

    /// The next record; empty at the end of the file.
    Optional<Row> next() throws IOException {
        @Nullable String first = line();
        while (first != null && first.isBlank()) {
            first = line();
        }
        if (first == null) {
            return Optional.empty();
        }
        if (!begun) {
            begun = true;
            format = format(first);
        }
        long at = line;
        StringBuilder record = new StringBuilder(first);
        Deque<String> joined = new ArrayDeque<>();
        while (isOpen(record)) {
            @Nullable String more = joined.size() < MOST_LINES ? line() : null;
            if (more == null) {
                giveBack(joined);
                return Optional.of(new Row(at, List.of(), "a quote is opened and not closed"));
            }
            joined.add(more);
            record.append(more);
        }
        return Optional.of(parsed(at, record.toString()));
    }

    private void giveBack(Deque<String> joined) {
        line -= joined.size();
        while (!joined.isEmpty()) {
            ahead.addFirst(joined.removeLast());
        }
    }

    private @Nullable String line() throws IOException {
        @Nullable String next = ahead.isEmpty() ? read() : ahead.removeFirst();
        if (next != null) {
            line++;
        }
        return next;
    }

    /// The next line with what ends it, which belongs to a cell that goes on behind it; null at the end.
    private @Nullable String read() throws IOException {
        StringBuilder text = new StringBuilder();
        for (int c = in.read(); c >= 0; c = in.read()) {
            text.append((char) c);
            if (c == '\n') {
                return text.toString();
            }
            if (c == '\r') {
                in.mark(1);
                if (in.read() == '\n') {
                    text.append('\n');
                } else {
                    in.reset();
                }
                return text.toString();
            }
        }
        return text.isEmpty() ? null : text.toString();
    }

    /// Whether a quote is open at its end: quotes within a cell are written twice.
    private static boolean isOpen(CharSequence record) {
        return record.chars().filter(c -> c == '"').count() % 2 == 1;
    }

    /// Spreadsheets of many countries part cells by semicolons: what stands most often in the first line does it.
    private static CSVFormat format(String header) {
        char most = PARTING.charAt(0);
        for (char parting : PARTING.toCharArray()) {
            if (count(header, parting) > count(header, most)) {
                most = parting;
            }
        }
        return CSVFormat.RFC4180.builder().setDelimiter(most).get();
    }

    private static long count(String text, char letter) {
        return text.chars().filter(c -> c == letter).count();
    }

    private Row parsed(long at, String record) throws IOException {
        try (CSVParser parser = CSVParser.parse(record, format)) {
            for (CSVRecord row : parser) {
                return new Row(at, row.toList(), "");
            }
            return new Row(at, List.of(), "nothing stands in it");
        } catch (IllegalStateException | IllegalArgumentException | UncheckedIOException _) {
            return new Row(at, List.of(), "a quote stands in the middle of a cell");
        }
    }

    @Override
    public void close() throws IOException {
        in.close();
    }
}
