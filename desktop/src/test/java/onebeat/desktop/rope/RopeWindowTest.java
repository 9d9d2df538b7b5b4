package onebeat.desktop.rope;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.shape.Circle;
import javafx.scene.text.Text;
import onebeat.core.exchange.Stance;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Setting;
import onebeat.core.play.Who;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.desktop.Driver;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/// What the rope draws comes from the played states: it is counted here.
class RopeWindowTest {

    @BeforeAll
    static void toolkit() throws InterruptedException {
        Driver.startToolkit();
    }

    private static RopeView drawn(String line) throws Exception {
        return Driver.onFx(() -> {
            Review review =
                    Review.of((Read) Notation.read(line), Context.of(Setting.of(Stance.ORTHODOX, Stance.ORTHODOX)));
            RopeView rope = new RopeView();
            rope.resize(860, 320);
            rope.show(new RopeView.Picture(review, 0, "Ilka", "Noor", true));
            return rope;
        });
    }

    private static long count(RopeView rope, String style) {
        return rope.getChildren().stream()
                .map(Node::getStyleClass)
                .filter(styles -> styles.contains(style))
                .count();
    }

    static List<String> words(RopeView rope) {
        return rope.getChildren().stream()
                .filter(Text.class::isInstance)
                .map(node -> ((Text) node).getText())
                .toList();
    }

    @Test
    void everyStrikeIsAStrokeAndEveryDefenceABar() throws Exception {
        RopeView rope = drawn("(1 2) parry parry 2 ~3 rlow");
        assertThat(count(rope, "stroke-partner")).isEqualTo(2);
        assertThat(count(rope, "stroke-athlete")).isEqualTo(3);
        assertThat(count(rope, "stroke-feint")).isEqualTo(1);
        assertThat(count(rope, "contact-athlete")).as("a feint lands nowhere").isEqualTo(2);
        assertThat(count(rope, "defence-athlete")).isEqualTo(2);
    }

    @Test
    void oneBeatIsAKnotAndTwoBeatsAreNone() throws Exception {
        assertThat(count(drawn("(1) catch+1"), "knot")).isEqualTo(1);
        assertThat(count(drawn("(1) parry 1"), "knot")).isZero();
        assertThat(words(drawn("(1) catch+1"))).anyMatch(w -> w.startsWith("one beat"));
    }

    @Test
    void gradesStandUnderTheStrikes() throws Exception {
        assertThat(words(drawn("1 2 2")))
                .anyMatch(w -> w.startsWith("full · 0."))
                .anyMatch(w -> w.startsWith("reload · 0."));
        assertThat(words(drawn("1 2'"))).anyMatch(w -> w.startsWith("light"));
        assertThat(words(drawn("1 ~2"))).contains("feint");
        assertThat(count(drawn("1 2 2"), "contact-arm")).isEqualTo(1);
    }

    @Test
    void aStanceChangeCrossesTheStrand() throws Exception {
        assertThat(count(drawn("1 switch 2"), "crossing")).isEqualTo(2);
        assertThat(count(drawn("1 ~switch 2"), "crossing")).isZero();
    }

    @Test
    void aPostIsSeenAndLandsNothing() throws Exception {
        RopeView rope = drawn("post 2 off");
        assertThat(count(rope, "post-athlete"))
                .as("out, left out, and the ring")
                .isEqualTo(3);
        assertThat(count(rope, "contact-athlete")).as("the cross alone").isEqualTo(1);
        assertThat(rope.getAccessibleText()).contains("Ilka, post");
    }

    @Test
    void aFreeChoiceIsMarkedWhereTheWaysPart() throws Exception {
        assertThat(count(drawn("1 < 2 | 3b > off"), "free-choice")).isEqualTo(1);
        assertThat(count(drawn("1 { (1): catch+2 | (none): 3b } off"), "free-choice"))
                .isZero();
    }

    @Test
    void theCallsStandOnTheirBeats() throws Exception {
        assertThat(words(drawn("(1) catch+2 3"))).contains("(1)", "catch+2", "3", "NOOR", "ILKA");
    }

    @Test
    void readsForkTheRopeAndWhatIsSharedIsDrawnOnce() throws Exception {
        RopeView rope = drawn("1 { (1): catch+2 | (3): block 3 } off");
        assertThat(count(rope, "core-line")).as("the way that is looked at").isEqualTo(2);
        assertThat(count(rope, "strand-faint"))
                .as("the other way, three threads each")
                .isEqualTo(6);
        assertThat(count(rope, "stroke-athlete"))
                .as("the jab once, an answer on each way")
                .isEqualTo(3);
        assertThat(count(rope, "stroke-partner")).isEqualTo(2);
        assertThat(words(rope)).contains("(1)", "(3)");
    }

    @Test
    void theWiderTheOpeningTheLargerTheContact() throws Exception {
        double closed = radius(drawn("2 3b"), 0);
        double open = radius(drawn("2 3b"), 1);
        assertThat(open).isGreaterThan(closed);
    }

    private static double radius(RopeView rope, int contact) {
        return rope.getChildren().stream()
                .filter(n -> n.getStyleClass().contains("contact-athlete"))
                .map(Circle.class::cast)
                .map(Circle::getRadius)
                .toList()
                .get(contact);
    }

    @Test
    void theReachBandsAreTheAthletesOwn() throws Exception {
        assertThat(words(drawn("1 3"))).contains("long 107", "mid 80");
    }

    @Test
    void theRopeIsToldInWords() throws Exception {
        String told = drawn("(1) catch+2").getAccessibleText();
        assertThat(told).contains("Noor, jab").contains("Ilka, catch").contains("Ilka, cross");
    }

    @Test
    void nothingTypedIsNothingDrawn() throws Exception {
        RopeView empty = Driver.onFx(() -> {
            RopeView rope = new RopeView();
            rope.resize(860, 320);
            rope.show(null);
            return rope;
        });
        assertThat(empty.getChildren()).isEmpty();
    }

    @Test
    void aLongLineIsTurnedOverAsTheMarkGoesOn() throws Exception {
        RopeView rope = drawn("[1 2]*40");
        assertThat(count(rope, "stroke-athlete")).isEqualTo(Stretch.MOST);
        assertThat(beats(rope)).isNotEmpty().allMatch(beat -> beat >= 1 && beat <= 48);
        var _ = Driver.onFx(() -> {
            rope.mark(new RopeMark(60, Who.ATHLETE));
            return rope;
        });
        assertThat(beats(rope)).isNotEmpty().allMatch(beat -> beat >= 33 && beat <= 80);
        assertThat(count(rope, "stroke-athlete")).isEqualTo(Stretch.MOST);
    }

    /// The numbers of the beats; calls are written in another face.
    private static List<Integer> beats(RopeView rope) {
        return rope.getChildren().stream()
                .filter(node -> node instanceof Text && node.getStyleClass().contains("grade-soft"))
                .map(node -> ((Text) node).getText())
                .filter(words -> words.matches("\\d+"))
                .map(Integer::valueOf)
                .toList();
    }
}
