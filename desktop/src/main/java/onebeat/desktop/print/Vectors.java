package onebeat.desktop.print;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.paint.Paint;
import javafx.scene.shape.Circle;
import javafx.scene.shape.ClosePath;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.CubicCurveTo;
import javafx.scene.shape.Ellipse;
import javafx.scene.shape.Line;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.PathElement;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.QuadCurveTo;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Text;
import onebeat.desktop.nodes.Nodes;
import onebeat.formats.cards.Drawing;
import onebeat.formats.cards.Drawing.Colour;
import onebeat.formats.cards.Drawing.Ink;
import onebeat.formats.cards.Drawing.Segment;
import onebeat.formats.cards.Face;
import org.jspecify.annotations.Nullable;

/// Takes a drawn picture apart into outlines and words.
public final class Vectors {

    /// A circle of radius 1 as four cubic curves: the handle length `4/3 (sqrt 2 - 1)`, common practice.
    private static final double HANDLE = 4.0 / 3 * (Math.sqrt(2) - 1);

    private final List<Ink> inks = new ArrayList<>();

    private Vectors() {}

    /// The picture of a control at this size. It must not be on a screen.
    public static Drawing of(Region region, double width, double height) {
        Scene scene = new Scene(region, width, height);
        Nodes.dress(scene);
        region.resize(width, height);
        region.applyCss();
        region.layout();
        Vectors vectors = new Vectors();
        vectors.node(region, 0, 0, 1);
        return new Drawing(width, height, vectors.inks);
    }

    private void node(Node node, double x, double y, double opacity) {
        if (!node.isVisible()) {
            return;
        }
        double atX = x + node.getLayoutX() + node.getTranslateX();
        double atY = y + node.getLayoutY() + node.getTranslateY();
        double seen = opacity * node.getOpacity();
        switch (node) {
            case Text text -> text(text, atX, atY, seen);
            case Shape shape -> shape(shape, atX, atY, seen);
            case Parent parent -> parent.getChildrenUnmodifiable().forEach(child -> node(child, atX, atY, seen));
            default -> {}
        }
    }

    private void text(Text text, double x, double y, double opacity) {
        if (text.getFill() instanceof Color color && !text.getText().isBlank()) {
            inks.add(new Ink.Words(
                    x + text.getX(),
                    y + text.getY() + (text.getBaselineOffset() - baseline(text)),
                    text.getText(),
                    face(text),
                    text.getFont().getSize(),
                    colour(color, opacity)));
        }
    }

    /// What the words stand on is already `y` where they are placed by their baseline.
    private static double baseline(Text text) {
        return text.getTextOrigin() == VPos.BASELINE ? text.getBaselineOffset() : 0;
    }

    private static Face face(Text text) {
        String family = text.getFont().getFamily();
        boolean bold = text.getFont().getStyle().contains("Bold");
        if (family.startsWith("JetBrains")) {
            return Face.MONO;
        }
        return family.startsWith("Bebas") ? Face.NARROW : bold ? Face.BOLD : Face.PLAIN;
    }

    private void shape(Shape shape, double x, double y, double opacity) {
        List<Segment> outline = outline(shape, x, y);
        if (outline.isEmpty()) {
            return;
        }
        paint(shape.getFill(), opacity, colour -> new Ink.Fill(outline, colour));
        paint(
                shape.getStroke(),
                opacity,
                colour -> new Ink.Stroke(
                        outline,
                        shape.getStrokeWidth(),
                        colour,
                        shape.getStrokeDashArray(),
                        shape.getStrokeLineCap() == StrokeLineCap.ROUND));
    }

    private void paint(@Nullable Paint paint, double opacity, Function<Colour, Ink> ink) {
        if (paint instanceof Color color && color.getOpacity() * opacity > 0) {
            inks.add(ink.apply(colour(color, opacity)));
        }
    }

    private static Colour colour(Color color, double opacity) {
        int red = (int) Math.round(color.getRed() * 255);
        int green = (int) Math.round(color.getGreen() * 255);
        int blue = (int) Math.round(color.getBlue() * 255);
        return new Colour(red << 16 | green << 8 | blue, color.getOpacity() * opacity);
    }

