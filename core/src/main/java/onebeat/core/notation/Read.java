package onebeat.core.notation;

/// A line that could be read.
///
/// @param text as it was typed; the spans of the line point into it
public record Read(String text, Line line) implements Reading {

    /// The canonical form of the line.
    public String canonical() {
        return Printer.print(line);
    }
}
