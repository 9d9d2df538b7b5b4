package onebeat.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.PauseTransition;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.RowConstraints;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.util.Duration;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Mastery;
import onebeat.core.camp.Place;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Pairing;
import onebeat.core.film.FilmOdds;
import onebeat.core.film.FollowUps;
import onebeat.core.holding.Choices;
import onebeat.core.holding.Odds;
import onebeat.core.holding.Script;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Notation.OwnReading;
import onebeat.core.notation.OwnLine;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Who;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.core.rounds.RoundPlan;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.Station;
import onebeat.desktop.app.StationName;
import onebeat.desktop.bench.BenchAction.Do;
import onebeat.desktop.bench.BenchAction.TakeLine;
import onebeat.desktop.bench.BenchAction.Weigh;
import onebeat.desktop.callline.LineWatch;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.Command;
import onebeat.desktop.figures.FeetView;
import onebeat.desktop.figures.FigureView;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.print.Print;
import onebeat.desktop.rope.RopeView;
import onebeat.desktop.text.Texts;

/// The bench: what is typed is drawn as a rope, with the corner's findings beside it.
public final class Bench implements Station {

    private static final Duration FRAME = Duration.millis(20);

    private final CampSession app;
    private final Consumer<StationName> go;
    private final Consumer<String> type;
    private final Supplier<String> typed;
    private final GridPane view = new GridPane(12, 12);
    private final Text title = Nodes.text("", "title");
    private final Text under = Nodes.text("", "soft");
    private final RopeView rope = new RopeView();
    private final SidePanel sidePanel;
    private final TempoCord tempo = new TempoCord();
    private final FigureView figures = new FigureView();
    private final FeetView feet = new FeetView();
    private final VBox lines = new VBox(2);
    private final ScrollPane linesScroll = Nodes.scroll(lines);
    private final List<BoundCommand> commands;
    private Optional<Review> review = Optional.empty();
    private int way;
    private int bpm = 60;
    private boolean mirrored;
    private Optional<Seen> pending = Optional.empty();

    /// The rope is drawn at once, what stands below it a frame later and the corner one after that, so that
    /// no key holds the window up for all of them.
    private final PauseTransition below = new PauseTransition(FRAME);

    private final PauseTransition besideLater = new PauseTransition(FRAME.multiply(2));

    /// @param go leads to another station
    /// @param type puts a line into the call line
    /// @param typed the line as it stands there now, which may be newer than the one last reviewed
    public Bench(CampSession app, Consumer<StationName> go, Consumer<String> type, Supplier<String> typed) {
        this.app = app;
        this.sidePanel = new SidePanel(app::warn, app::wordsFirst);
        this.go = go;
        this.type = type;
        this.typed = typed;
        this.commands = BoundCommand.all(BenchCommands.TABLE, this::scene, this::dispatch);
        build();
        below.setOnFinished(_ -> showBelow());
        besideLater.setOnFinished(_ -> showCorner());
        rope.scrubProperty().addListener((_, _, _) -> {
            showFigures();
            showMark();
            sidePanel.at(rope.scrubProperty().get());
        });
    }

    private void build() {
        VBox ropePaper = new VBox(4, title, under, rope);
        ropePaper.getStyleClass().add("paper");
        VBox.setVgrow(rope, Priority.ALWAYS);
        VBox linesPaper = new VBox(8, Nodes.text(Texts.of("bench.lines"), "heading"), linesScroll);
        linesPaper.getStyleClass().add("paper");
        VBox.setVgrow(linesScroll, Priority.ALWAYS);
        VBox feetPaper = new VBox(4, Nodes.text(Texts.of("bench.feet"), "heading"), feet);
        feetPaper.getStyleClass().add("paper");
        VBox.setVgrow(feet, Priority.ALWAYS);
        VBox figurePaper = new VBox(4, Nodes.text(Texts.of("bench.figures"), "heading"), figures);
        figurePaper.getStyleClass().add("paper");
        VBox.setVgrow(figures, Priority.ALWAYS);
        VBox tempoPaper = new VBox(0, Nodes.text(Texts.of("bench.tempo"), "heading"), tempo);
        tempoPaper.getStyleClass().add("paper");
        view.add(ropePaper, 0, 0, 4, 1);
        view.add(linesPaper, 0, 1);
        view.add(feetPaper, 1, 1);
        view.add(figurePaper, 2, 1);
        view.add(tempoPaper, 3, 1);
        view.add(sidePanel, 4, 0, 1, 2);
        view.getColumnConstraints().setAll(column(20), column(22), column(15), column(17), column(26));
        RowConstraints top = new RowConstraints();
        top.setVgrow(Priority.ALWAYS);
        RowConstraints low = new RowConstraints(214, 214, 214);
        view.getRowConstraints().setAll(top, low);
        for (Region paper : List.of(ropePaper, linesPaper, feetPaper, figurePaper, tempoPaper, sidePanel)) {
            paper.setMinSize(0, 0);
        }
    }

