package onebeat.desktop.welcome;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import onebeat.core.camp.Card;
import onebeat.desktop.forms.CardForm;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// What a new camp is to be: its card, and where it is kept.
public final class NewCampForm extends VBox {

    private final CardForm card;
    private final Label place = Nodes.label("soft");
    private Optional<Path> chosen = Optional.empty();

    /// @param choose asks for another place; empty where the coach does not choose one
    /// @param make is given the card and the place
    public NewCampForm(Card start, Supplier<Optional<Path>> choose, BiConsumer<Card, Path> make) {
        super(10);
        setId("new-camp");
        getStyleClass().addAll("paper", "preview");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        card = new CardForm(start, made -> make.accept(made, chosen.orElseGet(() -> NewCamp.place(made.name()))));
        card.getStyleClass().removeAll("paper", "preview");
        card.named(Texts.of("new.title"), Texts.of("new.make"));
        Button elsewhere = new Button(Texts.of("new.elsewhere"));
        elsewhere.setOnAction(_ -> choose.get().ifPresent(path -> {
            chosen = Optional.of(path);
            place.setText(Texts.of("new.place", path));
        }));
        place.setText(Texts.of("new.place", NewCamp.folder()));
        HBox where = Nodes.beside(10, place, elsewhere);
        getChildren().setAll(card, where);
    }

    /// The first field takes the keyboard.
    public void begin() {
        card.begin();
    }
}
