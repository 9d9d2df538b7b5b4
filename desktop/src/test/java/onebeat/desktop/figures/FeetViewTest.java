package onebeat.desktop.figures;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.shape.Ellipse;
import onebeat.core.exchange.Stance;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Play;
import onebeat.core.play.Setting;
import org.junit.jupiter.api.Test;

/// The floor from above: sides, distances and words come from the played feet.
class FeetViewTest {

    private static FeetView drawn(String line, Stance athlete, Stance partner, double beat) {
        Setting setting = Setting.of(athlete, partner);
        FeetView view = new FeetView();
        view.resize(240, 150);
        view.show(Play.of(((Read) Notation.read(line)).line(), setting).ways().getFirst(), setting, beat);
        return view;
    }

    private static Ellipse foot(FeetView view, String style) {
        return view.getChildren().stream()
                .filter(n -> n.getStyleClass().contains(style))
                .map(Ellipse.class::cast)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theLeadFootStandsInFrontAndOnItsOwnSide() {
        FeetView orthodox = drawn("1 _", Stance.ORTHODOX, Stance.ORTHODOX, 0);
        Ellipse lead = foot(orthodox, "foot-lead-athlete");
        Ellipse rear = foot(orthodox, "foot-rear-athlete");
        assertThat(lead.getCenterX()).isGreaterThan(rear.getCenterX());
        assertThat(lead.getCenterY()).as("the left foot is up on the picture").isLessThan(rear.getCenterY());
        FeetView southpaw = drawn("1 _", Stance.SOUTHPAW, Stance.ORTHODOX, 0);
        assertThat(foot(southpaw, "foot-lead-athlete").getCenterY())
                .isGreaterThan(foot(southpaw, "foot-rear-athlete").getCenterY());
    }

    @Test
    void inOpenPairingBothLeadFeetAreOnOneSide() {
        FeetView open = drawn("1 _", Stance.ORTHODOX, Stance.SOUTHPAW, 0);
        double lead = foot(open, "foot-lead-athlete").getCenterY();
        assertThat(foot(open, "foot-lead-partner").getCenterY()).isBetween(lead - 8, lead + 8);
        FeetView same = drawn("1 _", Stance.ORTHODOX, Stance.ORTHODOX, 0);
        assertThat(foot(same, "foot-lead-partner").getCenterY())
                .isGreaterThan(foot(same, "foot-lead-athlete").getCenterY() + 8);
    }

    @Test
    void theWordsTellTheFeetAndTheAngle() {
        assertThat(drawn("1 across rlow", Stance.ORTHODOX, Stance.SOUTHPAW, 1).getAccessibleText())
                .contains("outside by");
        assertThat(drawn("1 circle-lead", Stance.ORTHODOX, Stance.SOUTHPAW, 1).getAccessibleText())
                .contains("away from power");
        assertThat(drawn("1 circle-rear", Stance.ORTHODOX, Stance.SOUTHPAW, 1).getAccessibleText())
                .contains("into power");
    }

    @Test
    void betweenTwoBeatsTheFeetAreOnTheirWay() {
        double before = foot(drawn("@out in 1", Stance.ORTHODOX, Stance.ORTHODOX, 0), "foot-lead-athlete")
                .getCenterX();
        double between = foot(drawn("@out in 1", Stance.ORTHODOX, Stance.ORTHODOX, 0.5), "foot-lead-athlete")
                .getCenterX();
        double after = foot(drawn("@out in 1", Stance.ORTHODOX, Stance.ORTHODOX, 1), "foot-lead-athlete")
                .getCenterX();
        assertThat(between).isBetween(Math.min(before, after), Math.max(before, after));
        assertThat(after).isNotEqualTo(before);
    }

    @Test
    void nothingTypedIsAnEmptyFloor() {
        FeetView view = new FeetView();
        view.resize(240, 150);
        view.show(null, Setting.usual(), 0);
        assertThat(view.getChildren()).isEmpty();
    }
}
