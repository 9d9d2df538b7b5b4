package onebeat.desktop.forms;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.camp.Camp;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.holding.Gear;
import onebeat.core.holding.JabSchool;
import onebeat.core.holding.Partner;
import onebeat.core.holding.SoreSpot;
import onebeat.core.timing.Rung;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// The camp's partners to fill in: who they are, what they have at hand, where they are sore, and what they can feed.
public final class PartnerForm extends VBox {

    private static final List<Family> FED = List.of(Family.PUNCH, Family.ELBOW, Family.KNEE, Family.KICK);

    private final List<Partner> partners;
    private final String newId;
    private final BiConsumer<Optional<Partner>, Optional<Partner>> done;
    private final ChoiceBox<String> who = new ChoiceBox<>();
    private final TextField name = new TextField();
    private final ChoiceBox<Stance> stance = Nodes.choices(Stance.values(), s -> Texts.of("stance." + s));
    private final TextField height = new TextField();
    private final TextField span = new TextField();
    private final CheckBox plays = new CheckBox(Texts.of("partner.plays"));
    private final ChoiceBox<JabSchool> jab = Nodes.choices(JabSchool.values(), j -> Texts.of("jab." + j));
    private final ChoiceBox<Rung> upTo = Nodes.choices(Rung.values(), Rung::id);
    private final Map<Gear, CheckBox> gear = new EnumMap<>(Gear.class);
    private final Map<SoreSpot, CheckBox> sore = new EnumMap<>(SoreSpot.class);
    private final Map<Family, CheckBox> feeds = new EnumMap<>(Family.class);
    private final Text wrong = Nodes.text("", "footer-wrong");

    /// @param done is given the partner before and after; without an after they go
    public PartnerForm(Camp camp, BiConsumer<Optional<Partner>, Optional<Partner>> done) {
        super(12);
        this.partners = List.copyOf(camp.partners().all());
        this.newId = camp.partners().nextId("p");
        this.done = done;
        getStyleClass().addAll("paper", "preview");
        setId("partner-form");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        Arrays.stream(Gear.values()).forEach(g -> gear.put(g, new CheckBox(Texts.of("gear." + g))));
        Arrays.stream(SoreSpot.values()).forEach(s -> sore.put(s, new CheckBox(Texts.of("sore." + s))));
        FED.forEach(f -> feeds.put(f, new CheckBox(Texts.of("family." + f))));
        List<String> names =
                new ArrayList<>(partners.stream().map(Partner::name).toList());
        names.add(Texts.of("partner.new"));
        who.getItems().setAll(names);
        who.getSelectionModel().selectedIndexProperty().addListener((_, _, _) -> fill());
        int atDoor = camp.partner().map(partners::indexOf).orElse(0);
        getChildren().setAll(Nodes.text(Texts.of("partner.title"), "title"), grid(), foot());
        who.getSelectionModel().select(Math.max(0, atDoor));
    }

    private GridPane grid() {
        GridPane grid = new GridPane(12, 8);
        Node[][] rows = {
            {label("partner.who"), who},
            {label("partner.name"), name},
            {label("partner.stance"), Nodes.beside(12, stance, plays)},
            {label("partner.size"), Nodes.beside(8, height, Nodes.text(Texts.of("partner.by"), "small"), span)},
            {label("partner.gear"), boxes(gear)},
            {label("partner.sore"), boxes(sore)},
            {label("partner.feeds"), boxes(feeds)},
            {label("partner.upto"), upTo},
            {label("partner.jab"), jab},
        };
        for (int row = 0; row < rows.length; row++) {
            grid.add(rows[row][0], 0, row);
            grid.add(rows[row][1], 1, row);
        }
        height.setPrefColumnCount(5);
        span.setPrefColumnCount(5);
        who.setAccessibleText(Texts.of("partner.who"));
        name.setAccessibleText(Texts.of("partner.name"));
        stance.setAccessibleText(Texts.of("partner.stance"));
        height.setAccessibleText(Texts.of("card.height"));
        span.setAccessibleText(Texts.of("card.span"));
        upTo.setAccessibleText(Texts.of("partner.upto"));
        jab.setAccessibleText(Texts.of("partner.jab"));
        return grid;
    }

    private static Text label(String key) {
        return Nodes.text(Texts.of(key), "small");
    }

    private static HBox boxes(Map<?, CheckBox> boxes) {
        HBox row = new HBox(12);
        row.getChildren().setAll(boxes.values());
        return row;
    }

    private HBox foot() {
        Button keep = Nodes.mainButton(Texts.of("card.keep"), this::keep);
        keep.setId("partner-keep");
        Button away = new Button(Texts.of("partner.away"));
        away.setOnAction(_ -> chosen().ifPresent(p -> done.accept(Optional.of(p), Optional.empty())));
        HBox foot = Nodes.beside(16, keep, away, wrong);
        return foot;
    }

    private Optional<Partner> chosen() {
        int index = who.getSelectionModel().getSelectedIndex();
        return index >= 0 && index < partners.size() ? Optional.of(partners.get(index)) : Optional.empty();
    }

    private void fill() {
        Partner shown = chosen().orElseGet(() -> new Partner(
                newId,
                Fighter.usual("", Stance.ORTHODOX),
                true,
                Gear.usual(),
                JabSchool.STRAIGHT,
                Set.of(),
                EnumSet.of(Family.PUNCH, Family.KICK),
                Rung.LIVE));
        name.setText(shown.name());
        stance.setValue(shown.ownStance());
        height.setText(cm(shown.body().heightCm()));
        span.setText(cm(shown.body().spanCm()));
        plays.setSelected(shown.playsOpponent());
        jab.setValue(shown.jab());
        upTo.setValue(shown.upTo());
        gear.forEach((g, box) -> box.setSelected(shown.gear().contains(g)));
        sore.forEach((s, box) -> box.setSelected(shown.sore().contains(s)));
        feeds.forEach((f, box) -> box.setSelected(shown.feeds().contains(f)));
    }

    private static String cm(double cm) {
        return cm == Math.rint(cm) ? "" + (int) cm : "" + cm;
    }

    /// Hands the partner over, or says what cannot be; nothing that was typed is lost.
    public void keep() {
        try {
            if (name.getText().isBlank()) {
                throw new IllegalArgumentException(Texts.of("partner.noname"));
            }
            Fighter body = new Fighter(
                    name.getText().strip(), stance.getValue(), FormNumbers.cm(height), FormNumbers.cm(span));
            Partner after = new Partner(
                    chosen().map(Partner::id).orElse(newId),
                    body,
                    plays.isSelected(),
                    ticked(gear),
                    jab.getValue(),
                    ticked(sore),
                    ticked(feeds),
                    upTo.getValue());
            done.accept(chosen(), Optional.of(after));
        } catch (IllegalArgumentException e) {
            wrong.setText(e.getMessage());
        }
    }

    private static <T> Set<T> ticked(Map<T, CheckBox> boxes) {
        Set<T> all = new LinkedHashSet<>();
        boxes.forEach((one, box) -> {
            if (box.isSelected()) {
                all.add(one);
            }
        });
        return all;
    }

    /// Puts the caret into the first field.
    public void begin() {
        name.requestFocus();
        name.selectAll();
    }
}
