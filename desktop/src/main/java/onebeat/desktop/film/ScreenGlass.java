package onebeat.desktop.film;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Rectangle;
import onebeat.desktop.text.Texts;

/// What plays, as it is looked at: magnified, moved, or mirrored, so that a southpaw is seen as an orthodox.
final class ScreenGlass extends StackPane {

    private static final double LARGER = 1.5;
    private static final double LARGEST = 6;

    /// How far a key moves the picture, as a share of the screen.
    private static final double STEP = 0.1;

    private final StackPane inside = new StackPane();
    private double larger = 1;
    private double x;
    private double y;
    private boolean mirrored;
    private double fromX;
    private double fromY;

    ScreenGlass() {
        setMinSize(0, 0);
        inside.setMinSize(0, 0);
        getChildren().setAll(inside);
        Rectangle frame = new Rectangle();
        frame.widthProperty().bind(widthProperty());
        frame.heightProperty().bind(heightProperty());
        setClip(frame);
        setOnScroll(e -> magnify(e.getDeltaY() > 0));
        setOnMousePressed(e -> {
            fromX = e.getX() - x;
            fromY = e.getY() - y;
        });
        setOnMouseDragged(e -> to(e.getX() - fromX, e.getY() - fromY));
    }

    /// Looks at this.
    void show(Node what) {
        inside.getChildren().setAll(what);
    }

    void magnify(boolean more) {
        larger = more ? Math.min(LARGEST, larger * LARGER) : Math.max(1, larger / LARGER);
        to(x, y);
    }

    void mirror() {
        mirrored = !mirrored;
        to(x, y);
    }

    /// Looks farther to a side.
    ///
    /// @param right by so many steps; the other side below 0
    /// @param down by so many steps; up below 0
    void look(int right, int down) {
        to(x - right * STEP * getWidth(), y - down * STEP * getHeight());
    }

    /// The picture never leaves the screen.
    private void to(double wantedX, double wantedY) {
        double roomX = getWidth() * (larger - 1) / 2;
        double roomY = getHeight() * (larger - 1) / 2;
        x = Math.clamp(wantedX, -roomX, roomX);
        y = Math.clamp(wantedY, -roomY, roomY);
        inside.setTranslateX(x);
        inside.setTranslateY(y);
        inside.setScaleX(mirrored ? -larger : larger);
        inside.setScaleY(larger);
        setCursor(larger > 1 ? Cursor.MOVE : Cursor.DEFAULT);
    }

    /// How it is looked at, where that is not as it is.
    List<String> words() {
        List<String> words = new ArrayList<>();
        if (larger > 1) {
            words.add(Texts.of("film.larger", Math.round(larger * 10) / 10.0));
        }
        if (mirrored) {
            words.add(Texts.of("film.mirrored"));
        }
        return words;
    }
}
