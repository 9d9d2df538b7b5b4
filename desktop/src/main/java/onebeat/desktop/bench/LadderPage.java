package onebeat.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import onebeat.core.exchange.Pairing;
import onebeat.core.ladder.Forms;
import onebeat.core.ladder.Ladder;
import onebeat.core.ladder.Stage;
import onebeat.core.notation.Line;
import onebeat.core.timing.Rung;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// How the line is grown, step by step, and the forms it is drilled in.
final class LadderPage extends ListPage {

    private List<String> shown = List.of();

    LadderPage(UnaryOperator<String> words) {
        super("ladder", 10, words);
    }

    @Override
    public Optional<String> line(int functionKey) {
        int index = functionKey - FIRST_KEY;
        return index >= 0 && index < shown.size() ? Optional.of(shown.get(index)) : Optional.empty();
    }

    void show(Ladder ladder, Line line, Pairing pairing) {
        List<String> lines = new ArrayList<>();
        List<Node> nodes = new ArrayList<>();
        for (Rung rung : Rung.values()) {
            List<Stage> stages = ladder.of(rung);
            if (!stages.isEmpty()) {
                nodes.add(step(rung, stages, lines));
            }
        }
        if (nodes.isEmpty()) {
            nodes.add(Nodes.flow(Nodes.text(Texts.of("ladder.none"), "soft")));
        }
        forms(line, pairing, lines, nodes);
        shown = List.copyOf(lines);
        rows(nodes);
    }

    /// A step with its tempos; lines that stand above already are not told again.
    private Node step(Rung rung, List<Stage> stages, List<String> lines) {
        String tempos = stages.stream().map(s -> "" + s.bpm()).distinct().collect(Collectors.joining(", "));
        VBox box = new VBox(2, Nodes.flow(Nodes.text(Texts.of("ladder.step." + rung, tempos), "small", "strong")));
        if (rung == Rung.PARTS) {
            String parts = stages.stream().map(Stage::line).collect(Collectors.joining("   "));
            box.getChildren().add(Nodes.flow(Nodes.text(parts, "mono-tight")));
            return box;
        }
        for (Stage stage : stages) {
            if (!lines.contains(stage.line())) {
                box.getChildren().add(keyed(stage.line(), lines));
            }
        }
        return box;
    }

    private void forms(Line line, Pairing pairing, List<String> lines, List<Node> nodes) {
        VBox box = new VBox(2, Nodes.flow(Nodes.text(Texts.of("ladder.forms"), "small", "strong")));
        Forms.pyramid(line, pairing).ifPresent(p -> box.getChildren().add(keyed(p, lines)));
        box.getChildren().add(keyed(Forms.mirror(line), lines));
        Forms.levels(line).forEach(l -> box.getChildren().add(keyed(l, lines)));
        nodes.add(box);
    }

    private Node keyed(String words, List<String> lines) {
        int key = FIRST_KEY + lines.size();
        if (key > LAST_KEY) {
            return line(words);
        }
        lines.add(words);
        return keyed(key, words);
    }
}
