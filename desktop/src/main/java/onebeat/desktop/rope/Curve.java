package onebeat.desktop.rope;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.shape.CubicCurveTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.PathElement;

/// A soft curve through points from left to right.
public final class Curve {

    /// A point in pixels.
    public record Point(double x, double y) {}

    private Curve() {}

    /// A path through the points that leaves and reaches each one level.
    public static Path through(List<Point> points, String... styles) {
        Path path = new Path(elements(points));
        path.getStyleClass().setAll(styles);
        path.setMouseTransparent(true);
        return path;
    }

    /// The same curve as parts of a path.
    public static List<PathElement> elements(List<Point> points) {
        List<PathElement> elements = new ArrayList<>();
        Point last = points.getFirst();
        elements.add(new MoveTo(last.x, last.y));
        for (Point point : points.subList(1, points.size())) {
            double half = (point.x - last.x) / 2;
            elements.add(new CubicCurveTo(last.x + half, last.y, point.x - half, point.y, point.x, point.y));
            last = point;
        }
        return elements;
    }
}
