package onebeat.desktop.forms;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.camp.CampOffer;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// Lines and film of another camp, to be taken into this one. What is alike here is marked and not chosen.
public final class OfferForm extends VBox {

    private static final double ROW_HEIGHT = 46;
    private static final double MOST_HEIGHT = 430;
    private static final double WIDTH = 720;

    private final Map<String, CheckBox> lines = new LinkedHashMap<>();
    private final Map<String, CheckBox> films = new LinkedHashMap<>();
    private final Button take = new Button();

    /// @param taken is given the ids of lines and of reels that were chosen
    public OfferForm(CampOffer offer, BiConsumer<List<String>, List<String>> taken) {
        super(12);
        setId("offer");
        getStyleClass().addAll("paper", "preview");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        setPrefWidth(WIDTH);
        List<Node> rows = new ArrayList<>();
        if (!offer.lines().isEmpty()) {
            rows.add(Nodes.text(Texts.of("offer.lines"), "heading"));
            offer.lines().forEach(line -> rows.add(row(line)));
        }
        if (!offer.films().isEmpty()) {
            rows.add(Nodes.text(Texts.of("offer.films"), "heading"));
            offer.films().forEach(film -> rows.add(row(film)));
        }
        if (rows.isEmpty()) {
            rows.add(Nodes.flow(Nodes.text(Texts.of("offer.nothing"), "soft")));
        }
        ScrollPane scroll = Nodes.scroll(new VBox(8, rows.toArray(Node[]::new)));
        scroll.setPrefViewportHeight(Math.min(rows.size() * ROW_HEIGHT, MOST_HEIGHT));
        take.setId("offer-take");
        take.setDefaultButton(true);
        take.setOnAction(_ -> taken.accept(chosen(lines), chosen(films)));
        // A box would take Enter for itself; Space chooses, Enter takes.
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER) {
                take.fire();
                e.consume();
            }
        });
        getChildren()
                .setAll(
                        Nodes.text(Texts.of("offer.title", offer.other().card().name()), "title"),
                        Nodes.flow(Nodes.text(Texts.of("offer.under"), "soft")),
                        scroll,
                        take);
        count();
    }

    private Node row(CampOffer.Line line) {
        String note = line.readable()
                ? line.alike().map(name -> Texts.of("offer.alike", name)).orElse("")
                : Texts.of("offer.unreadable");
        CheckBox box = box("offer-line-" + line.drill().id(), line.drill().name(), line.isNew());
        box.setDisable(!line.readable());
        lines.put(line.drill().id(), box);
        return row(box, line.drill().line(), note);
    }

    private Node row(CampOffer.Film film) {
        String note = Texts.of(film.known() == 0 ? "offer.fresh" : "offer.known", film.fresh(), film.known());
        CheckBox box = box("offer-film-" + film.reel().id(), film.reel().name(), film.isNew());
        box.setDisable(!film.isNew());
        films.put(film.reel().id(), box);
        return row(box, "", note);
    }

    private CheckBox box(String id, String words, boolean chosen) {
        CheckBox box = new CheckBox(words);
        box.setId(id);
        box.setSelected(chosen);
        box.selectedProperty().addListener((_, _, _) -> count());
        return box;
    }

    private static Node row(CheckBox box, String line, String note) {
        Text call = Nodes.text(line, "row-line");
        Text said = Nodes.text(note, "soft");
        HBox under = line.isEmpty() ? new HBox(said) : new HBox(12, call, said);
        under.setAlignment(Pos.BASELINE_LEFT);
        VBox row = new VBox(1, box, under);
        VBox.setMargin(under, new Insets(0, 0, 0, 28));
        return row;
    }

    private void count() {
        int all = chosen(lines).size() + chosen(films).size();
        take.setText(all == 0 ? Texts.of("offer.none") : Texts.of("offer.take", all));
        take.setDisable(all == 0);
    }

    private static List<String> chosen(Map<String, CheckBox> boxes) {
        return boxes.entrySet().stream()
                .filter(one -> one.getValue().isSelected() && !one.getValue().isDisable())
                .map(Map.Entry::getKey)
                .toList();
    }

    /// The first row that can be chosen takes the keyboard.
    public void begin() {
        Optional.ofNullable(lookup(".check-box")).ifPresent(Node::requestFocus);
    }
}
