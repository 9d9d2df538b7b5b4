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
import onebeat.core.notation.Partner;
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

    /// A chain of more parts than this grows by two at a time, a shorter one by one (F44). Common practice: what one
    /// holds in mind.
    private static final int LONG = 6;

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
            if (isReaction(item) && open.size() == 1 && !chunks.isEmpty()) {
                // What the partner shows is no part of its own: it belongs to what caused it.
                List<Item> caused = new ArrayList<>(chunks.removeLast());
                caused.addAll(open);
                chunks.add(List.copyOf(caused));
                open.clear();
            } else if (says && !isReaction(item) && stands.test(text(open))) {
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

    /// Whether it is nothing but what the partner does, and no strike of theirs.
    private static boolean isReaction(Item item) {
        return item instanceof Half half
                && half.units().stream()
                        .flatMap(unit -> unit.calls().stream())
                        .allMatch(call -> call instanceof Partner partner
                                && partner.items().stream().noneMatch(one -> one instanceof Act act && act.isStrike()));
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
        int step = chunks.size() > LONG ? 2 : 1;
        int since = 1;
        for (int i = 1; i + 1 < chunks.size(); i++) {
            since++;
            boolean breathes = breathes(chunks.get(i + 1).getFirst());
            if (since >= step || breathes) {
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