    private static ColumnConstraints column(double percent) {
        ColumnConstraints column = new ColumnConstraints();
        column.setPercentWidth(percent);
        return column;
    }

    /// All commands of this station.
    public static List<? extends Command<?, ?>> table() {
        return BenchCommands.TABLE;
    }

    @Override
    public StationName name() {
        return StationName.BENCH;
    }

    @Override
    public Region view() {
        return view;
    }

    @Override
    public List<BoundCommand> commands() {
        return commands;
    }

    private BenchScene scene() {
        return new BenchScene(
                review.isPresent(),
                app.camp().drills().size() > 0,
                review.map(r -> r.played().ways().size()).orElse(0) > 1,
                app.drill().isPresent()
                        && review.filter(r -> !Choices.reads(r.read().line()).isEmpty())
                                .isPresent(),
                sidePanel.line(Page.FIRST_KEY).isPresent());
    }

    @Override
    public void open() {
        showTitle();
        showLines();
    }

    private void showTitle() {
        title.setText(app.drill().map(Drill::name).orElse(Texts.of("bench.untitled")));
        String across = app.camp().setting().partner().name();
        String pairing = setting().pairing() == Pairing.SAME ? "bench.same" : "bench.open";
        String ways = review.filter(r -> r.played().ways().size() > 1)
                .map(r -> Texts.of(
                        "bench.way",
                        way + 1,
                        r.played().ways().size(),
                        r.played().ways().get(way).way().branch()))
                .orElse("");
        String turned = mirrored ? Texts.of("bench.mirrored") : "";
        under.setText(Texts.of(pairing, across) + turned + ways);
    }

    private void showLines() {
        List<Node> rows = new ArrayList<>();
        for (Drill drill : app.camp().drills().all()) {
            boolean chosen = app.drillProperty().get().equals(Optional.of(drill.id()));
            Text line = Nodes.text(Texts.shortened(drill.line(), 25), "mono-tight");
            VBox row = new VBox(1, Nodes.text(drill.name(), "small", "strong"), line);
            row.getStyleClass().setAll("row");
            row.pseudoClassStateChanged(Nodes.CHOSEN, chosen);
            row.setOnMouseClicked(_ -> choose(drill));
            rows.add(row);
        }
        if (rows.isEmpty()) {
            rows.add(Nodes.flow(Nodes.text(Texts.of("bench.lines.empty"), "soft")));
        }
        lines.getChildren().setAll(rows);
        int at = drillIndex();
        linesScroll.setVvalue(rows.size() < 2 ? 0 : (double) Math.max(0, at) / (rows.size() - 1));
    }

    private int drillIndex() {
        List<String> ids = app.camp().drills().all().stream().map(Drill::id).toList();
        return app.drillProperty().get().map(ids::indexOf).orElse(-1);
    }

    /// Puts a drill on the bench.
    private void choose(Drill drill) {
        app.drillProperty().set(Optional.of(drill.id()));
        bpm = drill.bpm();
        type.accept(drill.line());
        open();
    }

    private void chooseNext(int step) {
        List<Drill> drills = List.copyOf(app.camp().drills().all());
        if (!drills.isEmpty()) {
            choose(drills.get(Math.floorMod(drillIndex() + step, drills.size())));
        }
    }

    @Override
    public void lineSeen(Seen seen) {
        pending = Optional.of(seen);
        if (seen.review().isPresent() || seen.text().isBlank()) {
            review = seen.review();
            way = 0;
            app.drill().ifPresent(drill -> bpm = drill.bpm());
        }
        showRope();
        below.play();
        besideLater.play();
    }

