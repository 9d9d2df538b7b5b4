package onebeat.desktop.film;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.shape.Rectangle;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// Lines that were seen often, each with the key that logs it once more where the film is. They stand in one row; those
/// that find no room there keep their keys.
final class SeenLines extends FlowPane {

    private static final double GAP = 8;

    private final IntConsumer log;
    private List<String> shown = List.of();

    /// @param log is told the number of the line that was pressed, from 1
    SeenLines(IntConsumer log) {
        super(GAP, GAP / 2);
        this.log = log;
        setAlignment(Pos.TOP_LEFT);
        Rectangle row = new Rectangle();
        row.widthProperty().bind(widthProperty());
        row.heightProperty().bind(heightProperty());
        setClip(row);
        setId("seen-lines");
    }

    @Override
    protected double computePrefHeight(double width) {
        return getManagedChildren().stream()
                .mapToDouble(child -> child.prefHeight(-1))
                .max()
                .orElse(0);
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    void show(List<String> lines) {
        if (lines.equals(shown)) {
            return;
        }
        shown = List.copyOf(lines);
        setVisible(!lines.isEmpty());
        setManaged(!lines.isEmpty());
        List<Node> nodes = new ArrayList<>();
        nodes.add(Nodes.text(Texts.of("film.often"), "soft"));
        for (int i = 0; i < lines.size(); i++) {
            int number = i + 1;
            Button one = new Button(lines.get(i));
            one.setId("seen-" + number);
            one.setGraphic(Nodes.key("" + number));
            one.getStyleClass().setAll("action", "seen-line");
            one.setFocusTraversable(false);
            one.setOnAction(_ -> log.accept(number));
            nodes.add(one);
        }
        getChildren().setAll(nodes);
    }
}
