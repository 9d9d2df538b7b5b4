package onebeat.desktop.figures;

import java.util.ArrayList;
import java.util.List;
import onebeat.desktop.figures.Pose.Point;
import onebeat.desktop.nodes.ShapePool;

/// The shapes that bodies are made of, placed in centimetres.
///
/// @param x where the fighter's middle stands on the picture
/// @param floor where the floor is on the picture
/// @param scale pixels a centimetre
/// @param facing 1 where forward is to the right, -1 where it is to the left
record BodyShapes(ShapePool shapes, double x, double floor, double scale, int facing) {

    private static final int ROUND = 7;

    /// A limb's piece: two circles and what lies between them.
    void capsule(Point from, double fromRadius, Point to, double toRadius, String style) {
        double angle = Math.atan2(to.y() - from.y(), to.x() - from.x());
        List<Double> points = new ArrayList<>();
        arc(points, to, toRadius, angle - Math.PI / 2);
        arc(points, from, fromRadius, angle + Math.PI / 2);
        shapes.polygon(points, style);
    }

    private void arc(List<Double> points, Point middle, double radius, double from) {
        for (int i = 0; i <= ROUND; i++) {
            double angle = from + Math.PI * i / ROUND;
            points.add(px(middle.x() + radius * Math.cos(angle)));
            points.add(py(middle.y() + radius * Math.sin(angle)));
        }
    }

    /// A closed shape through these points.
    void shape(List<Point> outline, String style) {
        List<Double> points = new ArrayList<>();
        for (Point point : outline) {
            points.add(px(point.x()));
            points.add(py(point.y()));
        }
        shapes.polygon(points, style);
    }

    double px(double forward) {
        return x + facing * forward * scale;
    }

    double py(double up) {
        return floor - up * scale;
    }
}
