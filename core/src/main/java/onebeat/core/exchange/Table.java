package onebeat.core.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/// Reads the data tables that ship with the core: one CSV file each, with a header and a provenance in every row.
public final class Table {

    private Table() {}

    /// The rows of the table `name` beside the class `owner`.
    ///
    /// @throws IllegalStateException if the table is not shipped or a row has no provenance: a fault of the build
    public static List<CSVRecord> rows(Class<?> owner, String name) {
        try (InputStream in = owner.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("table not shipped: " + name);
            }
            CSVFormat format = CSVFormat.RFC4180
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .get();
            List<CSVRecord> rows = format.parse(new InputStreamReader(in, StandardCharsets.UTF_8))
                    .getRecords();
            for (CSVRecord row : rows) {
                if (row.get("provenance").isBlank()) {
                    throw new IllegalStateException(name + " line " + row.getRecordNumber() + " has no provenance");
                }
            }
            return rows;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
