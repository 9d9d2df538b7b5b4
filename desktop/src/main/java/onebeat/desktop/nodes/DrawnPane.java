package onebeat.desktop.nodes;

import javafx.scene.layout.Pane;

/// A pane that draws itself to its size. A layout that changes width and height draws it once, and what it adds while
/// it is laid out is styled at once.
public abstract class DrawnPane extends Pane {

    private double drawnWidth = -1;
    private double drawnHeight = -1;

    /// Draws what is to be seen into the width and height there are.
    protected abstract void draw();

    /// What is to be seen has changed. Before there is any room nothing is drawn: the first layout draws it.
    protected final void redraw() {
        if (getWidth() > 0 || getHeight() > 0) {
            drawnWidth = getWidth();
            drawnHeight = getHeight();
            draw();
        }
    }

    @Override
    protected final void layoutChildren() {
        super.layoutChildren();
        if (getWidth() != drawnWidth || getHeight() != drawnHeight) {
            redraw();
        }
    }
}
