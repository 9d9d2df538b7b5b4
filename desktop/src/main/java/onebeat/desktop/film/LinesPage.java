package onebeat.desktop.film;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import onebeat.core.holding.Odds;
import onebeat.desktop.nodes.ListPaper;
import onebeat.desktop.nodes.Nodes;

/// A page of lines, each with the key that takes it to the bench.
abstract class LinesPage extends ListPaper {

    /// The key of the first line; the next ones follow it.
    private static final int FIRST_KEY = 2;

    /// A line that can be taken to the bench.
    record Taken(String name, String line, Odds odds) {}

    private List<Taken> lines = List.of();
    private List<Backed> backed = List.of();
    private int chosen;

    /// A row with the exchanges that stand behind its figures.
    static final class Backed extends VBox {

        private final List<String> exchanges;
        private final List<String> told;

        /// @param told what they show, in a sentence each
        Backed(List<String> exchanges, List<String> told, Node... words) {
            super(2, words);
            this.exchanges = List.copyOf(exchanges);
            this.told = List.copyOf(told);
            getStyleClass().setAll("row");
        }
    }

    /// @param key the texts `key.title` and `key.under` stand above
    /// @param words a line in words; nothing where the shorthand comes first
    LinesPage(String key, UnaryOperator<String> words) {
        super(key, 8, words);
    }

    final void fill(List<Taken> now, List<Node> nodes) {
        lines = List.copyOf(now);
        rows(nodes);
        backed = nodes.stream()
                .filter(Backed.class::isInstance)
                .map(Backed.class::cast)
                .toList();
        choose(0);
    }

    /// What was waited for does not come.
    final void failed(String sentence) {
        fill(List.of(), List.of(said(sentence, "soft")));
    }

    /// Another row is chosen. While there are no rows yet the choice stays for those that come.
    final void choose(int step) {
        if (backed.isEmpty()) {
            return;
        }
        chosen = Math.clamp((long) chosen + step, 0, backed.size() - 1);
        for (int i = 0; i < backed.size(); i++) {
            backed.get(i).pseudoClassStateChanged(Nodes.CHOSEN, i == chosen);
        }
        bring(backed.get(chosen));
    }

    /// The exchanges behind the chosen row.
    final List<String> behind() {
        return chosen < backed.size() ? backed.get(chosen).exchanges : List.of();
    }

    /// What the exchanges behind the chosen row show, in a sentence each.
    final List<String> told() {
        return chosen < backed.size() ? backed.get(chosen).told : List.of();
    }

    /// The line of a function key.
    final Optional<Taken> line(int functionKey) {
        int at = functionKey - FIRST_KEY;
        return at >= 0 && at < lines.size() ? Optional.of(lines.get(at)) : Optional.empty();
    }

    final boolean hasLines() {
        return !lines.isEmpty();
    }

    /// A call line with its key before it.
    final Node keyedAt(int at, String line) {
        return keyed(FIRST_KEY + at, line);
    }

    static Node said(String words, String... styles) {
        return Nodes.flow(Nodes.text(words, styles));
    }
}
