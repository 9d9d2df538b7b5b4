package onebeat.desktop.weeks;

import java.util.function.Consumer;
import javafx.scene.Cursor;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;
import onebeat.desktop.weeks.WeeksAction.Choose;
import onebeat.desktop.weeks.WeeksAction.Move;
import org.jspecify.annotations.Nullable;

/// The mouse on the unrolled cord: a press chooses a day and a line, and a planned round that is pulled along its
/// strand comes on the day where it is let go.
final class StrandPull {

    private static final double RING = 9;

    private final WeeksRope rope;
    private final Consumer<WeeksAction> dispatch;
    private final Circle ring = new Circle(RING);
    private @Nullable WeeksPicture now;
    private WeeksScale scale = WeeksScale.NONE;
    private @Nullable Choose pulled;

    StrandPull(WeeksRope rope, Consumer<WeeksAction> dispatch) {
        this.rope = rope;
        this.dispatch = dispatch;
        ring.getStyleClass().setAll("weeks-pulled");
        ring.setVisible(false);
        rope.setOnMousePressed(this::press);
        rope.setOnMouseDragged(this::pull);
        rope.setOnMouseReleased(this::letGo);
        rope.setOnMouseMoved(e -> rope.setCursor(round(e) == null ? Cursor.DEFAULT : Cursor.OPEN_HAND));
    }

    /// What is drawn now, and where.
    void on(WeeksPicture drawn, WeeksScale where) {
        now = drawn;
        scale = where;
    }

    /// What stands on the day that a round is pulled to.
    Circle ring() {
        return ring;
    }

    private void press(MouseEvent e) {
        WeeksPicture seen = now;
        if (seen == null) {
            return;
        }
        pulled = round(e);
        int line = scale.line(e.getY());
        boolean onLine = line >= 0 && line < seen.problem().lines().size();
        dispatch.accept(new Choose(
                scale.isLeftOfDays(e.getX()) ? seen.state().day() : scale.day(e.getX()),
                onLine ? line : seen.state().line()));
        rope.getParent().requestFocus();
    }

    /// The planned round under the mouse, if there is one.
    private @Nullable Choose round(MouseEvent e) {
        WeeksPicture seen = now;
        if (seen == null || scale.isLeftOfDays(e.getX())) {
            return null;
        }
        Choose at = new Choose(scale.day(e.getX()), scale.line(e.getY()));
        boolean planned = seen.state().plan().on(at.day()).stream().anyMatch(round -> round.line() == at.line());
        return planned ? at : null;
    }

    private void pull(MouseEvent e) {
        Choose from = pulled;
        WeeksPicture seen = now;
        if (from == null || seen == null) {
            return;
        }
        int day = scale.day(e.getX());
        ring.setCenterX(scale.x(day));
        ring.setCenterY(
                scale.y(from.line(), seen.problem().lines().get(from.line()).at()));
        ring.setVisible(day != from.day());
        rope.setCursor(Cursor.CLOSED_HAND);
    }

    private void letGo(MouseEvent e) {
        Choose from = pulled;
        pulled = null;
        ring.setVisible(false);
        rope.setCursor(Cursor.DEFAULT);
        int day = scale.day(e.getX());
        if (from != null && day != from.day()) {
            dispatch.accept(new Move(from.day(), day, from.line()));
        }
    }
}
