package onebeat.desktop.weeks;

import java.time.DayOfWeek;
import java.time.format.TextStyle;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.plan.HardRule;
import onebeat.core.plan.PlanRules;
import onebeat.core.plan.PlanWords;
import onebeat.core.plan.SoftRule;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// What the weeks keep to: minutes of each day of the week, the coach's numbers, and what each wish weighs.
final class RulesForm extends VBox {

    private static final double SENTENCE_WIDTH = 430;
    private static final int DIGITS = 4;

    private final PlanRules before;
    private final Consumer<PlanRules> done;
    private final Map<DayOfWeek, TextField> week = new EnumMap<>(DayOfWeek.class);
    private final Map<Enum<?>, TextField> numbers = new LinkedHashMap<>();
    private final Map<SoftRule, TextField> weights = new EnumMap<>(SoftRule.class);
    private final Text wrong = Nodes.text("", "footer-wrong");

    /// @param done is given the rules once they can be some
    RulesForm(PlanRules rules, Consumer<PlanRules> done) {
        super(10);
        this.before = rules;
        this.done = done;
        setId("rules-form");
        getStyleClass().addAll("paper", "preview");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        Button keep = Nodes.mainButton(Texts.of("weeks.rules.keep"), this::keep);
        keep.setId("rules-keep");
        getChildren()
                .setAll(
                        Nodes.text(Texts.of("weeks.rules.title"), "title"),
                        Nodes.flow(Nodes.text(Texts.of("weeks.rules.under"), "soft")),
                        weekRow(),
                        rows(),
                        Nodes.beside(16, keep, wrong));
    }

    private HBox weekRow() {
        HBox row = new HBox(10);
        for (DayOfWeek day : DayOfWeek.values()) {
            String name = day.getDisplayName(TextStyle.SHORT, Locale.ENGLISH);
            TextField minutes = field(
                    before.week().getOrDefault(day, PlanRules.Time.of(0)).minutes(), Texts.of("weeks.rules.day", name));
            week.put(day, minutes);
            row.getChildren().add(new VBox(2, Nodes.text(name, "small"), minutes));
        }
        return row;
    }

    private GridPane rows() {
        GridPane grid = new GridPane(12, 5);
        grid.addRow(
                0,
                Nodes.text("", "soft"),
                Nodes.text("", "soft"),
                Nodes.text(Texts.of("weeks.rules.number"), "soft"),
                Nodes.text(Texts.of("weeks.rules.weight"), "soft"));
        int row = 1;
        for (Enum<?> rule : Stream.<Enum<?>>concat(Arrays.stream(HardRule.values()), Arrays.stream(SoftRule.values()))
                .toList()) {
            String name = rule instanceof SoftRule soft ? PlanWords.of(soft) : PlanWords.of((HardRule) rule);
            String meaning = PlanRules.meaning(rule).orElse("");
            if (meaning.isEmpty() && !(rule instanceof SoftRule)) {
                continue;
            }
            Label sentence = new Label(meaning);
            sentence.setWrapText(true);
            sentence.setMinHeight(USE_PREF_SIZE);
            sentence.setPrefWidth(SENTENCE_WIDTH);
            grid.addRow(row, Nodes.text(name, "small", "strong"), sentence);
            if (!meaning.isEmpty()) {
                TextField number = field(before.value(rule), name);
                numbers.put(rule, number);
                grid.add(number, 2, row);
            }
            if (rule instanceof SoftRule soft) {
                TextField weight = field(before.weight(soft), Texts.of("weeks.rules.weighs", name));
                weights.put(soft, weight);
                grid.add(weight, 3, row);
            }
            row++;
        }
        return grid;
    }

    private TextField field(int value, String spoken) {
        TextField field = new TextField("" + value);
        field.setPrefColumnCount(DIGITS);
        field.setAccessibleText(spoken);
        return field;
    }

    /// Hands the rules over, or says what cannot be.
    void keep() {
        Map<DayOfWeek, PlanRules.Time> days = new EnumMap<>(DayOfWeek.class);
        Map<Enum<?>, Integer> values = new LinkedHashMap<>();
        Map<SoftRule, Integer> weighs = new EnumMap<>(SoftRule.class);
        for (Map.Entry<DayOfWeek, TextField> one : week.entrySet()) {
            OptionalInt minutes = read(one.getValue());
            if (minutes.isEmpty()) {
                return;
            }
            PlanRules.Time now = before.week().getOrDefault(one.getKey(), PlanRules.Time.of(0));
            days.put(one.getKey(), new PlanRules.Time(now.start(), minutes.getAsInt(), now.partners()));
        }
        for (Map.Entry<Enum<?>, TextField> one : numbers.entrySet()) {
            OptionalInt number = read(one.getValue());
            if (number.isEmpty()) {
                return;
            }
            values.put(one.getKey(), number.getAsInt());
        }
        for (Map.Entry<SoftRule, TextField> one : weights.entrySet()) {
            OptionalInt weight = read(one.getValue());
            if (weight.isEmpty()) {
                return;
            }
            weighs.put(one.getKey(), weight.getAsInt());
        }
        done.accept(before.withWeek(days).withNumbers(values, weighs));
    }

    private OptionalInt read(TextField field) {
        String text = field.getText().strip();
        if (text.matches("\\d{1,3}")) {
            return OptionalInt.of(Integer.parseInt(text));
        }
        wrong.setText(Texts.of("weeks.rules.wrong", text));
        field.requestFocus();
        return OptionalInt.empty();
    }

    /// The first field takes the keyboard.
    void begin() {
        week.values().iterator().next().requestFocus();
    }
}
