package onebeat.desktop.forms;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Control;
import javafx.scene.control.DatePicker;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.util.converter.LocalDateStringConverter;
import onebeat.core.camp.Card;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.review.RuleSet;
import onebeat.core.review.School;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// The camp's card to fill in: who it is for, against whom, and until when. What cannot be is told in a sentence, and
/// nothing that was typed is lost.
public final class CardForm extends VBox {

    private final TextField name;
    private final FighterFields athlete;
    private final FighterFields opponent;
    private final DatePicker firstDay;
    private final DatePicker fightNight;
    private final ChoiceBox<String> rules = new ChoiceBox<>();
    private final School school;
    private final Text title = Nodes.text("", "title");
    private final Button keep = Nodes.mainButton(Texts.of("card.keep"), this::keep);
    private final Text wrong = Nodes.text("", "footer-wrong");
    private final Consumer<Card> done;
    private final String partner;

    /// @param card what the fields start with
    /// @param done is given the card once it can be one
    public CardForm(Card card, Consumer<Card> done) {
        super(12);
        this.done = done;
        this.partner = card.partner();
        this.school = card.school();
        getStyleClass().addAll("paper", "preview");
        setId("card-form");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        name = new TextField(card.name());
        firstDay = day(card.firstDay());
        fightNight = day(card.fightNight());
        GridPane grid = new GridPane(12, 8);
        athlete = new FighterFields(card.athlete());
        opponent = new FighterFields(card.opponent());
        row(grid, 0, "card.name", name);
        String[] heads = {"card.stance", "card.height", "card.span"};
        for (int i = 0; i < heads.length; i++) {
            grid.add(Nodes.text(Texts.of(heads[i]), "soft"), i + 2, 0);
        }
        row(grid, 1, "card.athlete", athlete.name, athlete.stance, athlete.height, athlete.span);
        row(grid, 2, "card.opponent", opponent.name, opponent.stance, opponent.height, opponent.span);
        row(grid, 3, "card.first", firstDay);
        row(grid, 4, "card.fight", fightNight);
        rules.getItems().setAll(RuleSet.ids());
        rules.setValue(card.school().rules());
        row(grid, 5, "card.rules", rules);
        keep.setId("card-keep");
        HBox foot = Nodes.beside(16, keep, wrong);
        title.setText(Texts.of("card.title"));
        getChildren().setAll(title, grid, foot);
    }

    /// Days are written as ISO dates, the same in every country.
    private static DatePicker day(LocalDate date) {
        DatePicker picker = new DatePicker(date);
        DateTimeFormatter iso = DateTimeFormatter.ISO_LOCAL_DATE;
        picker.setConverter(new LocalDateStringConverter(iso, iso));
        return picker;
    }

    private static void row(GridPane grid, int row, String label, Control... fields) {
        grid.add(Nodes.text(Texts.of(label), "small"), 0, row);
        for (int i = 0; i < fields.length; i++) {
            fields[i].setAccessibleText(Texts.of(label));
            grid.add(fields[i], i + 1, row);
        }
    }

    /// The fields of one of the two.
    private static final class FighterFields {

        private final TextField name;
        private final ChoiceBox<Stance> stance = Nodes.choices(Stance.values(), s -> Texts.of("stance." + s));
        private final TextField height;
        private final TextField span;

        FighterFields(Fighter fighter) {
            name = new TextField(fighter.name());
            stance.setValue(fighter.stance());
            height = number(fighter.heightCm(), "card.height");
            span = number(fighter.spanCm(), "card.span");
        }

        private static TextField number(double cm, String prompt) {
            TextField field = new TextField(cm == Math.rint(cm) ? "" + (int) cm : "" + cm);
            field.setPromptText(Texts.of(prompt));
            field.setPrefColumnCount(5);
            return field;
        }

        Fighter fighter() {
            if (name.getText().isBlank()) {
                throw new IllegalArgumentException(Texts.of("card.noname"));
            }
            return new Fighter(name.getText().strip(), stance.getValue(), FormNumbers.cm(height), FormNumbers.cm(span));
        }
    }

    /// The card as typed, or empty with the reason shown.
    private Optional<Card> card() {
        try {
            LocalDate first = firstDay.getValue();
            LocalDate fight = fightNight.getValue();
            if (first == null || fight == null || !fight.isAfter(first)) {
                throw new IllegalArgumentException(Texts.of("card.dates"));
            }
            if (name.getText().isBlank()) {
                throw new IllegalArgumentException(Texts.of("card.noname"));
            }
            return Optional.of(new Card(
                    name.getText().strip(),
                    athlete.fighter(),
                    opponent.fighter(),
                    first,
                    fight,
                    new School(
                            rules.getValue(), school.own(), school.severities(), school.limits(), school.oneBeatMs()),
                    partner));
        } catch (IllegalArgumentException e) {
            wrong.setText(e.getMessage());
            return Optional.empty();
        }
    }

    /// Gives the form another title and another word on its button.
    public void named(String heading, String button) {
        title.setText(heading);
        keep.setText(button);
    }

    /// Hands the card over, or says what cannot be.
    public void keep() {
        card().ifPresent(done);
    }

    /// Puts the caret into the first field.
    public void begin() {
        name.requestFocus();
        name.selectAll();
    }
}
