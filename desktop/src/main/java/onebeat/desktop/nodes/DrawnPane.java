package onebeat.desktop.nodes;

import javafx.application.Platform;
import javafx.scene.layout.Pane;

/// A pane that draws itself to its size. A layout that changes its size draws it once, and what it adds while it is
/// laid out is styled at once. The first drawing in a window comes right after the layout, in a turn of its own: a
/// station with several such panes then never holds the window up for all of them together.
public abstract class DrawnPane extends Pane {

    private final boolean intoHeight;
    private double drawnWidth = -1;
    private double drawnHeight = -1;
    private boolean drawsSoon;

    /// A pane that is drawn into its width and its height.
    protected DrawnPane() {
        this(true);
    }

    /// @param intoHeight whether the drawing depends on the height; where it does not, it says itself how high it is
    protected DrawnPane(boolean intoHeight) {
        this.intoHeight = intoHeight;
    }

    /// Draws what is to be seen into the width and height there are.
    protected abstract void draw();

    /// What is to be seen has changed. Before there is any room nothing is drawn: the first layout draws it.
    protected final void redraw() {
        drawsSoon = false;
        if (getWidth() > 0 || getHeight() > 0) {
            drawnWidth = getWidth();
            drawnHeight = getHeight();
            draw();
        }
    }

    @Override
    protected final void layoutChildren() {
        super.layoutChildren();
        if (getWidth() == drawnWidth && (!intoHeight || getHeight() == drawnHeight)) {
            return;
        }
        if (drawnWidth >= 0 || !isInWindow()) {
            redraw();
        } else if (!drawsSoon) {
            drawsSoon = true;
            Platform.runLater(this::drawFirst);
        }
    }

    private void drawFirst() {
        if (drawsSoon) {
            redraw();
        }
    }

    private boolean isInWindow() {
        return getScene() != null && getScene().getWindow() != null;
    }
}
