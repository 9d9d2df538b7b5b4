package onebeat.desktop.nodes;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import onebeat.desktop.Driver;
import org.junit.jupiter.api.Test;

class DrawnPaneTest {

    private final Counted pane = new Counted(true);

    private static final class Counted extends DrawnPane {
        private int drawn;

        private Counted(boolean intoHeight) {
            super(intoHeight);
        }

        private void changed() {
            redraw();
        }

        @Override
        protected void draw() {
            drawn++;
        }
    }

    @Test
    void nothingIsDrawnBeforeThereIsRoom() {
        pane.changed();
        assertThat(pane.drawn).isZero();
    }

    @Test
    void anotherWidthAndHeightAreOneDrawing() {
        pane.resize(300, 200);
        pane.layout();
        assertThat(pane.drawn).isEqualTo(1);
        pane.requestLayout();
        pane.layout();
        assertThat(pane.drawn).as("the same size").isEqualTo(1);
        pane.resize(300, 210);
        pane.layout();
        assertThat(pane.drawn).isEqualTo(2);
    }

    @Test
    void whatChangesLaterIsDrawnAtOnce() {
        pane.resize(300, 200);
        pane.layout();
        pane.changed();
        assertThat(pane.drawn).isEqualTo(2);
    }

    @Test
    void whatSaysItselfHowHighItIsIsNotDrawnAgainForItsHeight() {
        Counted strands = new Counted(false);
        strands.resize(300, 200);
        strands.layout();
        strands.resize(300, 900);
        strands.layout();
        assertThat(strands.drawn).isEqualTo(1);
        strands.resize(310, 900);
        strands.layout();
        assertThat(strands.drawn).isEqualTo(2);
    }

    @Test
    void inAWindowTheFirstDrawingComesInATurnOfItsOwn() throws Exception {
        Driver.startToolkit();
        int withTheLayout = Driver.onFx(() -> {
            Stage stage = new Stage();
            stage.setScene(new Scene(new StackPane(pane), 300, 200));
            stage.show();
            stage.getScene().getRoot().layout();
            return pane.drawn;
        });
        assertThat(withTheLayout).isZero();
        int afterIt = Driver.onFx(() -> {
            pane.getScene().getWindow().hide();
            return pane.drawn;
        });
        assertThat(afterIt).isEqualTo(1);
    }
}
