package onebeat.core.notation;

/// A coach's own line under its name: `"doorstep" = (1) catch+1 2`.
///
/// @param text the line's canonical form
public record OwnLine(String name, String text) {

    /// Whether this text defines an own line rather than being a line.
    public static boolean isDefinition(String text) {
        String trimmed = text.stripLeading();
        int close = trimmed.startsWith("\"") ? trimmed.indexOf('"', 1) : -1;
        return close > 0 && trimmed.substring(close + 1).stripLeading().startsWith("=");
    }
}