    /// Shows what stands beside the rope.
    private void showRest() {
        showBelow();
        showCorner();
    }

    private void showCorner() {
        pending.ifPresent(sidePanel::show);
        pending = Optional.empty();
        showMark();
        sidePanel.show(line());
    }

    private SidePanel.Line line() {
        return new SidePanel.Line(
                review,
                review.map(this::shownWay).orElse(0),
                typed.get(),
                context(app.camp()),
                app.camp().partner(),
                odds(),
                () -> Mastery.of(app.camp()),
                () -> FollowUps.of(app.camp().studied(), Who.PARTNER, app.camp().vocabulary()));
    }

    private void showMark() {
        sidePanel.show(review.flatMap(
                r -> AtMark.at(r, shownWay(r), rope.scrubProperty().get(), app.learned())));
    }

    private int shownWay(Review of) {
        return Math.min(way, of.played().ways().size() - 1);
    }

    /// Both from the other stance: the same line, the same review, the feet and figures turned.
    private boolean mirror() {
        mirrored = !mirrored;
        type.accept(typed.get());
        return true;
    }

    @Override
    public Context context(Camp camp) {
        return camp.context().with(setting()).with(app.model()).at(bpm);
    }

    private Setting setting() {
        Setting now = app.camp().setting();
        return mirrored ? new Setting(turned(now.athlete()), turned(now.partner())) : now;
    }

    private static Fighter turned(Fighter fighter) {
        return new Fighter(fighter.name(), fighter.stance().changed(), fighter.heightCm(), fighter.spanCm());
    }

    @Override
    public void close() {
        below.stop();
        besideLater.stop();
        sidePanel.close();
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
        rope.show(review.map(r -> new RopeView.Picture(
                        r,
                        shownWay(r),
                        app.camp().card().athlete().name(),
                        app.camp().setting().partner().name(),
                        true))
                .orElse(null));
    }

    private void showFigures() {
        double beat = rope.scrubProperty().get();
        figures.show(playedWay().orElse(null), setting(), beat);
        feet.show(playedWay().orElse(null), setting(), beat);
    }

    @Override
    public void entered(Seen seen) {
        if (OwnLine.isDefinition(seen.text())) {
            type.accept(define(seen.text()));
        } else if (keep(seen).isPresent()) {
            seen.review().map(Review::canonical).ifPresent(type);
        }
    }

    private String define(String definition) {
        return switch (Notation.readOwn(definition, app.camp().vocabulary())) {
            case OwnReading.Defined defined -> {
                OwnLine own = defined.line();
                Optional<OwnLine> before = app.camp().ownLines().get(own.name());
                if (app.save(new Edit.Change<>(Place.OWN_LINES, before, Optional.of(own)))) {
                    app.say(Texts.of("bench.own", own.name()));
                }
                yield "\"" + own.name() + "\"";
            }
            case OwnReading.NotDefined not -> {
                app.warn(not.why().sentence());
                yield definition;
            }
        };
    }

    /// Keeps the typed line: as the drill on the bench, or as a new one.
    private Optional<Drill> keep(Seen seen) {
        if (seen.review().isEmpty()) {
            app.warn(seen.misread().map(m -> m.sentence()).orElse(Texts.of("bench.nothing")));
            return Optional.empty();
        }
        String line = seen.review().get().canonical();
        Optional<Drill> before = app.drill();
        Drill after = before.map(d -> d.withLine(line))
                .orElseGet(() -> new Drill(
                        app.camp().drills().nextId("d"),
                        Texts.of("bench.new.name", app.camp().drills().size() + 1),
                        line,
                        bpm,
                        app.today(),
                        ""));
        if (before.isEmpty() || !before.get().equals(after)) {
            if (!app.save(new Edit.Change<>(Place.DRILLS, before, Optional.of(after)))) {
                return Optional.empty();
            }
            app.say(Texts.of("bench.kept", after.name()));
        }
        app.drillProperty().set(Optional.of(after.id()));
        open();
        return Optional.of(after);
    }

    private void dispatch(BenchAction action) {
        switch (action) {
            case TakeLine take -> takeMend(take.functionKey());
            case Weigh weigh -> weigh(weigh.number());
            case Do one -> done(one);
        }
    }

