package onebeat.desktop.rounds;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Filling;
import onebeat.core.camp.Place;
import onebeat.core.camp.Turns;
import onebeat.core.holding.Draw;
import onebeat.core.holding.Partner;
import onebeat.core.ladder.Ladder;
import onebeat.core.ladder.Stage;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Schedule.Stretch;
import onebeat.core.rounds.Session;
import onebeat.core.rounds.Template;
import onebeat.core.timing.Rung;
import onebeat.desktop.app.BackgroundQuestion;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.Station;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.print.Print;
import onebeat.desktop.text.Texts;

/// Rounds: lines are chosen for tonight, put in order and set to a tempo.
public final class Rounds implements Station {

    private static final int TEMPO_STEP = 2;

    private static final int MINUTES_STEP = 5;

    private final CampSession app;
    private final Consumer<Station.Name> go;
    private final VBox view = new VBox(12);
    private final Text title = Nodes.text("", "title");
    private final Text under = Nodes.text("", "soft");
    private final HourRope hour = new HourRope(this::chooseRound);
    private final VBox lines = new VBox(2);
    private final ScrollPane linesScroll = Nodes.scroll(lines);
    private final RoundPaper round;
    private final CostPaper cost;
    private final Map<String, String> reasons = new HashMap<>();
    private final BackgroundQuestion ahead;
    private int chosenRound;
    private int chosenLine;

    /// @param go leads to another station
    public Rounds(CampSession app, Consumer<Station.Name> go) {
        this.app = app;
        this.go = go;
        this.round = new RoundPaper(app);
        this.cost = new CostPaper(app);
        this.ahead = new BackgroundQuestion("ladders ahead", app::warn);
        build();
        buildLadders();
    }

    private void build() {
        VBox top = new VBox(2, title, under, hour);
        top.getStyleClass().add("paper");
        hour.setMinHeight(178);
        hour.setPrefHeight(178);
        VBox left = paper("rounds.lines", linesScroll);
        VBox middle = paper("rounds.round", round);
        VBox right = paper("rounds.cost", cost);
        VBox.setVgrow(linesScroll, Priority.ALWAYS);
        VBox.setVgrow(round, Priority.ALWAYS);
        HBox low = new HBox(12, left, middle, right);
        left.prefWidthProperty().bind(low.widthProperty().multiply(0.38));
        middle.prefWidthProperty().bind(low.widthProperty().multiply(0.36));
        right.prefWidthProperty().bind(low.widthProperty().multiply(0.26));
        low.setMinHeight(0);
        VBox.setVgrow(low, Priority.ALWAYS);
        view.getChildren().setAll(top, low);
    }

    private static VBox paper(String title, Node content) {
        VBox paper = new VBox(8, Nodes.text(Texts.of(title), "heading"), content);
        paper.getStyleClass().add("paper");
        paper.setMinSize(0, 0);
        return paper;
    }

    @Override
    public Name name() {
        return Name.ROUNDS;
    }

    @Override
    public Region view() {
        return view;
    }

    @Override
    public String keys() {
        return Texts.of("rounds.keys");
    }

    @Override
    public void open() {
        Optional<Session> tonight = app.tonight();
        Optional<Schedule> schedule = tonight.map(s -> app.schedule(s));
        int rounds = schedule.map(s -> s.rounds().size()).orElse(0);
        chosenRound = Math.clamp(chosenRound, 0, Math.max(0, rounds - 1));
        title.setText(tonight.map(Session::name).orElse(Texts.of("rounds.none")));
        under.setText(tonight.map(s -> Texts.of(
                                "rounds.scheme",
                                s.scheme().name(),
                                Texts.clock(s.scheme().workS()),
                                Texts.clock(s.scheme().restS()))
                        + Texts.of("rounds.source", s.scheme().source())
                        + Template.byId(s.template())
                                .map(t -> Texts.of("rounds.template", t.name()))
                                .orElse("")
                        + leftOut(s)
                        + (s.minutes() == 0 ? "" : Texts.of("rounds.minutes", s.minutes(), s.room())))
                .orElse(Texts.of("rounds.none.under")));
        boolean turns = tonight.filter(s -> Turns.taken(app.camp(), s)).isPresent();
        hour.show(schedule, chosenRound, plan -> turns ? firstName(Turns.worker(app.camp(), plan)) : "");
        showLines();
        Optional<Stretch> here =
                schedule.filter(s -> !s.rounds().isEmpty()).map(s -> s.rounds().get(chosenRound));
        round.show(
                here,
                chosenRound + 1,
                here.map(s -> reasons.getOrDefault(s.part().plan().id(), "")).orElse(""));
        cost.show(schedule);
        buildLadders();
    }

