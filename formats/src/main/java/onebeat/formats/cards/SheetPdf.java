package onebeat.formats.cards;

import java.awt.Color;
import java.io.IOException;
import java.io.OutputStream;
import onebeat.core.program.ProgramVersion;
import onebeat.formats.cards.Sheet.Row;
import onebeat.formats.cards.Sheet.Whose;
import org.jspecify.annotations.Nullable;
import org.openpdf.text.Document;
import org.openpdf.text.DocumentException;
import org.openpdf.text.PageSize;
import org.openpdf.text.pdf.PdfName;
import org.openpdf.text.pdf.PdfObject;
import org.openpdf.text.pdf.PdfString;
import org.openpdf.text.pdf.PdfStructureElement;
import org.openpdf.text.pdf.PdfWriter;

/// Writes a sheet as a tagged PDF of one landscape page (ISO 216 A4, 297 by 210 mm), of more where one cannot hold it.
/// Lengths are in points, 1/72 inch.
///
/// Rows are as large as the page allows. At two metres a letter has to be about 6 mm high to be read at a glance,
/// twice what a Snellen chart asks of a normal eye (5 minutes of arc; from memory), which in this face is 24
/// points; rows that would be smaller say so in [Made#rowPoints].
public final class SheetPdf {

    /// Large enough to be read from two metres.
    public static final double READABLE_PT = 24;

    private static final double MARGIN = 34;
    private static final double DRAWING_PT = 190;
    private static final double FOOT_PT = 9.5;
    private static final double NOTE_PT = 12.5;
    private static final double UNDER_PT = 13;
    private static final Color INK = new Color(0x221c18);
    private static final Color SOFT = new Color(0x665b50);
    private static final Color ATHLETE = new Color(0x9c3f22);
    private static final Color PARTNER = new Color(0x2f5d6b);

    /// What came of it.
    ///
    /// @param rowPoints how large the rows are, the smallest where there are more pages than one
    public record Made(double rowPoints) {

        /// Whether its rows can be read from two metres.
        public boolean isReadable() {
            return rowPoints >= READABLE_PT;
        }
    }

    private final Document document;
    private final PdfPen pen;
    private final PdfStructureElement structure;
    private final double width;
    private @Nullable PdfStructureElement rows;
    private double y;

    private SheetPdf(PdfWriter writer, Document document) throws IOException {
        this.document = document;
        this.pen = PdfPen.of(writer.getDirectContent());
        this.structure = new PdfStructureElement(writer.getStructureTreeRoot(), new PdfName("Document"));
        this.width = document.getPageSize().getWidth() - 2 * MARGIN;
        this.y = document.getPageSize().getHeight() - MARGIN;
    }

    /// Writes a sheet.
    ///
    /// @throws IOException if it cannot be written
    public static Made write(Sheet sheet, OutputStream out) throws IOException {
        try (Document document = new Document(PageSize.A4.rotate())) {
            PdfWriter writer = PdfWriter.getInstance(document, out);
            writer.setTagged();
            writer.setViewerPreferences(PdfWriter.DisplayDocTitle);
            document.addTitle(sheet.title());
            document.addCreator(ProgramVersion.program());
            document.open();
            writer.getExtraCatalog().put(PdfName.LANG, new PdfString("en"));
            return new SheetPdf(writer, document).draw(sheet);
        } catch (DocumentException e) {
            throw new IOException("the sheet could not be made: " + e.getMessage(), e);
        }
    }

    private Made draw(Sheet sheet) {
        y -= 24;
        double titleSize = fitting(sheet.title(), Face.BOLD, 26);
        tagged("H1", () -> pen.words(sheet.title(), Face.BOLD, titleSize, MARGIN, y, INK));
        y -= 2;
        note(sheet.under(), Face.PLAIN, UNDER_PT, SOFT);
        if (!sheet.line().isEmpty()) {
            y -= 26;
            double lineSize = fitting(sheet.line(), Face.MONO, 20);
            tagged("P", () -> pen.words(sheet.line(), Face.MONO, lineSize, MARGIN, y, INK));
        }
        y -= 6;
        sheet.drawing()
                .ifPresent(drawing -> tagged("Figure", () -> drawing(drawing))
                        .put(PdfName.ALT, new PdfString(sheet.title() + ": " + sheet.line(), PdfObject.TEXT_UNICODE)));
        for (String note : sheet.before()) {
            note(note, Face.BOLD, NOTE_PT, INK);
        }
        y -= sheet.before().isEmpty() ? 0 : 8;
        RowLayout layout = new RowLayout(pen, MARGIN, width, sheet.rows());
        RowLayout.Laid laid = layout.on(sheet.rows(), sheet.columns(), y - 4, foot(sheet));
        double size = laid.size();
        drawn(sheet, laid);
        while (!laid.rest().isEmpty()) {
            document.newPage();
            laid = layout.on(
                    laid.rest(), sheet.columns(), document.getPageSize().getHeight() - MARGIN, foot(sheet));
            size = Math.min(size, laid.size());
            drawn(sheet, laid);
        }
        return new Made(size);
    }

    /// The size in which words that stay on one line fit the page.
    private double fitting(String words, Face face, double most) {
        return Math.min(most, most * width / Math.max(1, pen.wide(words, face, most)));
    }

    /// The rows of a page, and what stands under them on each.
    private void drawn(Sheet sheet, RowLayout.Laid laid) {
        laid.placed().forEach(row -> row(row, laid.size()));
        y = foot(sheet);
        for (String note : sheet.after()) {
            note(note, Face.PLAIN, NOTE_PT, INK);
        }
        y -= 4;
        note(sheet.cautions(), Face.PLAIN, FOOT_PT, INK);
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

    private void row(RowLayout.Placed at, double size) {
        PdfStructureElement list = rows();
        tagged(new PdfStructureElement(list, new PdfName("LI")), "LBody", () -> rowWords(at, size));
    }

    /// The list that all rows stand in.
    private PdfStructureElement rows() {
        if (rows == null) {
            rows = new PdfStructureElement(structure, new PdfName("L"));
        }
        return rows;
    }

    private void rowWords(RowLayout.Placed at, double size) {
        Row row = at.row();
        double line = at.y();
        double callSize = RowLayout.callSize(row, size);
        pen.words(row.mark(), Face.NARROW, RowLayout.markSize(row, size), at.x(), line - callSize * 0.82, SOFT);
        for (String words : at.calls()) {
            pen.words(words, RowLayout.face(row), callSize, at.wordsX(), line - callSize * 0.82, colour(row.whose()));
            line -= RowLayout.callLine(row, size);
        }
        double detailSize = RowLayout.detailSize(size);
        for (String words : at.details()) {
            pen.words(words, Face.PLAIN, detailSize, at.wordsX(), line - detailSize * 0.9, INK);
            line -= RowLayout.detailLine(size);
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
