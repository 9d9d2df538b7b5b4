package onebeat.desktop.command;

import java.util.Locale;

/// What kind of thing a command does; commands of one kind stand together wherever they are listed.
public enum Group {
    STRIKE,
    WORK,
    CHOOSE,
    CHANGE,
    SHOW,
    PLAY,
    JUDGE,
    FILES,
    GO;

    /// The key under which its words stand.
    public String key() {
        return "group." + name().toLowerCase(Locale.ROOT);
    }
}