    /// A file may hold more rounds than an evening has.
    private String leftOut(Session session) {
        int over = app.camp().roundsOf(session.id()).size() - Session.MOST_LAID_OUT;
        return over > 0 ? Texts.of("rounds.over", over) : "";
    }

    /// The ladders of tonight's lines are built beside the screen, so that a step is there when it is asked
    /// for.
    private void buildLadders() {
        Camp camp = app.camp();
        List<RoundPlan> plans = plans();
        ahead.ask(asked -> {
            for (RoundPlan plan : plans) {
                if (!asked.isOld()) {
                    ladder(camp, plan);
                }
            }
        });
    }

    /// The ladder of a round's line, as the one has it whose round it is.
    private Optional<Ladder> ladder(Camp camp, RoundPlan plan) {
        return Turns.workedBy(camp, plan.worker())
                .flatMap(seen -> read(seen, plan).map(read -> app.ladders().of(seen, read)));
    }

    private static Optional<Read> read(Camp camp, RoundPlan plan) {
        return camp.drills()
                .get(plan.drillId())
                .map(d -> Notation.read(d.line(), camp.vocabulary()))
                .filter(Read.class::isInstance)
                .map(Read.class::cast);
    }

    @Override
    public void close() {
        ahead.close();
    }

    private static String firstName(String name) {
        return name.split(" ", -1)[0];
    }

    private void showLines() {
        List<Drill> drills = List.copyOf(app.camp().drills().all());
        chosenLine = Math.clamp(chosenLine, 0, Math.max(0, drills.size() - 1));
        List<Node> rows = new ArrayList<>();
        for (int i = 0; i < drills.size(); i++) {
            Drill drill = drills.get(i);
            Text line = Nodes.text(drill.line(), "mono-tight");
            VBox row = new VBox(1, Nodes.text(drill.name(), "small", "strong"), line);
            row.getStyleClass().setAll("row");
            row.pseudoClassStateChanged(Nodes.CHOSEN, i == chosenLine);
            int index = i;
            row.setOnMouseClicked(e -> {
                chosenLine = index;
                if (e.getClickCount() > 1) {
                    addChosen();
                } else {
                    open();
                }
            });
            rows.add(row);
        }
        if (rows.isEmpty()) {
            rows.add(Nodes.flow(Nodes.text(Texts.of("bench.lines.empty"), "soft")));
        }
        lines.getChildren().setAll(rows);
        linesScroll.setVvalue(rows.size() < 2 ? 0 : (double) chosenLine / (rows.size() - 1));
    }

    private void chooseRound(int index) {
        chosenRound = index;
        open();
    }

    @Override
    public String entered(Seen seen) {
        if (seen.review().isEmpty()) {
            app.warn(seen.misread().map(m -> m.sentence()).orElse(Texts.of("bench.nothing")));
            return seen.text();
        }
        Drill drill = new Drill(
                app.camp().drills().nextId("d"),
                Texts.of("bench.new.name", app.camp().drills().size() + 1),
                seen.review().get().canonical(),
                60,
                app.today(),
                "");
        if (app.save(Edit.add(Place.DRILLS, drill)) && app.addToTonight(drill)) {
            open();
            return "";
        }
        return seen.text();
    }

