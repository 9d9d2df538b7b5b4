package onebeat.desktop.nodes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.collections.ListChangeListener.Change;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import org.junit.jupiter.api.Test;

class ShapePoolTest {

    private final Pane pane = new Pane();
    private final ShapePool marks = new ShapePool(pane);

    @Test
    void whatWasDrawnBeforeIsMovedAndNotMadeAnew() {
        marks.begin();
        Line first = marks.line(0, 0, 10, 10, "beat-line");
        marks.text("1", 0, 0, "text");
        marks.end();
        marks.begin();
        Line again = marks.line(5, 5, 6, 6, "beat-line");
        marks.end();
        assertThat(again).isSameAs(first);
        assertThat(again.getStartX()).isEqualTo(5);
        assertThat(pane.getChildren()).containsExactly(again);
    }

    @Test
    void whatIsDrawnAgainStaysOnThePane() {
        marks.begin();
        marks.line(0, 0, 10, 10, "beat-line");
        marks.text("1", 0, 0, "text");
        marks.end();
        List<Node> moved = new ArrayList<>();
        pane.getChildren().addListener((Change<? extends Node> change) -> {
            while (change.next()) {
                moved.addAll(change.getRemoved());
                moved.addAll(change.getAddedSubList());
            }
        });
        marks.begin();
        marks.line(5, 5, 6, 6, "beat-line");
        Line added = marks.line(7, 7, 8, 8, "beat-line");
        marks.text("2", 3, 3, "text");
        marks.end();
        assertThat(moved).containsExactly(added);
    }

    @Test
    void anotherStyleIsAnotherMark() {
        marks.begin();
        Line one = marks.line(0, 0, 1, 1, "beat-line");
        Line other = marks.line(0, 0, 1, 1, "band-edge");
        Line third = marks.line(0, 0, 1, 1, "beat-line");
        marks.end();
        assertThat(List.of(one, other, third)).doesNotHaveDuplicates();
        assertThat(pane.getChildren()).containsExactly(one, other, third);
    }

    @Test
    void theOrderIsTheOrderOfAsking() {
        marks.begin();
        marks.circle(0, 0, 1, "a");
        marks.line(0, 0, 1, 1, "b");
        marks.end();
        marks.begin();
        Node line = marks.line(0, 0, 1, 1, "b");
        Node circle = marks.circle(0, 0, 1, "a");
        marks.end();
        assertThat(pane.getChildren()).containsExactly(line, circle);
        marks.clear();
        assertThat(pane.getChildren()).isEmpty();
    }
}
