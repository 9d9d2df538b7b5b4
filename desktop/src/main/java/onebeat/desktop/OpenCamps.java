package onebeat.desktop;

import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.stage.Stage;
import onebeat.core.camp.Card;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.demo.DemoCamp;
import onebeat.desktop.settings.SettingsStore;
import onebeat.desktop.shell.CampChooser;
import onebeat.desktop.shell.CampFileForm;
import onebeat.desktop.shell.OtherCamps;
import onebeat.desktop.shell.ProgramAction;
import onebeat.desktop.shell.Shell;
import onebeat.desktop.sound.CardMicrophone;
import onebeat.desktop.sound.CardSounds;
import onebeat.desktop.sound.Microphone;
import onebeat.desktop.sound.Sounds;
import onebeat.desktop.sound.SoundsOpenedBeside;
import onebeat.desktop.sound.StandInMicrophone;
import onebeat.desktop.text.Texts;
import onebeat.desktop.welcome.LastCamp;
import onebeat.desktop.welcome.NewCamp;
import onebeat.desktop.welcome.NewCampForm;
import onebeat.desktop.welcome.OpeningView;
import onebeat.desktop.welcome.WelcomeView;
import onebeat.store.BadRow;
import onebeat.store.CampFile;
import onebeat.store.Copies;
import onebeat.store.Copies.Copy;
import onebeat.store.Opening;
import onebeat.store.Opening.Opened;
import onebeat.store.Opening.Refused;
import onebeat.store.ProgramLog;
import org.jspecify.annotations.Nullable;

/// Opens camps in the window, one after the other, and closes the one before.
final class OpenCamps implements OtherCamps {

    private static final int ASIDE_TOLD = 2;

    private final Stage stage;
    private final SettingsStore settings;
    private final StageScenes scenes;
    private final EarlyOpening early;
    private @Nullable CampSession app;
    private @Nullable Shell shell;
    private @Nullable Sounds sounds;
    private @Nullable WelcomeView welcome;
    private boolean warnedOfLoss;

    /// @param fits  whether the window is made to fit the screen; pictures have their own size
    /// @param early what is being opened already
    OpenCamps(Stage stage, SettingsStore settings, boolean fits, EarlyOpening early) {
        this.stage = stage;
        this.settings = settings;
        this.scenes = new StageScenes(stage, settings, fits);
        this.early = early;
    }

    Optional<CampSession> session() {
        return Optional.ofNullable(app);
    }

    /// The window stands and tells which camp it waits for.
    void awaits(Path camp) {
        scenes.show(new OpeningView(camp));
    }

    void openLast() {
        if (early.path().isPresent()) {
            open(early.path().get());
            return;
        }
        Optional<Path> never = LastCamp.neverOpened();
        if (never.isPresent()) {
            welcome(Texts.of("welcome.never", never.get()), never);
        } else {
            LastCamp.path().ifPresentOrElse(this::open, () -> welcome("", Optional.empty()));
        }
    }

    void openDemo() {
        LocalDate today = LocalDate.now(ZoneId.systemDefault());
        Path path = EarlyOpening.demo(today);
        opened(path, () -> DemoCamp.openOrCreate(path, today));
    }

    @Override
    public void open(Path path) {
        opened(path, () -> CampFile.openOrRead(path));
    }

    @Override
    public void create(Path path) {
        make(NewCamp.card(LocalDate.now(ZoneId.systemDefault())), path);
        if (shell != null) {
            shell.dispatch(ProgramAction.Do.CARD);
        }
    }

    private void make(Card card, Path path) {
        opened(path, () -> NewCamp.create(path, card));
    }

    @Override
    public void begin() {
        NewCampForm form = new NewCampForm(
                NewCamp.card(LocalDate.now(ZoneId.systemDefault())),
                () -> CampChooser.toSave(stage, Path.of(""), "").map(CampChooser::ending),
                this::make);
        if (shell != null) {
            shell.open(form);
        } else if (welcome != null) {
            welcome.lay(form);
        }
        form.begin();
    }

    @Override
    public List<Path> recent() {
        return LastCamp.recent().stream()
                .filter(path -> app == null || !path.equals(app.path().toAbsolutePath()))
                .toList();
    }

    @Override
    public void walk() {
        openDemo();
        if (shell != null) {
            shell.beginWalk();
        }
    }

    @Override
    public void putBack(Copy copy, Path camp) {
        if (wouldLose()) {
            return;
        }
        close();
        LocalDateTime now = LocalDateTime.now(ZoneId.systemDefault());
        Optional<String> wrong = Copies.usual().restore(copy, camp, now);
        open(camp);
        session().ifPresent(it -> wrong.ifPresentOrElse(it::warn, () -> it.say(CampFileForm.putBack(copy, camp, now))));
    }

