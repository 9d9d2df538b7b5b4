package onebeat.desktop.nodes;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.Ellipse;
import javafx.scene.shape.Line;
import javafx.scene.shape.Path;
import javafx.scene.shape.PathElement;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/// The marks of a drawing, kept from one drawing to the next.
///
/// A drawing is made anew with every key, but most of its marks only move: styling new ones is what takes the time. So
/// each kind of mark in each style is taken from those drawn before, and only what is missing is made. Between
/// [#begin] and [#end] marks are asked for in the order in which they lie on one another.
public final class ShapePool {

    private final Pane pane;
    private final Map<String, Kept> kept = new HashMap<>();
    private final List<Node> drawn = new ArrayList<>();

    /// Marks of one kind and style, and how many of them this drawing has used.
    private static final class Kept {
        private final List<Node> nodes = new ArrayList<>();
        private int used;
    }

    /// @param pane what is drawn on; its children belong to the marks
    public ShapePool(Pane pane) {
        this.pane = pane;
    }

    public void begin() {
        drawn.clear();
        kept.values().forEach(k -> k.used = 0);
    }

    /// Puts what was asked for since [#begin] on the pane, and nothing else.
    public void end() {
        ListChange.make(pane.getChildren(), drawn);
    }

    /// Empties the pane.
    public void clear() {
        begin();
        end();
    }

    /// A node that the drawing keeps itself.
    public void own(Node node) {
        drawn.add(node);
    }

    public Line line(double x1, double y1, double x2, double y2, String... styles) {
        Line line = take(Line.class, Line::new, styles);
        line.setStartX(x1);
        line.setStartY(y1);
        line.setEndX(x2);
        line.setEndY(y2);
        return line;
    }

    public Rectangle rectangle(double x, double y, double width, double height, String... styles) {
        Rectangle rectangle = take(Rectangle.class, Rectangle::new, styles);
        rectangle.setX(x);
        rectangle.setY(y);
        rectangle.setWidth(Math.max(0, width));
        rectangle.setHeight(Math.max(0, height));
        rectangle.setRotate(0);
        return rectangle;
    }

    public Circle circle(double x, double y, double radius, String... styles) {
        Circle circle = take(Circle.class, Circle::new, styles);
        circle.setCenterX(x);
        circle.setCenterY(y);
        circle.setRadius(radius);
        return circle;
    }

    public Ellipse ellipse(double x, double y, double radiusX, double radiusY, String... styles) {
        Ellipse ellipse = take(Ellipse.class, Ellipse::new, styles);
        ellipse.setCenterX(x);
        ellipse.setCenterY(y);
        ellipse.setRadiusX(radiusX);
        ellipse.setRadiusY(radiusY);
        return ellipse;
    }

    /// A curve from the first point to the last with the two between as its handles; its points are set by the caller.
    public CubicCurve curve(String... styles) {
        return take(CubicCurve.class, CubicCurve::new, styles);
    }

    public Path path(List<PathElement> elements, String... styles) {
        Path path = take(Path.class, Path::new, styles);
        path.getElements().setAll(elements);
        return path;
    }

    /// A closed shape through `x0, y0, x1, y1 …`.
    public Polygon polygon(List<Double> points, String... styles) {
        Polygon polygon = take(Polygon.class, Polygon::new, styles);
        polygon.getPoints().setAll(points);
        return polygon;
    }

    /// An open line through `x0, y0, x1, y1 …`.
    public Polyline polyline(List<Double> points, String... styles) {
        Polyline polyline = take(Polyline.class, Polyline::new, styles);
        polyline.getPoints().setAll(points);
        return polyline;
    }

    /// Words that begin at `x` and stand on `y`.
    public Text text(String words, double x, double y, String... styles) {
        Text text = take(Text.class, Text::new, styles);
        text.setText(words);
        text.setTextOrigin(VPos.BASELINE);
        text.setX(x);
        text.setY(y);
        return text;
    }

    private <N extends Node> N take(Class<N> type, Supplier<N> make, String... styles) {
        Kept marks = kept.computeIfAbsent(type.getSimpleName() + String.join(" ", styles), _ -> new Kept());
        if (marks.used == marks.nodes.size()) {
            N made = make.get();
            made.getStyleClass().setAll(styles);
            made.setMouseTransparent(true);
            marks.nodes.add(made);
        }
        N mark = type.cast(marks.nodes.get(marks.used++));
        mark.setVisible(true);
        drawn.add(mark);
        return mark;
    }
}
