package onebeat.desktop;

import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import java.util.function.LongSupplier;
import java.util.function.Predicate;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.input.ContextMenuEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.robot.Robot;
import javafx.scene.shape.Line;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import javafx.stage.Window;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.settings.SettingsStore;
import onebeat.desktop.shell.Shell;
import onebeat.desktop.sound.SilentSounds;
import onebeat.desktop.sound.StandInMicrophone;
import onebeat.store.CampFile;
import onebeat.store.Opening;
import onebeat.store.Opening.Opened;
import onebeat.store.Opening.Refused;

/// Drives the real window with keys from outside, as a coach's hands would.
public final class Driver implements AutoCloseable {

    /// Nothing here takes long, but beside all other tests, on a machine that is busy, it may wait for its turn.
    private static final Duration PATIENCE = Duration.ofMinutes(3);

    /// What has to be typed with Shift on the robot's keyboard.
    private static final Map<Character, KeyCode> SHIFTED = Map.of(
            '(', KeyCode.DIGIT9,
            ')', KeyCode.DIGIT0,
            '+', KeyCode.EQUALS,
            '!', KeyCode.DIGIT1,
            '~', KeyCode.BACK_QUOTE);

    final CampSession app;
    final Shell shell;
    final SilentSounds sounds = new SilentSounds("a test");
    final StandInMicrophone pads = new StandInMicrophone(60);
    private final Stage stage;
    private final Robot robot;
    private volatile String pressed = "nothing";

    private Driver(CampSession app, LongSupplier clockMs) {
        this.app = app;
        this.shell = new Shell(app, sounds, pads, clockMs);
        this.stage = new Stage();
        Scene scene = new Scene(shell.root(), StageScenes.WIDTH, StageScenes.HEIGHT);
        Nodes.dress(scene);
        stage.setScene(scene);
        shell.attach(scene);
        stage.show();
        stage.requestFocus();
        scene.addEventFilter(
                MouseEvent.MOUSE_PRESSED,
                e -> pressed = e.getTarget() + " at " + e.getScreenX() + ", " + e.getScreenY());
        this.robot = new Robot();
    }

    /// Starts the toolkit once in this process.
    public static void startToolkit() throws InterruptedException {
        CountDownLatch started = new CountDownLatch(1);
        try {
            Platform.startup(started::countDown);
        } catch (IllegalStateException _) {
            started.countDown();
        }
        if (!started.await(PATIENCE.toSeconds(), TimeUnit.SECONDS)) {
            throw new IllegalStateException("the toolkit does not start");
        }
        Platform.setImplicitExit(false);
        onFx(() -> {
            OneBeat.loadFonts();
            return true;
        });
    }

    /// Opens the window on this camp file.
    ///
    /// @param clockMs the floor's clock, in milliseconds
    static Driver open(Path path, LongSupplier clockMs) {
        return onFx(() -> of(CampFile.open(path), clockMs));
    }

    /// The same of a camp that was opened in another way.
    static Driver of(Opening opening, LongSupplier clockMs) {
        return switch (opening) {
            case Opened(CampFile file) ->
                new Driver(
                        new CampSession(
                                file,
                                TestDay.clock(),
                                new SettingsStore(file.path().resolveSibling("settings"))),
                        clockMs);
            case Refused refused -> throw new IllegalStateException(refused.sentence());
        };
    }

    /// What an action on the interface's thread gives.
    public static <T> T onFx(Callable<T> action) {
        FutureTask<T> task = new FutureTask<>(action);
        Platform.runLater(task);
        try {
            return task.get(PATIENCE.toSeconds(), TimeUnit.SECONDS);
        } catch (InterruptedException | ExecutionException | TimeoutException e) {
            throw new IllegalStateException(e);
        }
    }

    /// Presses a key with others held.
    Driver press(KeyCode key, KeyCode... held) {
        onFx(() -> {
            for (KeyCode one : held) {
                robot.keyPress(one);
            }
            robot.keyPress(key);
            robot.keyRelease(key);
            for (int i = held.length - 1; i >= 0; i--) {
                robot.keyRelease(held[i]);
            }
            return true;
        });
        settle();
        return this;
    }

