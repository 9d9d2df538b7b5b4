package onebeat.desktop.weeks;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Ellipse;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import onebeat.core.plan.HardRule;
import onebeat.core.plan.LadderForecast;
import onebeat.core.plan.LadderForecast.Point;
import onebeat.core.plan.Pin;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlannedDay;
import onebeat.core.plan.TrainingLoad;
import onebeat.core.timing.Rung;
import onebeat.desktop.nodes.DrawnPane;
import onebeat.desktop.nodes.LetterMeasure;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;
import onebeat.desktop.weeks.WeeksAction.Choose;
import org.jspecify.annotations.Nullable;

/// The cord unrolled: weeks as lengths, sessions as knots thick by load, thinner toward fight night, and under it one
/// strand for each line that climbs its steps, with the band between a slow and a quick pace.
final class WeeksRope extends DrawnPane {

    private static final double TOP = 34;
    private static final double OTHER = 30;
    private static final double WORDS = 52;
    private static final double LANE = 32;
    private static final double CLIMB = 20;
    private static final double RIGHT = 56;
    private static final double MOST_NAME = 180;
    private static final double KNOT = 4.2;
    private static final double THICK = 0.014;
    private static final DateTimeFormatter WEEK = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private final Consumer<WeeksAction> dispatch;
    private final LetterMeasure measure = new LetterMeasure(this);
    private @Nullable WeeksPicture picture;
    private double left;
    private double firstLane;
    private double larger = 1;

    WeeksRope(Consumer<WeeksAction> dispatch) {
        this.dispatch = dispatch;
        setId("weeks-rope");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setOnMousePressed(e -> press(e.getX(), e.getY()));
    }

    void show(WeeksPicture now) {
        picture = now;
        redraw();
    }

    private void press(double x, double y) {
        WeeksPicture now = picture;
        if (now == null) {
            return;
        }
        int days = now.problem().days().size();
        int day = x < left ? now.state().day() : Math.clamp(Math.round((x - left) / step(now)), 0, days - 1);
        int line = (int) Math.floor((y - firstLane) / (LANE * larger));
        boolean onLine = line >= 0 && line < now.problem().lines().size();
        dispatch.accept(new Choose(day, onLine ? line : now.state().line()));
        getParent().requestFocus();
    }

    private double step(WeeksPicture now) {
        return (getWidth() - left - RIGHT) / Math.max(1, now.problem().days().size());
    }

    private double x(WeeksPicture now, int day) {
        return left + day * step(now);
    }

    @Override
    protected void draw() {
        WeeksPicture now = picture;
        if (now == null || getWidth() <= 0) {
            return;
        }
        larger = measure.larger();
        PlanProblem problem = now.problem();
        left = 24;
        for (int line = 0; line < problem.lines().size(); line++) {
            left = Math.max(left, measure.width(now.name(line), "small") + 26);
        }
        left = Math.min(left, MOST_NAME * larger);
        List<Node> nodes = new ArrayList<>();
        boolean two = now.state().offer().isPresent() && !now.kept().isEmpty();
        double cord = TOP * larger;
        firstLane = cord + (two ? OTHER : 0) + WORDS * larger;
        double height = firstLane + problem.lines().size() * LANE * larger + 8;
        setMinHeight(height);
        setPrefHeight(height);
        nodes.add(chosenDay(now, height));
        nodes.addAll(marks(now, height));
        if (two) {
            nodes.addAll(cord(now, now.kept(), cord, "weeks-kept"));
        }
        nodes.addAll(cord(now, now.days(), two ? cord + OTHER : cord, "weeks-cord"));
        nodes.addAll(weeks(now, cord + (two ? OTHER : 0)));
        for (LadderForecast forecast : now.forecasts()) {
            strand(now, forecast, nodes);
        }
        getChildren().setAll(nodes);
        setAccessibleText(String.join(" ", spoken()));
    }

    private Rectangle chosenDay(WeeksPicture now, double height) {
        double step = Math.max(6, step(now));
        Rectangle here = new Rectangle(x(now, now.state().day()) - step / 2, 4, step, height - 6);
        here.getStyleClass().setAll("weeks-here");
        return here;
    }

    /// By when lines should be ready, and from when nobody is touched.
    private List<Node> marks(WeeksPicture now, double height) {
        List<Node> nodes = new ArrayList<>();
        PlanProblem problem = now.problem();
        int ready = problem.readyDay();
        if (ready >= 0) {
            mark(nodes, x(now, ready), height, Texts.of("weeks.mark.ready"), "weeks-ready");
        }
        LocalDate quiet = problem.fightNight().minusDays(problem.rules().value(HardRule.NO_CONTACT));
        int day = problem.day(quiet);
        if (day > ready) {
            mark(nodes, x(now, day), height, Texts.of("weeks.mark.quiet"), "weeks-quiet");
        }
        double end = x(now, problem.days().size());
        Line fight = new Line(end, 6, end, height - 4);
        fight.getStyleClass().setAll("weeks-fight");
        nodes.add(fight);
        return nodes;
    }

    private void mark(List<Node> nodes, double x, double height, String words, String style) {
        // Not through the words of the weeks.
        for (Line line : List.of(
                new Line(x, 14 * larger, x, firstLane - WORDS * larger + 14),
                new Line(x, firstLane - 4, x, height - 4))) {
            line.getStyleClass().setAll(style);
            nodes.add(line);
        }
        Text text = Nodes.text(words, "soft");
        text.setX(Math.max(0, x - measure.width(words, "soft") - 4));
        text.setY(11 * larger);
        nodes.add(text);
    }

