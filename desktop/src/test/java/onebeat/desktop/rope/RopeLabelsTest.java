package onebeat.desktop.rope;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.scene.Scene;
import onebeat.core.exchange.Stance;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Setting;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.desktop.CoveredWords;
import onebeat.desktop.nodes.Nodes;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What is written on the rope, as it stands on the screen: no two words cover one another, none leaves the picture.
class RopeLabelsTest {

    private static final int LINES = 200;

    private static final List<String> ITEMS = List.of(
            "1",
            "2",
            "3b",
            "rlow",
            "catch+2",
            "(1) parry 2",
            "(3) block+3",
            "leadbodyhook",
            "~1'",
            "circle-lead",
            "(1 2) catch slip-out",
            "lknee",
            "switch",
            "relbow",
            "_",
            "pull 2",
            "2b",
            "off",
            "(rlow) check rmid");

    private static final List<String> READS = List.of(
            "{ (1): catch+2 3 | (2): parry 2 rlow }",
            "{ (1): catch+1 | (3): block+3b | (none): 1 2 }",
            "{ (1): catch { (1): catch+2 | (2): parry 3 } | (rlow): check 2 }",
            "< 2 3 | 3b 2 >");

    @BeforeAll
    static void toolkit() throws InterruptedException {
        RopeWindowTest.toolkit();
    }

    /// A line that the notation knows, with or without reads; words that it does not know are left out.
    private static Read line(Random random) {
        List<String> items = new ArrayList<>();
        int count = 2 + random.nextInt(14);
        for (int i = 0; i < count; i++) {
            items.add(ITEMS.get(random.nextInt(ITEMS.size())));
        }
        if (random.nextBoolean()) {
            items.add(random.nextInt(items.size()), READS.get(random.nextInt(READS.size())));
        }
        items.removeIf(item -> !(Notation.read(item) instanceof Read));
        return Notation.read(String.join(" ", items)) instanceof Read read ? read : (Read) Notation.read("1 2");
    }

    @ParameterizedTest
    @CsvSource({"920,360,100", "640,240,100", "920,360,150", "640,300,200", "420,180,100"})
    void noTwoWordsCoverOneAnotherAndNoneLeavesThePicture(double width, double height, int percent) throws Exception {
        Random random = new Random(20_270_304);
        FutureTask<List<String>> task = new FutureTask<>(() -> {
            RopeView rope = new RopeView();
            Nodes.dress(new Scene(rope, width, height), percent);
            List<String> wrong = new ArrayList<>();
            for (int i = 0; i < LINES; i++) {
                Read read = line(random);
                Review review = Review.withoutMends(read, Context.of(Setting.of(Stance.ORTHODOX, Stance.SOUTHPAW)));
                rope.resize(width, height);
                rope.show(new RopeView.Picture(
                        review, random.nextInt(review.played().ways().size()), "Ilka", "Noor", true));
                rope.applyCss();
                wrong.addAll(CoveredWords.on(rope, read.text()));
            }
            return wrong;
        });
        Platform.runLater(task);
        assertThat(task.get(120, TimeUnit.SECONDS)).isEmpty();
    }

    /// An empty rope would overlap nothing: where there is room every action of the way is written whole.
    @Test
    void whereThereIsRoomEveryActionIsWrittenWhole() throws Exception {
        Random random = new Random(20_270_305);
        FutureTask<List<String>> task = new FutureTask<>(() -> {
            RopeView rope = new RopeView();
            Nodes.dress(new Scene(rope, 1_100, 420));
            List<String> missing = new ArrayList<>();
            for (int i = 0; i < LINES; i++) {
                Read read = line(random);
                Review review = Review.withoutMends(read, Context.of(Setting.of(Stance.ORTHODOX, Stance.SOUTHPAW)));
                int way = random.nextInt(review.played().ways().size());
                if (review.played().beats() > ROOMY_BEATS) {
                    continue;
                }
                rope.resize(1_100, 420);
                rope.show(new RopeView.Picture(review, way, "Ilka", "Noor", false));
                String all = String.join(" ", RopeWindowTest.words(rope));
                review.played().ways().get(way).steps().stream()
                        .map(step -> Notation.print(step.placed().act()))
                        .filter(call -> !all.contains(call))
                        .forEach(call -> missing.add(call + " of " + read.text()));
            }
            return missing;
        });
        Platform.runLater(task);
        assertThat(task.get(120, TimeUnit.SECONDS)).isEmpty();
    }

    private static final int ROOMY_BEATS = 10;
}
