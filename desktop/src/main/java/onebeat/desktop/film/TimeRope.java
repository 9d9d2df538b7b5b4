package onebeat.desktop.film;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleConsumer;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Ellipse;
import javafx.scene.shape.Line;
import javafx.scene.text.Text;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.core.play.Who;
import onebeat.desktop.nodes.LetterMeasure;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.rope.Curve;
import onebeat.desktop.rope.Curve.Point;
import onebeat.desktop.text.Texts;

/// A reel as a rope on the time axis: a knot for each exchange, in the colour of the one who started it.
final class TimeRope extends Pane {

    private static final double MIDDLE = 24;
    private static final double SIDE = 12;

    private final Line playhead = new Line();
    private final LetterMeasure measure = new LetterMeasure(this);
    private final Line first = new Line();
    private final Line second = new Line();
    private Optional<Reel> reel = Optional.empty();
    private List<Exchange> exchanges = List.of();
    private Optional<String> chosen = Optional.empty();
    private double timeS;

    /// @param seek is told the time that was pressed
    TimeRope(DoubleConsumer seek) {
        setMinHeight(HEIGHT);
        setAccessibleRole(AccessibleRole.SLIDER);
        playhead.getStyleClass().setAll("playhead");
        first.getStyleClass().setAll("time-mark");
        second.getStyleClass().setAll("time-mark");
        widthProperty().addListener((_, _, _) -> draw());
        setOnMousePressed(e -> seek.accept(timeAt(e.getX())));
        setOnMouseDragged(e -> seek.accept(timeAt(e.getX())));
    }

    void show(Reel now, List<Exchange> on, Optional<String> here) {
        reel = Optional.of(now);
        exchanges = on;
        chosen = here;
        draw();
    }

    /// The film is here, and its marks stand there.
    void time(double now, Marks marks) {
        timeS = now;
        peg(first, marks.begin());
        peg(second, marks.end());
        playhead.setStartX(x(now));
        playhead.setEndX(x(now));
        playhead.setStartY(2);
        playhead.setEndY(44);
        setAccessibleText(Texts.of("film.axis", Texts.filmTime(now), exchanges.size()));
    }

    private void peg(Line peg, Optional<Double> at) {
        peg.setVisible(at.isPresent());
        at.ifPresent(seconds -> {
            peg.setStartX(x(seconds));
            peg.setEndX(x(seconds));
            peg.setStartY(MIDDLE - 14);
            peg.setEndY(MIDDLE + 14);
        });
    }

    private void draw() {
        getChildren().clear();
        if (reel.isEmpty() || getWidth() < 40) {
            return;
        }
        setMinHeight(HEIGHT + NAMES * (measure.larger() - 1));
        List<Node> nodes = new ArrayList<>();
        List<Point> points = new ArrayList<>();
        int side = 1;
        for (double x = SIDE; x <= getWidth() - SIDE; x += 20) {
            points.add(new Point(x, MIDDLE + side * 4));
            side = -side;
        }
        nodes.add(Curve.through(points, "rope-line"));
        nodes.addAll(rounds(reel.get()));
        nodes.addAll(knots());
        nodes.addAll(List.of(first, second, playhead));
        getChildren().setAll(nodes);
        playhead.setStartX(x(timeS));
        playhead.setEndX(x(timeS));
    }

    /// The names of rounds, as far as there is room for them.
    private List<Node> rounds(Reel on) {
        List<Node> names = new ArrayList<>();
        int rounds = (int) Math.ceil(on.seconds() / on.roundSeconds());
        double name = measure.width(Texts.of("film.round", rounds), "soft") + APART;
        int every = (int) Math.ceil(rounds * name / getWidth());
        for (int round = 1; round <= rounds; round += every) {
            Text text = Nodes.text(Texts.of("film.round", round), "soft");
            text.setX(x((round - 1) * on.roundSeconds()));
            text.setY(NAMES * measure.larger());
            names.add(text);
        }
        return names;
    }

    private static final double HEIGHT = 58;
    private static final double APART = 12;
    private static final double NAMES = 56;

    /// A knot for each exchange; where many fall on one place, one for each of the two is enough to be seen.
    private List<Node> knots() {
        List<Node> knots = new ArrayList<>();
        Set<Long> taken = new HashSet<>();
        for (Exchange exchange : exchanges) {
            long place = 2 * Math.round(x(exchange.timeS())) + (exchange.starter() == Who.ATHLETE ? 0 : 1);
            if (taken.add(place) || chosen.equals(Optional.of(exchange.id()))) {
                knots.add(knot(exchange));
            }
        }
        return knots;
    }

    /// The athlete's knots are round, the opponent's upright, so that they differ without colour too.
    private Ellipse knot(Exchange exchange) {
        boolean here = chosen.equals(Optional.of(exchange.id()));
        boolean athlete = exchange.starter() == Who.ATHLETE;
        Ellipse knot = new Ellipse(x(exchange.timeS()), MIDDLE, athlete ? 7 : 5, athlete ? 6 : 9);
        knot.getStyleClass().setAll(athlete ? "time-knot-athlete" : "time-knot-partner");
        if (here) {
            knot.setRadiusX(knot.getRadiusX() + 3);
            knot.setRadiusY(knot.getRadiusY() + 3);
            knot.getStyleClass().setAll("time-knot-here");
        }
        return knot;
    }

    private double x(double time) {
        double whole = reel.map(Reel::seconds).orElse(1.0);
        return SIDE + time / whole * (getWidth() - 2 * SIDE);
    }

    private double timeAt(double x) {
        double whole = reel.map(Reel::seconds).orElse(1.0);
        return Math.clamp((x - SIDE) / (getWidth() - 2 * SIDE), 0, 1) * whole;
    }
}
