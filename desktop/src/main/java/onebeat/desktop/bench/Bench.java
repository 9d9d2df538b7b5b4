package onebeat.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.RowConstraints;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.util.Duration;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.exchange.Pairing;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Notation.OwnReading;
import onebeat.core.notation.OwnLine;
import onebeat.core.play.PlayedWay;
import onebeat.core.review.Review;
import onebeat.core.rounds.RoundPlan;
import onebeat.desktop.desk.Desk;
import onebeat.desktop.desk.LineWatch;
import onebeat.desktop.desk.LineWatch.Seen;
import onebeat.desktop.desk.Look;
import onebeat.desktop.desk.Station;
import onebeat.desktop.desk.Texts;
import onebeat.desktop.figures.FigureView;
import onebeat.desktop.rope.RopeView;

/// The bench: what is typed is drawn as a rope, with the corner's findings beside it.
public final class Bench implements Station {

    private static final Duration FRAME = Duration.millis(20);

    private final Desk desk;
    private final Consumer<Station.Name> go;
    private final Consumer<String> type;
    private final GridPane view = new GridPane(12, 12);
    private final Text title = Look.text("", "title");
    private final Text under = Look.text("", "soft");
    private final RopeView rope = new RopeView();
    private final Corner corner = new Corner();
    private final TempoCord tempo = new TempoCord();
    private final FigureView figures = new FigureView();
    private final VBox lines = new VBox(2);
    private final ScrollPane linesScroll = Look.scroll(lines);
    private Optional<Review> review = Optional.empty();
    private String text = "";
    private int way;
    private int bpm = 60;
    private Optional<Seen> pending = Optional.empty();

    /// The rope is drawn at once, what stands below it a frame later and the corner one after that, so that no key
    /// holds
    /// the window up for all of them.
    private final PauseTransition below = new PauseTransition(FRAME);

    private final PauseTransition beside = new PauseTransition(FRAME.multiply(2));

    /// @param go leads to another station
    /// @param type puts a line into the call line
    public Bench(Desk desk, Consumer<Station.Name> go, Consumer<String> type) {
        this.desk = desk;
        this.go = go;
        this.type = type;
        build();
        below.setOnFinished(_ -> showBelow());
        beside.setOnFinished(_ -> showCorner());
        rope.scrubProperty().addListener((_, _, _) -> showFigures());
    }

    private void build() {
        VBox ropePaper = new VBox(4, title, under, rope);
        ropePaper.getStyleClass().add("paper");
        VBox.setVgrow(rope, Priority.ALWAYS);
        VBox linesPaper = new VBox(8, Look.text(Texts.of("bench.lines"), "heading"), linesScroll);
        linesPaper.getStyleClass().add("paper");
        VBox.setVgrow(linesScroll, Priority.ALWAYS);
        VBox figurePaper = new VBox(4, Look.text(Texts.of("bench.figures"), "heading"), figures);
        figurePaper.getStyleClass().add("paper");
        VBox.setVgrow(figures, Priority.ALWAYS);
        VBox tempoPaper = new VBox(0, Look.text(Texts.of("bench.tempo"), "heading"), tempo);
        tempoPaper.getStyleClass().add("paper");
        view.add(ropePaper, 0, 0, 3, 1);
        view.add(linesPaper, 0, 1);
        view.add(figurePaper, 1, 1);
        view.add(tempoPaper, 2, 1);
        view.add(corner, 3, 0, 1, 2);
        view.getColumnConstraints().setAll(column(27), column(27), column(20), column(26));
        RowConstraints top = new RowConstraints();
        top.setVgrow(Priority.ALWAYS);
        RowConstraints low = new RowConstraints(214, 214, 214);
        view.getRowConstraints().setAll(top, low);
        for (Region paper : List.of(ropePaper, linesPaper, figurePaper, tempoPaper, corner)) {
            paper.setMinSize(0, 0);
        }
    }

    private static ColumnConstraints column(double percent) {
        ColumnConstraints column = new ColumnConstraints();
        column.setPercentWidth(percent);
        return column;
    }

    @Override
    public Name name() {
        return Name.BENCH;
    }

    @Override
    public Region view() {
        return view;
    }

