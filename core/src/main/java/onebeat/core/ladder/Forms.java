package onebeat.core.ladder;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.notation.Act;
import onebeat.core.notation.Half;
import onebeat.core.notation.Item;
import onebeat.core.notation.Line;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Unit;

/// Forms in which a line is drilled: as a pyramid, from both stances, at other levels.
public final class Forms {

    private Forms() {}

    /// A pyramid: its first action, then two, three and so on, with feet between (F44, common practice).
    ///
    /// @return empty where the line is not made of the athlete's own single beats
    public static Optional<String> pyramid(Line line, Pairing pairing) {
        List<Item> own =
                line.items().stream().filter(item -> strike(item).isPresent()).toList();
        if (own.size() < 2) {
            return Optional.empty();
        }
        List<String> rows = new ArrayList<>();
        for (int i = 1; i <= own.size(); i++) {
            rows.add(Notation.print(new Line(own.subList(0, i))));
        }
        return Optional.of(String.join(" " + pairing.wayOut() + " ", rows) + " " + pairing.wayOut());
    }

    /// A mirror run: the line, a stance change, and the same from the other stance (F18, common practice).
    public static String mirror(Line line) {
        return "[" + Notation.print(line) + " switch]*2";
    }

    /// The line with its strikes at other levels, high, low, high and low, low, high, where they can go
    /// there (F20, common practice).
    public static List<String> levels(Line line) {
        List<String> all = new ArrayList<>();
        for (List<Level> order : List.of(
                List.of(Level.HEAD, Level.BODY, Level.HEAD),
                List.of(Level.BODY, Level.BODY, Level.HEAD),
                List.of(Level.BODY, Level.HEAD, Level.BODY))) {
            List<Item> changed = new ArrayList<>();
            int strikes = 0;
            for (Item item : line.items()) {
                Optional<Act> act = strike(item);
                changed.add(act.isPresent() ? at(item, act.get(), order.get(strikes++ % order.size())) : item);
            }
            String text = Notation.print(new Line(changed));
            if (strikes > 1 && !text.equals(Notation.print(line)) && !all.contains(text)) {
                all.add(text);
            }
        }
        return all;
    }

    private static Item at(Item item, Act act, Level level) {
        if (!act.technique().levels().containsKey(level)
                || !act.technique().levels().get(level).equals(act.technique().code())) {
            return item;
        }
        Act other = new Act(act.feint(), act.technique(), level, act.intent(), act.span());
        Half half = (Half) item;
        return new Half(List.of(new Unit(List.of(other), half.units().getFirst().span())), half.span());
    }

    /// The strike of an item that is one of the athlete's and nothing else.
    private static Optional<Act> strike(Item item) {
        return item instanceof Half half
                        && half.units().size() == 1
                        && half.units().getFirst().calls().size() == 1
                        && half.units().getFirst().calls().getFirst() instanceof Act act
                        && act.isStrike()
                ? Optional.of(act)
                : Optional.empty();
    }
}