    /// The next file that is asked for is this one.
    void choosing(Path file) {
        shell.choosing(() -> Optional.of(file));
    }

    /// Types letters, digits and the signs of a call line.
    Driver type(String text) {
        for (char c : text.toCharArray()) {
            KeyCode shifted = SHIFTED.get(c);
            if (shifted != null) {
                press(shifted, KeyCode.SHIFT);
            } else {
                press(
                        switch (c) {
                            case ' ' -> KeyCode.SPACE;
                            case '-' -> KeyCode.MINUS;
                            case '/' -> KeyCode.SLASH;
                            case '_' -> throw new IllegalArgumentException("not on this keyboard: " + c);
                            default -> KeyCode.getKeyCode(String.valueOf(Character.toUpperCase(c)));
                        });
            }
        }
        return this;
    }

    /// Clicks in the middle of what has this id, with the mouse.
    Driver click(String id) {
        await(id, () -> has(id));
        // What is laid out anew at this moment stands still first.
        settle();
        onFx(() -> {
            // New buttons get their size with their style.
            shell.root().applyCss();
            shell.root().layout();
            Node node = byId(id).orElseThrow();
            Bounds at = node.localToScreen(node.getBoundsInLocal());
            robot.mouseMove(at.getCenterX(), at.getCenterY());
            robot.mouseClick(MouseButton.PRIMARY);
            return true;
        });
        settle();
        return this;
    }

    /// Pulls what has this id with the mouse until it is above or under another.
    Driver pull(String id, String to) {
        await(id, () -> has(id));
        settle();
        double y = onFx(() -> {
            Bounds from = middle(byId(id).orElseThrow());
            robot.mouseMove(from.getCenterX(), from.getCenterY());
            robot.mousePress(MouseButton.PRIMARY);
            return from.getCenterY();
        });
        settle();
        onFx(() -> {
            robot.mouseMove(middle(byId(to).orElseThrow()).getCenterX(), y);
            return true;
        });
        settle();
        onFx(() -> {
            robot.mouseRelease(MouseButton.PRIMARY);
            return true;
        });
        settle();
        return this;
    }

    /// Clicks in the middle of the first thing that is heard so, with the right button.
    Driver rightClick(String heard) {
        await(heard, () -> heard(heard).isPresent());
        settle();
        onFx(() -> {
            shell.root().applyCss();
            shell.root().layout();
            Bounds at = middle(heard(heard).orElseThrow());
            robot.mouseMove(at.getCenterX(), at.getCenterY());
            robot.mouseClick(MouseButton.SECONDARY);
            return true;
        });
        // Not every window system asks for the menu by itself, and those that do take their time.
        for (int i = 0; i < MENU_TURNS && onFx(() -> menuItem("").isEmpty()); i++) {
            pause(20);
        }
        onFx(() -> {
            heard(heard).filter(_ -> menuItem("").isEmpty()).ifPresent(Driver::askForMenu);
            return true;
        });
        settle();
        return this;
    }

    private static final int MENU_TURNS = 25;

    private static Bounds middle(Node node) {
        return node.localToScreen(node.getBoundsInLocal());
    }

    private static void askForMenu(Node node) {
        Bounds at = middle(node);
        Event.fireEvent(
                node,
                new ContextMenuEvent(
                        ContextMenuEvent.CONTEXT_MENU_REQUESTED,
                        at.getCenterX(),
                        at.getCenterY(),
                        at.getCenterX(),
                        at.getCenterY(),
                        false,
                        null));
    }

    /// Takes an item of the menu that is open.
    Driver choose(String id) {
        await("the item " + id, () -> menuItem(id).isPresent());
        onFx(() -> {
            MenuItem item = menuItem(id).orElseThrow();
            item.fire();
            item.getParentPopup().hide();
            return true;
        });
        settle();
        return this;
    }