    /// The camp that is open is closed, and this one takes its place.
    private void opened(Path path, Supplier<Opening> opening) {
        if (wouldLose()) {
            return;
        }
        close();
        LastCamp.tries(path);
        switch (early.take(path).orElseGet(opening)) {
            case Opened opened -> {
                show(opened.file(), Clock.system(ZoneId.systemDefault())).otherCamps(this);
                tell(opened.file());
                keepCopy(opened.file());
                LastCamp.remember(opened.file().path());
            }
            case Refused refused -> {
                ProgramLog.note(refused.sentence());
                LastCamp.settled();
                welcome(refused.sentence(), Optional.of(path));
            }
        }
    }

    /// Keeps a copy of the camp as it was opened, beside the interface.
    private void keepCopy(CampFile file) {
        Thread thread = new Thread(
                () -> Copies.usual()
                        .take(file, LocalDateTime.now(ZoneId.systemDefault()))
                        .ifPresent(wrong -> Platform.runLater(() -> session().ifPresent(now -> now.warn(wrong)))),
                "copy of the camp");
        thread.setDaemon(true);
        thread.start();
    }

    /// What was set aside is told at once, and the first rows of it by name.
    private void tell(CampFile file) {
        List<BadRow> aside = file.setAside();
        if (!aside.isEmpty() && app != null) {
            app.warn(Texts.of(
                    "aside.told",
                    aside.size(),
                    aside.stream().limit(ASIDE_TOLD).map(BadRow::toString).collect(Collectors.joining("; "))));
            aside.forEach(row -> ProgramLog.note(file.path() + " sets aside: " + row));
        }
    }

    /// @param camp the one that could not be opened: it may have copies
    private void welcome(String sentence, Optional<Path> camp) {
        WelcomeView view = new WelcomeView(sentence, recent(), new WelcomeView.Deeds() {
            @Override
            public void demo() {
                openDemo();
            }

            @Override
            public void walk() {
                OpenCamps.this.walk();
            }

            @Override
            public void choose() {
                CampChooser.toOpen(stage).ifPresent(OpenCamps.this::open);
            }

            @Override
            public void begin() {
                OpenCamps.this.begin();
            }

            @Override
            public void open(Path path) {
                OpenCamps.this.open(path);
            }
        });
        welcome = view;
        scenes.show(view);
        view.begin();
        camp.filter(path -> !Copies.usual().of(path).isEmpty()).ifPresent(path -> view.offer(copies(path)));
    }

    /// The copies of a camp that could not be opened.
    private CampFileForm copies(Path camp) {
        return new CampFileForm(
                camp, false, Copies.usual(), ProgramLog.file(), new UnopenedCampDeeds(this, stage, camp));
    }

    /// Shows a camp in the window.
    Shell show(CampFile file, Clock clock) {
        CampSession opened = new CampSession(file, clock, settings);
        Sounds heard = new SoundsOpenedBeside(CardSounds::orSilence);
        Shell window = new Shell(opened, heard, microphone(file), () -> System.nanoTime() / 1_000_000);
        app = opened;
        sounds = heard;
        shell = window;
        welcome = null;
        Parent root = window.root();
        Scene scene = scenes.show(root);
        window.attach(scene);
        stage.setOnCloseRequest(request -> {
            if (wouldLose()) {
                request.consume();
            }
        });
        return window;
    }

    /// In the demo camp invented pads are heard, so that hearing can be tried out anywhere.
    private static Microphone microphone(CampFile file) {
        boolean demo = file.path().equals(EarlyOpening.demo(LocalDate.now(ZoneId.systemDefault())));
        return demo ? new StandInMicrophone(DEMO_SEED) : new CardMicrophone();
    }

    private static final long DEMO_SEED = 20;

    /// Whether something that is in memory only would be lost with this camp; asked a second time, that is what is
    /// wanted.
    private boolean wouldLose() {
        if (app == null || !app.isUnsaved() || warnedOfLoss) {
            warnedOfLoss = false;
            return false;
        }
        warnedOfLoss = true;
        app.warn(Texts.of("close.unsaved"));
        return true;
    }

    void close() {
        scenes.keepPlace();
        if (shell != null) {
            shell.close();
            shell = null;
        }
        if (sounds != null) {
            sounds.close();
            sounds = null;
        }
        if (app != null) {
            app.close();
            app = null;
        }
    }
}
