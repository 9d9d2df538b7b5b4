package onebeat.formats.cards;

import java.awt.Color;
import java.util.List;
import onebeat.formats.cards.Drawing.Colour;
import onebeat.formats.cards.Drawing.Ink;
import onebeat.formats.cards.Drawing.Segment;
import org.openpdf.text.pdf.PdfContentByte;
import org.openpdf.text.pdf.PdfGState;

/// Draws a drawing on a PDF page.
record DrawingPdf(PdfPen pen) {

    /// Draws it.
    ///
    /// @param top where its upper edge lies
    /// @param scale points for each of its own units
    static void draw(Drawing drawing, PdfPen pen, double left, double top, double scale) {
        new DrawingPdf(pen).draw(drawing, left, top, scale);
    }

    private void draw(Drawing drawing, double left, double top, double scale) {
        PdfContentByte page = pen.page();
        page.saveState();
        page.concatCTM((float) scale, 0, 0, (float) -scale, (float) left, (float) top);
        for (Ink ink : drawing.inks()) {
            switch (ink) {
                case Ink.Stroke stroke -> stroke(stroke);
                case Ink.Fill fill -> {
                    outline(fill.outline());
                    page.setColorFill(new Color(fill.colour().rgb()));
                    opacity(fill.colour());
                    page.fill();
                }
                case Ink.Words words -> {
                    opacity(words.colour());
                    page.saveState();
                    page.concatCTM(1, 0, 0, -1, (float) words.x(), (float) words.y());
                    pen.words(
                            words.words(),
                            words.face(),
                            words.size(),
                            0,
                            0,
                            new Color(words.colour().rgb()));
                    page.restoreState();
                }
            }
        }
        page.restoreState();
    }

    private void stroke(Ink.Stroke stroke) {
        PdfContentByte page = pen.page();
        page.setColorStroke(new Color(stroke.colour().rgb()));
        opacity(stroke.colour());
        page.setLineWidth((float) stroke.width());
        page.setLineCap(stroke.round() ? PdfContentByte.LINE_CAP_ROUND : PdfContentByte.LINE_CAP_BUTT);
        float[] dashes = new float[stroke.dashes().size()];
        for (int i = 0; i < dashes.length; i++) {
            dashes[i] = stroke.dashes().get(i).floatValue();
        }
        page.setLineDash(dashes, 0);
        outline(stroke.outline());
        page.stroke();
    }

    private void opacity(Colour colour) {
        PdfGState state = new PdfGState();
        state.setFillOpacity((float) colour.opacity());
        state.setStrokeOpacity((float) colour.opacity());
        pen.page().setGState(state);
    }

    private void outline(List<Segment> outline) {
        PdfContentByte page = pen.page();
        for (Segment segment : outline) {
            switch (segment) {
                case Segment.Move(double x, double toY) -> page.moveTo((float) x, (float) toY);
                case Segment.Straight(double x, double toY) -> page.lineTo((float) x, (float) toY);
                case Segment.Curve(double x1, double y1, double x2, double y2, double x, double toY) ->
                    page.curveTo((float) x1, (float) y1, (float) x2, (float) y2, (float) x, (float) toY);
                case Segment.Close _ -> page.closePath();
            }
        }
    }
}
