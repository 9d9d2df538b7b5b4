package onebeat.desktop.shell;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.layout.Region;
import javafx.util.Duration;
import onebeat.core.camp.Drill;
import onebeat.core.notation.Read;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.Navigator;
import onebeat.desktop.app.Station;
import onebeat.desktop.app.StationName;
import onebeat.desktop.bench.Bench;
import onebeat.desktop.book.Book;
import onebeat.desktop.callline.CallLine;
import onebeat.desktop.callline.LineWatch;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.KeyPress;
import onebeat.desktop.command.OwnKeys;
import onebeat.desktop.command.Scope;
import onebeat.desktop.film.Film;
import onebeat.desktop.floor.Floor;
import onebeat.desktop.rounds.Rounds;
import onebeat.desktop.settings.SettingsStore;
import onebeat.desktop.sound.Sounds;
import onebeat.desktop.text.Texts;
import onebeat.desktop.welcome.WalkStep;

/// The window: the camp's cord above, the path of stations at the left, the call line and the action bar at the foot,
/// and in the middle the station that is on.
public final class Shell implements Navigator, ShellKeys.Window {

    private static final String STATION = "station";
    private static final Duration DRAFT_AFTER = Duration.millis(400);

    private final CampSession app;
    private final SettingsStore settings;
    private final ShellView view;
    private final CallLine callLine = new CallLine();
    private final LineWatch watch;
    private final PauseTransition draft = new PauseTransition(DRAFT_AFTER);
    private final Map<StationName, Station> stations = new EnumMap<>(StationName.class);
    private final Map<StationName, String> lines = new EnumMap<>(StationName.class);
    private final ShellKeys keys = new ShellKeys(this);
    private final List<BoundCommand> program;
    private final ShellFiles files;
    private final ShellDeeds deeds;
    private Station here;
    private String settled = "";
    private Optional<Region> form = Optional.empty();
    private boolean refreshing;

    /// @param clockMs a monotonic clock in milliseconds, for the floor
    public Shell(CampSession app, Sounds sounds, LongSupplier clockMs) {
        this.app = app;
        this.settings = app.settings();
        this.watch = new LineWatch(app::warn);
        this.files = new ShellFiles(app, this::root);
        this.deeds = new ShellDeeds(app, this, files, settings);
        Film film = new Film(app, this);
        stations.put(StationName.FILM, film);
        stations.put(StationName.BENCH, new Bench(app, this, callLine::text));
        stations.put(StationName.ROUNDS, new Rounds(app, this));
        stations.put(StationName.FLOOR, new Floor(app, sounds, clockMs, this));
        stations.put(StationName.BOOK, new Book(app, this));
        this.here = film;
        this.program = BoundCommand.all(ProgramCommands.TABLE, this::scene, deeds::dispatch);
        this.view = new ShellView(
                app,
                callLine,
                new ShellView.Hands(
                        this::go,
                        deeds::campMenu,
                        this::openCard,
                        this::takeFound,
                        this::ownKeys,
                        this::done,
                        files::beside,
                        this::walkScene));
        deeds.attach(view);
        for (StationName name : StationName.values()) {
            lines.put(name, app.draft(name.name()));
            station(name).view().setFocusTraversable(true);
            station(name).view().setMinSize(0, 0);
            deeds.menuOn(station(name).view());
        }
        if (line(StationName.BENCH).isEmpty()) {
            lines.put(StationName.BENCH, app.drill().map(Drill::line).orElse(""));
        }
        listen();
        go(StationName.at(lastStation()).orElse(StationName.FILM));
    }

    /// Where the coach was when the camp was closed; never the floor, on which nobody wants to stand unasked.
    private int lastStation() {
        String last = app.draft(STATION);
        return last.matches("[1-5]") && !last.equals("" + StationName.FLOOR.number()) ? Integer.parseInt(last) : 1;
    }

    private void listen() {
        app.campProperty().addListener((_, _, now) -> {
            view.showCamp(now);
            look(callLine.text());
            done();
        });
        callLine.textProperty().addListener((_, _, now) -> {
            look(now);
            draft.playFromStart();
        });
        draft.setOnFinished(_ -> keepDraft());
        settings.property().addListener((_, _, _) -> done());
    }

    private ProgramScene scene() {
        return new ProgramScene(here.name(), app.isUnsaved());
    }

    private void keepDraft() {
        if (!app.draft(here.name().name()).equals(callLine.text()) && !isSearching()) {
            app.keepDraft(here.name().name(), callLine.text());
        }
    }

    private Station station(StationName name) {
        Station station = stations.get(name);
        if (station == null) {
            throw new IllegalStateException("no station " + name);
        }
        return station;
    }

    private String line(StationName name) {
        return lines.getOrDefault(name, "");
    }

    public Parent root() {
        return view.root();
    }

    /// Takes the keys of a scene.
    public void attach(Scene scene) {
        keys.attach(scene);
        here.view().requestFocus();
    }

    /// Goes to a station.
    @Override
    public void go(StationName name) {
        form = Optional.empty();
        draft.stop();
        keepDraft();
        lines.put(here.name(), isSearching() ? settled : callLine.text());
        here.leave();
        here = station(name);
        app.keepDraft(STATION, "" + name.number());
        view.show(here);
        prompt(here.prompt());
        here.open();
        type(line(name));
        here.view().requestFocus();
        done();
    }

    @Override
    public StationName here() {
        return here.name();
    }

    @Override
    public void type(String line) {
        settled = line;
        boolean same = callLine.text().equals(line);
        callLine.set(line);
        if (same) {
            look(line);
        }
    }

