package onebeat.formats.cards;

import java.awt.Color;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import onebeat.core.program.ProgramVersion;
import onebeat.formats.cards.Sheet.Row;
import onebeat.formats.cards.Sheet.Whose;
import org.jspecify.annotations.Nullable;
import org.openpdf.text.Document;
import org.openpdf.text.DocumentException;
import org.openpdf.text.PageSize;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.PdfName;
import org.openpdf.text.pdf.PdfObject;
import org.openpdf.text.pdf.PdfString;
import org.openpdf.text.pdf.PdfStructureElement;
import org.openpdf.text.pdf.PdfWriter;

/// Writes a sheet as a tagged PDF of one landscape page (ISO 216 A4, 297 by 210 mm). Lengths are in points, 1/72
/// inch.
///
/// Rows are as large as the page allows. At two metres a letter has to be about 6 mm high to be read at a glance,
/// twice what a Snellen chart asks of a normal eye (5 minutes of arc; from memory), which in this face is 24
/// points; rows that would be smaller say so in [Made#rowPoints].
public final class SheetPdf {

    /// Large enough to be read from two metres.
    public static final double READABLE_PT = 24;

    private static final double MARGIN = 34;
    private static final double LARGEST_PT = 34;
    private static final double LEAST_PT = 11;
    private static final double COLUMN_GAP = 24;
    private static final double DRAWING_PT = 190;
    private static final double FOOT_PT = 9.5;
    private static final double NOTE_PT = 12.5;
    private static final Color INK = new Color(0x221c18);
    private static final Color SOFT = new Color(0x665b50);
    private static final Color ATHLETE = new Color(0x9c3f22);
    private static final Color PARTNER = new Color(0x2f5d6b);

    /// What came of it.
    ///
    /// @param rowPoints how large the rows are
    public record Made(double rowPoints) {

        /// Whether its rows can be read from two metres.
        public boolean isReadable() {
            return rowPoints >= READABLE_PT;
        }
    }

    private final PdfPen pen;
    private final PdfStructureElement structure;
    private final double width;
    private @Nullable PdfStructureElement rows;
    private double y;

    private SheetPdf(PdfWriter writer, Rectangle size) throws IOException {
        this.pen = PdfPen.of(writer.getDirectContent());
        this.structure = new PdfStructureElement(writer.getStructureTreeRoot(), new PdfName("Document"));
        this.width = size.getWidth() - 2 * MARGIN;
        this.y = size.getHeight() - MARGIN;
    }

    /// Writes a sheet.
    ///
    /// @throws IOException if it cannot be written
    public static Made write(Sheet sheet, OutputStream out) throws IOException {
        Rectangle size = PageSize.A4.rotate();
        try (Document document = new Document(size)) {
            PdfWriter writer = PdfWriter.getInstance(document, out);
            writer.setTagged();
            writer.setViewerPreferences(PdfWriter.DisplayDocTitle);
            document.addTitle(sheet.title());
            document.addCreator(ProgramVersion.program());
            document.open();
            writer.getExtraCatalog().put(PdfName.LANG, new PdfString("en"));
            return new SheetPdf(writer, size).draw(sheet);
        } catch (DocumentException e) {
            throw new IOException("the sheet could not be made: " + e.getMessage(), e);
        }
    }

    private Made draw(Sheet sheet) {
        y -= 24;
        tagged("H1", () -> pen.words(sheet.title(), Face.BOLD, 26, MARGIN, y, INK));
        y -= 19;
        tagged("P", () -> pen.words(sheet.under(), Face.PLAIN, 13, MARGIN, y, SOFT));
        if (!sheet.line().isEmpty()) {
            y -= 26;
            double size = Math.min(20, 20 * width / Math.max(1, pen.wide(sheet.line(), Face.MONO, 20)));
            tagged("P", () -> pen.words(sheet.line(), Face.MONO, size, MARGIN, y, INK));
        }
        y -= 6;
        sheet.drawing()
                .ifPresent(drawing -> tagged("Figure", () -> drawing(drawing))
                        .put(PdfName.ALT, new PdfString(sheet.title() + ": " + sheet.line(), PdfObject.TEXT_UNICODE)));
        for (String note : sheet.before()) {
            note(note, Face.BOLD, NOTE_PT, INK);
        }
        y -= sheet.before().isEmpty() ? 0 : 8;
        double foot = foot(sheet);
        double rows = rows(sheet, foot);
        y = foot;
        for (String note : sheet.after()) {
            note(note, Face.PLAIN, NOTE_PT, INK);
        }
        y -= 4;
        note(sheet.cautions(), Face.PLAIN, FOOT_PT, INK);
        return new Made(rows);
    }

    /// Draws something as an element of the page's structure, so that a reader tells it from what stands beside it
    /// (ISO 32000-1:2008, 14.8).
    private PdfStructureElement tagged(String role, Runnable drawn) {
        return tagged(structure, role, drawn);
    }

