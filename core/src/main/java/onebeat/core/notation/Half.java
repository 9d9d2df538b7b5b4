package onebeat.core.notation;

import java.util.List;

/// Units that follow one another by half a beat: `a/b/c`. Most items are one unit alone.
public record Half(List<Unit> units, Span span) implements Item {

    public Half {
        units = List.copyOf(units);
    }
}
