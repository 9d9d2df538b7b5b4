package onebeat.desktop.nodes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.desktop.Driver;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class ChosenRowsTest {

    private final List<Integer> drawn = new ArrayList<>();
    private ChosenRows rows;

    @BeforeEach
    void toolkit() throws InterruptedException {
        Driver.startToolkit();
        rows = Driver.onFx(() -> new ChosenRows(2));
    }

    private Node row(int place) {
        drawn.add(place);
        return new Text("row " + place);
    }

    private List<Node> shown() {
        return Driver.onFx(() -> List.copyOf(((VBox) rows.view().getContent()).getChildren()));
    }

    private List<Integer> chosen() {
        List<Node> all = shown();
        return IntStream.range(0, all.size())
                .filter(place -> all.get(place).getPseudoClassStates().contains(Nodes.CHOSEN))
                .boxed()
                .toList();
    }

    private void does(Runnable work) {
        Driver.onFx(() -> {
            work.run();
            return true;
        });
    }

    private void allAreThere(int count) throws InterruptedException {
        for (int i = 0; i < 1_000 && shown().size() < count; i++) {
            Thread.sleep(10);
        }
        assertThat(shown()).hasSize(count);
    }

    @Test
    void theFirstRowsAreThereAtOnceAndTheOthersFollow() throws InterruptedException {
        List<Integer> atOnce = Driver.onFx(() -> {
            rows.lay(8, 0, this::row);
            return List.copyOf(drawn);
        });
        assertThat(atOnce).containsExactly(0, 1, 2);
        allAreThere(8);
        assertThat(drawn).as("each once").containsExactly(0, 1, 2, 3, 4, 5, 6, 7);
    }

    @Test
    void theChosenRowIsThereAtOnceHoweverFarDown() {
        List<Integer> atOnce = Driver.onFx(() -> {
            rows.lay(8, 5, this::row);
            return List.copyOf(drawn);
        });
        assertThat(atOnce).endsWith(5);
        assertThat(chosen()).containsExactly(5);
    }

    @Test
    void anotherRowIsChosenWithoutDrawingAny() throws InterruptedException {
        does(() -> rows.lay(5, 1, this::row));
        allAreThere(5);
        List<Node> before = shown();
        does(() -> rows.choose(4));
        assertThat(chosen()).containsExactly(4);
        assertThat(shown()).isEqualTo(before);
    }

    @Test
    void whatIsInSightStaysWhereTheSameRowIsChosenAgain() throws InterruptedException {
        does(() -> rows.lay(5, 4, this::row));
        allAreThere(5);
        does(() -> rows.view().setVvalue(0.25));
        does(() -> rows.choose(4));
        assertThat(rows.view().getVvalue()).isEqualTo(0.25);
    }

    @Test
    void rowsThatWereStillToFollowDoNotComeAmongOthers() throws InterruptedException {
        does(() -> rows.lay(40, 0, this::row));
        does(() -> rows.lay(4, 0, this::row));
        allAreThere(4);
        Thread.sleep(200);
        assertThat(shown()).hasSize(4);
        does(() -> rows.none("no lines yet"));
        assertThat(shown()).hasSize(1);
    }
}
