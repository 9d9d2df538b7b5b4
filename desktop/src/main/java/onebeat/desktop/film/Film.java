package onebeat.desktop.film;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.film.Exchange;
import onebeat.core.film.Outcome;
import onebeat.core.film.Reel;
import onebeat.core.film.Seized;
import onebeat.core.holding.Odds;
import onebeat.core.play.Who;
import onebeat.core.review.Context;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.Navigator;
import onebeat.desktop.app.Station;
import onebeat.desktop.app.StationName;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.Command;
import onebeat.desktop.command.Scope;
import onebeat.desktop.film.FilmAction.Do;
import onebeat.desktop.film.FilmAction.Judge;
import onebeat.desktop.film.FilmAction.TakeLine;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;
import onebeat.store.CampFile;

/// Film: typing a call line while it plays logs an exchange; the next single key is its outcome. SidePanel it
/// stands what the exchanges add up to.
public final class Film implements Station {

    private static final double STEP_S = 0.1;

    /// Exchanges start at this tempo when they become drills. A default.
    private static final int FIRST_BPM = 60;

    /// A new film is one round until somebody says how long its rounds are. A default (F40).
    private static final double ROUND_S = 180;

    /// What words on the screen leave free beside them, in pixels.
    private static final double BESIDE_WORDS = 40;

    private final CampSession app;
    private final Navigator navigator;
    private final HBox view = new HBox(14);
    private final Text reelName = Nodes.text("", "small");
    private final Text scene = Nodes.text("", "small");
    private final Text time = Nodes.text("", "narrow");
    private final Text state = Nodes.text("", "small");
    private final Text cannot = Nodes.text("", "small", "screen-wrong");
    private final TimeRope axis = new TimeRope(this::seek);
    private final ExchangeRows rows = new ExchangeRows(this::seek);
    private final List<BoundCommand> commands;
    private final Log log;
    private final Playback playback;
    private final Pages pages;
    private Optional<String> chosen = Optional.empty();
    private Optional<String> awaitsOutcome = Optional.empty();
    private Optional<String> amends = Optional.empty();

    public Film(CampSession app, Navigator navigator) {
        this.app = app;
        this.navigator = navigator;
        log = new Log(app);
        playback = new Playback(app, this::showTime, this::lengthKnown);
        pages = new Pages(app, this::open);
        build();
        commands = BoundCommand.all(FilmCommands.TABLE, this::scene, this::dispatch);
    }

