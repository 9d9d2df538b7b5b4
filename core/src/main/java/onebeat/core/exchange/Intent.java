package onebeat.core.exchange;

/// How hard an action is meant. Whether setups are sold with power or thrown away is the coach's school.
public enum Intent {
    FULL("!"),
    NORMAL(""),
    LIGHT("'");

    private final String mark;

    Intent(String mark) {
        this.mark = mark;
    }

    /// The mark in a call line: `!`, nothing, or `'`.
    public String mark() {
        return mark;
    }
}
