package onebeat.desktop.shell;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;
import onebeat.store.Copies;
import onebeat.store.Copies.Copy;

/// The camp as a file: where it lies, its copies from before, and other camps.
public final class CampFileForm extends VBox {

    /// How a copy is told by its time.
    private static final DateTimeFormatter WHEN =
            DateTimeFormatter.ofPattern("EEEE d MMMM yyyy, HH:mm:ss", Locale.ENGLISH);
    private static final double BYTES_PER_KB = 1024;
    private static final double ROW_HEIGHT = 40;
    private static final double MOST_HEIGHT = 300;

    private final Path camp;
    private final Path kept;

    /// What can be done with a camp file.
    public interface Deeds {
        /// Opens another camp, which the coach chooses.
        void open();

        /// Makes a new camp.
        void create();

        /// Writes a copy where the coach says.
        void saveCopy();

        /// Puts a copy in the place of the camp.
        void putBack(Copy copy);

        /// Opens a copy beside the camp.
        void openBeside(Copy copy);
    }

    /// @param camp where the camp lies
    /// @param isOpen whether it is open: a camp that could not be opened has copies too
    public CampFileForm(Path camp, boolean isOpen, Copies copies, Path log, Deeds deeds) {
        super(12);
        this.camp = camp;
        this.kept = copies.folder(camp);
        setId("camp-file");
        getStyleClass().addAll("paper", "preview");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        List<Copy> all = copies.of(camp);
        List<Node> nodes = new ArrayList<>();
        nodes.add(Nodes.text(Texts.of("copies.title"), "title"));
        nodes.add(wrapped(camp.toString(), "soft"));
        if (isOpen) {
            nodes.add(new HBox(
                    8,
                    button("copies.open", deeds::open),
                    button("copies.new", deeds::create),
                    button("copies.save", deeds::saveCopy)));
        }
        nodes.add(Nodes.text(Texts.of(all.isEmpty() ? "copies.none" : "copies.kept", all.size()), "small", "strong"));
        ScrollPane scroll = Nodes.scroll(grid(all, deeds));
        scroll.setPrefViewportHeight(Math.min(all.size() * ROW_HEIGHT, MOST_HEIGHT));
        nodes.add(scroll);
        nodes.add(wrapped(Texts.of("copies.log", log), "soft"));
        getChildren().setAll(nodes);
    }

    private Region grid(List<Copy> all, Deeds deeds) {
        GridPane grid = new GridPane(16, 6);
        for (int i = 0; i < all.size(); i++) {
            Copy copy = all.get(i);
            Label when = new Label(WHEN.format(copy.taken()));
            Label size = new Label(Texts.of("copies.kb", Math.round(copy.bytes() / BYTES_PER_KB)));
            size.getStyleClass().add("soft");
            grid.addRow(
                    i,
                    when,
                    size,
                    button("copies.beside", () -> deeds.openBeside(copy)),
                    button("copies.back", () -> ask(copy, deeds)));
        }
        return grid;
    }

    /// What is said once a copy was put back: also how to get back what was there.
    ///
    /// @param now when that was done: what was there is the copy of this time
    public static String putBack(Copy copy, Path camp, LocalDateTime now) {
        return Texts.of(
                "copies.putback",
                WHEN.format(copy.taken()),
                WHEN.format(now),
                Copies.usual().folder(camp));
    }

    /// What stands at the place of the camp is replaced only after a question.
    private void ask(Copy copy, Deeds deeds) {
        List<Node> before = List.copyOf(getChildren());
        Button yes = button("copies.sure.yes", () -> deeds.putBack(copy));
        yes.setId("copies-sure");
        Button no = button("copies.sure.no", () -> {
            getChildren().setAll(before);
            begin();
        });
        getChildren()
                .setAll(
                        Nodes.text(Texts.of("copies.title"), "title"),
                        wrapped(Texts.of("copies.sure", camp, WHEN.format(copy.taken())), "strong"),
                        wrapped(Texts.of("copies.sure.kept", kept), "soft"),
                        new HBox(8, yes, no));
        no.requestFocus();
    }

    private static Label wrapped(String words, String style) {
        Label label = Nodes.label(style);
        label.setText(words);
        label.setWrapText(true);
        label.setMaxWidth(760);
        label.setAlignment(Pos.CENTER_LEFT);
        return label;
    }

    private static Button button(String key, Runnable action) {
        Button button = new Button(Texts.of(key));
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(_ -> action.run());
        return button;
    }

    /// The first button takes the keyboard.
    public void begin() {
        lookup(".button").requestFocus();
    }
}
