package onebeat.desktop.nodes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.scene.text.Text;
import onebeat.desktop.Driver;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What is measured before it is drawn is as large as what is drawn.
class LetterMeasureTest {

    @BeforeAll
    static void toolkit() throws InterruptedException {
        Driver.startToolkit();
    }

    private static Pane dressed(int percent) {
        Pane pane = new Pane();
        Nodes.dress(new Scene(pane), percent);
        return pane;
    }

    @ParameterizedTest
    @CsvSource({
        "mono-strong, 100, catch+2", "mono-tiny, 100, circle-lead", "strong, 100, Noor walks forward",
        "mono-strong, 150, catch+2", "narrow, 100, FIGHT NIGHT", "small, 200, both hands drop"
    })
    void wordsAreAsWideAsTheyAreDrawn(String style, int percent, String words) throws Exception {
        double[] both = Driver.onFx(() -> {
            Pane pane = dressed(percent);
            Text text = Nodes.text(words, style);
            pane.getChildren().add(text);
            text.applyCss();
            return new double[] {
                new LetterMeasure(pane).width(words, style),
                text.getLayoutBounds().getWidth()
            };
        });
        assertThat(both[0]).isCloseTo(both[1], within(0.02 * both[1] + 1));
    }

    @Test
    void largerLettersAreMeasuredLarger() throws Exception {
        assertThat(Driver.onFx(() -> new LetterMeasure(dressed(100)).larger())).isCloseTo(1, within(0.01));
        assertThat(Driver.onFx(() -> new LetterMeasure(dressed(150)).larger())).isCloseTo(1.5, within(0.01));
        assertThat(Driver.onFx(() -> new LetterMeasure(new Pane()).larger()))
                .as("without a scene the usual letters")
                .isCloseTo(1, within(0.01));
    }

    @Test
    void aWindowThatIsDressedAnewIsMeasuredAnew() throws Exception {
        double[] both = Driver.onFx(() -> {
            Pane pane = dressed(100);
            LetterMeasure measure = new LetterMeasure(pane);
            double before = measure.width("rlow", "mono-strong");
            Nodes.dress(pane.getScene(), 200);
            return new double[] {before, measure.width("rlow", "mono-strong")};
        });
        assertThat(both[1]).isCloseTo(2 * both[0], within(0.5));
    }

    @Test
    void wordsAreCutWhereTheRoomEndsAndLeftWhereItDoesNot() throws Exception {
        assertThat(Driver.onFx(() -> new LetterMeasure(dressed(100)).fitted("left hook", 400, "small")))
                .isEqualTo("left hook");
        String cut = Driver.onFx(() -> new LetterMeasure(dressed(100)).fitted("Noor walks forward", 80, "small"));
        assertThat(cut).startsWith("Noor").endsWith("…").hasSizeLessThan(14);
        assertThat(Driver.onFx(() -> new LetterMeasure(dressed(100)).width(cut, "small")))
                .isLessThanOrEqualTo(80);
    }

    /// The name of the program keeps its letters.
    @Test
    void someLettersKeepTheirSize() throws Exception {
        double[] usual = Driver.onFx(() -> sizes(100));
        double[] doubled = Driver.onFx(() -> sizes(200));
        assertThat(doubled[0]).isEqualTo(usual[0]);
        assertThat(doubled[1]).isCloseTo(2 * usual[1], within(0.1));
    }

    private static double[] sizes(int percent) {
        LetterMeasure measure = new LetterMeasure(dressed(percent));
        return new double[] {measure.size("brand-one"), measure.size("title")};
    }
}
