package onebeat.desktop.shell;

import java.util.List;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.review.Finding;
import onebeat.core.review.Review;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.rope.RopeView;
import onebeat.desktop.text.Texts;

/// What is being typed, drawn above the call line on stations other than the bench.
final class Preview extends VBox {

    private final RopeView rope = new RopeView();
    private final Text finding = Nodes.text("", "small");

    Preview() {
        super(2);
        getStyleClass().addAll("paper", "preview");
        rope.setMinHeight(148);
        rope.setPrefHeight(148);
        setMaxHeight(USE_PREF_SIZE);
        getChildren().setAll(rope, finding);
        hide();
    }

    void hide() {
        setVisible(false);
        setManaged(false);
    }

    void show(Seen seen) {
        boolean drawn = seen.review().isPresent();
        setVisible(drawn);
        setManaged(drawn);
        if (drawn) {
            Review review = seen.review().get();
            rope.show(new RopeView.Picture(
                    review,
                    0,
                    review.context().setting().athlete().name(),
                    review.context().setting().partner().name(),
                    false));
            List<Finding> findings = review.findings();
            finding.setText(
                    findings.isEmpty()
                            ? Texts.of("corner.clean")
                            : findings.getFirst().text());
        }
    }
}