    private static List<Segment> outline(Shape shape, double x, double y) {
        return switch (shape) {
            case Line line ->
                List.of(
                        new Segment.Move(x + line.getStartX(), y + line.getStartY()),
                        new Segment.Straight(x + line.getEndX(), y + line.getEndY()));
            case Rectangle box ->
                through(
                        List.of(
                                box.getX(),
                                box.getY(),
                                box.getX() + box.getWidth(),
                                box.getY(),
                                box.getX() + box.getWidth(),
                                box.getY() + box.getHeight(),
                                box.getX(),
                                box.getY() + box.getHeight()),
                        x,
                        y,
                        true);
            case Circle circle ->
                ellipse(x + circle.getCenterX(), y + circle.getCenterY(), circle.getRadius(), circle.getRadius());
            case Ellipse ellipse ->
                ellipse(x + ellipse.getCenterX(), y + ellipse.getCenterY(), ellipse.getRadiusX(), ellipse.getRadiusY());
            case Polygon polygon -> through(polygon.getPoints(), x, y, true);
            case Polyline polyline -> through(polyline.getPoints(), x, y, false);
            case CubicCurve curve ->
                List.of(
                        new Segment.Move(x + curve.getStartX(), y + curve.getStartY()),
                        new Segment.Curve(
                                x + curve.getControlX1(),
                                y + curve.getControlY1(),
                                x + curve.getControlX2(),
                                y + curve.getControlY2(),
                                x + curve.getEndX(),
                                y + curve.getEndY()));
            case Path path -> path(path, x, y);
            default -> List.of();
        };
    }

    private static List<Segment> through(List<Double> points, double x, double y, boolean closed) {
        List<Segment> outline = new ArrayList<>();
        for (int i = 0; i + 1 < points.size(); i += 2) {
            double px = x + points.get(i);
            double py = y + points.get(i + 1);
            outline.add(i == 0 ? new Segment.Move(px, py) : new Segment.Straight(px, py));
        }
        if (closed) {
            outline.add(new Segment.Close());
        }
        return outline;
    }

    private static List<Segment> ellipse(double x, double y, double rx, double ry) {
        double hx = rx * HANDLE;
        double hy = ry * HANDLE;
        return List.of(
                new Segment.Move(x + rx, y),
                new Segment.Curve(x + rx, y + hy, x + hx, y + ry, x, y + ry),
                new Segment.Curve(x - hx, y + ry, x - rx, y + hy, x - rx, y),
                new Segment.Curve(x - rx, y - hy, x - hx, y - ry, x, y - ry),
                new Segment.Curve(x + hx, y - ry, x + rx, y - hy, x + rx, y),
                new Segment.Close());
    }

    private static List<Segment> path(Path path, double x, double y) {
        List<Segment> outline = new ArrayList<>();
        double lastX = x;
        double lastY = y;
        for (PathElement element : path.getElements()) {
            Segment next = segment(element, x, y, lastX, lastY);
            outline.add(next);
            if (next instanceof Segment.Move(double toX, double toY)) {
                lastX = toX;
                lastY = toY;
            } else if (next instanceof Segment.Straight(double toX, double toY)) {
                lastX = toX;
                lastY = toY;
            } else if (next instanceof Segment.Curve curve) {
                lastX = curve.x();
                lastY = curve.y();
            }
        }
        return outline;
    }

    private static Segment segment(PathElement element, double x, double y, double lastX, double lastY) {
        return switch (element) {
            case MoveTo to -> new Segment.Move(x + to.getX(), y + to.getY());
            case LineTo to -> new Segment.Straight(x + to.getX(), y + to.getY());
            case CubicCurveTo to ->
                new Segment.Curve(
                        x + to.getControlX1(),
                        y + to.getControlY1(),
                        x + to.getControlX2(),
                        y + to.getControlY2(),
                        x + to.getX(),
                        y + to.getY());
            case QuadCurveTo to ->
                cubic(lastX, lastY, x + to.getControlX(), y + to.getControlY(), x + to.getX(), y + to.getY());
            case ClosePath _ -> new Segment.Close();
            default -> throw new IllegalStateException("no such piece of a path is drawn: " + element);
        };
    }

    /// The same curve with two handles: each lies two thirds of the way to the one.
    private static Segment cubic(double fromX, double fromY, double handleX, double handleY, double toX, double toY) {
        return new Segment.Curve(
                fromX + (handleX - fromX) * 2 / 3,
                fromY + (handleY - fromY) * 2 / 3,
                toX + (handleX - toX) * 2 / 3,
                toY + (handleY - toY) * 2 / 3,
                toX,
                toY);
    }
}
