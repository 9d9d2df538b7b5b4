package onebeat.desktop;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import javafx.stage.Stage;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.demo.DemoCamp;
import onebeat.desktop.film.ClipFrames;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.settings.SettingsStore;
import onebeat.desktop.shell.CampChooser;
import onebeat.desktop.shell.CampFileForm;
import onebeat.desktop.shell.OtherCamps;
import onebeat.desktop.shell.Shell;
import onebeat.desktop.sound.CardSounds;
import onebeat.desktop.sound.Sounds;
import onebeat.desktop.text.Texts;
import onebeat.store.BadRow;
import onebeat.store.CampFile;
import onebeat.store.Copies;
import onebeat.store.Copies.Copy;
import onebeat.store.Opening;
import onebeat.store.Opening.Opened;
import onebeat.store.Opening.Refused;
import onebeat.store.ProgramFolder;
import onebeat.store.ProgramLog;
import org.jspecify.annotations.Nullable;

/// The window. Without arguments the last camp opens; `demo` opens the demo camp; `--shots DIR` draws every
/// main view of the demo camp into a folder and ends; `--typing` measures how long typing holds up the
/// window; anything else is the path of a camp file.
public final class OneBeat extends Application {

    /// What the window starts with.
    static final double WIDTH = 1280;

    static final double HEIGHT = 800;

    /// The day that the pictures show, so that they do not change with the calendar.
    private static final Instant PICTURE_DAY = Instant.parse("2027-03-04T18:00:00Z");

    private @Nullable CampSession app;
    private @Nullable Shell shell;
    private @Nullable Sounds sounds;
    private final SettingsStore settings = SettingsStore.usual();
    private boolean warnedOfLoss;

    @Override
    public void start(Stage stage) {
        ProgramLog.begin();
        Thread.setDefaultUncaughtExceptionHandler(this::unexpected);
        Thread.currentThread().setUncaughtExceptionHandler(this::unexpected);
        loadFonts();
        stage.setTitle(Texts.of("window.title"));
        stage.setMinWidth(960);
        stage.setMinHeight(620);
        List<String> arguments = getParameters().getRaw();
        int shots = arguments.indexOf("--shots");
        if (shots >= 0 && shots + 1 < arguments.size()) {
            takeShots(stage, Path.of(arguments.get(shots + 1)));
        } else if (arguments.contains("--frames")) {
            writeFrames(stage, arguments);
        } else if (arguments.contains("--typing")) {
            pictureCamp(stage).ifPresent(window -> new TypingMeasure(window).run(Platform::exit));
        } else if (arguments.contains("demo")) {
            openDemo(stage);
        } else if (!arguments.isEmpty()) {
            open(stage, Path.of(arguments.getFirst()));
        } else {
            openLast(stage);
        }
        stage.show();
        LastCamp.settled();
    }

    private void openLast(Stage stage) {
        Optional<Path> never = LastCamp.neverOpened();
        if (never.isPresent()) {
            welcome(stage, Texts.of("welcome.never", never.get()), never);
        } else {
            LastCamp.path()
                    .ifPresentOrElse(
                            path -> open(stage, path),
                            () -> welcome(stage, Texts.of("welcome.first"), Optional.empty()));
        }
    }

    private void openDemo(Stage stage) {
        LocalDate today = LocalDate.now(ZoneId.systemDefault());
        Path path = ProgramFolder.path().resolve("saltlight-" + today + CampFile.ENDING);
        opened(stage, path, () -> DemoCamp.openOrCreate(path, today));
    }

    private void open(Stage stage, Path path) {
        opened(stage, path, () -> CampFile.open(path));
    }

