package onebeat.desktop.welcome;

import java.nio.file.Path;
import javafx.geometry.Pos;
import javafx.scene.layout.VBox;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// What stands in the window while the first camp is being opened.
public final class OpeningView extends VBox {

    private static final double GAP = 16;

    public OpeningView(Path camp) {
        super(
                GAP,
                Nodes.text("ONE BEAT", "floor-head"),
                Nodes.text(Texts.of("welcome.opening", String.valueOf(camp.getFileName())), "heading"),
                Nodes.text(Texts.of("caution.short"), "caution"));
        getStyleClass().add("welcome");
        setAlignment(Pos.CENTER);
    }
}