    private PdfStructureElement tagged(PdfStructureElement in, String role, Runnable drawn) {
        PdfStructureElement element = new PdfStructureElement(in, new PdfName(role));
        pen.page().beginMarkedContentSequence(element);
        drawn.run();
        pen.page().endMarkedContentSequence();
        return element;
    }

    /// Where what stands below the rows begins.
    private double foot(Sheet sheet) {
        double high =
                4 + pen.lines(sheet.cautions(), Face.PLAIN, FOOT_PT, width).size() * FOOT_PT * 1.3;
        for (String note : sheet.after()) {
            high += pen.lines(note, Face.PLAIN, NOTE_PT, width).size() * NOTE_PT * 1.3;
        }
        return MARGIN + high;
    }

    /// Draws the rows as large as they fit above the foot.
    private double rows(Sheet sheet, double foot) {
        for (double size = LARGEST_PT; ; size -= 0.5) {
            List<Placed> placed = place(sheet, size, foot);
            if (!placed.isEmpty() || size <= LEAST_PT || sheet.rows().isEmpty()) {
                placed.forEach(this::row);
                return size;
            }
        }
    }

    private record Placed(Row row, double x, double y, double size, double wide) {}

    private double markWide(double size) {
        return size * 1.5;
    }

    /// The rows at this size, column after column; none where they do not fit.
    private List<Placed> place(Sheet sheet, double size, double foot) {
        int columns = sheet.columns();
        double wide = (width - (columns - 1) * COLUMN_GAP) / columns;
        List<Placed> placed = new ArrayList<>();
        double top = y - 4;
        double at = top;
        int column = 0;
        for (Row row : sheet.rows()) {
            double high = high(row, size, wide);
            if (at - high < foot && column + 1 < columns) {
                column++;
                at = top;
            }
            if (at - high < foot && size > LEAST_PT) {
                return List.of();
            }
            placed.add(new Placed(row, MARGIN + column * (wide + COLUMN_GAP), at, size, wide));
            at -= high;
        }
        return placed;
    }

    private double high(Row row, double size, double wide) {
        int calls = pen.lines(call(row), face(row), callSize(row, size), wide - markWide(size))
                .size();
        int details = row.detail().isEmpty()
                ? 0
                : pen.lines(row.detail(), Face.PLAIN, detailSize(size), wide - markWide(size))
                        .size();
        return calls * callLine(row, size) + details * detailSize(size) * 1.25 + size * 0.22;
    }

    private static double detailSize(double size) {
        return Math.max(9, size * 0.48);
    }

    private static String call(Row row) {
        return row.set() == Sheet.Set.CALLED ? row.call().toUpperCase(Locale.ROOT) : row.call();
    }

    private static Face face(Row row) {
        return switch (row.set()) {
            case CALLED -> Face.NARROW;
            case LINE -> Face.MONO;
            case TOLD -> Face.PLAIN;
        };
    }

    /// The narrow face is small for its size; the others look as large at less.
    private static double callSize(Row row, double size) {
        return row.set() == Sheet.Set.CALLED ? size : size * 0.62;
    }

    private static double callLine(Row row, double size) {
        return row.set() == Sheet.Set.CALLED ? size : callSize(row, size) * 1.3;
    }

    private void row(Placed at) {
        PdfStructureElement list = rows();
        tagged(new PdfStructureElement(list, new PdfName("LI")), "LBody", () -> rowWords(at));
    }

    /// The list that all rows stand in.
    private PdfStructureElement rows() {
        if (rows == null) {
            rows = new PdfStructureElement(structure, new PdfName("L"));
        }
        return rows;
    }

    private void rowWords(Placed at) {
        Color colour = colour(at.row.whose());
        double size = at.size;
        double line = at.y;
        pen.words(at.row.mark(), Face.NARROW, size, at.x, line - size * 0.82, SOFT);
        double callSize = callSize(at.row, size);
        for (String words : pen.lines(call(at.row), face(at.row), callSize, at.wide - markWide(size))) {
            pen.words(words, face(at.row), callSize, at.x + markWide(size), line - callSize * 0.82, colour);
            line -= callLine(at.row, size);
        }
        if (!at.row.detail().isEmpty()) {
            for (String words : pen.lines(at.row.detail(), Face.PLAIN, detailSize(size), at.wide - markWide(size))) {
                pen.words(
                        words, Face.PLAIN, detailSize(size), at.x + markWide(size), line - detailSize(size) * 0.9, INK);
                line -= detailSize(size) * 1.25;
            }
        }
    }

    private static Color colour(Whose whose) {
        return switch (whose) {
            case ATHLETE -> ATHLETE;
            case PARTNER -> PARTNER;
            case BOTH -> INK;
        };
    }

    private void note(String note, Face face, double size, Color colour) {
        tagged("P", () -> {
            for (String line : pen.lines(note, face, size, width)) {
                y -= size * 1.3;
                pen.words(line, face, size, MARGIN, y, colour);
            }
        });
    }

    private void drawing(Drawing drawing) {
        double scale = Math.min(width / drawing.width(), DRAWING_PT / drawing.height());
        DrawingPdf.draw(drawing, pen, MARGIN, y, scale);
        y -= drawing.height() * scale;
    }
}
