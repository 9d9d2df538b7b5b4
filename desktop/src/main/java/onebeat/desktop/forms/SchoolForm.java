package onebeat.desktop.forms;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.book.OneBeatBar;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Level;
import onebeat.core.review.Code;
import onebeat.core.review.Limits;
import onebeat.core.review.RuleSet;
import onebeat.core.review.School;
import onebeat.core.review.Severities;
import onebeat.core.review.Severity;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.nodes.PieceByPiece;
import onebeat.desktop.text.Texts;

/// What the coach holds to: how much each finding matters, how many touches there may be, what is allowed beyond the
/// rules. Each row says in a sentence what it is about; schools differ, and this is where a camp says so.
public final class SchoolForm extends VBox {

    private static final double SENTENCE_WIDTH = 520;
    private static final int ROWS_AT_ONCE = 4;

    private final School before;
    private final Consumer<School> done;
    private final ChoiceBox<String> rules = new ChoiceBox<>();
    private final Map<Code, ObjectProperty<Weight>> weights = new EnumMap<>(Code.class);
    private final Map<Limits.Limit, TextField> limits = new LinkedHashMap<>();
    private final Map<Family, ChoiceBox<Allowed>> allowed = new EnumMap<>(Family.class);
    private final TextField oneBeat = new TextField();
    private final Text wrong = Nodes.text("", "footer-wrong");

    /// How much a finding matters: as usual, or otherwise.
    private enum Weight {
        USUAL,
        STOP,
        WARN,
        NOTE;

        Optional<Severity> severity() {
            return this == USUAL ? Optional.empty() : Optional.of(Severity.valueOf(name()));
        }
    }

    /// Where strikes of a family may go, against the rules.
    private enum Allowed {
        AS_RULES,
        NOWHERE,
        BODY,
        HEAD_AND_BODY;

        Optional<Set<Level>> levels() {
            return switch (this) {
                case AS_RULES -> Optional.empty();
                case NOWHERE -> Optional.of(Set.of());
                case BODY -> Optional.of(Set.of(Level.BODY));
                case HEAD_AND_BODY -> Optional.of(Set.of(Level.HEAD, Level.BODY));
            };
        }
    }

    /// @param done is given the school once it can be one
    public SchoolForm(School school, Consumer<School> done) {
        super(12);
        this.before = school;
        this.done = done;
        setId("school-form");
        getStyleClass().addAll("paper", "preview");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        rules.getItems().setAll(RuleSet.ids());
        rules.setValue(school.rules());
        rules.setAccessibleText(Texts.of("card.rules"));
        HBox rulesRow = Nodes.beside(12, Nodes.text(Texts.of("card.rules"), "small"), rules);
        Button keep = Nodes.mainButton(Texts.of("card.keep"), this::keep);
        keep.setId("school-keep");
        getChildren()
                .setAll(
                        Nodes.text(Texts.of("school.title"), "title"),
                        Nodes.flow(Nodes.text(Texts.of("school.under"), "soft")),
                        rulesRow,
                        Nodes.text(Texts.of("school.allowed"), "heading"),
                        allowedRows(),
                        Nodes.text(Texts.of("school.limits"), "heading"),
                        limitRows(),
                        oneBeatRow(),
                        Nodes.text(Texts.of("school.findings"), "heading"),
                        findingRows(),
                        Nodes.beside(16, keep, wrong));
    }

    private GridPane allowedRows() {
        GridPane grid = new GridPane(12, 6);
        int row = 0;
        for (Family family : List.of(Family.ELBOW, Family.KNEE, Family.KICK)) {
            ChoiceBox<Allowed> box = Nodes.choices(Allowed.values(), a -> Texts.of("school.allowed." + a));
            Optional<Set<Level>> now = Optional.ofNullable(before.own().get(word(family)));
            box.setValue(Allowed.AS_RULES);
            for (Allowed one : Allowed.values()) {
                if (now.isPresent() && one.levels().equals(now)) {
                    box.setValue(one);
                }
            }
            box.setAccessibleText(Texts.of("school.family." + family));
            allowed.put(family, box);
            grid.addRow(row++, Nodes.text(Texts.of("school.family." + family), "small"), box);
        }
        return grid;
    }

    private GridPane limitRows() {
        GridPane grid = new GridPane(12, 6);
        int column = 1;
        for (Limits.In in : Limits.In.values()) {
            grid.add(Nodes.text(Texts.of("school.in." + in), "soft"), column, 0);
            int row = 1;
            for (Limits.Of of : Limits.Of.values()) {
                TextField field = new TextField();
                before.limits().most(of, in).ifPresent(most -> field.setText("" + most));
                field.setPrefColumnCount(5);
                field.setPromptText(Texts.of("school.nolimit"));
                field.setAccessibleText(Texts.of("school.of." + of) + ", " + Texts.of("school.in." + in));
                limits.put(new Limits.Limit(of, in), field);
                grid.add(field, column, row++);
            }
            column++;
        }
        int row = 1;
        for (Limits.Of of : Limits.Of.values()) {
            grid.add(Nodes.text(Texts.of("school.of." + of), "small"), 0, row++);
        }
        return grid;
    }