    @Override
    public void write(String line) {
        view.showFoot(true);
        callLine.type();
        type(line);
    }

    @Override
    public void prompt(String words) {
        if (here.prompt().equals(words)) {
            callLine.prompt(words);
        }
    }

    @Override
    public void nextKey(Consumer<KeyPress> taker) {
        keys.next(taker);
    }

    @Override
    public void open(Region opened) {
        closeForm();
        form = Optional.of(opened);
        view.lay(opened);
    }

    @Override
    public void closeForm() {
        form.ifPresent(view::takeAway);
        boolean was = form.isPresent();
        form = Optional.empty();
        if (was) {
            here.open();
        }
        here.view().requestFocus();
        done();
    }

    @Override
    public boolean hasForm() {
        return form.isPresent();
    }

    @Override
    public Optional<Path> choose(String what, String... endings) {
        return files.choose(what, endings);
    }

    /// Files are chosen so; for those who drive the window.
    public void choosing(Supplier<Optional<Path>> how) {
        files.choosing(how);
    }

    /// Where other camps come from.
    public void otherCamps(OtherCamps camps) {
        files.others(camps);
    }

    private void look(String text) {
        if (isSearching()) {
            view.found(SearchResults.of(text.substring(1), commands(), app.camp(), ownKeys()));
            return;
        }
        view.hideFound();
        watch.ask(text, here.context(app.camp()), this::seen);
    }

    private boolean isSearching() {
        return callLine.text().startsWith(ShellDeeds.SEARCH) && here.name() != StationName.FLOOR;
    }

    private void seen(Seen seen) {
        if (!seen.text().equals(callLine.text())) {
            return;
        }
        callLine.show(here.searches() ? LineWatch.see("", here.context(app.camp())) : seen);
        callLine.words(
                seen.reading() instanceof Read read && !here.searches()
                        ? app.wording().of(read.line())
                        : "");
        here.lineSeen(seen);
        view.preview(seen, here.name() != StationName.BENCH && !here.searches() && callLine.isTyping());
        done();
    }

    /// The call line is for searching, until it is left.
    void search() {
        view.showFoot(true);
        callLine.type();
        callLine.set(ShellDeeds.SEARCH);
    }

    /// A camp is taken back or forward: what stood in the line of the bench follows it.
    void reopen() {
        here.open();
        if (here.name() == StationName.BENCH) {
            app.drill().map(Drill::line).ifPresent(this::type);
        }
    }

    @Override
    public boolean isTyping() {
        return callLine.isTyping();
    }

    @Override
    public boolean isUnsettled() {
        return !callLine.text().equals(settled);
    }

    @Override
    public void leaveLine() {
        if (isSearching()) {
            type(settled);
        }
        view.leaveLine(here.name() != StationName.FLOOR);
        here.view().requestFocus();
    }

    @Override
    public void enterLine() {
        if (isSearching()) {
            view.chosenFound().ifPresent(this::takeFound);
        } else {
            here.entered(LineWatch.see(callLine.text(), here.context(app.camp())));
            view.hidePreview();
        }
    }

    private void takeFound(SearchResults.Result result) {
        type(settled);
        leaveLine();
        deeds.take(result);
        done();
    }

    @Override
    public boolean chooseFound(int step) {
        return view.chooseFound(step);
    }

    @Override
    public List<BoundCommand> commands() {
        List<BoundCommand> all = new ArrayList<>(here.commands());
        all.addAll(program);
        return all;
    }

    /// The commands that can be given with the keys that are on now, those of the station first.
    List<BoundCommand> commandsHere() {
        List<Scope> scopes = here.scopes();
        return here.commands().stream()
                .filter(c -> scopes.contains(c.command().scope()))
                .toList();
    }

    List<BoundCommand> programCommands() {
        return program;
    }

    @Override
    public List<Scope> scopes() {
        List<Scope> all = new ArrayList<>();
        all.add(Scope.PROGRAM);
        all.addAll(here.scopes());
        return all;
    }

    @Override
    public OwnKeys ownKeys() {
        return settings.get().ownKeys();
    }

    @Override
    public void cannot(BoundCommand command) {
        app.say(Texts.of("command.cannot", command.command().name()));
    }

    /// What can be done now is shown anew, once for all that happened at this moment.
    @Override
    public void done() {
        if (!refreshing) {
            refreshing = true;
            Platform.runLater(() -> {
                refreshing = false;
                view.bar(commandsHere());
                view.walk().look();
            });
        }
    }

    /// Leads through the stations, step by step.
    public void beginWalk() {
        view.walk().begin();
    }

    private WalkStep.Scene walkScene() {
        return new WalkStep.Scene(here.name(), app.camp(), callLine.text());
    }

    /// The next partner is tonight's, and everything follows.
    public void nextPartner() {
        app.nextPartner();
        here.open();
    }

    /// The camp's card lies over the station until it is kept or Escape is pressed.
    public void openCard() {
        deeds.forms().card();
    }

    /// The partners lie over the station.
    public void openPartners() {
        deeds.forms().partners();
    }

    /// The camp as a file lies over the station.
    public void openCampFile() {
        deeds.forms().campFile();
    }

    /// The line as it stands now; for those who drive the window.
    public CallLine callLine() {
        return callLine;
    }

    /// Closes what runs beside the window.
    public void close() {
        draft.stop();
        keepDraft();
        here.leave();
        watch.close();
        stations.values().forEach(Station::close);
    }
}