    /// The camp that is open is closed, and this one takes its place.
    private void opened(Stage stage, Path path, Supplier<Opening> opening) {
        if (wouldLose()) {
            return;
        }
        closeCamp();
        LastCamp.tries(path);
        switch (opening.get()) {
            case Opened opened -> {
                Shell window = showCamp(stage, opened.file(), Clock.system(ZoneId.systemDefault()));
                window.otherCamps(others(stage));
                tell(opened.file());
                if (app != null) {
                    app.keepCopy(Copies.usual());
                }
                LastCamp.remember(opened.file().path());
            }
            case Refused refused -> {
                ProgramLog.note(refused.sentence());
                LastCamp.settled();
                welcome(stage, refused.sentence(), Optional.of(path));
            }
        }
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

    private static final int ASIDE_TOLD = 2;

    private OtherCamps others(Stage stage) {
        return new OtherCamps() {
            @Override
            public void open(Path path) {
                OneBeat.this.open(stage, path);
            }

            @Override
            public void create(Path path) {
                makeNew(stage, path);
            }

            @Override
            public void putBack(Copy copy, Path camp) {
                OneBeat.this.putBack(stage, copy, camp);
            }
        };
    }

    private void putBack(Stage stage, Copy copy, Path camp) {
        if (wouldLose()) {
            return;
        }
        closeCamp();
        Optional<String> wrong = Copies.usual().restore(copy, camp, LocalDateTime.now(ZoneId.systemDefault()));
        open(stage, camp);
        if (app != null) {
            wrong.ifPresentOrElse(app::warn, () -> {
                if (app != null) {
                    app.say(Texts.of("copies.putback", copy.taken()));
                }
            });
        }
    }

    /// @param camp the one that could not be opened: it may have copies
    private void welcome(Stage stage, String sentence, Optional<Path> camp) {
        Welcome welcome =
                new Welcome(sentence, () -> openDemo(stage), path -> open(stage, path), path -> makeNew(stage, path));
        show(stage, new Scene(welcome, WIDTH, HEIGHT));
        welcome.listen(stage);
        camp.filter(path -> !Copies.usual().of(path).isEmpty()).ifPresent(path -> welcome.offer(copies(stage, path)));
    }

    /// The copies of a camp that could not be opened.
    private CampFileForm copies(Stage stage, Path camp) {
        OtherCamps others = others(stage);
        return new CampFileForm(camp, false, Copies.usual(), ProgramLog.file(), new CampFileForm.Deeds() {
            @Override
            public void open() {
                CampChooser.toOpen(stage).ifPresent(others::open);
            }

            @Override
            public void create() {
                CampChooser.toSave(stage, Path.of(""), "")
                        .map(CampChooser::ending)
                        .ifPresent(others::create);
            }

            @Override
            public void saveCopy() {
                // There is nothing open to be copied.
            }

            @Override
            public void putBack(Copy copy) {
                others.putBack(copy, camp);
            }

            @Override
            public void openBeside(Copy copy) {
                Copies.usual().layBeside(copy, camp).ifPresent(others::open);
            }
        });
    }

    /// A new camp begins with its card.
    private void makeNew(Stage stage, Path path) {
        opened(stage, path, () -> NewCamp.create(path, LocalDate.now(ZoneId.systemDefault())));
        if (shell != null) {
            shell.openCard();
        }
    }

    private Shell showCamp(Stage stage, CampFile file, Clock clock) {
        CampSession opened = new CampSession(file, clock, settings);
        Sounds heard = CardSounds.orSilence();
        Shell window = new Shell(opened, heard, () -> System.nanoTime() / 1_000_000);
        app = opened;
        sounds = heard;
        shell = window;
        Scene scene = new Scene(window.root(), WIDTH, HEIGHT);
        show(stage, scene);
        window.attach(scene);
        stage.setOnCloseRequest(request -> {
            if (wouldLose()) {
                request.consume();
            }
        });
        return window;
    }

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

    /// Nothing unexpected ends in silence: it is written down and told, and the window goes on.
    private void unexpected(Thread thread, Throwable e) {
        ProgramLog.wrong("in " + thread.getName(), e);
        Platform.runLater(() -> {
            if (app != null) {
                app.warn(Texts.of("window.fault", ProgramLog.file()));
            }
        });
    }

    private static void show(Stage stage, Scene scene) {
        Nodes.dress(scene);
        stage.setScene(scene);
    }

    private void takeShots(Stage stage, Path folder) {
        pictureCamp(stage).ifPresent(window -> new Shots(window, folder).take(Platform::exit));
    }

    /// `--frames REEL DIR` writes the pictures of a drawn reel.
    private static void writeFrames(Stage stage, List<String> arguments) {
        int at = arguments.indexOf("--frames");
        Clock clock = Clock.fixed(PICTURE_DAY, ZoneOffset.UTC);
        Shots.camp(LocalDate.now(clock)).ifPresent(file -> {
            ClipFrames.write(stage, file.camp(), arguments.get(at + 1), Path.of(arguments.get(at + 2)));
            file.close();
        });
    }

    /// The demo camp in a file of its own, on the day that the pictures show.
    private Optional<Shell> pictureCamp(Stage stage) {
        Clock clock = Clock.fixed(PICTURE_DAY, ZoneOffset.UTC);
        Optional<CampFile> file = Shots.camp(LocalDate.now(clock));
        if (file.isEmpty()) {
            System.err.println(Texts.of("shots.cannot", Texts.of("shots.camp")));
            Platform.exit();
        }
        return file.map(f -> showCamp(stage, f, clock));
    }

    /// Loads the typefaces that ship with the program.
    static void loadFonts() {
        for (String name : List.of(
                "BebasNeue-Bold.otf",
                "Karla-Regular.otf",
                "Karla-Bold.otf",
                "JetBrainsMono-Regular.ttf",
                "JetBrainsMono-Bold.ttf")) {
            try (InputStream in = OneBeat.class.getResourceAsStream("/onebeat/formats/fonts/" + name)) {
                Font.loadFont(in, 14);
            } catch (IOException e) {
                System.err.println("A typeface could not be loaded: " + name + ". Another one is used.");
            }
        }
    }

    @Override
    public void stop() {
        closeCamp();
    }

    private void closeCamp() {
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
