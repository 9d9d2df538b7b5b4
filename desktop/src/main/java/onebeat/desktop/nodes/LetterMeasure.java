package onebeat.desktop.nodes;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import javafx.scene.text.Text;

/// How much room words take in the letters of a scene, before they are put on it.
///
/// Style sheets decide which letters a style has. So each style is asked once on a scene of its own, and again when the
/// sheets change, for example when the coach wants larger letters.
public final class LetterMeasure {

    /// The size of `small`, in pixels.
    private static final double USUAL = 14;

    private final Node where;

    /// The letters of each style in each set of style sheets. The sheets are the same for all drawings of a window, so
    /// they are asked once for all; only the interface's thread does.
    private static final Map<List<String>, Map<List<String>, Font>> FONTS = new HashMap<>();

    private final Map<Font, Map<Character, Double>> widths = new HashMap<>();
    private final Text ruler = new Text();

    /// @param where the node whose scene decides; without a scene it is the usual letters
    public LetterMeasure(Node where) {
        this.where = where;
    }

    /// How wide these words are, in pixels: the sum of their letters, since a drawing asks for new words with every
    /// key.
    /// What letters move together in pairs is left out.
    ///
    /// @param styles the style classes they will have
    public double width(String words, String... styles) {
        Font font = font(styles);
        Map<Character, Double> letters = widths.computeIfAbsent(font, _ -> new HashMap<>());
        double width = 0;
        for (int i = 0; i < words.length(); i++) {
            width += letters.computeIfAbsent(words.charAt(i), letter -> measured(font, letter));
        }
        return width;
    }

    /// How tall the letters of a style are, in pixels.
    public double size(String... styles) {
        return font(styles).getSize();
    }

    /// How large letters are, as a share of the usual size.
    public double larger() {
        return size("small") / USUAL;
    }

    /// The words, cut short with three dots where they are wider than the room, in pixels.
    public String fitted(String words, double room, String... styles) {
        String cut = words;
        for (int left = words.length() - 1; left > 0 && width(cut, styles) > room; left--) {
            cut = words.substring(0, left).strip() + "…";
        }
        return cut;
    }

    /// Ten of them, so that what is rounded is rounded once.
    private double measured(Font font, char letter) {
        ruler.setFont(font);
        ruler.setText(String.valueOf(letter).repeat(10));
        return ruler.getLayoutBounds().getWidth() / 10;
    }

    private Font font(String... styles) {
        List<String> now = where.getScene() == null
                ? List.of(Nodes.usual())
                : List.copyOf(where.getScene().getStylesheets());
        return FONTS.computeIfAbsent(now, _ -> new HashMap<>())
                .computeIfAbsent(Arrays.asList(styles), asked -> asked(asked, now));
    }

    private static Font asked(List<String> styles, List<String> sheets) {
        Text probe = new Text("x");
        probe.getStyleClass().setAll(styles);
        new Scene(new Group(probe)).getStylesheets().setAll(sheets);
        probe.applyCss();
        return probe.getFont();
    }
}