    @Override
    public String keys() {
        return Texts.of("bench.keys");
    }

    @Override
    public void open() {
        showTitle();
        showLines();
    }

    private void showTitle() {
        title.setText(desk.drill().map(Drill::name).orElse(Texts.of("bench.untitled")));
        String pairing = desk.camp().setting().pairing() == Pairing.SAME ? "bench.same" : "bench.open";
        String ways = review.filter(r -> r.played().ways().size() > 1)
                .map(r -> Texts.of(
                        "bench.way",
                        way + 1,
                        r.played().ways().size(),
                        r.played().ways().get(way).way().branch()))
                .orElse("");
        under.setText(Texts.of(pairing, desk.camp().card().opponent().name()) + ways);
    }

    private void showLines() {
        List<Node> rows = new ArrayList<>();
        for (Drill drill : desk.camp().drills().all()) {
            boolean chosen = desk.drillProperty().get().equals(Optional.of(drill.id()));
            Text line = Look.text(shortened(drill.line(), 34), "mono-tight");
            VBox row = new VBox(1, Look.text(drill.name(), "small", "strong"), line);
            row.getStyleClass().setAll("row");
            row.pseudoClassStateChanged(Look.CHOSEN, chosen);
            row.setOnMouseClicked(_ -> choose(drill));
            rows.add(row);
        }
        if (rows.isEmpty()) {
            rows.add(Look.flow(Look.text(Texts.of("bench.lines.empty"), "soft")));
        }
        lines.getChildren().setAll(rows);
        int at = drillIndex();
        linesScroll.setVvalue(rows.size() < 2 ? 0 : (double) Math.max(0, at) / (rows.size() - 1));
    }

    private static String shortened(String line, int most) {
        return line.length() <= most ? line : line.substring(0, most - 1) + "…";
    }

    private int drillIndex() {
        List<String> ids = desk.camp().drills().all().stream().map(Drill::id).toList();
        return desk.drillProperty().get().map(ids::indexOf).orElse(-1);
    }

    /// Puts a drill on the bench.
    private void choose(Drill drill) {
        desk.drillProperty().set(Optional.of(drill.id()));
        bpm = drill.bpm();
        type.accept(drill.line());
        open();
    }

    private void chooseNext(int step) {
        List<Drill> drills = List.copyOf(desk.camp().drills().all());
        if (!drills.isEmpty()) {
            choose(drills.get(Math.floorMod(drillIndex() + step, drills.size())));
        }
    }

    @Override
    public void lineSeen(Seen seen) {
        text = seen.text();
        pending = Optional.of(seen);
        if (seen.review().isPresent() || seen.text().isBlank()) {
            review = seen.review();
            way = 0;
            desk.drill().ifPresent(drill -> bpm = drill.bpm());
        }
        showRope();
        below.play();
        beside.play();
    }

    /// Shows what stands beside the rope.
    private void showRest() {
        showBelow();
        showCorner();
    }

    private void showCorner() {
        pending.ifPresent(corner::show);
        pending = Optional.empty();
    }

    private void showBelow() {
        tempo.show(bpm, playedWay().orElse(null));
        showTitle();
        showFigures();
    }

    private Optional<PlayedWay> playedWay() {
        return review.map(
                r -> r.played().ways().get(Math.min(way, r.played().ways().size() - 1)));
    }

    private void showReview() {
        showRope();
        showRest();
    }

    private void showRope() {
        rope.show(playedWay()
                .map(played -> new RopeView.Picture(
                        played,
                        desk.camp().card().athlete().name(),
                        desk.camp().card().opponent().name(),
                        review.map(Review::findings).orElse(List.of())))
                .orElse(null));
    }

    private void showFigures() {
        figures.show(
                playedWay().orElse(null),
                desk.camp().setting(),
                rope.scrubProperty().get());
    }

    @Override
    public String entered(Seen seen) {
        if (OwnLine.isDefinition(seen.text())) {
            return define(seen.text());
        }
        keep(seen);
        return seen.review().map(Review::canonical).orElse(seen.text());
    }

