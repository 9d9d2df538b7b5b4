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
import javafx.scene.shape.Ellipse;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import onebeat.core.plan.HardRule;
import onebeat.core.plan.LadderForecast;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlannedDay;
import onebeat.core.plan.SoftRule;
import onebeat.core.plan.TrainingLoad;
import onebeat.desktop.nodes.DrawnPane;
import onebeat.desktop.nodes.LetterMeasure;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;
import org.jspecify.annotations.Nullable;

/// The cord unrolled: weeks as lengths, sessions as knots thick by load, thinner toward fight night, and under it one
/// strand for each line that climbs its steps, with the band between a slow and a quick pace.
final class WeeksRope extends DrawnPane {

    private static final double TOP = 34;
    private static final double OTHER = 30;
    private static final double WORDS = 52;
    private static final double RIGHT = 56;
    private static final double MOST_NAME = 180;
    private static final double THICK = 0.014;
    private static final DateTimeFormatter WEEK = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private final StrandPull pull;
    private final LetterMeasure measure = new LetterMeasure(this);
    private @Nullable WeeksPicture picture;
    private WeeksScale scale = WeeksScale.NONE;

    WeeksRope(Consumer<WeeksAction> dispatch) {
        super(false);
        setId("weeks-rope");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        pull = new StrandPull(this, dispatch);
    }

    void show(WeeksPicture now) {
        picture = now;
        redraw();
    }

    @Override
    protected void draw() {
        WeeksPicture now = picture;
        if (now == null || getWidth() <= 0) {
            return;
        }
        PlanProblem problem = now.problem();
        boolean two = now.state().offer().isPresent() && !now.kept().isEmpty();
        scale = scaled(now, two);
        pull.on(now, scale);
        List<Node> nodes = new ArrayList<>();
        double cord = TOP * scale.larger();
        double height = scale.bottom(problem.lines().size());
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
            nodes.addAll(StrandDrawing.of(now, forecast, scale, measure));
        }
        nodes.add(pull.ring());
        // A press draws anew: what was pressed must be the rope, which stays, for the pull to go on.
        nodes.forEach(node -> node.setMouseTransparent(true));
        getChildren().setAll(nodes);
        setAccessibleText(String.join(" ", spoken()));
    }

    private WeeksScale scaled(WeeksPicture now, boolean two) {
        double larger = measure.larger();
        double left = 24;
        for (int line = 0; line < now.problem().lines().size(); line++) {
            left = Math.max(left, measure.width(now.name(line), "small") + 26);
        }
        left = Math.min(left, MOST_NAME * larger);
        int days = now.problem().days().size();
        double firstLane = TOP * larger + (two ? OTHER : 0) + WORDS * larger;
        return new WeeksScale(left, (getWidth() - left - RIGHT) / Math.max(1, days), days, firstLane, larger);
    }

    private Rectangle chosenDay(WeeksPicture now, double height) {
        double step = Math.max(6, scale.step());
        Rectangle here = new Rectangle(scale.x(now.state().day()) - step / 2, 4, step, height - 6);
        here.getStyleClass().setAll("weeks-here");
        return here;
    }

    /// By when lines should be ready, and from when nobody is touched.
    private List<Node> marks(WeeksPicture now, double height) {
        List<Node> nodes = new ArrayList<>();
        PlanProblem problem = now.problem();
        int ready = problem.readyDay();
        // Of a long camp the first weeks are planned: what lies behind them is not drawn at their end.
        if (ready >= 0 && problem.daysLeft(ready) == problem.rules().value(SoftRule.READY)) {
            double x = scale.x(ready);
            mark(nodes, x, height, "weeks-ready");
            String words = Texts.of("weeks.mark.ready");
            double before = x - measure.width(words, "soft") - 4;
            nodes.add(text(Math.max(0, before), 11 * scale.larger(), words, "soft"));
        }
        LocalDate quiet = problem.fightNight().minusDays(problem.rules().value(HardRule.NO_CONTACT));
        int day = problem.day(quiet);
        if (day > ready) {
            double x = scale.x(day);
            mark(nodes, x, height, "weeks-quiet");
            // Behind its line: the two can be few days from one another.
            String words = Texts.of("weeks.mark.quiet");
            double most = getWidth() - measure.width(words, "soft");
            nodes.add(text(Math.min(x + 4, most), 11 * scale.larger(), words, "soft"));
        }
        if (problem.day(problem.fightNight().minusDays(1)) >= 0) {
            double end = scale.end();
            Line fight = new Line(end, 14 * scale.larger(), end, height - 4);
            fight.getStyleClass().setAll("weeks-fight");
            nodes.add(fight);
        }
        return nodes;
    }

    private void mark(List<Node> nodes, double x, double height, String style) {
        // Not through the words of the weeks.
        for (Line line : List.of(
                new Line(x, 14 * scale.larger(), x, scale.firstLane() - WORDS * scale.larger() + 14),
                new Line(x, scale.firstLane() - 4, x, height - 4))) {
            line.getStyleClass().setAll(style);
            nodes.add(line);
        }
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
            cord.getPoints().addAll(scale.x(day), y - half);
            under.addAll(0, List.of(scale.x(day), y + half));
        }
        cord.getPoints().addAll(under);
        cord.getStyleClass().setAll(style);
        List<Node> nodes = new ArrayList<>(List.of(cord));
        for (PlannedDay day : days) {
            double size = 3 + THICK * day.load();
            Ellipse knot = new Ellipse(scale.x(problem.day(day.date())), y, size * 0.8, size);
            knot.setId(style + "-" + problem.day(day.date()));
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
            double x = scale.x(day);
            Line tick = new Line(x, cord + 10, x, cord + 16);
            tick.getStyleClass().setAll("band-edge");
            nodes.add(tick);
            String date = WEEK.format(now.problem().days().get(day).date());
            if (x < room) {
                continue;
            }
            String load = Texts.of("weeks.load", Math.round(week.getValue().load()));
            nodes.add(text(x, cord + 28 * scale.larger(), date, "small"));
            nodes.add(text(x, cord + 43 * scale.larger(), load, "soft"));
            room = x + Math.max(measure.width(date, "small"), measure.width(load, "soft")) + 2;
        }
        return nodes;
    }

    static Text text(double x, double y, String words, String style) {
        Text text = Nodes.text(words, style);
        text.setX(x);
        text.setY(y);
        return text;
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
