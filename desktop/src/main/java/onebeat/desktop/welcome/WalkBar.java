package onebeat.desktop.welcome;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import onebeat.desktop.app.StationName;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;
import onebeat.desktop.welcome.WalkStep.Scene;

/// What to do next on the walk, over the call line. A step that was done leads to the next by itself; it can be left at
/// any time.
public final class WalkBar extends HBox {

    private final Supplier<Scene> now;
    private final Consumer<StationName> go;
    private final Label words = Nodes.label("walk-words");
    private Optional<WalkStep> step = Optional.empty();
    private Optional<Scene> before = Optional.empty();

    /// @param go leads to the station of a step
    public WalkBar(Supplier<Scene> now, Consumer<StationName> go) {
        super(10);
        this.now = now;
        this.go = go;
        setId("walk");
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("walk");
        words.setWrapText(true);
        words.setMinHeight(Region.USE_PREF_SIZE);
        words.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(words, Priority.ALWAYS);
        Button next = button("walk.next", this::next);
        Button leave = button("walk.leave", this::leave);
        getChildren().setAll(words, next, leave);
        show();
    }

    private static Button button(String key, Runnable does) {
        Button button = new Button(Texts.of(key));
        button.setId(key);
        button.setFocusTraversable(false);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(_ -> does.run());
        return button;
    }

    /// Begins with the first step.
    public void begin() {
        to(Optional.of(WalkStep.LOG));
    }

    /// Looks whether the step was done.
    public void look() {
        if (step.isPresent() && before.isPresent() && step.get().isDone(before.get(), now.get())) {
            next();
        }
    }

    private void next() {
        List<WalkStep> all = List.of(WalkStep.values());
        int at = step.map(all::indexOf).orElse(-1) + 1;
        to(at < all.size() ? Optional.of(all.get(at)) : Optional.empty());
    }

    private void leave() {
        to(Optional.empty());
    }

    private void to(Optional<WalkStep> wanted) {
        step = wanted;
        wanted.map(WalkStep::station)
                .filter(station -> station != now.get().station())
                .ifPresent(go);
        before = wanted.map(_ -> now.get());
        show();
    }

    private void show() {
        words.setText(step.map(
                        s -> Texts.of(s.key(), List.of(WalkStep.values()).indexOf(s) + 1, WalkStep.values().length))
                .orElse(""));
        setVisible(step.isPresent());
        setManaged(step.isPresent());
    }
}
