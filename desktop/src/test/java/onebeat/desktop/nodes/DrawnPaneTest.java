package onebeat.desktop.nodes;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class DrawnPaneTest {

    private final Counted pane = new Counted();

    private static final class Counted extends DrawnPane {
        private int drawn;

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
}
