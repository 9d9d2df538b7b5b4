package onebeat.core.notation;

import java.util.List;

/// A call line: items that follow one another by a beat.
public record Line(List<Item> items) {

    public Line {
        items = List.copyOf(items);
    }
}
