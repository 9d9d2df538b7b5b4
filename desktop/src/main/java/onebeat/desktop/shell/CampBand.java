package onebeat.desktop.shell;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import onebeat.core.camp.Camp;
import onebeat.core.plan.DoneDay;
import onebeat.core.rounds.Session;
import onebeat.desktop.nodes.DrawnPane;
import onebeat.desktop.nodes.LetterMeasure;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// The camp as a cord from its first day to fight night, with a knot for every session.
final class CampBand extends DrawnPane {

    private static final double LEFT = 96;
    private static final double LINE = 40;

    /// Larger letters make the band so much taller, as a share of what they grow by.
    private static final double HEIGHT = 72;

    private double line = LINE;
    private Camp camp;
    private LocalDate today;
    private String door;
    private final Runnable menu;
    private final Runnable card;
    private final Runnable weeks;
    private final Button brand = new Button();
    private final LetterMeasure measure = new LetterMeasure(this);

    /// @param menu opens the menu at the program's name
    /// @param card opens the camp's card
    /// @param weeks unrolls the cord into the camp's weeks
    CampBand(Camp camp, LocalDate today, String door, Runnable menu, Runnable card, Runnable weeks) {
        this.menu = menu;
        this.card = card;
        this.weeks = weeks;
        this.camp = camp;
        this.door = door;
        this.today = today;
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        brand.setGraphic(new VBox(-8, Nodes.text("ONE", "brand-one"), Nodes.text("BEAT ▾", "brand-beat")));
        brand.getStyleClass().setAll("brand");
        brand.setId("brand");
        brand.setAccessibleText(Texts.of("menu.spoken"));
        brand.setTooltip(new Tooltip(Texts.of("menu.spoken")));
        brand.setOnAction(_ -> this.menu.run());
        brand.relocate(10, 8);
    }

    /// The program's name, at which the menu hangs.
    Node brand() {
        return brand;
    }

    void show(Camp now, LocalDate day, String atDoor) {
        camp = now;
        door = atDoor;
        today = day;
        redraw();
    }

    @Override
    protected void draw() {
        double larger = measure.larger();
        line = LINE * larger;
        setPrefHeight(HEIGHT * larger);
        setMinHeight(HEIGHT * larger);
        List<Node> nodes = new ArrayList<>();
        nodes.add(brand);
        double end = end();
        double now = x(today);
        nodes.add(unrolls(end));
        nodes.add(line(LEFT, end, "cord"));
        nodes.add(line(LEFT, now, "cord-done"));
        nodes.addAll(sessions());
        Polygon mark = new Polygon(now, line - 10, now + 7, line - 20, now - 7, line - 20);
        mark.getStyleClass().setAll("cord-now");
        nodes.add(mark);
        Text tonight = text(now, line - 25 * larger, Texts.of("camp.tonight"), "text", "small", "strong", "of-athlete");
        tonight.setX(Math.max(LEFT, now - measure.width(tonight.getText(), "small", "strong") / 2));
        nodes.add(tonight);
        nodes.addAll(weeks());
        nodes.add(text(end + 14, line - 4, fight(), "text", "narrow"));
        long days = ChronoUnit.DAYS.between(today, camp.card().fightNight());
        String left = days >= 0 ? Texts.of("camp.days", days) : Texts.of("camp.over");
        nodes.add(text(end + 14, line + 14 * larger, left, "text", "soft"));
        Text name =
                text(LEFT, line + 22 * larger, Texts.of("camp.name", camp.card().name(), door), "text", "soft", "link");
        name.setId("camp-name");
        name.setOnMouseClicked(_ -> card.run());
        nodes.add(name);
        getChildren().setAll(nodes);
        setAccessibleText(Texts.of("camp.spoken", camp.card().name(), days));
    }

    /// What is pressed to unroll the cord: higher than the cord is thick.
    private Rectangle unrolls(double end) {
        Rectangle room = new Rectangle(LEFT, line - GRIP, Math.max(0, end - LEFT), 2 * GRIP);
        room.setId("cord");
        room.getStyleClass().setAll("cord-grip");
        room.setOnMouseClicked(_ -> weeks.run());
        Tooltip.install(room, new Tooltip(Texts.of("camp.unroll")));
        return room;
    }

    private static final double GRIP = 12;

    private List<Node> sessions() {
        List<Node> knots = new ArrayList<>();
        Map<LocalDate, OptionalDouble> loads =
                DoneDay.of(camp).stream().collect(Collectors.toMap(DoneDay::date, DoneDay::load));
        for (Session session : camp.sessions().all()) {
            boolean done = session.date().isBefore(today);
            Circle knot = new Circle(
                    x(session.date()), line, size(loads.getOrDefault(session.date(), OptionalDouble.empty())));
            knot.getStyleClass().setAll(done ? "cord-knot-done" : "cord-knot");
            knot.setMouseTransparent(true);
            knots.add(knot);
        }
        return knots;
    }

    /// How thick a knot is: as its evening was hard and long; of usual size where nobody said how hard.
    private static double size(OptionalDouble load) {
        return load.isPresent() ? Math.min(MOST_KNOT, LEAST_KNOT + load.getAsDouble() / LOAD_PER_PIXEL) : USUAL_KNOT;
    }

    private static final double USUAL_KNOT = 5.5;
    private static final double LEAST_KNOT = 3;
    private static final double MOST_KNOT = 10;
    private static final double LOAD_PER_PIXEL = 70;

    private List<Node> weeks() {
        List<Node> ticks = new ArrayList<>();
        for (int week = 1; week < MOST_WEEKS; week++) {
            LocalDate day = camp.card().firstDay().plusWeeks(week);
            if (!day.isBefore(camp.card().fightNight())) {
                break;
            }
            Line tick = new Line(x(day), line + 4, x(day), line + 9);
            tick.getStyleClass().setAll("band-edge");
            ticks.add(tick);
        }
        return ticks;
    }

    private static final int MOST_WEEKS = 60;

    private double x(LocalDate day) {
        double whole = Math.max(
                1, ChronoUnit.DAYS.between(camp.card().firstDay(), camp.card().fightNight()));
        double share = ChronoUnit.DAYS.between(camp.card().firstDay(), day) / whole;
        return LEFT + Math.clamp(share, 0, 1) * (end() - LEFT);
    }

    /// Where the cord ends, so that there is room for what stands behind it.
    private double end() {
        return getWidth() - AROUND - measure.width(fight(), "narrow");
    }

    private static final double AROUND = 36;

    private static String fight() {
        return Texts.of("camp.fight").toUpperCase(Locale.ROOT);
    }

    private Line line(double from, double to, String style) {
        Line drawn = new Line(from, line, to, line);
        drawn.getStyleClass().setAll(style);
        drawn.setMouseTransparent(true);
        return drawn;
    }

    private static Text text(double x, double y, String words, String... styles) {
        Text text = new Text(x, y, words);
        text.getStyleClass().setAll(styles);
        return text;
    }
}
