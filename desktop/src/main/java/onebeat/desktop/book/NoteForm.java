package onebeat.desktop.book;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import onebeat.core.book.Note;
import onebeat.core.camp.Drill;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// A note on a drill, with the earlier ones below it.
final class NoteForm extends VBox {

    /// So many earlier notes are shown.
    private static final int SHOWN = 8;

    private final TextField text = new TextField();
    private final Consumer<String> keep;

    /// @param earlier the newest first
    /// @param keep is given the note as it was written
    NoteForm(Drill drill, List<Note> earlier, Consumer<String> keep) {
        super(12);
        this.keep = keep;
        getStyleClass().addAll("paper", "preview");
        setId("note-form");
        setMaxSize(620, USE_PREF_SIZE);
        text.setAccessibleText(Texts.of("book.note.field"));
        text.setPromptText(Texts.of("book.note.field"));
        text.setPrefColumnCount(40);
        Nodes.goesOn(text);
        Button button = Nodes.mainButton(Texts.of("card.keep"), this::done);
        VBox before = new VBox(4);
        earlier.stream()
                .limit(SHOWN)
                .forEach(n -> before.getChildren()
                        .add(Nodes.flow(
                                Nodes.text(Texts.of("book.note", n.date().toString(), n.text()), "soft"))));
        getChildren().setAll(Nodes.text(Texts.of("book.note.title", drill.name()), "title"), text, button, before);
    }

    void begin() {
        text.requestFocus();
    }

    private void done() {
        if (!text.getText().isBlank()) {
            keep.accept(text.getText().strip());
        }
    }
}
