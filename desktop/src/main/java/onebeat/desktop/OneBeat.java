package onebeat.desktop;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.image.Image;
import javafx.scene.text.Font;
import javafx.stage.Stage;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.film.ClipFrames;
import onebeat.desktop.settings.SettingsStore;
import onebeat.desktop.shell.Shell;
import onebeat.desktop.text.Texts;
import onebeat.desktop.welcome.LastCamp;
import onebeat.store.CampFile;
import onebeat.store.ProgramFolder;
import onebeat.store.ProgramLog;
import org.jspecify.annotations.Nullable;

/// The window. Without arguments the last camp opens; `demo` opens the demo camp; `--shots DIR` draws every
/// main view of the demo camp into a folder and ends; `--typing` measures how long typing holds up the
/// window; anything else is the path of a camp file.
public final class OneBeat extends Application {

    /// The day that the pictures show, so that they do not change with the calendar.
    private static final Instant PICTURE_DAY = Instant.parse("2027-03-04T18:00:00Z");

    /// What the program was started for. It lies here, since the toolkit makes the application itself.
    private static EarlyOpening early = EarlyOpening.none();

    private @Nullable OpenCamps camps;

    /// The camp that is being opened already when the window comes.
    static void early(EarlyOpening begun) {
        early = begun;
    }

    @Override
    public void start(Stage stage) {
        Thread.setDefaultUncaughtExceptionHandler(this::unexpected);
        Thread.currentThread().setUncaughtExceptionHandler(this::unexpected);
        loadFonts();
        stage.setTitle(Texts.of("window.title"));
        List<String> arguments = getParameters().getRaw();
        boolean pictures = arguments.contains("--shots") || arguments.contains("--typing");
        // Pictures and measures show the program as it comes, whatever this machine's coach has set.
        SettingsStore settings =
                pictures ? new SettingsStore(ProgramFolder.path().resolve("no-settings")) : SettingsStore.usual();
        OpenCamps opened = new OpenCamps(stage, settings, !pictures, early);
        camps = opened;
        if (early.path().isPresent()) {
            // The window is there at once and tells what it waits for. It is on screen before the camp is shown, which
            // holds this thread for a while.
            opened.awaits(early.path().get());
            stage.show();
            DrawnWindow.then(() -> {
                StationTour.ofTheWindow(stage).ifPresent(tour -> tour.end(Platform::exit));
                icons(stage);
                early.whenDone(() -> Platform.runLater(() -> begin(stage, arguments, opened)));
            });
        } else {
            begin(stage, arguments, opened);
            stage.show();
            icons(stage);
        }
    }

    private void begin(Stage stage, List<String> arguments, OpenCamps opened) {
        int shots = arguments.indexOf("--shots");
        if (shots >= 0 && shots + 1 < arguments.size()) {
            Path folder = Path.of(arguments.get(shots + 1));
            pictureCamp(opened).ifPresent(window -> new Shots(window, folder).take(Platform::exit));
        } else if (arguments.contains("--frames")) {
            writeFrames(stage, arguments);
        } else if (arguments.contains("--typing")) {
            pictureCamp(opened).ifPresent(window -> new TypingMeasure(window).run(Platform::exit));
        } else if (arguments.contains("demo")) {
            opened.openDemo();
        } else if (!arguments.isEmpty()) {
            opened.open(Path.of(arguments.getFirst()));
        } else {
            opened.openLast();
        }
        LastCamp.settled();
        StationTour.asked(stage).ifPresent(tour -> tour.begin(Platform::exit));
    }

    /// Nothing unexpected ends in silence: it is written down and told, and the window goes on.
    private void unexpected(Thread thread, Throwable e) {
        ProgramLog.wrong("in " + thread.getName(), e);
        Platform.runLater(() -> {
            Optional<CampSession> open = camps == null ? Optional.empty() : camps.session();
            open.ifPresent(app -> app.warn(Texts.of("window.fault", ProgramLog.file())));
        });
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
    private static Optional<Shell> pictureCamp(OpenCamps opened) {
        Clock clock = Clock.fixed(PICTURE_DAY, ZoneOffset.UTC);
        Optional<CampFile> file = Shots.camp(LocalDate.now(clock));
        if (file.isEmpty()) {
            System.err.println(Texts.of("shots.cannot", Texts.of("shots.camp")));
            Platform.exit();
        }
        return file.map(f -> opened.show(f, clock));
    }

    /// The program's mark, for the system's bar and for switching between windows.
    private static void icons(Stage stage) {
        for (int size : List.of(16, 32, 64)) {
            InputStream in = OneBeat.class.getResourceAsStream("icon/onebeat-" + size + ".png");
            if (in != null) {
                stage.getIcons().add(new Image(in));
            }
        }
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
        if (camps != null) {
            camps.close();
        }
    }
}