    /// The item with this id of a menu that is open; any where none is named.
    private static Optional<MenuItem> menuItem(String id) {
        return Window.getWindows().stream()
                .filter(ContextMenu.class::isInstance)
                .flatMap(menu -> ((ContextMenu) menu).getItems().stream())
                .filter(item -> id.isEmpty() || id.equals(item.getId()))
                .findFirst();
    }

    /// What a screen reader hears of everything on the window, in its order.
    List<String> heard() {
        return onFx(this::hearsNow);
    }

    /// Whether a screen reader hears something like this; to be asked on the interface thread.
    boolean hears(Predicate<String> like) {
        return hearsNow().stream().anyMatch(like);
    }

    private List<String> hearsNow() {
        List<String> all = new ArrayList<>();
        collectHeard(shell.root(), all);
        return all;
    }

    private static void collectHeard(Node node, List<String> all) {
        if (node.isVisible() && node.getAccessibleText() != null) {
            all.add(node.getAccessibleRole() + " " + node.getAccessibleText());
        }
        if (node.isVisible() && node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> collectHeard(child, all));
        }
    }

    private Optional<Node> heard(String words) {
        return findHeard(shell.root(), words);
    }

    private static Optional<Node> findHeard(Node node, String words) {
        if (node.isVisible() && node instanceof Parent parent) {
            Optional<Node> inside = parent.getChildrenUnmodifiable().stream()
                    .flatMap(child -> findHeard(child, words).stream())
                    .findFirst();
            if (inside.isPresent()) {
                return inside;
            }
        }
        return node.isVisible()
                        && node.getAccessibleText() != null
                        && node.getAccessibleText().contains(words)
                ? Optional.of(node)
                : Optional.empty();
    }

    /// Whether something with this id can be seen.
    boolean has(String id) {
        return byId(id).filter(Node::isVisible).isPresent();
    }

    private Optional<Node> byId(String id) {
        return find(shell.root(), id);
    }

    private static Optional<Node> find(Node node, String id) {
        if (id.equals(node.getId())) {
            return Optional.of(node);
        }
        return node instanceof Parent parent
                ? parent.getChildrenUnmodifiable().stream()
                        .flatMap(child -> find(child, id).stream())
                        .findFirst()
                : Optional.empty();
    }

    /// Lets everything that was asked for happen.
    void settle() {
        for (int i = 0; i < 3; i++) {
            onFx(() -> true);
        }
    }

    /// Waits until something holds on the interface thread, or fails with its name.
    Driver await(String what, BooleanSupplier holds) {
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (!onFx(holds::getAsBoolean)) {
            if (System.nanoTime() > end) {
                throw new AssertionError("never came: " + what + "\nlast pressed: " + pressed + "\nwindows: "
                        + onFx(() -> Window.getWindows().toString()) + "\non screen: " + words());
            }
            pause(20);
        }
        return this;
    }

    /// Gives the window some time of its own, in milliseconds.
    void pause(long ms) {
        try {
            Thread.sleep(ms);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    String line() {
        return onFx(() -> shell.callLine().text());
    }

    /// Where the film stands, as its axis shows it, in seconds.
    ///
    /// @param seconds how long the film is
    double timeOfFilm(double seconds) {
        Line head = (Line) shell.root().lookup(".playhead");
        Region axis = (Region) head.getParent();
        return (head.getStartX() - 12) / (axis.getWidth() - 24) * seconds;
    }

    /// How many nodes on screen have this style.
    int count(String selector) {
        return shell.root().lookupAll(selector).size();
    }

    /// All words on screen.
    String words() {
        return onFx(() -> {
            StringBuilder words = new StringBuilder();
            collect(shell.root(), words);
            return words.toString();
        });
    }

    boolean shows(String words) {
        StringBuilder all = new StringBuilder();
        collect(shell.root(), all);
        return all.toString().contains(words);
    }

    private static void collect(Node node, StringBuilder words) {
        if (node.isVisible() && node instanceof Text text && !text.getText().isBlank()) {
            words.append(text.getText()).append('\n');
        }
        if (node.isVisible() && node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> collect(child, words));
        }
    }

    @Override
    public void close() {
        onFx(() -> {
            shell.close();
            app.close();
            stage.close();
            return true;
        });
    }
}
