package onebeat.desktop.weeks;

import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.holding.Partner;
import onebeat.core.plan.PlanRules;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// When a day begins, how long it is, and who is there.
final class DayForm extends VBox {

    private final Consumer<PlanRules.Time> done;
    private final TextField start = new TextField();
    private final TextField minutes = new TextField();
    private final Map<String, CheckBox> there = new LinkedHashMap<>();
    private final Text wrong = Nodes.text("", "footer-wrong");

    /// @param day the day in words
    /// @param done is given the time once it can be one
    DayForm(String day, PlanRules.Time time, List<Partner> partners, Consumer<PlanRules.Time> done) {
        super(10);
        this.done = done;
        setId("day-form");
        getStyleClass().addAll("paper", "preview");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        start.setText(time.start().toString());
        start.setPrefColumnCount(5);
        start.setAccessibleText(Texts.of("weeks.day.start"));
        minutes.setText("" + time.minutes());
        minutes.setPrefColumnCount(4);
        minutes.setAccessibleText(Texts.of("weeks.day.minutes"));
        VBox who = new VBox(4);
        for (Partner partner : partners) {
            CheckBox box = new CheckBox(partner.name());
            box.setSelected(
                    time.partners().map(ids -> ids.contains(partner.id())).orElse(true));
            there.put(partner.id(), box);
            who.getChildren().add(box);
        }
        Button keep = Nodes.mainButton(Texts.of("weeks.rules.keep"), this::keep);
        getChildren()
                .setAll(
                        Nodes.text(day, "title"),
                        Nodes.beside(
                                12,
                                Nodes.text(Texts.of("weeks.day.start"), "small"),
                                start,
                                Nodes.text(Texts.of("weeks.day.minutes"), "small"),
                                minutes),
                        Nodes.text(Texts.of("weeks.day.who"), "heading"),
                        who,
                        Nodes.beside(16, keep, wrong));
    }

    void begin() {
        minutes.requestFocus();
        minutes.selectAll();
    }

    private void keep() {
        String text = minutes.getText().strip();
        if (!text.matches("\\d{1,3}")) {
            wrong.setText(Texts.of("weeks.rules.wrong", text));
            return;
        }
        try {
            LocalTime from = LocalTime.parse(start.getText().strip());
            Set<String> ids = there.entrySet().stream()
                    .filter(one -> one.getValue().isSelected())
                    .map(Map.Entry::getKey)
                    .collect(Collectors.toSet());
            done.accept(new PlanRules.Time(
                    from, Integer.parseInt(text), ids.size() == there.size() ? Optional.empty() : Optional.of(ids)));
        } catch (DateTimeParseException _) {
            wrong.setText(Texts.of("weeks.day.wrong", start.getText()));
        }
    }
}
