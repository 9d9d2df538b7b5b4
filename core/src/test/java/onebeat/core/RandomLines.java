package onebeat.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Technique;

/// Random good lines for laws that hold for all of them. The same seed gives the same lines.
public final class RandomLines {

    private RandomLines() {}

    /// A plain chain of so many of the athlete's actions, one a beat.
    public static String chain(Random random, int actions) {
        List<String> items = new ArrayList<>();
        for (int i = 0; i < actions; i++) {
            items.add(action(random));
        }
        return String.join(" ", items);
    }

    /// A good line with sets and reads, so deeply nested.
    public static String line(Random random, int depth) {
        List<String> items = new ArrayList<>();
        int count = 1 + random.nextInt(4);
        for (int i = 0; i < count; i++) {
            items.add(item(random, depth));
        }
        return String.join(" ", items);
    }

    private static String item(Random random, int depth) {
        return switch (random.nextInt(depth > 0 ? 9 : 6)) {
            case 0 -> "_";
            case 1 -> "(" + action(random) + ") " + action(random);
            case 2 -> action(random) + "+" + action(random);
            case 3 -> action(random) + "/" + action(random);
            case 4 -> "(" + action(random) + " " + action(random) + ")";
            case 5 -> action(random);
            case 6 -> "[" + line(random, depth - 1) + "]*" + (1 + random.nextInt(3));
            case 7 -> "[" + line(random, depth - 1) + "]*1.." + (1 + random.nextInt(3));
            default ->
                "{ (" + action(random) + "): " + line(random, depth - 1) + " | (none): " + line(random, depth - 1)
                        + " }";
        };
    }

    private static String action(Random random) {
        List<Technique> all =
                Catalogue.standard().all().stream().filter(t -> !t.isReaction()).toList();
        Technique technique = all.get(random.nextInt(all.size()));
        String feint = technique.isStrike() && random.nextInt(8) == 0 ? "~" : "";
        return feint
                + technique.code()
                + (feint.isEmpty() ? List.of("", "", "!", "'").get(random.nextInt(4)) : "");
    }
}
