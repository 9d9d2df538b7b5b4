package onebeat.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import onebeat.core.review.Variants.Variant;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// The same line with one thing changed, the best first, each taken with one key.
final class VariantsDrawer extends ListPage {

    private List<Variant> shown = List.of();

    VariantsDrawer(UnaryOperator<String> words) {
        super("variants", 12, words);
    }

    @Override
    public Optional<String> line(int functionKey) {
        int index = functionKey - FIRST_KEY;
        return index >= 0 && index < shown.size() ? Optional.of(shown.get(index).line()) : Optional.empty();
    }

    void show(List<Variant> variants) {
        shown = variants.stream().limit(LAST_KEY - FIRST_KEY + 1L).toList();
        List<Node> nodes = new ArrayList<>();
        for (int i = 0; i < shown.size(); i++) {
            nodes.add(row(shown.get(i), FIRST_KEY + i));
        }
        if (nodes.isEmpty()) {
            nodes.add(Nodes.flow(Nodes.text(Texts.of("variants.none"), "soft")));
        }
        rows(nodes);
    }

    private Node row(Variant variant, int key) {
        String change = Texts.of("variants." + variant.change().name().toLowerCase(Locale.ROOT));
        String gain = Texts.of(
                variant.gain() >= 0 ? "variants.better" : "variants.worse",
                Texts.share(Math.abs(variant.gain())),
                Texts.share(variant.review().exposure()));
        return new VBox(2, keyed(key, variant.line()), Nodes.flow(Nodes.text(change + " · " + gain, "soft")));
    }
}
