package onebeat.formats.cards;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import onebeat.formats.cards.Sheet.Row;

/// Where the rows of a sheet stand on a page: as large as they fit, column after column. Where they do not fit at the
/// least size there are more columns, and what does not fit then is left for another page. Lengths are in points, 1/72
/// inch, upward.
final class RowLayout {

    private static final double LARGEST_PT = 34;
    private static final double LEAST_PT = 11;
    private static final double STEP_PT = 0.5;
    private static final double COLUMN_GAP = 24;
    private static final int MOST_COLUMNS = 4;
    private static final double NUMBER_EM = 1.5;
    private static final double MARK_GAP_EM = 0.4;

    private final PdfPen pen;
    private final double left;
    private final double width;
    private final double markEm;

    /// @param left where the first column begins
    /// @param width of all columns
    /// @param rows all of the sheet, so that marks need the same room on each page
    RowLayout(PdfPen pen, double left, double width, List<Row> rows) {
        this.pen = pen;
        this.left = left;
        this.width = width;
        this.markEm = Math.max(
                NUMBER_EM,
                MARK_GAP_EM
                        + rows.stream()
                                .mapToDouble(row ->
                                        pen.wide(row.mark(), Face.NARROW, markSize(row, LARGEST_PT)) / LARGEST_PT)
                                .max()
                                .orElse(0));
    }

    /// One row.
    ///
    /// @param y its top
    /// @param wordsX where its words begin, behind its mark
    /// @param calls the lines of what it says
    /// @param details the lines of what is added to it
    record Placed(Row row, double x, double y, double wordsX, List<String> calls, List<String> details) {}

    /// The rows of a page.
    ///
    /// @param size of the rows
    /// @param rest what did not fit
    record Laid(double size, List<Placed> placed, List<Row> rest) {}

    /// Lays rows out between a top and a foot.
    ///
    /// @param columns as many at least
    Laid on(List<Row> rows, int columns, double top, double foot) {
        for (int of = columns; of <= MOST_COLUMNS; of++) {
            for (double size = LARGEST_PT; size >= LEAST_PT; size -= STEP_PT) {
                Laid laid = at(size, rows, of, top, foot);
                if (laid.rest.isEmpty()) {
                    return laid;
                }
            }
        }
        return at(LEAST_PT, rows, MOST_COLUMNS, top, foot);
    }

    private Laid at(double size, List<Row> rows, int columns, double top, double foot) {
        double wide = (width - (columns - 1) * COLUMN_GAP) / columns;
        double forWords = wide - size * markEm;
        List<Placed> placed = new ArrayList<>();
        double y = top;
        int column = 0;
        for (Row row : rows) {
            List<String> calls = pen.lines(call(row), face(row), callSize(row, size), forWords);
            List<String> details = row.detail().isEmpty()
                    ? List.of()
                    : pen.lines(row.detail(), Face.PLAIN, detailSize(size), forWords);
            double high = calls.size() * callLine(row, size) + details.size() * detailLine(size) + size * 0.22;
            if (y - high < foot && y < top) {
                column++;
                y = top;
            }
            // A row that no page has room for stands alone on one.
            boolean fits = column < columns && (y - high >= foot || size <= LEAST_PT);
            if (!fits) {
                return new Laid(size, placed, rows.subList(placed.size(), rows.size()));
            }
            double x = left + column * (wide + COLUMN_GAP);
            placed.add(new Placed(row, x, y, x + size * markEm, calls, details));
            y -= high;
        }
        return new Laid(size, placed, List.of());
    }

    static double detailSize(double size) {
        return Math.max(9, size * 0.48);
    }

    static double detailLine(double size) {
        return detailSize(size) * 1.25;
    }

    private static String call(Row row) {
        return row.set() == Sheet.Set.CALLED ? row.call().toUpperCase(Locale.ROOT) : row.call();
    }

    static Face face(Row row) {
        return switch (row.set()) {
            case CALLED -> Face.NARROW;
            case LINE -> Face.MONO;
            case TOLD -> Face.PLAIN;
        };
    }

    /// The narrow face is small for its size; the others look as large at less.
    static double callSize(Row row, double size) {
        return row.set() == Sheet.Set.CALLED ? size : size * 0.62;
    }

    /// A mark is as large as what it stands before looks, and on its line.
    static double markSize(Row row, double size) {
        return row.set() == Sheet.Set.CALLED ? size : callSize(row, size) * 1.25;
    }

    static double callLine(Row row, double size) {
        return row.set() == Sheet.Set.CALLED ? size : callSize(row, size) * 1.3;
    }
}
