package onebeat.desktop.weeks;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import javafx.scene.text.Text;
import onebeat.core.plan.LadderForecast;
import onebeat.core.plan.LadderForecast.Point;
import onebeat.core.plan.Pin;
import onebeat.core.plan.PlanProblem;
import onebeat.core.timing.Rung;
import onebeat.desktop.nodes.LetterMeasure;
import onebeat.desktop.nodes.Nodes;

/// Draws the strand of a line: its name, how it likely climbs its steps, the band between a slow and a quick
/// pace, and what the coach asked for.
final class StrandDrawing {

    private static final double KNOT = 4.2;

    private final WeeksPicture now;
    private final WeeksScale scale;
    private final LetterMeasure measure;
    private final List<Node> nodes = new ArrayList<>();

    private StrandDrawing(WeeksPicture now, WeeksScale scale, LetterMeasure measure) {
        this.now = now;
        this.scale = scale;
        this.measure = measure;
    }

    static List<Node> of(WeeksPicture now, LadderForecast forecast, WeeksScale scale, LetterMeasure measure) {
        StrandDrawing drawing = new StrandDrawing(now, scale, measure);
        drawing.drawn(forecast);
        return drawing.nodes;
    }

    private void drawn(LadderForecast forecast) {
        int line = forecast.line();
        PlanProblem problem = now.problem();
        Rung at = problem.lines().get(line).at();
        Text name = WeeksRope.text(
                8, scale.y(line, at) - 1, measure.fitted(now.name(line), scale.left() - 22, "small"), "small");
        name.pseudoClassStateChanged(Nodes.CHOSEN, line == now.state().line());
        name.getStyleClass().add("weeks-name");
        nodes.add(name);
        Line ground = new Line(scale.left(), scale.y(line, Rung.WHOLE), scale.end(), scale.y(line, Rung.WHOLE));
        ground.getStyleClass().setAll("weeks-ground");
        nodes.add(ground);
        Polygon band = new Polygon();
        List<Double> under = new ArrayList<>();
        Polyline likely = new Polyline(scale.x(0), scale.y(line, at));
        for (Point point : forecast.points()) {
            double x = scale.x(point.day());
            band.getPoints().addAll(x, scale.y(line, point.quick()));
            under.addAll(0, List.of(x, scale.y(line, point.slow())));
            likely.getPoints().addAll(x, scale.y(line, point.likely()));
        }
        band.getPoints().addAll(under);
        band.getStyleClass().setAll("weeks-band");
        boolean ofPlan = problem.lines().get(line).fightPlan() > 0;
        likely.getStyleClass().setAll(ofPlan ? "weeks-strand-plan" : "weeks-strand");
        nodes.add(band);
        nodes.add(likely);
        for (Point point : forecast.points()) {
            Circle knot = new Circle(
                    scale.x(point.day()), scale.y(line, point.likely()), point.rounds() > 1 ? KNOT * 1.4 : KNOT);
            knot.setId("planned-" + line + "-" + point.day());
            knot.getStyleClass().setAll(ofPlan ? "weeks-knot-plan" : "weeks-knot");
            nodes.add(knot);
        }
        if (!forecast.points().isEmpty()) {
            Rung reached = forecast.points().getLast().likely();
            nodes.add(WeeksRope.text(scale.end() + 8, scale.y(line, reached) + 4, reached.id(), "soft"));
        }
        for (Pin pin : problem.rules().pins()) {
            if (problem.line(pin.drill()) == line && problem.day(pin.date()) >= 0) {
                pin(scale.x(problem.day(pin.date())), scale.y(line, at), pin.wanted());
            }
        }
    }

    /// What the coach asked for is ringed, what they kept out is crossed.
    private void pin(double x, double y, boolean wanted) {
        if (wanted) {
            Circle ring = new Circle(x, y, 9);
            ring.getStyleClass().setAll("weeks-pin");
            nodes.add(ring);
            return;
        }
        for (int way : new int[] {-1, 1}) {
            Line cross = new Line(x - 5, y - 5.0 * way, x + 5, y + 5.0 * way);
            cross.getStyleClass().setAll("weeks-pin");
            nodes.add(cross);
        }
    }
}
