package onebeat.formats.cards;

import java.util.List;

/// A drawing as vectors: outlines that are filled or drawn, and words. Lengths are in the drawing's own
/// units, with `y` downward.
public record Drawing(double width, double height, List<Ink> inks) {

    public Drawing {
        inks = List.copyOf(inks);
    }

    /// A colour.
    ///
    /// @param rgb `0xRRGGBB`
    /// @param opacity 0 to 1
    public record Colour(int rgb, double opacity) {}

    /// A piece of an outline.
    public sealed interface Segment {

        /// Lifts the pen to a point.
        record Move(double x, double y) implements Segment {}

        /// A straight line to a point.
        record Straight(double x, double y) implements Segment {}

        /// A cubic curve to a point, by two handles.
        record Curve(double x1, double y1, double x2, double y2, double x, double y) implements Segment {}

        /// Back to where the pen was lifted to.
        record Close() implements Segment {}
    }

    /// Something that is drawn.
    public sealed interface Ink {

        /// An outline drawn as a line.
        ///
        /// @param dashes lengths of dashes and gaps; none for a whole line
        /// @param round whether its ends are round
        record Stroke(List<Segment> outline, double width, Colour colour, List<Double> dashes, boolean round)
                implements Ink {

            public Stroke {
                outline = List.copyOf(outline);
                dashes = List.copyOf(dashes);
            }
        }

        /// A filled outline.
        record Fill(List<Segment> outline, Colour colour) implements Ink {

            public Fill {
                outline = List.copyOf(outline);
            }
        }

        /// Words that begin at `x` and stand on `y`.
        record Words(double x, double y, String words, Face face, double size, Colour colour) implements Ink {}
    }
}
