package onebeat.desktop.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import onebeat.core.review.Finding;
import onebeat.desktop.bench.CornerRow.Mark;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// What the corner says: the findings, each with its shape and word, and the key that takes its mend.
final class Corner extends VBox implements Page {

    private final VBox rows = new VBox(14);
    private final List<CornerRow> kept = new ArrayList<>();
    private final CornerRow atMark = new CornerRow();
    private List<String> mends = List.of();

    private final Consumer<Finding> look;

    /// @param look told the finding that was pressed
    Corner(Consumer<Finding> look) {
        this.look = look;
        setSpacing(14);
        getStyleClass().add("paper");
        var scroll = Nodes.scroll(rows);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(Nodes.text(Texts.of("corner.title"), "title"), scroll);
    }

    @Override
    public Region view() {
        return this;
    }

    /// The mend that the key F with this number takes.
    @Override
    public Optional<String> line(int functionKey) {
        int index = functionKey - FIRST_KEY;
        return index >= 0 && index < mends.size() ? Optional.of(mends.get(index)) : Optional.empty();
    }

    /// Shows the findings of a line.
    void show(Seen seen) {
        List<Node> nodes = new ArrayList<>();
        List<String> found = new ArrayList<>();
        if (seen.text().isBlank()) {
            nodes.add(Nodes.flow(Nodes.text(Texts.of("corner.empty"), "soft")));
        } else if (seen.misread().isPresent()) {
            String why = seen.misread().get().sentence();
            row(nodes, Mark.STOP, Texts.of("corner.misread"), why, "", "");
        } else if (seen.review().isPresent()) {
            findings(nodes, found, unlike(seen.review().get().findings()));
        }
        mends = List.copyOf(found);
        nodes.add(atMark);
        rows.getChildren().setAll(nodes);
    }

    /// Shows why the strike at the mark is there, or nothing.
    void show(Optional<AtMark> mark) {
        atMark.setVisible(mark.isPresent());
        atMark.setManaged(mark.isPresent());
        mark.ifPresent(m -> atMark.fill(Mark.GOOD, m.title(), m.words(), "", ""));
    }

    /// Reads can give the same finding on every branch; it is said once.
    private static List<Finding> unlike(List<Finding> all) {
        Map<String, Finding> unlike = new LinkedHashMap<>();
        all.forEach(f -> unlike.putIfAbsent(f.code() + f.text() + f.mended().orElse(""), f));
        return List.copyOf(unlike.values());
    }

    private void findings(List<Node> nodes, List<String> mends, List<Finding> findings) {
        if (findings.isEmpty()) {
            row(nodes, Mark.GOOD, Texts.of("corner.clean"), Texts.of("corner.clean.why"), "", "");
        }
        for (Finding finding : findings) {
            String key = "";
            if (finding.mended().isPresent()) {
                key = "F" + (mends.size() + FIRST_KEY);
                mends.add(finding.mended().get());
            }
            String name = Texts.of("finding." + finding.code());
            String title = finding.branch().isEmpty() ? name : Texts.of("corner.onread", name, finding.branch());
            Mark mark = Mark.of(finding.severity());
            row(nodes, mark, title, finding.text(), key, finding.mended().orElse(""))
                    .pressed(() -> look.accept(finding));
        }
    }

    /// The next row, filled; rows are kept from one line to the next.
    private CornerRow row(List<Node> nodes, Mark mark, String title, String why, String key, String mended) {
        if (nodes.size() >= kept.size()) {
            kept.add(new CornerRow());
        }
        CornerRow row = kept.get(nodes.size());
        nodes.add(row);
        return row.fill(mark, title, why, key, mended);
    }
}