    /// The cord, as thick each day as its week is heavy, with the day's knot on it.
    private List<Node> cord(WeeksPicture now, List<PlannedDay> days, double y, String style) {
        PlanProblem problem = now.problem();
        Map<LocalDate, Double> weekly = days.stream()
                .collect(Collectors.groupingBy(day -> monday(day.date()), Collectors.summingDouble(PlannedDay::load)));
        Polygon cord = new Polygon();
        List<Double> under = new ArrayList<>();
        for (int day = 0; day <= problem.days().size(); day++) {
            LocalDate date = problem.days().getFirst().date().plusDays(day);
            double half = day == problem.days().size() ? 0.5 : 1 + THICK / 6 * weekly.getOrDefault(monday(date), 0.0);
            cord.getPoints().addAll(x(now, day), y - half);
            under.addAll(0, List.of(x(now, day), y + half));
        }
        cord.getPoints().addAll(under);
        cord.getStyleClass().setAll(style);
        List<Node> nodes = new ArrayList<>(List.of(cord));
        for (PlannedDay day : days) {
            double size = 3 + THICK * day.load();
            Ellipse knot = new Ellipse(x(now, problem.day(day.date())), y, size * 0.8, size);
            knot.getStyleClass().setAll(style + "-knot");
            nodes.add(knot);
        }
        return nodes;
    }

    private static LocalDate monday(LocalDate day) {
        return day.minusDays(day.getDayOfWeek().getValue() - 1L);
    }

    /// Under the cord where each week begins and what it asks for.
    private List<Node> weeks(WeeksPicture now, double cord) {
        List<Node> nodes = new ArrayList<>();
        double room = 0;
        for (Map.Entry<LocalDate, TrainingLoad> week : now.weeks().entrySet()) {
            int day = Math.max(0, now.problem().day(week.getKey()));
            double x = x(now, day);
            Line tick = new Line(x, cord + 10, x, cord + 16);
            tick.getStyleClass().setAll("band-edge");
            nodes.add(tick);
            String date = WEEK.format(now.problem().days().get(day).date());
            if (x < room) {
                continue;
            }
            String load = Texts.of("weeks.load", Math.round(week.getValue().load()));
            nodes.add(text(x, cord + 28 * larger, date, "small"));
            nodes.add(text(x, cord + 43 * larger, load, "soft"));
            room = x + Math.max(measure.width(date, "small"), measure.width(load, "soft")) + 2;
        }
        return nodes;
    }

    private static Text text(double x, double y, String words, String style) {
        Text text = Nodes.text(words, style);
        text.setX(x);
        text.setY(y);
        return text;
    }

    private double y(int line, Rung rung) {
        double bottom = firstLane + (line + 1) * LANE * larger - 7;
        List<Rung> rungs = List.of(Rung.values());
        return bottom - rungs.indexOf(rung) / (double) (rungs.size() - 1) * CLIMB * larger;
    }

    private void strand(WeeksPicture now, LadderForecast forecast, List<Node> nodes) {
        int line = forecast.line();
        PlanProblem problem = now.problem();
        Rung at = problem.lines().get(line).at();
        Text name = text(8, y(line, at) - 1, measure.fitted(now.name(line), left - 22, "small"), "small");
        name.pseudoClassStateChanged(Nodes.CHOSEN, line == now.state().line());
        name.getStyleClass().add("weeks-name");
        nodes.add(name);
        Line ground = new Line(left, y(line, Rung.WHOLE), x(now, problem.days().size()), y(line, Rung.WHOLE));
        ground.getStyleClass().setAll("weeks-ground");
        nodes.add(ground);
        Polygon band = new Polygon();
        List<Double> under = new ArrayList<>();
        Polyline likely = new Polyline(x(now, 0), y(line, at));
        for (Point point : forecast.points()) {
            double x = x(now, point.day());
            band.getPoints().addAll(x, y(line, point.quick()));
            under.addAll(0, List.of(x, y(line, point.slow())));
            likely.getPoints().addAll(x, y(line, point.likely()));
        }
        band.getPoints().addAll(under);
        band.getStyleClass().setAll("weeks-band");
        boolean ofPlan = problem.lines().get(line).fightPlan() > 0;
        likely.getStyleClass().setAll(ofPlan ? "weeks-strand-plan" : "weeks-strand");
        nodes.add(band);
        nodes.add(likely);
        for (Point point : forecast.points()) {
            Circle knot =
                    new Circle(x(now, point.day()), y(line, point.likely()), point.rounds() > 1 ? KNOT * 1.4 : KNOT);
            knot.getStyleClass().setAll(ofPlan ? "weeks-knot-plan" : "weeks-knot");
            nodes.add(knot);
        }
        if (!forecast.points().isEmpty()) {
            Rung reached = forecast.points().getLast().likely();
            nodes.add(text(x(now, problem.days().size()) + 8, y(line, reached) + 4, reached.id(), "soft"));
        }
        for (Pin pin : problem.rules().pins()) {
            if (problem.line(pin.drill()) == line && problem.day(pin.date()) >= 0) {
                pin(x(now, problem.day(pin.date())), y(line, at), pin.wanted(), nodes);
            }
        }
    }

    /// What the coach asked for is ringed, what they kept out is crossed.
    private static void pin(double x, double y, boolean wanted, List<Node> nodes) {
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

    /// The cord in words.
    List<String> spoken() {
        WeeksPicture now = picture;
        if (now == null) {
            return List.of();
        }
        return now.days().stream()
                .map(day -> Texts.of(
                        "weeks.spoken", WEEK.format(day.date()), day.rounds().size(), Math.round(day.load())))
                .toList();
    }
}
