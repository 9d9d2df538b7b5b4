package onebeat.formats;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/// Letters of a page that stand on one another, or off it.
public final class CoveredGlyphs extends PDFTextStripper {

    /// Pairs of letters move into one another by less, in points.
    private static final float KERNING_PT = 1.5f;

    private final List<TextPosition> seen = new ArrayList<>();
    private final List<String> covered = new ArrayList<>();

    private CoveredGlyphs() throws IOException {}

    /// Each letter off its page, and each two that cover one another, with where they stand, in points from the left
    /// top.
    public static List<String> on(PDDocument document) throws IOException {
        CoveredGlyphs glyphs = new CoveredGlyphs();
        glyphs.getText(document);
        return glyphs.covered;
    }

    @Override
    protected void endPage(PDPage page) throws IOException {
        boolean turned = page.getRotation() % 180 != 0;
        PDRectangle box = page.getMediaBox();
        float wide = turned ? box.getHeight() : box.getWidth();
        float high = turned ? box.getWidth() : box.getHeight();
        for (int i = 0; i < seen.size(); i++) {
            TextPosition one = seen.get(i);
            if (one.getXDirAdj() + one.getWidthDirAdj() > wide || one.getYDirAdj() > high) {
                covered.add("%s is off page %d".formatted(one, getCurrentPageNo()));
            }
            for (int j = 0; j < i; j++) {
                TextPosition other = seen.get(j);
                float across =
                        shared(one.getXDirAdj(), one.getWidthDirAdj(), other.getXDirAdj(), other.getWidthDirAdj());
                float down = shared(
                        one.getYDirAdj() - one.getHeightDir(),
                        one.getHeightDir(),
                        other.getYDirAdj() - other.getHeightDir(),
                        other.getHeightDir());
                if (across > KERNING_PT && down > KERNING_PT) {
                    covered.add("%s on %s at %.0f, %.0f on page %d"
                            .formatted(one, other, other.getXDirAdj(), other.getYDirAdj(), getCurrentPageNo()));
                }
            }
        }
        seen.clear();
        super.endPage(page);
    }

    private static float shared(float from, float wide, float otherFrom, float otherWide) {
        return Math.min(from + wide, otherFrom + otherWide) - Math.max(from, otherFrom);
    }

    @Override
    protected void processTextPosition(TextPosition text) {
        if (!text.getUnicode().isBlank()) {
            seen.add(text);
        }
        super.processTextPosition(text);
    }
}
