package onebeat.desktop.figures;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Polygon;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Beat;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Who;
import onebeat.desktop.nodes.ShapePool;
import org.junit.jupiter.api.Test;

/// The athlete as the holder sees them, in centimetres from the middle of the picture.
class FrontBodyTest {

    private static final Fighter ILKA = new Fighter("a", Stance.ORTHODOX, 168, 170);

    private static List<Polygon> drawn(String line, double beat, int leadSide) {
        PlayedWay way = Play.of(
                        ((Read) Notation.read(line)).line(),
                        new Setting(ILKA, new Fighter("b", Stance.ORTHODOX, 180, 184)))
                .ways()
                .getFirst();
        double gap = way.at(Beat.whole(0)).gapCm();
        Pane pane = new Pane();
        ShapePool shapes = new ShapePool(pane);
        shapes.begin();
        Pose pose = Pose.at(way, Who.ATHLETE, beat, ILKA.heightCm(), gap);
        new FrontBody(new BodyShapes(shapes, 0, 0, 1, 1), pose, leadSide, gap).draw();
        shapes.end();
        return pane.getChildren().stream().map(Polygon.class::cast).toList();
    }

    private static Bounds glove(List<Polygon> body, String style) {
        return body.stream()
                .filter(p -> p.getStyleClass().contains(style))
                .findFirst()
                .orElseThrow()
                .getBoundsInLocal();
    }

    @Test
    void aHandThatComesGrowsAndGoesToTheMiddle() {
        Bounds guard = glove(drawn("_ 1 _", 0, 1), "glove-athlete-near");
        Bounds there = glove(drawn("_ 1 _", 1, 1), "glove-athlete-near");
        assertThat(there.getWidth()).isGreaterThan(1.5 * guard.getWidth());
        assertThat(Math.abs(there.getCenterX())).isLessThan(Math.abs(guard.getCenterX()));
    }

    @Test
    void theOtherStanceIsTheOtherSide() {
        Bounds one = glove(drawn("_ 1 _", 0, 1), "glove-athlete-near");
        Bounds other = glove(drawn("_ 1 _", 0, -1), "glove-athlete-near");
        assertThat(one.getCenterX()).isPositive().isCloseTo(-other.getCenterX(), within(1e-6));
        assertThat(one.getCenterY()).isCloseTo(other.getCenterY(), within(1e-6));
    }

    /// Up is less on the picture: the head is over the trunk, the trunk over the legs, and nothing is out of
    /// proportion.
    @Test
    void itIsABody() {
        List<Polygon> body = drawn("_ 2 _", 0, 1);
        double top = body.stream()
                .mapToDouble(p -> p.getBoundsInLocal().getMinY())
                .min()
                .orElseThrow();
        assertThat(-top).as("as tall as the athlete, on guard").isBetween(140.0, 180.0);
        Bounds hair = glove(body, "hair-athlete");
        Bounds shorts = glove(body, "shorts-near");
        assertThat(hair.getMaxY()).isLessThan(shorts.getMinY());
        assertThat(hair.getCenterX()).isCloseTo(0, within(1.0));
    }
}
