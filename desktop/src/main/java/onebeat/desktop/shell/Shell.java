package onebeat.desktop.shell;

import java.io.File;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import javafx.animation.PauseTransition;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import javafx.util.Duration;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Card;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.holding.Partner;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.Navigator;
import onebeat.desktop.app.Station;
import onebeat.desktop.app.Station.Name;
import onebeat.desktop.bench.Bench;
import onebeat.desktop.book.Book;
import onebeat.desktop.callline.CallLine;
import onebeat.desktop.callline.LineWatch;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.film.Film;
import onebeat.desktop.floor.Floor;
import onebeat.desktop.forms.CardForm;
import onebeat.desktop.forms.PartnerForm;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.rounds.Rounds;
import onebeat.desktop.sound.Sounds;
import onebeat.desktop.text.Texts;
import onebeat.store.CampFile;
import onebeat.store.Copies;
import onebeat.store.Copies.Copy;
import onebeat.store.ProgramLog;

/// The whole window: one path of five stations, the camp above, the call line below.
public final class Shell implements Navigator {

    /// What is said at the foot makes room for the keys again after so long; what went wrong stays.
    private static final Duration SAID_FOR = Duration.seconds(12);

    private static final Duration DRAFT_AFTER = Duration.millis(350);

    private final CampSession app;
    private final BorderPane root = new BorderPane();
    private final CampBand band;
    private final StationRope path = new StationRope(this::go);
    private final StackPane middle = new StackPane();
    private final Preview preview = new Preview();
    private final CallLine callLine = new CallLine();
    private final Label keys = Nodes.label("footer");
    private final Label notice = Nodes.label("footer");
    private final VBox foot;
    private final LineWatch watch;
    private final PauseTransition draft = new PauseTransition(DRAFT_AFTER);
    private final PauseTransition saidLong = new PauseTransition(SAID_FOR);
    private final Map<Name, Station> stations = new EnumMap<>(Name.class);
    private final Map<Name, String> lines = new EnumMap<>(Name.class);
    private Station here;
    private String settled = "";
    private boolean swallow;
    private Optional<Supplier<Optional<Path>>> choosing = Optional.empty();
    private Optional<Region> form = Optional.empty();
    private OtherCamps otherCamps = OtherCamps.NONE;

    /// @param clockMs a monotonic clock in milliseconds, for the floor
    public Shell(CampSession app, Sounds sounds, LongSupplier clockMs) {
        this.app = app;
        this.watch = new LineWatch(app::warn);
        this.band = new CampBand(app.camp(), app.today(), app.door());
        Film film = new Film(app, this);
        stations.put(Name.FILM, film);
        stations.put(Name.BENCH, new Bench(app, this::go, this::type, callLine::text));
        stations.put(Name.ROUNDS, new Rounds(app, this::go));
        stations.put(Name.FLOOR, new Floor(app, sounds, clockMs, this));
        stations.put(Name.BOOK, new Book(app, this));
        HBox footer = new HBox(20, keys, Nodes.spring(), notice);
        band.setOnMouseClicked(_ -> openCard());
        footer.setAlignment(Pos.CENTER_LEFT);
        footer.setMinHeight(20);
        notice.setMinWidth(Region.USE_PREF_SIZE);
        keys.setMinWidth(0);
        foot = new VBox(6, callLine, footer);
        foot.setPadding(new Insets(10, 16, 6, 96));
        StackPane.setAlignment(preview, Pos.BOTTOM_CENTER);
        middle.setPadding(new Insets(0, 16, 0, 16));
        middle.setMinSize(0, 0);
        band.onFile(this::openCampFile);
        root.setTop(new VBox(new UnsavedBar(app, this::chooseBeside), band));
        root.setLeft(path);
        root.setCenter(middle);
        root.setBottom(foot);
        for (Name name : Name.values()) {
            lines.put(name, app.draft(name.name()));
            station(name).view().setFocusTraversable(true);
            station(name).view().setMinSize(0, 0);
        }
        if (line(Name.BENCH).isEmpty()) {
            lines.put(Name.BENCH, app.drill().map(Drill::line).orElse(""));
        }
        here = film;
        listen();
        go(Name.FILM);
    }

    private void listen() {
        app.campProperty().addListener((_, _, now) -> campChanged(now));
        app.noticeProperty().addListener((_, _, now) -> {
            notice.setText(now.text());
            notice.getStyleClass().setAll("label", now.wrong() ? "footer-wrong" : "footer");
            if (now.wrong() || now.text().isEmpty()) {
                saidLong.stop();
            } else {
                saidLong.playFromStart();
            }
        });
        saidLong.setOnFinished(_ -> app.say(""));
        callLine.textProperty().addListener((_, _, now) -> {
            look(now);
            draft.playFromStart();
        });
        draft.setOnFinished(_ -> keepDraft());
    }

