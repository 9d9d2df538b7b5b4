package onebeat.desktop.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.DoubleConsumer;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.shape.Ellipse;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.text.Text;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.core.play.Who;
import onebeat.desktop.nodes.DrawnPane;
import onebeat.desktop.nodes.LetterMeasure;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.rope.Curve;
import onebeat.desktop.rope.Curve.Point;
import onebeat.desktop.text.Texts;
import onebeat.media.SoundPicture;

/// A reel as a rope on the time axis: a knot for each exchange, in the colour of the one who started it.
final class TimeRope extends DrawnPane {

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
    private FilmGlance glance = FilmGlance.NONE;

    /// @param seek is told the time that was pressed
    TimeRope(DoubleConsumer seek) {
        setMinHeight(NAMES + 2);
        setAccessibleRole(AccessibleRole.SLIDER);
        playhead.getStyleClass().setAll("playhead");
        first.getStyleClass().setAll("time-mark");
        second.getStyleClass().setAll("time-mark");
        setOnMousePressed(e -> seek.accept(timeAt(e.getX())));
        setOnMouseDragged(e -> seek.accept(timeAt(e.getX())));
    }

    void show(Reel now, List<Exchange> on, Optional<String> here) {
        reel = Optional.of(now);
        exchanges = on;
        chosen = here;
        redraw();
    }

    /// What is known of the film is drawn with it.
    void glance(FilmGlance now) {
        if (!now.equals(glance)) {
            glance = now;
            redraw();
        }
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

    @Override
    protected void draw() {
        getChildren().clear();
        if (reel.isEmpty() || getWidth() < 40) {
            return;
        }
        double names = NAMES * measure.larger();
        setMinHeight(names + 2 + (glance.hasMoments() ? MOMENT + 6 : 0));
        List<Node> nodes = new ArrayList<>();
        nodes.add(rope());
        nodes.addAll(sharp());
        nodes.addAll(moments(names + 6));
        nodes.addAll(rounds(reel.get()));
        nodes.addAll(knots());
        nodes.addAll(List.of(first, second, playhead));
        getChildren().setAll(nodes);
        playhead.setStartX(x(timeS));
        playhead.setEndX(x(timeS));
    }

    /// The rope along the time, as thick as the film is loud.
    private Node rope() {
        Optional<SoundPicture> sound = glance.sound();
        List<Point> upper = new ArrayList<>();
        List<Point> lower = new ArrayList<>();
        int side = 1;
        for (double x = SIDE; x <= getWidth() - SIDE; x += sound.isPresent() ? LOUD_STEP : STEP) {
            double y = MIDDLE + (sound.isPresent() ? 0 : side * 4);
            double half = sound.isPresent() ? THIN + THICK * loudest(sound.get(), x) : 0;
            upper.add(new Point(x, y - half));
            lower.addFirst(new Point(x, y + half));
            side = -side;
        }
        if (sound.isEmpty()) {
            return Curve.through(upper, "rope-line");
        }
        Polygon band = new Polygon();
        upper.forEach(point -> band.getPoints().addAll(point.x(), point.y()));
        lower.forEach(point -> band.getPoints().addAll(point.x(), point.y()));
        band.getStyleClass().setAll("rope-loud");
        return band;
    }

    private double loudest(SoundPicture sound, double x) {
        double most = 0;
        for (double at = timeAt(x); at < timeAt(x + LOUD_STEP); at += SoundPicture.STEP_S) {
            most = Math.max(most, sound.at(at));
        }
        return most;
    }

    /// A small mark for each sharp sound; where many fall on one place, one.
    private List<Node> sharp() {
        Map<Long, Node> marks = new TreeMap<>();
        glance.sound()
                .ifPresent(sound -> sound.sharp().forEach(at -> {
                    double x = x(at);
                    Line mark = new Line(x, SHARP_FROM, x, SHARP_TO);
                    mark.getStyleClass().setAll("sharp-sound");
                    marks.putIfAbsent(Math.round(x / 2), mark);
                }));
        return List.copyOf(marks.values());
    }

    /// Small pictures under the knots: the chosen one first, then those that find room beside it.
    private List<Node> moments(double y) {
        List<Exchange> order = new ArrayList<>(exchanges);
        order.sort(Comparator.comparing((Exchange e) -> !chosen.equals(Optional.of(e.id()))));
        List<Node> shown = new ArrayList<>();
        List<double[]> taken = new ArrayList<>();
        for (Exchange exchange : order) {
            Image image = glance.moments().get(exchange.momentS());
            if (image == null) {
                continue;
            }
            double wide = MOMENT * image.getWidth() / image.getHeight();
            double from = Math.clamp(x(exchange.momentS()) - wide / 2, 0, Math.max(0, getWidth() - wide));
            if (taken.stream().noneMatch(t -> from < t[1] + 2 && from + wide > t[0] - 2)) {
                taken.add(new double[] {from, from + wide});
                ImageView view = new ImageView(image);
                view.getStyleClass().setAll("time-moment");
                view.setFitHeight(MOMENT);
                view.setPreserveRatio(true);
                view.setX(from);
                view.setY(y);
                shown.add(view);
            }
        }
        return shown;
    }

    private static final double STEP = 20;
    private static final double LOUD_STEP = 3;
    private static final double THIN = 1.2;
    private static final double THICK = 8;
    private static final double SHARP_FROM = 3;
    private static final double SHARP_TO = 10;

    /// How tall a small picture is, in pixels.
    private static final double MOMENT = 40;

    /// The names of rounds, as far as there is room for them.
    private List<Node> rounds(Reel on) {
        List<Node> names = new ArrayList<>();
        double freeFrom = 0;
        List<Double> starts = on.rounds();
        for (int round = 1; round <= starts.size(); round++) {
            double x = x(starts.get(round - 1));
            String words = Texts.of("film.round", round);
            if (!on.roundStarts().isEmpty()) {
                Line bell = new Line(x, MIDDLE + THICK, x, (NAMES - 10) * measure.larger());
                bell.getStyleClass().setAll("round-bell");
                names.add(bell);
            }
            if (x >= freeFrom) {
                Text text = Nodes.text(words, "soft");
                text.setX(x);
                text.setY(NAMES * measure.larger());
                names.add(text);
                freeFrom = x + measure.width(words, "soft") + APART;
            }
        }
        return names;
    }

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
