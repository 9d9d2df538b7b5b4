package onebeat.desktop.command;

import java.util.Locale;
import java.util.ResourceBundle;

/// The words of commands, scopes and groups, from `commands.properties`.
public final class CommandWords {

    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle("onebeat.desktop.commands", Locale.ROOT);

    private CommandWords() {}

    /// The words under a key.
    public static String of(String key) {
        return BUNDLE.getString(key);
    }

    /// Whether there are words under a key.
    public static boolean has(String key) {
        return BUNDLE.containsKey(key);
    }
}
