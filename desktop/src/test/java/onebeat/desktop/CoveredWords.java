package onebeat.desktop;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.text.Text;
import javafx.scene.text.TextBoundsType;

/// Words of a drawing that cannot be read as they stand on the screen.
public final class CoveredWords {

    private CoveredWords() {}

    /// A sentence for each text that leaves the pane and for each two that cover one another.
    ///
    /// @param what the drawing shows, for the sentence
    public static List<String> on(Pane pane, String what) {
        List<String> wrong = new ArrayList<>();
        List<Text> words = new ArrayList<>();
        for (Node node : pane.getChildren()) {
            if (node instanceof Text text) {
                text.setBoundsType(TextBoundsType.VISUAL);
                words.add(text);
            }
        }
        for (int i = 0; i < words.size(); i++) {
            Bounds one = words.get(i).getBoundsInParent();
            if (one.getMinX() < 0
                    || one.getMinY() < 0
                    || one.getMaxX() > pane.getWidth()
                    || one.getMaxY() > pane.getHeight()) {
                wrong.add(words.get(i).getText() + " leaves the picture of " + what);
            }
            for (int j = 0; j < i; j++) {
                if (one.intersects(words.get(j).getBoundsInParent())) {
                    wrong.add(words.get(i).getText() + " covers " + words.get(j).getText() + " in " + what);
                }
            }
        }
        return wrong;
    }
}
