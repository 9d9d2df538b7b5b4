package onebeat.core.ladder;

import java.util.Collections;
import java.util.List;
import onebeat.core.notation.Item;
import onebeat.core.notation.Line;
import onebeat.core.notation.Notation;

/// Which lines come before which: one that stands whole in another is learned first (trade: every single
/// action in a chain must be good alone before it is strung with others).
public final class Prerequisites {

    private Prerequisites() {}

    /// Whether the one line stands in the other, item after item.
    public static boolean isBefore(Line one, Line other) {
        List<String> inner = words(one);
        List<String> outer = words(other);
        return !inner.isEmpty() && inner.size() < outer.size() && Collections.indexOfSubList(outer, inner) >= 0;
    }

    private static List<String> words(Line line) {
        return Pieces.items(line).stream()
                .map((Item item) -> Notation.print(new Line(List.of(item))))
                .toList();
    }
}
