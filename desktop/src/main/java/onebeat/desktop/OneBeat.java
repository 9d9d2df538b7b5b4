package onebeat.desktop;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import javafx.stage.Stage;
import onebeat.desktop.demo.DemoCamp;
import onebeat.desktop.desk.Desk;
import onebeat.desktop.desk.Look;
import onebeat.desktop.desk.Texts;
import onebeat.desktop.film.ClipFrames;
import onebeat.desktop.shell.Shell;
import onebeat.desktop.sound.CardSounds;
import onebeat.desktop.sound.Sounds;
import onebeat.store.CampFile;
import onebeat.store.Opening;
import onebeat.store.Opening.Opened;
import onebeat.store.Opening.Refused;
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

    private @Nullable Desk desk;
    private @Nullable Shell shell;
    private @Nullable Sounds sounds;

    @Override
    public void start(Stage stage) {
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
            LastCamp.path().ifPresentOrElse(path -> open(stage, path), () -> welcome(stage, Texts.of("welcome.first")));
        }
        stage.show();
    }

    private void openDemo(Stage stage) {
        LocalDate today = LocalDate.now(ZoneId.systemDefault());
        Path path = LastCamp.folder().resolve("saltlight-" + today + CampFile.ENDING);
        opened(stage, DemoCamp.openOrCreate(path, today));
    }

    private void open(Stage stage, Path path) {
        opened(stage, CampFile.open(path));
    }

    private void opened(Stage stage, Opening opening) {
        switch (opening) {
            case Opened opened -> {
                LastCamp.remember(opened.file().path());
                showCamp(stage, opened.file(), Clock.system(ZoneId.systemDefault()));
            }
            case Refused refused -> welcome(stage, refused.sentence());
        }
    }

    private void welcome(Stage stage, String sentence) {
        Welcome welcome =
                new Welcome(sentence, () -> openDemo(stage), path -> open(stage, path), path -> makeNew(stage, path));
        show(stage, new Scene(welcome, WIDTH, HEIGHT));
        welcome.listen(stage);
    }

    /// A new camp begins with its card.
    private void makeNew(Stage stage, Path path) {
        opened(stage, NewCamp.create(path, LocalDate.now(ZoneId.systemDefault())));
        if (shell != null) {
            shell.openCard();
        }
    }

    private Shell showCamp(Stage stage, CampFile file, Clock clock) {
        Desk opened = new Desk(file, clock);
        Sounds heard = CardSounds.orSilence();
        Shell window = new Shell(opened, heard, () -> System.nanoTime() / 1_000_000);
        desk = opened;
        sounds = heard;
        shell = window;
        Scene scene = new Scene(window.root(), WIDTH, HEIGHT);
        show(stage, scene);
        window.attach(scene);
        Thread.currentThread()
                .setUncaughtExceptionHandler((_, e) -> opened.warn(Texts.of("window.fault", e.toString())));
        return window;
    }

    private static void show(Stage stage, Scene scene) {
        Look.dress(scene);
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
        if (shell != null) {
            shell.close();
        }
        if (sounds != null) {
            sounds.close();
        }
        if (desk != null) {
            desk.close();
        }
    }
}
