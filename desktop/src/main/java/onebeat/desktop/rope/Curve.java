package onebeat.desktop.rope;

import java.util.List;
import javafx.scene.shape.CubicCurveTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;

/// A soft curve through points from left to right.
public final class Curve {

    /// A point in pixels.
    public record Point(double x, double y) {}

    private Curve() {}

    /// A path through the points that leaves and reaches each one level.
    public static Path through(List<Point> points, String style) {
        Path path = new Path();
        path.getStyleClass().setAll(style);
        Point last = points.getFirst();
        path.getElements().add(new MoveTo(last.x, last.y));
        for (Point point : points.subList(1, points.size())) {
            double half = (point.x - last.x) / 2;
            path.getElements().add(new CubicCurveTo(last.x + half, last.y, point.x - half, point.y, point.x, point.y));
            last = point;
        }
        path.setMouseTransparent(true);
        return path;
    }
}
