package onebeat.formats.cards;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import onebeat.formats.cards.Drawing.Colour;
import onebeat.formats.cards.Drawing.Ink;
import onebeat.formats.cards.Drawing.Segment;

/// Writes a drawing as SVG 1.1 (W3C, 2011), as it stands: outlines as paths, words as text.
public final class DrawingSvg {

    private DrawingSvg() {}

    /// The drawing as a document of its own.
    ///
    /// @param title what it shows, for those who do not see it
    public static String of(Drawing drawing, String title) {
        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n" + inline(drawing, title) + "\n";
    }

    /// The same as an element within a page.
    static String inline(Drawing drawing, String title) {
        return String.format(
                        Locale.ROOT,
                        "<svg xmlns=\"http://www.w3.org/2000/svg\" role=\"img\" viewBox=\"0 0 %s %s\">%n<title>%s</title>%n",
                        number(drawing.width()),
                        number(drawing.height()),
                        Markup.escaped(title))
                + drawing.inks().stream().map(DrawingSvg::ink).collect(Collectors.joining("\n"))
                + "\n</svg>";
    }

    private static String ink(Ink ink) {
        return switch (ink) {
            case Ink.Fill fill ->
                "<path d=\"" + path(fill.outline()) + "\" fill=\"" + colour(fill.colour()) + "\" fill-opacity=\""
                        + number(fill.colour().opacity()) + "\"/>";
            case Ink.Stroke stroke ->
                "<path d=\"" + path(stroke.outline()) + "\" fill=\"none\" stroke=\"" + colour(stroke.colour())
                        + "\" stroke-opacity=\"" + number(stroke.colour().opacity()) + "\" stroke-width=\""
                        + number(stroke.width()) + "\"" + dashes(stroke.dashes())
                        + (stroke.round() ? " stroke-linecap=\"round\"" : "") + "/>";
            case Ink.Words words ->
                "<text x=\"" + number(words.x()) + "\" y=\"" + number(words.y()) + "\" font-family=\""
                        + family(words.face()) + "\" font-size=\"" + number(words.size()) + "\""
                        + (words.face() == Face.PLAIN ? "" : " font-weight=\"bold\"") + " fill=\""
                        + colour(words.colour()) + "\" fill-opacity=\""
                        + number(words.colour().opacity()) + "\">" + Markup.escaped(words.words()) + "</text>";
        };
    }

    /// The faces that ship, and what stands in for them elsewhere.
    static String family(Face face) {
        return switch (face) {
            case PLAIN, BOLD -> "Karla, sans-serif";
            case NARROW -> "Bebas Neue, sans-serif";
            case MONO -> "JetBrains Mono, monospace";
        };
    }

    private static String dashes(List<Double> dashes) {
        return dashes.isEmpty()
                ? ""
                : " stroke-dasharray=\""
                        + dashes.stream().map(DrawingSvg::number).collect(Collectors.joining(" ")) + "\"";
    }

    private static String path(List<Segment> outline) {
        return outline.stream().map(DrawingSvg::segment).collect(Collectors.joining(" "));
    }

    private static String segment(Segment segment) {
        return switch (segment) {
            case Segment.Move(double x, double y) -> "M" + numbers(x, y);
            case Segment.Straight(double x, double y) -> "L" + numbers(x, y);
            case Segment.Curve(double x1, double y1, double x2, double y2, double x, double y) ->
                "C" + numbers(x1, y1, x2, y2, x, y);
            case Segment.Close _ -> "Z";
        };
    }

    private static String numbers(double... values) {
        StringBuilder all = new StringBuilder();
        for (double value : values) {
            all.append(all.isEmpty() ? "" : " ").append(number(value));
        }
        return all.toString();
    }

    /// Hundredths are finer than any screen or paper.
    private static String number(double value) {
        String words = String.format(Locale.ROOT, "%.2f", value);
        return words.replaceAll("\\.?0+$", "");
    }

    private static String colour(Colour colour) {
        return String.format(Locale.ROOT, "#%06x", colour.rgb());
    }
}