    @Override
    public boolean pressed(KeyEvent key, boolean typing) {
        boolean held = key.isControlDown() || key.isAltDown();
        if (typing && !held) {
            return false;
        }
        KeyCode code = key.getCode();
        return switch (code) {
            case UP -> chooseLine(-1);
            case DOWN -> chooseLine(1);
            case LEFT -> key.isShiftDown() ? move(-1) : nextRound(-1);
            case RIGHT -> key.isShiftDown() ? move(1) : nextRound(1);
            case ENTER, INSERT -> addChosen();
            case DELETE, BACK_SPACE -> remove();
            case PLUS, ADD, EQUALS, CLOSE_BRACKET -> change(r -> r.withBpm(r.bpm() + TEMPO_STEP));
            case MINUS, SUBTRACT, OPEN_BRACKET -> change(r -> r.withBpm(r.bpm() - TEMPO_STEP));
            case G -> change(r -> r.withGap(key.isShiftDown() ? r.gapBeats() - 1 : r.gapBeats() + 1));
            case S -> nextScheme();
            case P -> key.isAltDown() && print();
            case L -> change(r -> climbed(r, key.isShiftDown() ? -1 : 1));
            case U -> change(r -> r.withBursts((r.bursts() + 1) % (RoundPlan.MOST_BURSTS + 1)));
            case T -> nextTemplate();
            case M -> !key.isControlDown() && moreMinutes(key.isShiftDown() ? -MINUTES_STEP : MINUTES_STEP);
            case W -> !key.isControlDown() && (key.isShiftDown() ? takeTurns() : change(this::otherWorks));
            case A -> !key.isControlDown() && fill();
            case D ->
                change(r -> r.with(new Draw(
                        r.draw().seed() + 1, r.draw().mostRun(), r.draw().gapSpread())));
            case N ->
                change(r -> r.with(new Draw(
                        r.draw().seed(),
                        1 + r.draw().mostRun() % Draw.MOST_RUN,
                        r.draw().gapSpread())));
            case V ->
                change(r -> r.with(new Draw(
                        r.draw().seed(), r.draw().mostRun(), (r.draw().gapSpread() + 1) % (Draw.MOST_SPREAD + 1))));
            case F -> toFloor();
            default -> false;
        };
    }

    private boolean chooseLine(int step) {
        int size = app.camp().drills().size();
        chosenLine = size == 0 ? 0 : Math.floorMod(chosenLine + step, size);
        open();
        return true;
    }

    private boolean nextRound(int step) {
        chosenRound = Math.max(0, chosenRound + step);
        open();
        return true;
    }

    private boolean addChosen() {
        List<Drill> drills = List.copyOf(app.camp().drills().all());
        if (!drills.isEmpty() && app.addToTonight(drills.get(chosenLine))) {
            chosenRound = app.tonight()
                    .map(s -> app.camp().roundsOf(s.id()).size() - 1)
                    .orElse(0);
            open();
        }
        return true;
    }

    private List<RoundPlan> plans() {
        return app.tonight().map(s -> app.camp().roundsOf(s.id())).orElse(List.of());
    }

    private Optional<RoundPlan> chosenPlan() {
        List<RoundPlan> plans = plans();
        return chosenRound < plans.size() ? Optional.of(plans.get(chosenRound)) : Optional.empty();
    }

    private boolean change(UnaryOperator<RoundPlan> changed) {
        chosenPlan().ifPresent(plan -> app.save(Edit.change(Place.ROUNDS, plan, changed.apply(plan))));
        open();
        return true;
    }

    /// Takes the round out and closes up the ones behind it, as one change.
    private boolean remove() {
        chosenPlan().ifPresent(plan -> {
            List<Edit> edits = new ArrayList<>();
            edits.add(Edit.remove(Place.ROUNDS, plan));
            plans().stream()
                    .filter(p -> p.position() > plan.position())
                    .forEach(p -> edits.add(Edit.change(Place.ROUNDS, p, p.at(p.position() - 1))));
            if (app.save(new Edit.Together(edits))) {
                app.say(Texts.of("rounds.removed"));
            }
        });
        open();
        return true;
    }

    private boolean move(int step) {
        List<RoundPlan> plans = plans();
        int other = chosenRound + step;
        if (chosenRound < plans.size() && other >= 0 && other < plans.size()) {
            RoundPlan here = plans.get(chosenRound);
            RoundPlan there = plans.get(other);
            app.save(Edit.together(
                    Edit.change(Place.ROUNDS, here, here.at(there.position())),
                    Edit.change(Place.ROUNDS, there, there.at(here.position()))));
            chosenRound = other;
        }
        open();
        return true;
    }

    /// The next stage of the drill's ladder, with its tempo; without a ladder the next step of the feed alone.
    private RoundPlan climbed(RoundPlan plan, int step) {
        List<Stage> stages = ladder(app.camp(), plan).map(Ladder::stages).orElse(List.of());
        int at = -1;
        int within = 0;
        for (int i = 0; i < stages.size(); i++) {
            if (stages.get(i).rung() == plan.rung()) {
                at = at < 0 || within <= plan.stage() ? i : at;
                within++;
            }
        }
        if (at < 0) {
            List<Rung> all = List.of(Rung.values());
            return plan.on(all.get(Math.clamp(all.indexOf(plan.rung()) + step, 0, all.size() - 1)));
        }
        Stage stage = stages.get(Math.clamp(at + step, 0, stages.size() - 1));
        int which = (int) stages.subList(0, stages.indexOf(stage)).stream()
                .filter(s -> s.rung() == stage.rung())
                .count();
        return plan.on(stage.rung(), which).withBpm(stage.bpm());
    }