    private void build() {
        VBox clock = new VBox(2, time, state);
        clock.setAlignment(Pos.TOP_RIGHT);
        HBox head = new HBox(new VBox(2, reelName, scene), Nodes.spring(), clock);
        head.setAlignment(Pos.TOP_LEFT);
        VBox over = new VBox(6, head, cannot);
        over.setMouseTransparent(true);
        over.getStyleClass().add("screen-words");
        StackPane screen = new StackPane(playback.screen(), over);
        screen.getStyleClass().add("screen");
        screen.setMinSize(0, 0);
        cannot.wrappingWidthProperty().bind(screen.widthProperty().subtract(BESIDE_WORDS));
        VBox.setVgrow(screen, Priority.ALWAYS);
        VBox left = new VBox(10, screen, axis, rows);
        pages.setMinWidth(0);
        left.prefWidthProperty().bind(view.widthProperty().multiply(0.55));
        left.maxWidthProperty().bind(left.prefWidthProperty());
        left.minWidthProperty().bind(left.prefWidthProperty());
        pages.setPrefWidth(0);
        HBox.setHgrow(pages, Priority.ALWAYS);
        view.getChildren().setAll(left, pages);
        view.setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.LINK);
            }
        });
        view.setOnDragDropped(e -> {
            if (e.getDragboard().hasFiles()) {
                take(e.getDragboard().getFiles().getFirst().toPath());
                e.setDropCompleted(true);
            }
        });
    }

    /// All commands of this station.
    public static List<? extends Command<?, ?>> table() {
        return FilmCommands.TABLE;
    }

    @Override
    public StationName name() {
        return StationName.FILM;
    }

    @Override
    public Region view() {
        return view;
    }

    @Override
    public String prompt() {
        return reel().isEmpty()
                ? ""
                : amends.flatMap(app.camp().exchanges()::get)
                        .map(e -> Texts.of("film.prompt.amend", Texts.filmTime(e.timeS())))
                        .orElseGet(() -> Texts.filmTime(playback.timeS()));
    }

    @Override
    public List<BoundCommand> commands() {
        return commands;
    }

    /// While a log comes in, and right after an exchange was logged, single keys mean something else.
    @Override
    public List<Scope> scopes() {
        List<Scope> scopes = new ArrayList<>();
        if (pages.arrives()) {
            scopes.add(Scope.ARRIVAL);
        }
        if (awaitsOutcome.isPresent()) {
            scopes.add(Scope.OUTCOME);
        }
        scopes.add(Scope.FILM);
        return scopes;
    }

    private FilmScene scene() {
        return new FilmScene(
                reel().isPresent(),
                chosenExchange().isPresent(),
                !pages.behind().isEmpty(),
                pages.hasLines());
    }

    /// Film shows the opponent herself, whoever stands at the door.
    @Override
    public Context context(Camp camp) {
        return camp.againstOpponent().with(app.model());
    }

    private Optional<DrawnReel> reel() {
        return playback.reel();
    }

    @Override
    public void open() {
        Optional<Reel> on = app.reelProperty().get().flatMap(app.camp().reels()::get);
        playback.show(on);
        String opponent = app.camp().card().opponent().name();
        reelName.setText(on.map(r -> r.isOf(opponent) ? r.name() : Texts.of("film.other", r.name(), r.subject()))
                .orElse(Texts.of("film.empty")));
        pages.show();
        rows.getChildren().clear();
        showTime();
    }

    @Override
    public void leave() {
        playback.pause();
        awaitsOutcome = Optional.empty();
        amends = Optional.empty();
    }

    @Override
    public void close() {
        playback.close();
        pages.close();
    }

    private void showTime() {
        double now = playback.timeS();
        time.setText(Texts.filmTime(now));
        state.setText(playback.words());
        cannot.setText(playback.cannot().orElse(""));
        navigator.prompt(prompt());
        Optional<Exchange> nearest = reel().flatMap(r -> r.nearest(now));
        // Two exchanges of one second: the one at hand stays at hand.
        Optional<String> at = nearest.filter(e -> isAsNear(e, now)).isPresent() ? chosen : nearest.map(Exchange::id);
        if (!at.equals(chosen) || rows.getChildren().isEmpty()) {
            chosen = at;
            showExchanges();
        }
        axis.time(now, playback.begin(), playback.end());
    }

    /// Whether the exchange at hand is on this reel and as near as the nearest one.
    private boolean isAsNear(Exchange nearest, double now) {
        return chosenExchange()
                .filter(e -> e.reelId().equals(nearest.reelId())
                        && Math.abs(e.timeS() - now) <= Math.abs(nearest.timeS() - now) + 1e-9)
                .isPresent();
    }

    private void showExchanges() {
        reel().ifPresent(r -> axis.show(r.reel(), r.exchanges(), chosen));
        String athlete = app.camp().card().athlete().name();
        String studied = reel().map(r -> r.studied().name()).orElse("");
        scene.setText(chosenExchange()
                .map(e -> Texts.of(
                        "film.scene",
                        athlete,
                        Texts.of("stance." + e.athleteStance()),
                        studied,
                        Texts.of("stance." + e.partnerStance()),
                        e.range()
                                .map(r -> Texts.of("band." + r.name().toLowerCase(Locale.ROOT)))
                                .orElse(Texts.of("film.norange"))))
                .orElse(""));
        rows.show(new ExchangeRows.Shown(
                reel().map(DrawnReel::exchanges).orElse(List.of()), chosen, awaitsOutcome, athlete, studied));
    }

    private Optional<Exchange> chosenExchange() {
        return chosen.flatMap(app.camp().exchanges()::get);
    }

    /// Goes to a time on the reel, in seconds.
    public void seek(double seconds) {
        playback.seek(seconds);
    }

    /// The length that a film turned out to have is kept with its reel.
    private void lengthKnown(Reel reel, double seconds) {
        app.camp()
                .reels()
                .get(reel.id())
                .filter(r -> Math.abs(r.seconds() - seconds) > 0.5)
                .ifPresent(r -> {
                    app.save(Edit.change(Place.REELS, r, r.withFile(r.file(), seconds)));
                    open();
                });
    }

    @Override
    public void entered(Seen seen) {
        if (reel().isEmpty()) {
            app.warn(Texts.of("film.empty"));
        } else if (seen.review().isEmpty()) {
            app.warn(seen.misread().map(m -> m.sentence()).orElse(Texts.of("bench.nothing")));
        } else if (enteredLine(seen.review().get().canonical())) {
            navigator.type("");
        }
    }

    private boolean enteredLine(String line) {
        Optional<Exchange> amended = amends.flatMap(app.camp().exchanges()::get);
        amends = Optional.empty();
        if (amended.isEmpty()) {
            return logged(line);
        }
        boolean done = log.amend(amended.get(), line);
        open();
        return done;
    }

    /// What is typed next is no outcome.
    @Override
    public void lineSeen(Seen seen) {
        if (awaitsOutcome.isPresent() && !seen.text().isEmpty()) {
            awaitsOutcome = Optional.empty();
            open();
        }
    }

    private boolean logged(String line) {
        Optional<Exchange> exchange = log.add(reel().orElseThrow().reel(), playback.timeS(), line);
        exchange.ifPresent(e -> {
            awaitsOutcome = Optional.of(e.id());
            app.say(Texts.of("film.logged", Texts.filmTime(e.timeS())));
            chosen = Optional.of(e.id());
            open();
        });
        return exchange.isPresent();
    }

    /// Does what a command asks for. Anything but an outcome lets the question how it ended go.
    private void dispatch(FilmAction action) {
        switch (action) {
            case Judge judge -> judge(judge.outcome());
            case TakeLine take -> takeLine(take.functionKey());
            case Do one -> {
                awaitsOutcome = Optional.empty();
                done(one);
            }
        }
    }

    private void done(Do one) {
        switch (one) {
            case IDEAS -> pages.turnToIdeas();
            case PLAN -> pages.turnToPlan();
            case HABITS_OVER -> pages.turnHabitsOver();
            case PLAY_BEHIND -> playBehind();
            case PRINT -> pages.print();
            case OPEN_FILE -> openFile();
            case REEL -> reelForm();
            case AMEND -> amend();
            case WRITE -> write();
            case TAKE_LOG -> pages.decide(true);
            case LEAVE_LOG -> pages.decide(false);
            case TO_BENCH -> chosenExchange().ifPresent(this::toBench);
            case AGAIN -> chosenExchange().ifPresent(e -> logged(e.line()));
            case PARTNER_STANCE, ATHLETE_STANCE, RANGE, EARLIER, LATER, REMOVE -> change(one);
            default -> watch(one);
        }
    }

    /// What moves the film.
    private void watch(Do one) {
        switch (one) {
            case PLAY -> playback.toggle();
            case STEP_BACK -> step(-STEP_S);
            case STEP_ON -> step(STEP_S);
            case SECOND_BACK -> step(-10 * STEP_S);
            case SECOND_ON -> step(10 * STEP_S);
            case EXCHANGE_BEFORE -> exchangeAt(-1);
            case EXCHANGE_AFTER -> exchangeAt(1);
            case ROW_UP -> pages.choose(-1);
            case ROW_DOWN -> pages.choose(1);
            case REEL_BEFORE -> nextReel(-1);
            case REEL_AFTER -> nextReel(1);
            case LOOP -> playback.loop();
            case HALF_SPEED -> playback.halfSpeed();
            case MARK_BEGIN -> playback.markBegin();
            case MARK_END -> playback.markEnd();
            default -> playback.unmark();
        }
        showTime();
    }

    /// What changes the exchange at hand.
    private void change(Do one) {
        chosenExchange().ifPresent(e -> {
            switch (one) {
                case PARTNER_STANCE -> log.changeStance(e, Who.PARTNER);
                case ATHLETE_STANCE -> log.changeStance(e, Who.ATHLETE);
                case RANGE -> log.nextRange(e);
                case EARLIER -> seek(log.move(reel().orElseThrow().reel(), e, -STEP_S));
                case LATER -> seek(log.move(reel().orElseThrow().reel(), e, STEP_S));
                default -> {
                    if (log.remove(e)) {
                        chosen = Optional.empty();
                    }
                }
            }
        });
        open();
    }

    private void judge(Outcome outcome) {
        Optional<Exchange> exchange = awaitsOutcome.flatMap(app.camp().exchanges()::get);
        awaitsOutcome = Optional.empty();
        exchange.ifPresent(e -> log.judge(e, outcome));
        open();
    }

    private void step(double seconds) {
        playback.pause();
        seek(playback.timeS() + seconds);
    }

    /// From exchange to exchange.
    private void exchangeAt(int by) {
        List<Exchange> all = reel().map(DrawnReel::exchanges).orElse(List.of());
        if (!all.isEmpty()) {
            int at = chosen.map(id -> all.stream().map(Exchange::id).toList().indexOf(id))
                    .orElse(0);
            Exchange next = all.get(Math.clamp(at + by, 0, all.size() - 1));
            chosen = Optional.of(next.id());
            rows.getChildren().clear();
            seek(next.timeS());
        }
    }

    private void nextReel(int step) {
        List<String> ids = app.camp().reels().all().stream().map(Reel::id).toList();
        if (!ids.isEmpty()) {
            int now = app.reelProperty().get().map(ids::indexOf).orElse(0);
            app.reelProperty().set(Optional.of(ids.get(Math.floorMod(now + step, ids.size()))));
            chosen = Optional.empty();
            open();
        }
    }

    private void playBehind() {
        List<Exchange> behind = pages.behind().stream()
                .flatMap(id -> app.camp().exchanges().get(id).stream())
                .toList();
        playback.playInARow(behind);
        open();
    }

    /// A function key takes a line to the bench: of the ideas, of the plan, or the drill of the habit at hand.
    private void takeLine(int key) {
        Optional<LinesPage.Taken> taken = pages.line(key);
        taken.ifPresent(t -> bench(t.name(), t.line(), t.odds(), ""));
    }

    /// Makes a drill of the exchange: his part becomes the feed, the athlete's part the answer, and his other
    /// responses on film the reads.
    private void toBench(Exchange exchange) {
        Seized seized = pages.seized(exchange);
        bench(Texts.of("film.drill", Texts.filmTime(exchange.timeS())), seized.line(), seized.odds(), exchange.id());
    }

    private void bench(String name, String line, Odds odds, String source) {
        Drill drill = new Drill(app.camp().drills().nextId("d"), name, line, FIRST_BPM, app.today(), source, odds);
        if (app.save(Edit.add(Place.DRILLS, drill))) {
            app.drillProperty().set(Optional.of(drill.id()));
            navigator.go(StationName.BENCH);
            navigator.type(drill.line());
            app.say(Texts.of("film.benched", drill.name()));
        }
    }

    private void amend() {
        chosenExchange().ifPresent(exchange -> {
            amends = Optional.of(exchange.id());
            navigator.prompt(prompt());
            navigator.write(exchange.line());
        });
    }

    private void reelForm() {
        reel().map(DrawnReel::reel).ifPresent(before -> {
            ReelForm form = new ReelForm(before, app.camp().card().opponent().name(), after -> {
                if (after.equals(before) || app.save(Edit.change(Place.REELS, before, after))) {
                    navigator.closeForm();
                }
            });
            navigator.open(form);
            form.begin();
        });
    }

    private void openFile() {
        navigator
                .choose(Texts.of("choose.film"), "*.mp4", "*.m4v", "*.mov", "*.flv", "*.csv", "*.json")
                .ifPresent(this::take);
    }

    /// Takes a file in: a film log by its ending, anything else as a film.
    public void take(Path file) {
        String name = String.valueOf(file.getFileName());
        String low = name.toLowerCase(Locale.ROOT);
        if (low.endsWith(CampFile.ENDING) || isTheCamp(file)) {
            app.warn(Texts.of("film.camp", name));
            return;
        }
        if (low.endsWith(".csv") || low.endsWith(".json")) {
            pages.read(file);
            return;
        }
        String path = relative(file);
        Optional<Reel> here = reel().map(DrawnReel::reel);
        boolean moved = here.isPresent()
                && playback.cannot().isPresent()
                && String.valueOf(Path.of(here.get().file()).getFileName()).equals(name);
        Reel reel = moved
                ? here.get().withFile(path, here.get().seconds())
                : new Reel(app.camp().reels().nextId("r"), name, ROUND_S, ROUND_S, "", path);
        Optional<Reel> before = moved ? here : Optional.empty();
        if (app.save(new Edit.Change<>(Place.REELS, before, Optional.of(reel)))) {
            app.reelProperty().set(Optional.of(reel.id()));
            app.say(Texts.of(moved ? "film.found" : "film.opened", name));
            open();
        }
    }

    /// As seen from the camp file, where it lies below it, so that both can be carried elsewhere.
    private String relative(Path file) {
        Path whole = file.toAbsolutePath();
        return whole.startsWith(app.folder()) ? app.folder().relativize(whole).toString() : whole.toString();
    }

    /// Whether it is the open camp under another name.
    private boolean isTheCamp(Path file) {
        try {
            return Files.isSameFile(file, app.path());
        } catch (IOException _) {
            // What is not there is no camp either.
            return false;
        }
    }

    /// Writes all exchanges beside the camp file, as CSV and as JSON.
    private void write() {
        FilmOut.write(app);
    }
}
