package onebeat.desktop.forms;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.wording.Scheme;
import onebeat.desktop.app.Navigator;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.Command;
import onebeat.desktop.command.CommandWords;
import onebeat.desktop.command.KeyPress;
import onebeat.desktop.command.OwnKeys;
import onebeat.desktop.nodes.LongList;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.settings.Settings;
import onebeat.desktop.settings.SettingsStore;
import onebeat.desktop.text.Texts;

/// The settings that hold for all camps: letters, words, motion, and the coach's own keys. Each holds at once.
public final class SettingsForm extends VBox {

    private static final double KEYS_WIDTH = 700;
    private static final double KEYS_HEIGHT = 300;

    /// Of the width: the station, the command, its key, the buttons.
    private static final List<Double> COLUMNS = List.of(16.0, 34.0, 22.0, 28.0);

    private final SettingsStore store;
    private final Navigator navigator;
    private final List<Command<?, ?>> commands;
    private final Text percent = Nodes.text("", "strong");
    private final LongList<Command<?, ?>> keys;
    private final Text asked = Nodes.text("", "small", "of-athlete");

    /// @param commands of the program and of the station that is on
    public SettingsForm(SettingsStore store, List<BoundCommand> commands, Navigator navigator) {
        super(12);
        this.store = store;
        this.navigator = navigator;
        Set<String> seen = new HashSet<>();
        this.commands = commands.stream()
                .<Command<?, ?>>map(BoundCommand::command)
                .filter(c -> c.keys().size() > 0 && seen.add(c.id()))
                .toList();
        setId("settings-form");
        getStyleClass().addAll("paper", "preview");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        keys = new LongList<>(this.commands, SettingsForm::spoken, this::row);
        keys.setId("settings-keys");
        keys.setPrefSize(KEYS_WIDTH, KEYS_HEIGHT);
        keys.onKey(KeyCode.ENTER, this::learn);
        keys.onKey(KeyCode.DELETE, this::forget);
        getChildren()
                .setAll(
                        Nodes.text(Texts.of("settings.title"), "title"),
                        sizes(),
                        scheme(),
                        ownWords(),
                        box("settings.words", store.get().wordsFirst(), on -> store.change(s -> s.withWordsFirst(on))),
                        box("settings.still", store.get().still(), on -> store.change(s -> s.withStill(on))),
                        Nodes.text(Texts.of("settings.keys"), "heading"),
                        Nodes.flow(Nodes.text(Texts.of("settings.keys.under"), "soft")),
                        asked,
                        keys);
        show();
    }

    private HBox sizes() {
        Button smaller = new Button(Texts.of("settings.smaller"));
        smaller.setOnAction(_ -> size(-Settings.TEXT_STEP));
        Button larger = new Button(Texts.of("settings.larger"));
        larger.setId("settings-larger");
        larger.setOnAction(_ -> size(Settings.TEXT_STEP));
        HBox row = Nodes.beside(10, Nodes.text(Texts.of("settings.text"), "small"), smaller, percent, larger);
        return row;
    }

    private HBox scheme() {
        ChoiceBox<Scheme> box = Nodes.choices(Scheme.values(), s -> Texts.of("settings.scheme." + s));
        box.setValue(store.get().scheme());
        box.setAccessibleText(Texts.of("settings.scheme"));
        box.valueProperty().addListener((_, _, now) -> store.change(s -> s.with(now)));
        HBox row = Nodes.beside(10, Nodes.text(Texts.of("settings.scheme"), "small"), box);
        return row;
    }

    private HBox ownWords() {
        TextField field = new TextField(store.get().words());
        field.setId("settings-own-words");
        field.setPromptText(Texts.of("settings.own.prompt"));
        field.setPrefColumnCount(30);
        field.setAccessibleText(Texts.of("settings.own"));
        field.textProperty().addListener((_, _, now) -> store.change(s -> s.withWords(Settings.words(now))));
        HBox row = Nodes.beside(10, Nodes.text(Texts.of("settings.own"), "small"), field);
        return row;
    }

    private void size(int by) {
        store.change(s -> s.withText(s.textPercent() + by));
        show();
    }

    private static Node box(String key, boolean on, Consumer<Boolean> changed) {
        CheckBox box = new CheckBox(Texts.of(key));
        box.setSelected(on);
        box.selectedProperty().addListener((_, _, now) -> changed.accept(now));
        return box;
    }

    private void show() {
        percent.setText(store.get().textPercent() + " %");
        keys.refresh();
    }

    private Node row(Command<?, ?> command) {
        Optional<KeyPress> own = store.get().ownKeys().of(command.id());
        Button learn = new Button(own.map(KeyPress::words).orElse(Texts.of("settings.learn")));
        learn.setId("learn-" + command.id());
        learn.setAccessibleText(spoken(command));
        learn.setOnAction(_ -> learn(command));
        HBox buttons = new HBox(6, learn);
        if (own.isPresent()) {
            Button forget = new Button(Texts.of("settings.forget"));
            forget.setOnAction(_ -> forget(command));
            buttons.getChildren().add(forget);
        }
        return Nodes.columns(
                COLUMNS,
                Nodes.label(CommandWords.of(command.scope().key()), "soft"),
                Nodes.label(command.name(), "small"),
                Nodes.key(command.keys().getFirst().words()),
                buttons);
    }

    private static String spoken(Command<?, ?> command) {
        return Texts.of("settings.learn.spoken", command.name());
    }

    private void forget(Command<?, ?> command) {
        change(store.get().ownKeys().without(command.id()));
    }

    /// The next key, click of a clicker or tread on a pedal is this command's from now on.
    private void learn(Command<?, ?> command) {
        asked.setText(Texts.of("settings.press", command.name()));
        navigator.nextKey(key -> {
            asked.setText("");
            boolean leaves = key.code() == KeyCode.ESCAPE;
            if (key.isEditing()) {
                asked.setText(Texts.of("settings.editing", key.words()));
            } else if (!leaves) {
                change(store.get().ownKeys().with(command.id(), key));
            }
        });
    }

    private void change(OwnKeys changed) {
        store.change(s -> s.with(changed));
        show();
    }

    /// The first button takes the keyboard.
    public void begin() {
        lookup(".button").requestFocus();
    }
}
