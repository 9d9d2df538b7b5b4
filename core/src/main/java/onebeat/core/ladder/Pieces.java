package onebeat.core.ladder;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Kind;
import onebeat.core.notation.Act;
import onebeat.core.notation.Half;
import onebeat.core.notation.Item;
import onebeat.core.notation.Line;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Pause;
import onebeat.core.notation.RangeMark;
import onebeat.core.notation.Reads;
import onebeat.core.notation.Repeat;

/// Takes a line apart: parts that are good alone, and pieces by which it is grown, always from the top.
///
/// @param parts each good alone, unlike each other
/// @param pair the longest part with its neighbour; empty where there is only one part
/// @param grown the line's beginnings, each a piece longer; the whole is not among them
record Pieces(List<String> parts, Optional<String> pair, List<String> grown) {

    /// A piece is at least so many items where the line breathes, and so many where it does not: what one
    /// holds in mind. Common practice (trade: the first three or four, then those plus the next piece).
    private static final int SHORT = 3;

    private static final int LONG = 4;

    /// Takes a line apart.
    ///
    /// @param stands whether a call line is good alone: nothing in it stops
    static Pieces of(Line line, Predicate<String> stands) {
        List<Item> items = items(line);
        List<List<Item>> chunks = chunks(items, stands);
        Set<String> parts = new LinkedHashSet<>();
        chunks.forEach(chunk -> parts.add(text(chunk)));
        return new Pieces(List.copyOf(parts), pair(chunks, stands), grown(chunks, stands));
    }

    /// The items of a line; of a set alone those inside it.
    static List<Item> items(Line line) {
        return line.items().size() == 1 && line.items().getFirst() instanceof Repeat set
                ? set.line().items()
                : line.items();
    }

    /// The smallest stretches that are good alone, in order; what is left at the end belongs to the last one.
    private static List<List<Item>> chunks(List<Item> items, Predicate<String> stands) {
        List<List<Item>> chunks = new ArrayList<>();
        List<Item> open = new ArrayList<>();
        for (Item item : items) {
            open.add(item);
            boolean says = !(item instanceof Pause) && !(item instanceof RangeMark);
            if (says && stands.test(text(open))) {
                chunks.add(List.copyOf(open));
                open.clear();
            }
        }
        if (!open.isEmpty()) {
            List<Item> last = new ArrayList<>(chunks.isEmpty() ? List.of() : chunks.removeLast());
            last.addAll(open);
            chunks.add(last);
        }
        return chunks;
    }

    private static Optional<String> pair(List<List<Item>> chunks, Predicate<String> stands) {
        if (chunks.size() < 2) {
            return Optional.empty();
        }
        int longest = 0;
        for (int i = 1; i < chunks.size(); i++) {
            if (chunks.get(i).size() > chunks.get(longest).size()) {
                longest = i;
            }
        }
        int from = Math.max(0, longest - 1);
        return Optional.of(text(join(chunks.subList(from, from + 2)))).filter(stands);
    }

    private static List<String> grown(List<List<Item>> chunks, Predicate<String> stands) {
        List<String> grown = new ArrayList<>();
        int since = 0;
        for (int i = 0; i + 1 < chunks.size(); i++) {
            since += chunks.get(i).size();
            boolean breathes = breathes(chunks.get(i + 1).getFirst());
            if (since >= LONG || (since >= SHORT && breathes)) {
                String beginning = text(join(chunks.subList(0, i + 1)));
                if (stands.test(beginning)) {
                    grown.add(beginning);
                    since = 0;
                }
            }
        }
        return grown;
    }

    /// Where a chain breathes: a range change, a reload, a step, a read, a pause.
    private static boolean breathes(Item item) {
        return switch (item) {
            case Pause _ -> true;
            case RangeMark _ -> true;
            case Reads _ -> true;
            case Half half ->
                half.units().getFirst().calls().getFirst() instanceof Act act
                        && (act.technique().family() == Family.FEET
                                || act.technique().kind() == Kind.RHYTHM);
            default -> false;
        };
    }

    private static List<Item> join(List<List<Item>> chunks) {
        return chunks.stream().flatMap(List::stream).toList();
    }

    private static String text(List<Item> items) {
        return Notation.print(new Line(items));
    }
}
