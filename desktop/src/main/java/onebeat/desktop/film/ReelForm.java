package onebeat.desktop.film;

import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.film.Reel;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// What is known of a reel: its name, whom it studies, how long its rounds are.
final class ReelForm extends VBox {

    private final TextField name = new TextField();
    private final TextField subject = new TextField();
    private final TextField round = new TextField();
    private final Text wrong = Nodes.text("", "caution");
    private final Reel before;
    private final Consumer<Reel> keep;

    /// @param keep is given the reel as it was written down
    ReelForm(Reel before, String opponent, Consumer<Reel> keep) {
        super(12);
        this.before = before;
        this.keep = keep;
        getStyleClass().addAll("paper", "preview");
        setId("reel-form");
        setMaxSize(560, USE_PREF_SIZE);
        name.setText(before.name());
        subject.setText(before.subject());
        subject.setPromptText(opponent);
        round.setText("" + Math.round(before.roundSeconds()));
        GridPane grid = new GridPane(12, 8);
        grid.addRow(0, Nodes.text(Texts.of("reel.name"), "small"), named(name, "reel.name"));
        grid.addRow(1, Nodes.text(Texts.of("reel.subject"), "small"), named(subject, "reel.subject"));
        grid.addRow(2, Nodes.text(Texts.of("reel.round"), "small"), named(round, "reel.round"));
        Button done = Nodes.mainButton(Texts.of("card.keep"), this::done);
        getChildren()
                .setAll(
                        Nodes.text(Texts.of("reel.title"), "title"),
                        grid,
                        Nodes.flow(Nodes.text(before.isDrawn() ? Texts.of("reel.drawn") : before.file(), "soft")),
                        wrong,
                        done);
    }

    private static TextField named(TextField field, String key) {
        field.setPrefColumnCount(26);
        field.setAccessibleText(Texts.of(key));
        return field;
    }

    /// The first field waits for what is typed.
    void begin() {
        name.requestFocus();
        name.selectAll();
    }

    private void done() {
        if (name.getText().isBlank()) {
            wrong.setText(Texts.of("reel.noname"));
            return;
        }
        try {
            double seconds = Double.parseDouble(round.getText().strip());
            if (seconds >= 30 && seconds <= 3_600) {
                keep.accept(
                        before.named(name.getText().strip(), subject.getText().strip())
                                .withRounds(seconds, before.roundStarts()));
                return;
            }
        } catch (NumberFormatException _) {
            // Told below, together with numbers that are out of range.
        }
        wrong.setText(Texts.of("reel.noround", round.getText()));
    }
}