    /// Fills tonight with what is due, each line with its reason.
    private boolean fill() {
        Session tonight = app.tonightOrNew();
        int room = tonight.room();
        List<String> here = plans().stream().map(RoundPlan::drillId).toList();
        boolean turns = Turns.taken(app.camp(), tonight);
        int lines = (room - here.size()) / (turns ? 2 : 1);
        List<Filling.Choice> choices = Filling.of(app.camp(), app.today(), room + here.size()).stream()
                .filter(c -> !here.contains(c.drill().id()))
                .limit(Math.max(0, lines))
                .toList();
        if (choices.isEmpty()) {
            app.warn(Texts.of(lines < 1 ? "rounds.fill.full" : "rounds.fill.nothing"));
            return true;
        }
        int before = plans().size();
        if (app.addToTonight(choices)) {
            plans().stream()
                    .skip(before)
                    .filter(RoundPlan::isAthletes)
                    .forEach(plan -> choices.stream()
                            .filter(c -> c.drill().id().equals(plan.drillId()))
                            .forEach(c -> reasons.put(plan.id(), c.reason())));
            chosenRound = before;
            app.say(Texts.of("rounds.filled", plans().size() - before));
        }
        open();
        return true;
    }

    /// The round is the other one's: the athlete works it or the partner at the door.
    private RoundPlan otherWorks(RoundPlan plan) {
        if (!plan.isAthletes()) {
            return plan.by("");
        }
        Optional<Partner> partner = app.camp().partner();
        if (partner.isEmpty()) {
            app.warn(Texts.of("rounds.turns.nobody"));
        }
        return plan.by(partner.map(Partner::id).orElse(""));
    }

    /// Each of the athlete's lines comes a second time, with the partner at the door working.
    private boolean takeTurns() {
        if (app.camp().partner().isEmpty()) {
            app.warn(Texts.of("rounds.turns.nobody"));
            return true;
        }
        app.tonight()
                .flatMap(session -> Turns.takenBy(app.camp(), session, 0))
                .ifPresentOrElse(
                        edit -> {
                            if (app.save(edit)) {
                                app.say(Texts.of(
                                        "rounds.turns",
                                        app.camp().setting().partner().name()));
                            }
                        },
                        () -> app.warn(Texts.of("rounds.turns.none")));
        open();
        return true;
    }

    /// What the evening holds beside its rounds: nothing, then each template.
    private boolean nextTemplate() {
        List<String> ids =
                new ArrayList<>(Template.all().stream().map(Template::id).toList());
        ids.addFirst("");
        app.tonight()
                .ifPresent(session -> app.save(Edit.change(
                        Place.SESSIONS,
                        session,
                        session.withTemplate(ids.get((ids.indexOf(session.template()) + 1) % ids.size())))));
        open();
        return true;
    }

    /// The evening may take so many minutes more or less; then it is filled with what fits.
    private boolean moreMinutes(int more) {
        app.tonight()
                .ifPresentOrElse(
                        session -> app.save(
                                Edit.change(Place.SESSIONS, session, session.withMinutes(session.minutes() + more))),
                        () -> app.warn(Texts.of("rounds.none.under")));
        open();
        return true;
    }

    /// Prints the session's sheet.
    private boolean print() {
        app.tonight()
                .ifPresentOrElse(
                        s -> Print.session(app, s, app.schedule(s)), () -> app.warn(Texts.of("rounds.none.under")));
        return true;
    }

    private boolean nextScheme() {
        app.tonight()
                .ifPresent(session -> app.save(Edit.change(
                        Place.SESSIONS,
                        session,
                        session.withScheme(session.scheme().next()))));
        open();
        return true;
    }

    private boolean toFloor() {
        if (plans().isEmpty()) {
            app.warn(Texts.of("rounds.floor.empty"));
        } else {
            go.accept(Name.FLOOR);
        }
        return true;
    }
}
