package onebeat.formats.cards;

import java.awt.Color;
import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.openpdf.text.pdf.BaseFont;
import org.openpdf.text.pdf.PdfContentByte;

/// Measures and writes words on a page in the program's own faces. Lengths are in points, from the lower left.
record PdfPen(PdfContentByte page, Map<Face, BaseFont> fonts) {

    PdfPen {
        fonts = Map.copyOf(fonts);
    }

    /// A pen for a page, with all faces put into its file.
    ///
    /// @throws IOException if a face cannot be read
    static PdfPen of(PdfContentByte page) throws IOException {
        Map<Face, BaseFont> fonts = new EnumMap<>(Face.class);
        for (Face face : Face.values()) {
            fonts.put(
                    face,
                    BaseFont.createFont(face.file(), BaseFont.IDENTITY_H, BaseFont.EMBEDDED, true, face.bytes(), null));
        }
        return new PdfPen(page, fonts);
    }

    /// Breaks words into lines that are no wider than this.
    List<String> lines(String text, Face face, double size, double most) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ", -1)) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && wide(longer, face, size) > most) {
                lines.add(line.toString());
                line.setLength(0);
                line.append(word);
            } else {
                line.setLength(0);
                line.append(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    private BaseFont font(Face face) {
        BaseFont font = fonts.get(face);
        if (font == null) {
            throw new IllegalStateException("no font " + face);
        }
        return font;
    }

    double wide(String words, Face face, double size) {
        return font(face).getWidthPoint(words, (float) size);
    }

    /// Writes words.
    ///
    /// @param x where they begin
    /// @param at where their base line lies
    void words(String words, Face face, double size, double x, double at, Color colour) {
        page.beginText();
        page.setFontAndSize(font(face), (float) size);
        page.setColorFill(colour);
        page.setTextMatrix((float) x, (float) at);
        page.showText(words);
        page.endText();
    }
}
