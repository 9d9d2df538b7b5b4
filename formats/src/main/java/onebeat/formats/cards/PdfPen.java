package onebeat.formats.cards;

import java.awt.Color;
import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.openpdf.text.pdf.BaseFont;
import org.openpdf.text.pdf.PdfContentByte;

/// Measures and writes words on a page in the program's own faces. Lengths are in points, from the lower left.
record PdfPen(PdfContentByte page, Map<Face, BaseFont> fonts) {

    private static final String NONE_HAS_IT = "\u25a1";

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

    /// Letters next to each other that one face has.
    private record Run(Face face, String letters) {}

    /// The words in their face; what it lacks is taken from the others, and what none has is a box.
    private List<Run> runs(String words, Face face) {
        List<Run> runs = new ArrayList<>();
        words.codePoints().forEach(letter -> {
            Face has = Stream.of(face, Face.PLAIN, Face.MONO)
                    .filter(one -> font(one).charExists(letter))
                    .findFirst()
                    .orElse(Face.MONO);
            String written = font(has).charExists(letter) ? Character.toString(letter) : NONE_HAS_IT;
            if (!runs.isEmpty() && runs.getLast().face == has) {
                written = runs.removeLast().letters + written;
            }
            runs.add(new Run(has, written));
        });
        return runs;
    }

    double wide(String words, Face face, double size) {
        return runs(words, face).stream()
                .mapToDouble(run -> font(run.face).getWidthPoint(run.letters, (float) size))
                .sum();
    }

    /// Writes words.
    ///
    /// @param x where they begin
    /// @param at where their base line lies
    void words(String words, Face face, double size, double x, double at, Color colour) {
        page.beginText();
        page.setColorFill(colour);
        page.setTextMatrix((float) x, (float) at);
        for (Run run : runs(words, face)) {
            page.setFontAndSize(font(run.face), (float) size);
            page.showText(run.letters);
        }
        page.endText();
    }
}