    private void done(Do one) {
        switch (one) {
            case BACK -> scrub(-0.25);
            case ON -> scrub(0.25);
            case LINE_UP -> choose(-1);
            case LINE_DOWN -> choose(1);
            case WAY_BEFORE -> changeWay(-1);
            case WAY_AFTER -> changeWay(1);
            case FASTER -> changeTempo(2);
            case SLOWER -> changeTempo(-2);
            case NEW -> startNew();
            case TO_ROUNDS -> toRounds();
            case VARIANTS -> sidePanel.turnToVariants(line());
            case HOLDER -> sidePanel.turnToHolder(line());
            case ANSWERS -> sidePanel.turnToAnswers(line());
            case WEAPON -> sidePanel.turnToWeapon(line());
            case LADDER -> sidePanel.turnToLadder(line());
            case COMPARE -> sidePanel.turnToCompare(line());
            case BY_FILM -> switchFilm();
            case MIRROR -> mirror();
            case ODDS_BY_FILM -> oddsByFilm();
            case PRINT -> print();
        }
    }

    private void takeMend(int key) {
        showRest();
        Optional<String> mended = sidePanel.line(key);
        mended.ifPresent(line -> {
            type.accept(line);
            app.say(Texts.of(sidePanel.isCorner() ? "bench.mended" : "bench.taken"));
        });
    }

    /// The odds of the drill on the bench.
    private Odds odds() {
        return app.drill().map(Drill::odds).orElse(Odds.even());
    }

    /// The cue with this number, counted through all reads of the line, comes more often; 0 makes all even
    /// again.
    private boolean weigh(int number) {
        Optional<Drill> drill = app.drill();
        if (drill.isEmpty() || review.isEmpty()) {
            app.warn(Texts.of("bench.odds.keep"));
            return true;
        }
        Odds changed = Odds.even();
        int left = number - 1;
        if (number > 0) {
            changed = odds();
            for (Choices.OfRead read : Choices.reads(review.get().read().line())) {
                if (left >= 0 && left < read.options()) {
                    int weight = changed.weights(read.number(), read.options()).get(left);
                    changed = changed.with(read.number(), read.options(), left, weight >= 9 ? 0 : weight + 1);
                }
                left -= read.options();
            }
        }
        return keepOdds(drill.get(), changed);
    }

    /// The cues come as often as the opponent gave them on film.
    private boolean oddsByFilm() {
        Optional<Drill> drill = app.drill();
        if (drill.isEmpty() || review.isEmpty()) {
            app.warn(Texts.of("bench.odds.keep"));
            return true;
        }
        Odds film = FilmOdds.of(
                review.get().read().line(), app.camp().studied(), app.camp().vocabulary());
        if (film.equals(Odds.even())) {
            app.warn(Texts.of("bench.odds.nofilm"));
            return true;
        }
        return keepOdds(drill.get(), film);
    }

    private boolean keepOdds(Drill before, Odds changed) {
        Drill after = before.with(changed);
        if (after.equals(before) || app.save(Edit.change(Place.DRILLS, before, after))) {
            review.ifPresent(
                    r -> app.say(String.join("  ", Script.choices(r.read().line(), changed))));
            sidePanel.show(line());
        }
        return true;
    }

    /// Prints the partner's and the athlete's card of the line.
    private boolean print() {
        review.ifPresentOrElse(
                r -> Print.cards(
                        app, r, shownWay(r), app.drill().map(Drill::name).orElse(Texts.of("bench.untitled")), odds()),
                () -> app.warn(Texts.of("bench.nothing")));
        return true;
    }

    /// Openings by film or by the shipped reactions.
    private boolean switchFilm() {
        app.switchFilm();
        type.accept(typed.get());
        return true;
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
        Optional<Drill> before = app.drill();
        if (before.isEmpty()
                || app.save(Edit.change(Place.DRILLS, before.get(), before.get().withBpm(changed)))) {
            bpm = changed;
        }
        type.accept(typed.get());
        return true;
    }

    private boolean startNew() {
        app.drillProperty().set(Optional.empty());
        type.accept("");
        app.say(Texts.of("bench.new"));
        open();
        return true;
    }

    private boolean toRounds() {
        Seen seen = LineWatch.see(typed.get(), context(app.camp()));
        keep(seen).filter(app::addToTonight).ifPresent(_ -> go.accept(StationName.ROUNDS));
        return true;
    }
}
