package onebeat.desktop.shell;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.Group;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import javafx.scene.shape.CubicCurveTo;
import javafx.scene.shape.Ellipse;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.QuadCurve;
import javafx.scene.text.Text;
import onebeat.desktop.app.StationName;
import onebeat.desktop.text.Texts;

/// The five stations as knots on one hanging rope, in the order of the work.
final class StationRope extends Pane {

    private static final PseudoClass HERE = PseudoClass.getPseudoClass("here");
    private static final double MIDDLE = 40;
    private static final double FIRST = 46;
    private static final double STEP = 118;

    private final Map<StationName, Group> knots = new EnumMap<>(StationName.class);

    StationRope(Consumer<StationName> go) {
        setPrefWidth(80);
        getChildren().add(rope());
        for (StationName name : StationName.path()) {
            Group knot = knot(name, go);
            knots.put(name, knot);
            getChildren().add(knot);
        }
    }

    private static Path rope() {
        Path path = new Path(new MoveTo(MIDDLE, 0));
        double y = 0;
        int way = -1;
        while (y < FIRST + 4 * STEP + 60) {
            path.getElements().add(new CubicCurveTo(MIDDLE, y + 9, MIDDLE + way * 8, y + 8, MIDDLE + way * 8, y + 17));
            path.getElements().add(new CubicCurveTo(MIDDLE + way * 8, y + 26, MIDDLE, y + 25, MIDDLE, y + 34));
            way = -way;
            y += 34;
        }
        path.getStyleClass().setAll("rope-line");
        return path;
    }

    private static Group knot(StationName name, Consumer<StationName> go) {
        double y = FIRST + (name.number() - 1) * STEP;
        Ellipse ball = new Ellipse(MIDDLE, y, 16, 13);
        ball.getStyleClass().setAll("station-knot");
        QuadCurve fold = new QuadCurve(MIDDLE - 8, y - 4, MIDDLE, y + 8, MIDDLE + 8, y - 3);
        fold.getStyleClass().setAll("station-fold");
        Text text = new Text(Texts.of(name.key()));
        text.getStyleClass().setAll("text");
        text.setTextOrigin(VPos.TOP);
        text.setY(y + 18);
        text.layoutBoundsProperty().addListener((_, _, bounds) -> text.setX(MIDDLE - bounds.getWidth() / 2));
        Group group = new Group(ball, fold, text);
        group.getStyleClass().add("station");
        group.setId("station-" + name.name());
        group.setFocusTraversable(true);
        group.setAccessibleRole(AccessibleRole.BUTTON);
        group.setAccessibleText(Texts.of("station.go", Texts.of(name.key()), name.number()));
        group.setOnMouseClicked(_ -> go.accept(name));
        group.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                go.accept(name);
                e.consume();
            }
        });
        return group;
    }

    void here(StationName name) {
        knots.forEach((one, knot) -> knot.pseudoClassStateChanged(HERE, one == name));
    }
}