    private String define(String definition) {
        return switch (Notation.readOwn(definition, desk.camp().vocabulary())) {
            case OwnReading.Defined defined -> {
                OwnLine own = defined.line();
                Optional<OwnLine> before = desk.camp().ownLines().get(own.name());
                if (desk.save(new Edit.Change<>(Place.OWN_LINES, before, Optional.of(own)))) {
                    desk.say(Texts.of("bench.own", own.name()));
                }
                yield "\"" + own.name() + "\"";
            }
            case OwnReading.NotDefined not -> {
                desk.warn(not.why().sentence());
                yield definition;
            }
        };
    }

    /// Keeps the typed line: as the drill on the bench, or as a new one.
    private Optional<Drill> keep(Seen seen) {
        if (seen.review().isEmpty()) {
            desk.warn(seen.misread().map(m -> m.sentence()).orElse(Texts.of("bench.nothing")));
            return Optional.empty();
        }
        String line = seen.review().get().canonical();
        Optional<Drill> before = desk.drill();
        Drill after = before.map(d -> d.withLine(line))
                .orElseGet(() -> new Drill(
                        desk.camp().drills().nextId("d"),
                        Texts.of("bench.new.name", desk.camp().drills().size() + 1),
                        line,
                        bpm,
                        desk.today(),
                        ""));
        if (before.isEmpty() || !before.get().equals(after)) {
            if (!desk.save(new Edit.Change<>(Place.DRILLS, before, Optional.of(after)))) {
                return Optional.empty();
            }
            desk.say(Texts.of("bench.kept", after.name()));
        }
        desk.drillProperty().set(Optional.of(after.id()));
        open();
        return Optional.of(after);
    }

    @Override
    public boolean pressed(KeyEvent key, boolean typing) {
        boolean held = key.isControlDown() || key.isAltDown();
        KeyCode code = key.getCode();
        if (isMendKey(code)) {
            return takeMend(code);
        }
        if (typing && !held) {
            return false;
        }
        return switch (code) {
            case LEFT -> scrub(-0.25);
            case RIGHT -> scrub(0.25);
            case UP -> key.isControlDown() ? changeWay(-1) : choose(-1);
            case DOWN -> key.isControlDown() ? changeWay(1) : choose(1);
            case PLUS, ADD, EQUALS, CLOSE_BRACKET -> changeTempo(2);
            case MINUS, SUBTRACT, OPEN_BRACKET -> changeTempo(-2);
            case N -> startNew();
            case R -> toRounds();
            default -> false;
        };
    }

    private static boolean isMendKey(KeyCode code) {
        return code.isFunctionKey() && code != KeyCode.F1;
    }

    private boolean takeMend(KeyCode code) {
        showRest();
        Optional<String> mended = corner.mend(Integer.parseInt(code.getName().substring(1)));
        mended.ifPresent(line -> {
            type.accept(line);
            desk.say(Texts.of("bench.mended"));
        });
        return mended.isPresent();
    }

    private boolean scrub(double beats) {
        double now = rope.scrubProperty().get() + beats;
        rope.scrubProperty().set(Math.clamp(now, -0.5, Math.max(0, rope.beats() - 0.5)));
        return true;
    }

    private boolean choose(int step) {
        chooseNext(step);
        return true;
    }

    private boolean changeWay(int step) {
        int ways = review.map(r -> r.played().ways().size()).orElse(1);
        way = Math.floorMod(way + step, ways);
        showReview();
        return true;
    }

    private boolean changeTempo(int step) {
        int changed = Math.clamp(bpm + step, RoundPlan.LEAST_BPM, RoundPlan.MOST_BPM);
        Optional<Drill> before = desk.drill();
        if (before.isEmpty()
                || desk.save(
                        Edit.change(Place.DRILLS, before.get(), before.get().withBpm(changed)))) {
            bpm = changed;
        }
        showReview();
        return true;
    }

    private boolean startNew() {
        desk.drillProperty().set(Optional.empty());
        type.accept("");
        desk.say(Texts.of("bench.new"));
        open();
        return true;
    }

    private boolean toRounds() {
        Seen seen = LineWatch.see(text, desk.camp().context());
        keep(seen).filter(desk::addToTonight).ifPresent(_ -> go.accept(Name.ROUNDS));
        return true;
    }
}