    private HBox oneBeatRow() {
        oneBeat.setText(before.oneBeatMs() > 0 ? "" + before.oneBeatMs() : "");
        oneBeat.setPrefColumnCount(5);
        oneBeat.setPromptText(Texts.of("school.nolimit"));
        oneBeat.setAccessibleText(Texts.of("school.onebeat", OneBeatBar.LEAST));
        HBox row = Nodes.beside(12, Nodes.text(Texts.of("school.onebeat", OneBeatBar.LEAST), "small"), oneBeat);
        return row;
    }

    /// There are many: they come piece by piece, and what is not there yet weighs what it did.
    private GridPane findingRows() {
        for (Code code : Code.values()) {
            Severity set = before.severities().get(code);
            weights.put(
                    code,
                    new SimpleObjectProperty<>(
                            set == null || set.word().equals("good") ? Weight.USUAL : Weight.valueOf(set.name())));
        }
        GridPane grid = new GridPane(12, 8);
        List<Code> codes = List.copyOf(weights.keySet());
        List<Runnable> pieces = new ArrayList<>();
        for (int from = 0; from < codes.size(); from += ROWS_AT_ONCE) {
            int first = from;
            List<Code> some = codes.subList(from, Math.min(codes.size(), from + ROWS_AT_ONCE));
            pieces.add(() -> some.forEach(code -> addFinding(grid, first + some.indexOf(code), code)));
        }
        var _ = PieceByPiece.lay(pieces);
        return grid;
    }

    private void addFinding(GridPane grid, int row, Code code) {
        Severity usual = Severities.usual().of(code);
        ChoiceBox<Weight> box = Nodes.choices(
                Weight.values(),
                w -> w == Weight.USUAL
                        ? Texts.of("school.usual", Texts.of("severity." + usual.word()))
                        : Texts.of("severity." + w.name().toLowerCase(Locale.ROOT)));
        box.valueProperty().bindBidirectional(Objects.requireNonNull(weights.get(code)));
        box.setAccessibleText(Texts.of("finding." + code));
        Label why = new Label(Texts.of("finding." + code + ".why"));
        why.setWrapText(true);
        why.setMinHeight(USE_PREF_SIZE);
        why.setPrefWidth(SENTENCE_WIDTH);
        grid.addRow(row, Nodes.text(Texts.of("finding." + code), "small", "strong"), why, box);
    }

    private static String word(Family family) {
        return family.name().toLowerCase(Locale.ROOT);
    }

    /// Hands the school over, or says what cannot be.
    public void keep() {
        Map<Code, Severity> severities = new EnumMap<>(Code.class);
        weights.forEach((code, weight) -> weight.get().severity().ifPresent(s -> severities.put(code, s)));
        // What is allowed of single techniques was written as words; it stays as it is.
        Map<String, Set<Level>> own = new HashMap<>(before.own());
        allowed.forEach((family, box) -> {
            boolean unknown = before.own().containsKey(word(family)) && box.getValue() == Allowed.AS_RULES;
            if (!unknown || isListed(before.own().getOrDefault(word(family), Set.of()))) {
                own.remove(word(family));
            }
            box.getValue().levels().ifPresent(levels -> own.put(word(family), levels));
        });
        Limits most = Limits.none();
        for (Map.Entry<Limits.Limit, TextField> one : limits.entrySet()) {
            String text = one.getValue().getText().strip();
            if (!text.isEmpty() && !text.matches("\\d{1,6}")) {
                wrong.setText(Texts.of("school.number", text));
                return;
            }
            if (!text.isEmpty()) {
                most = most.with(one.getKey().of(), one.getKey().in(), Integer.parseInt(text));
            }
        }
        String asked = oneBeat.getText().strip();
        if (!asked.isEmpty() && !asked.matches("\\d{1,4}")) {
            wrong.setText(Texts.of("school.number", asked));
            return;
        }
        int oneBeatMs = asked.isEmpty() ? 0 : Integer.parseInt(asked);
        done.accept(new School(rules.getValue(), own, severities, most, oneBeatMs));
    }

    /// Whether the form has a choice for these levels; others were written as words.
    private static boolean isListed(Set<Level> levels) {
        for (Allowed one : Allowed.values()) {
            if (one.levels().equals(Optional.of(levels))) {
                return true;
            }
        }
        return false;
    }

    /// The first field takes the keyboard.
    public void begin() {
        rules.requestFocus();
    }

    /// Sets how much a finding matters; for those who drive the window.
    public void weigh(Code code, Severity severity) {
        Objects.requireNonNull(weights.get(code)).set(Weight.valueOf(severity.name()));
    }

    /// Types a limit; for those who drive the window.
    public void limit(Limits.Limit limit, String typed) {
        TextField field = limits.get(limit);
        if (field != null) {
            field.setText(typed);
        }
    }
}
