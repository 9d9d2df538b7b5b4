package onebeat.desktop.shell;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.text.Texts;

/// Says on every station that something is not on disk, why, and what can be done, for as long as it is so.
final class UnsavedBar extends HBox {

    private final Label words = new Label();

    /// @param beside asks for a path to write the camp to
    UnsavedBar(CampSession app, Supplier<Optional<Path>> beside) {
        super(10);
        setId("unsaved");
        getStyleClass().add("unsaved");
        setAlignment(Pos.CENTER_LEFT);
        words.setWrapText(true);
        words.setMinHeight(Region.USE_PREF_SIZE);
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMaxWidth(Double.MAX_VALUE);
        Button again = button("unsaved.again", app::saveAgain);
        Button anew = button("unsaved.anew", () -> app.writeAnew(app.path()));
        app.unsavedProperty().addListener((_, _, _) -> hide(app.isForReading(), again, anew));
        hide(app.isForReading(), again, anew);
        getChildren()
                .setAll(
                        words,
                        again,
                        anew,
                        button("unsaved.beside", () -> beside.get().ifPresent(app::writeAnew)));
        app.unsavedProperty().addListener((_, _, now) -> show(now));
        show(app.unsavedProperty().get());
    }

    private void show(Optional<String> sentence) {
        words.setText(sentence.orElse(""));
        setVisible(sentence.isPresent());
        setManaged(sentence.isPresent());
    }

    /// A camp that is opened for reading can only be written elsewhere.
    private static void hide(boolean hidden, Button... buttons) {
        for (Button button : buttons) {
            button.setVisible(!hidden);
            button.setManaged(!hidden);
        }
    }

    private static Button button(String key, Runnable action) {
        Button button = new Button(Texts.of(key));
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(_ -> action.run());
        return button;
    }
}