    private void campChanged(Camp now) {
        band.show(now, app.today(), app.door());
        look(callLine.text());
    }

    private void keepDraft() {
        if (!app.draft(here.name().name()).equals(callLine.text())) {
            app.keepDraft(here.name().name(), callLine.text());
        }
    }

    private Station station(Name name) {
        Station station = stations.get(name);
        if (station == null) {
            throw new IllegalStateException("no station " + name);
        }
        return station;
    }

    private String line(Name name) {
        return lines.getOrDefault(name, "");
    }

    public Parent root() {
        return root;
    }

    /// Takes the keys of a scene.
    public void attach(Scene scene) {
        scene.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            swallow = pressed(e);
            if (swallow) {
                e.consume();
            }
        });
        scene.addEventFilter(KeyEvent.KEY_TYPED, e -> {
            if (swallow) {
                e.consume();
            }
        });
        scene.addEventFilter(KeyEvent.KEY_RELEASED, _ -> swallow = false);
        here.view().requestFocus();
    }

    /// Goes to a station.
    @Override
    public void go(Name name) {
        form = Optional.empty();
        draft.stop();
        keepDraft();
        lines.put(here.name(), callLine.text());
        here.leave();
        here = station(name);
        boolean floor = name == Name.FLOOR;
        band.setVisible(!floor);
        band.setManaged(!floor);
        path.setVisible(!floor);
        path.setManaged(!floor);
        showFoot(!floor);
        middle.setPadding(floor ? Insets.EMPTY : new Insets(0, 16, 0, 16));
        preview.hide();
        middle.getChildren().setAll(here.view(), preview);
        path.here(name);
        keys.setText(here.keys());
        prompt(here.prompt());
        here.open();
        type(line(name));
        here.view().requestFocus();
    }

    public Name here() {
        return here.name();
    }

    private void showFoot(boolean visible) {
        foot.setVisible(visible);
        foot.setManaged(visible);
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
    public void open(Region opened) {
        openForm(opened);
    }

    @Override
    public Optional<Path> choose(String what, String... endings) {
        return choosing.orElse(() -> chooseFile(what, endings)).get();
    }

    /// Files are chosen so; for those who drive the window.
    public void choosing(Supplier<Optional<Path>> how) {
        choosing = Optional.of(how);
    }

    private Optional<Path> chooseFile(String what, String... endings) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(what);
        chooser.setInitialDirectory(app.folder().toFile());
        chooser.getExtensionFilters()
                .setAll(
                        new FileChooser.ExtensionFilter(what, endings),
                        new FileChooser.ExtensionFilter(Texts.of("choose.any"), "*"));
        return Optional.ofNullable(chooser.showOpenDialog(root.getScene().getWindow()))
                .map(File::toPath);
    }

    private void look(String text) {
        watch.ask(text, here.context(app.camp()), this::seen);
    }

    private void seen(Seen seen) {
        if (!seen.text().equals(callLine.text())) {
            return;
        }
        callLine.show(here.searches() ? LineWatch.see("", here.context(app.camp())) : seen);
        here.lineSeen(seen);
        boolean previews = here.name() != Name.BENCH
                && !here.searches()
                && callLine.isTyping()
                && !seen.text().isBlank();
        if (previews) {
            preview.show(seen);
        } else {
            preview.hide();
        }
    }

    /// Where other camps come from.
    public void otherCamps(OtherCamps camps) {
        otherCamps = camps;
    }

    /// The camp as a file lies over the station until something is chosen or Escape is pressed.
    public void openCampFile() {
        CampFileForm opened =
                new CampFileForm(app.path(), true, Copies.usual(), ProgramLog.file(), new CampFileForm.Deeds() {
                    @Override
                    public void open() {
                        choose(Texts.of("welcome.files"), "*" + CampFile.ENDING).ifPresent(otherCamps::open);
                    }

                    @Override
                    public void create() {
                        chooseToSave("").ifPresent(otherCamps::create);
                    }

                    @Override
                    public void saveCopy() {
                        chooseToSave(app.camp().card().name()).ifPresent(path -> {
                            app.saveCopy(path);
                            closeForm();
                        });
                    }

                    @Override
                    public void putBack(Copy copy) {
                        otherCamps.putBack(copy, app.path());
                    }

                    @Override
                    public void openBeside(Copy copy) {
                        Copies.usual()
                                .layBeside(copy, app.path())
                                .ifPresentOrElse(otherCamps::open, () -> app.warn(Texts.of("copies.cannot")));
                    }
                });
        openForm(opened);
        opened.begin();
    }

    private Optional<Path> chooseBeside() {
        return chooseToSave(Texts.of("unsaved.name", app.camp().card().name()));
    }

    private Optional<Path> chooseToSave(String name) {
        return choosing.orElse(() -> CampChooser.toSave(root.getScene().getWindow(), app.folder(), name))
                .get()
                .map(CampChooser::ending);
    }

    /// The camp's card lies over the station until it is kept or Escape is pressed.
    public void openCard() {
        Card before = app.camp().card();
        CardForm opened = new CardForm(before, after -> {
            if (after.equals(before) || app.save(new Edit.OfCard(before, after))) {
                closeForm();
            }
        });
        openForm(opened);
        opened.begin();
    }

    /// The camp's partners lie over the station until one is kept or Escape is pressed. Who is kept is at
    /// the door.
    public void openPartners() {
        PartnerForm opened = new PartnerForm(app.camp(), (before, after) -> {
            Card card = app.camp().card();
            // Who is taken out leaves the door too; taking somebody else out sends nobody away.
            boolean leaves =
                    before.map(Partner::id).filter(card.partner()::equals).isPresent();
            String stays = leaves ? "" : card.partner();
            Edit door = new Edit.OfCard(
                    card, card.withPartner(after.map(Partner::id).orElse(stays)));
            if (app.save(Edit.together(new Edit.Change<>(Place.PARTNERS, before, after), door))) {
                app.say(app.door());
                closeForm();
            }
        });
        openForm(opened);
        opened.begin();
    }

    private void openForm(Region opened) {
        closeForm();
        form = Optional.of(opened);
        middle.getChildren().add(opened);
        // Fields take letters only once they have their skin: the first ones typed must not be lost.
        opened.applyCss();
    }

    @Override
    public void closeForm() {
        form.ifPresent(middle.getChildren()::remove);
        if (form.isPresent()) {
            here.open();
        }
        form = Optional.empty();
        here.view().requestFocus();
    }

    private boolean pressed(KeyEvent key) {
        if (form.isPresent()) {
            if (key.getCode() == KeyCode.ESCAPE) {
                closeForm();
            }
            return key.getCode() == KeyCode.ESCAPE;
        }
        if (key.getCode() == KeyCode.F6 && app.isUnsaved()) {
            app.saveAgain();
            return true;
        }
        if (key.isControlDown() && key.getCode() == KeyCode.O && here.name() != Name.FLOOR) {
            openCampFile();
            return true;
        }
        if (key.isControlDown() && key.getCode() == KeyCode.E && here.name() != Name.FLOOR) {
            openCard();
            return true;
        }
        if (key.isControlDown() && key.getCode() == KeyCode.P) {
            return partnerKey(key.isShiftDown());
        }
        boolean typing = callLine.isTyping();
        KeyCode code = key.getCode();
        if (key.isControlDown() && code.isDigitKey()) {
            return stationKey(code);
        }
        if (key.isControlDown() && (code == KeyCode.Z || code == KeyCode.Y)) {
            return undoOrRedo(code == KeyCode.Y || key.isShiftDown(), typing);
        }
        if (typing && !key.isControlDown() && !key.isAltDown()) {
            if (code == KeyCode.ESCAPE) {
                leaveLine();
                return true;
            }
            if (code == KeyCode.ENTER) {
                enter();
                return true;
            }
        }
        if (!typing && code == KeyCode.SLASH) {
            showFoot(true);
            callLine.type();
            return true;
        }
        return here.pressed(key, typing);
    }

    private boolean partnerKey(boolean all) {
        if (all) {
            openPartners();
        } else {
            nextPartner();
        }
        return true;
    }

    /// The next partner comes to the door, and everything follows.
    public void nextPartner() {
        app.nextPartner();
        here.open();
    }

    private boolean stationKey(KeyCode code) {
        Optional<Name> name = Name.at(number(code));
        name.ifPresent(this::go);
        return name.isPresent();
    }

    private static int number(KeyCode digit) {
        return Integer.parseInt(digit.getName().replaceAll("\\D", ""));
    }

    /// While something half written stands in the call line, undo belongs to it; otherwise to the camp.
    private boolean undoOrRedo(boolean redo, boolean typing) {
        if (typing && !callLine.text().equals(settled)) {
            return false;
        }
        if (redo) {
            app.redo();
        } else {
            app.undo();
        }
        here.open();
        if (here.name() == Name.BENCH) {
            app.drill().map(Drill::line).ifPresent(this::type);
        }
        return true;
    }

    private void leaveLine() {
        preview.hide();
        showFoot(here.name() != Name.FLOOR);
        here.view().requestFocus();
    }

    private void enter() {
        Seen seen = LineWatch.see(callLine.text(), here.context(app.camp()));
        String after = here.entered(seen);
        preview.hide();
        type(after);
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
