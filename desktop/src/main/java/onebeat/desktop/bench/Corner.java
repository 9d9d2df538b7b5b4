package onebeat.desktop.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import onebeat.core.review.Finding;
import onebeat.core.review.Severity;
import onebeat.desktop.desk.LineWatch.Seen;
import onebeat.desktop.desk.Look;
import onebeat.desktop.desk.Texts;

/// What the corner says: the findings, each with its shape and word, and the key that takes its mend.
public final class Corner extends VBox {

    /// Mends are taken with F2, F3 and so on; F1 is left to help.
    private static final int FIRST_KEY = 2;

    private final VBox rows = new VBox(14);
    private List<String> mends = List.of();

    public Corner() {
        setSpacing(14);
        getStyleClass().add("paper");
        var scroll = Look.scroll(rows);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(Look.text(Texts.of("corner.title"), "title"), scroll);
    }

    /// The line that the key F with this number makes, if there is such a mend.
    public Optional<String> mend(int functionKey) {
        int index = functionKey - FIRST_KEY;
        return index >= 0 && index < mends.size() ? Optional.of(mends.get(index)) : Optional.empty();
    }

    /// Shows the findings of a line.
    public void show(Seen seen) {
        List<Node> nodes = new ArrayList<>();
        List<String> found = new ArrayList<>();
        if (seen.text().isBlank()) {
            nodes.add(Look.flow(Look.text(Texts.of("corner.empty"), "soft")));
        } else if (seen.misread().isPresent()) {
            nodes.add(row(
                    mark(Severity.STOP),
                    Texts.of("corner.misread"),
                    seen.misread().get().sentence(),
                    "",
                    ""));
        } else if (seen.review().isPresent()) {
            findings(nodes, found, unlike(seen.review().get().findings()));
        }
        mends = List.copyOf(found);
        rows.getChildren().setAll(nodes);
    }

    /// Reads can give the same finding on every branch; it is said once.
    private static List<Finding> unlike(List<Finding> all) {
        Map<String, Finding> unlike = new LinkedHashMap<>();
        all.forEach(f -> unlike.putIfAbsent(f.code() + f.text() + f.mended().orElse(""), f));
        return List.copyOf(unlike.values());
    }

    private static void findings(List<Node> nodes, List<String> mends, List<Finding> findings) {
        if (findings.isEmpty()) {
            nodes.add(row(good(), Texts.of("corner.clean"), Texts.of("corner.clean.why"), "", ""));
        }
        for (Finding finding : findings) {
            String key = "";
            if (finding.mended().isPresent()) {
                key = "F" + (mends.size() + FIRST_KEY);
                mends.add(finding.mended().get());
            }
            String title = Texts.of("finding." + finding.code());
            nodes.add(row(
                    mark(finding.severity()),
                    title,
                    finding.text(),
                    key,
                    finding.mended().orElse("")));
        }
    }

    private static Node row(Shape mark, String title, String why, String key, String mended) {
        Text head = Look.text(title, "strong");
        TextFlow reason = Look.flow(Look.text(why, "small"));
        VBox words = new VBox(3, Look.flow(head), reason);
        if (!key.isEmpty()) {
            Text line = Look.text(mended, "mend");
            line.getStyleClass().remove("text");
            TextFlow flow = Look.flow(line);
            HBox.setHgrow(flow, Priority.ALWAYS);
            HBox mend = new HBox(8, Look.key(key), flow);
            mend.setAlignment(Pos.TOP_LEFT);
            words.getChildren().add(mend);
        }
        HBox.setHgrow(words, Priority.ALWAYS);
        VBox holder = new VBox(mark);
        holder.setMinWidth(20);
        holder.setPadding(new Insets(3, 0, 0, 0));
        return new HBox(10, holder, words);
    }

    /// A block for stop, a wedge for warn, a ring for note: told apart without colour.
    private static Shape mark(Severity severity) {
        Shape shape = switch (severity) {
            case STOP -> new Rectangle(14, 14);
            case WARN -> new Polygon(0, 13, 15, 13, 7.5, 0);
            case NOTE -> new Circle(6);
        };
        shape.getStyleClass().setAll("mark-" + severity.word());
        shape.setAccessibleText(Texts.of("severity." + severity.word()));
        return shape;
    }

    private static Shape good() {
        Circle shape = new Circle(7);
        shape.getStyleClass().setAll("mark-good");
        return shape;
    }
}
