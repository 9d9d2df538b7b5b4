package onebeat.desktop.shell;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.layout.Region;
import onebeat.core.camp.Drill;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.Navigator;
import onebeat.desktop.app.Station;
import onebeat.desktop.app.StationName;
import onebeat.desktop.bench.Bench;
import onebeat.desktop.book.Book;
import onebeat.desktop.callline.CallLine;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.KeyPress;
import onebeat.desktop.film.Film;
import onebeat.desktop.floor.Floor;
import onebeat.desktop.rounds.Rounds;
import onebeat.desktop.rounds.RoundsAhead;
import onebeat.desktop.sound.Microphone;
import onebeat.desktop.sound.Sounds;
import onebeat.desktop.weeks.Weeks;

/// The window: the camp's cord, the path of stations, the call line and the bar, and the station that is on.
public final class Shell implements Navigator {

    private final CampSession app;
    private final ShellView view;
    private final CallLine callLine = new CallLine();
    private final ShellLine line;
    private final RoundsAhead ahead;
    private final Stations stations;
    private final ShellKeys keys;
    private final ShellCommands commands;
    private final ShellFiles files;
    private final ShellDeeds deeds;
    private Station here;
    private Optional<Region> form = Optional.empty();
    private boolean refreshing;

    /// @param clockMs a monotonic clock in milliseconds, for the floor
    public Shell(CampSession app, Sounds sounds, Microphone microphone, LongSupplier clockMs) {
        this.app = app;
        this.files = new ShellFiles(app, this::root);
        this.deeds = new ShellDeeds(app, this, files, app.settings());
        this.ahead = new RoundsAhead(app);
        this.stations = new Stations(
                name -> switch (name) {
                    case FILM -> new Film(app, this);
                    case BENCH -> new Bench(app, this, callLine::text);
                    case ROUNDS -> new Rounds(app, this, ahead);
                    case FLOOR -> new Floor(app, sounds, microphone, clockMs, this);
                    case BOOK -> new Book(app, this);
                    case WEEKS -> new Weeks(app, this);
                },
                station -> deeds.menuOn(station.view()));
        this.line = new ShellLine(app, callLine, () -> here);
        this.here = stations.get(line.lastStation());
        this.commands = new ShellCommands(
                BoundCommand.all(
                        ProgramCommands.TABLE, () -> new ProgramScene(here.name(), app.isUnsaved()), deeds::dispatch),
                () -> here,
                app.settings());
        this.keys = new ShellKeys(new ShellInput(app, this, line, callLine, commands));
        this.view = new ShellView(app, callLine, deeds.hands(line, commands));
        deeds.attach(view);
        listen();
        arrive(here.name());
    }

    private void listen() {
        app.campProperty().addListener((_, _, now) -> {
            view.showCamp(now);
            look(callLine.text());
            changed();
        });
        callLine.textProperty().addListener((_, _, now) -> {
            here.typed(now);
            look(now);
            line.typed();
        });
        app.settings().property().addListener((_, _, _) -> changed());
    }

    public Parent root() {
        return view.root();
    }

    public void attach(Scene scene) {
        keys.attach(scene);
        here.view().requestFocus();
    }

    /// Goes to a station.
    @Override
    public void go(StationName name) {
        form = Optional.empty();
        line.leave();
        here.leave();
        arrive(name);
    }

    private void arrive(StationName name) {
        here = stations.get(name);
        line.remember(name);
        view.show(here);
        prompt(here.prompt());
        here.open();
        type(line.left());
        here.view().requestFocus();
        changed();
    }

    @Override
    public StationName here() {
        return here.name();
    }

    @Override
    public void type(String words) {
        if (line.settle(words)) {
            look(words);
        }
    }

    @Override
    public void write(String words) {
        view.showFoot(true);
        callLine.type();
        type(words);
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
        changed();
    }

    boolean hasForm() {
        return form.isPresent();
    }

    @Override
    public Optional<Path> choose(String what, String... endings) {
        return files.choose(what, endings);
    }

    @Override
    public Optional<Path> chooseFolder(String what) {
        return files.chooseFolder(what);
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
        if (line.isSearching()) {
            view.found(SearchResults.of(text.substring(1), commands.all(), app.camp(), commands.ownKeys()));
            return;
        }
        view.hideFound();
        line.look(text, seen -> {
            here.lineSeen(seen);
            view.preview(seen, here.name() != StationName.BENCH && !here.searches() && callLine.isTyping());
            changed();
        });
    }

    /// The call line is for searching, until it is left.
    void search() {
        view.showFoot(true);
        callLine.type();
        callLine.set(ShellDeeds.SEARCH);
    }

    /// A camp is taken back or forward: what stood in the line of the bench follows it.
    void reopen() {
        refresh();
        if (here.name() == StationName.BENCH) {
            app.drill().map(Drill::line).ifPresent(this::type);
        }
    }

    /// The station shows the camp as it is now.
    void refresh() {
        here.open();
    }

    /// The call line is left; what was looked for in it goes.
    void leaveLine() {
        if (line.isSearching()) {
            type(line.settled());
        }
        view.leaveLine(here.name() != StationName.FLOOR);
        here.view().requestFocus();
    }

    /// Enter in the call line.
    void enterLine() {
        if (line.isSearching()) {
            view.chosenFound().ifPresent(this::takeFound);
        } else {
            here.entered(line.now());
            view.hidePreview();
        }
    }

    void takeFound(SearchResults.Result result) {
        type(line.settled());
        leaveLine();
        deeds.take(result);
        changed();
    }

    boolean chooseFound(int step) {
        return view.chooseFound(step);
    }

    ShellCommands commands() {
        return commands;
    }

    /// What can be done now is shown anew, once for all that happened at this moment.
    @Override
    public void changed() {
        if (!refreshing) {
            refreshing = true;
            Platform.runLater(() -> {
                refreshing = false;
                view.bar(commands.here());
                view.walk().look();
            });
        }
    }

    public void beginWalk() {
        view.walk().begin();
    }

    /// Does what can be done from everywhere.
    public void dispatch(ProgramAction action) {
        deeds.dispatch(action);
    }

    /// The line as it stands now; for those who drive the window.
    public CallLine callLine() {
        return callLine;
    }

    /// Closes what runs beside the window.
    public void close() {
        here.leave();
        line.close();
        stations.close();
        ahead.close();
    }
}
