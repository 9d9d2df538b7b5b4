package onebeat.desktop.rope;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.AccessibleRole;
import javafx.scene.shape.Rectangle;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Finding;
import onebeat.desktop.nodes.ShapePool;
import onebeat.desktop.rope.RopeView.Picture;
import onebeat.desktop.text.Texts;

/// Where each strike and action lies, for those who hear the rope: who does what on which beat, how hard, how open its
/// target is, and what was found there.
record StepAreas(ShapePool marks, RopeScale scale, Picture picture, Forks forks) {

    /// How much of a beat an action takes up.
    private static final double SHARE = 0.9;

    /// Draws them, and tells the whole way in words.
    String draw() {
        List<String> all = new ArrayList<>();
        int way = forks.numbers().indexOf(picture.way());
        for (Step step : scale.stretch().steps(picture.chosen())) {
            double lane = forks.lane(way, step.beat().inBeats());
            double half = scale.laneHeight() / 2;
            double width = SHARE * scale.step();
            Rectangle area = marks.rectangle(
                    scale.x(step.beat().inBeats()) - width / 2,
                    scale.middle(lane) - (step.who() == Who.PARTNER ? half : 0),
                    width,
                    half,
                    "step-area");
            area.setAccessibleRole(AccessibleRole.TEXT);
            String words = spoken(step);
            area.setAccessibleText(words);
            all.add(words);
        }
        return String.join("; ", all);
    }

    private String spoken(Step step) {
        String what = Texts.of(
                "rope.step",
                step.beat().inBeats() + 1,
                picture.name(step.who()),
                step.placed().technique().name());
        Stream<String> grade = new StepGrades(picture.review(), picture.way())
                        .of(step)
                        .map(g -> g.open().isEmpty() ? g.words() : Texts.of("rope.step.open", g.words(), g.open()))
                        .stream();
        Stream<String> found = found(picture, step).stream()
                .map(f -> Texts.of("severity." + f.severity().word()) + ": " + Texts.of("finding." + f.code()));
        return String.join(
                ", ",
                Stream.of(Stream.of(what), grade, found)
                        .flatMap(s -> s)
                        .distinct()
                        .toList());
    }

    /// What was found at a step.
    static List<Finding> found(Picture picture, Step step) {
        return picture.review().findings().stream()
                .filter(finding -> finding.spans().contains(step.placed().span()))
                .toList();
    }
}
