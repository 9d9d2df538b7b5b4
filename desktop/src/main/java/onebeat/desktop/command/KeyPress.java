package onebeat.desktop.command;

import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/// A key with what is held down beside it.
public record KeyPress(KeyCode code, boolean shift, boolean control, boolean alt) {

    private static final Set<KeyCode> EDITING_WITH_CONTROL = EnumSet.of(
            KeyCode.A,
            KeyCode.C,
            KeyCode.V,
            KeyCode.X,
            KeyCode.Z,
            KeyCode.Y,
            KeyCode.BACK_SPACE,
            KeyCode.DELETE,
            KeyCode.LEFT,
            KeyCode.RIGHT,
            KeyCode.UP,
            KeyCode.DOWN,
            KeyCode.HOME,
            KeyCode.END);

    private static final Map<KeyCode, String> SIGNS = Map.ofEntries(
            Map.entry(KeyCode.LEFT, "←"),
            Map.entry(KeyCode.RIGHT, "→"),
            Map.entry(KeyCode.UP, "↑"),
            Map.entry(KeyCode.DOWN, "↓"),
            Map.entry(KeyCode.PLUS, "+"),
            Map.entry(KeyCode.MINUS, "-"),
            Map.entry(KeyCode.EQUALS, "="),
            Map.entry(KeyCode.OPEN_BRACKET, "["),
            Map.entry(KeyCode.CLOSE_BRACKET, "]"),
            Map.entry(KeyCode.BACK_SLASH, "\\"),
            Map.entry(KeyCode.SLASH, "/"),
            Map.entry(KeyCode.COMMA, ","),
            Map.entry(KeyCode.PERIOD, "."),
            Map.entry(KeyCode.DELETE, "Del"),
            Map.entry(KeyCode.INSERT, "Ins"),
            Map.entry(KeyCode.ESCAPE, "Esc"),
            Map.entry(KeyCode.PAGE_UP, "PgUp"),
            Map.entry(KeyCode.PAGE_DOWN, "PgDn"));

    /// A key as it is written in a table or in the settings, for example `Ctrl+Shift+P` or `Page Up`.
    ///
    /// @throws IllegalArgumentException if there is no such key
    public static KeyPress of(String written) {
        String[] parts = written.split("\\+", -1);
        String name = parts[parts.length - 1];
        KeyCode code = KeyCode.getKeyCode(name);
        Set<String> held = Stream.of(parts).limit(parts.length - 1L).collect(Collectors.toSet());
        if (code == null || !Set.of("Shift", "Ctrl", "Alt").containsAll(held)) {
            throw new IllegalArgumentException("no such key: " + written);
        }
        return new KeyPress(code, held.contains("Shift"), held.contains("Ctrl"), held.contains("Alt"));
    }

    /// A key as it was pressed.
    public static KeyPress of(KeyEvent event) {
        return new KeyPress(event.getCode(), event.isShiftDown(), event.isControlDown(), event.isAltDown());
    }

    /// As it is written in a table; [#of(String)] reads it again.
    public String written() {
        return held() + code.getName();
    }

    /// As it stands on screen.
    public String words() {
        return held() + SIGNS.getOrDefault(code, code.getName());
    }

    private String held() {
        return (control ? "Ctrl+" : "") + (alt ? "Alt+" : "") + (shift ? "Shift+" : "");
    }

    /// Whether neither Ctrl nor Alt is held.
    public boolean isPlain() {
        return !control && !alt;
    }

    /// The same key without Ctrl and Alt.
    public KeyPress plain() {
        return new KeyPress(code, shift, false, false);
    }

    /// Whether it edits text in every field of every program: such a key never reaches a command while somebody types.
    public boolean isEditing() {
        return control && !alt && EDITING_WITH_CONTROL.contains(code);
    }

    /// Whether it types a letter, a digit or a sign, or edits a field.
    public boolean isTyping() {
        return isPlain() && !code.isFunctionKey();
    }
}
