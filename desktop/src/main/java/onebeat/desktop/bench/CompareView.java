package onebeat.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.review.Comparison;
import onebeat.core.review.Comparison.Measure;
import onebeat.core.review.Comparison.Measured;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// Two lines side by side: what was set aside to compare, what is typed now, and the sentence that tells them apart.
final class CompareView extends VBox implements Page {

    private static final double BAR = 108;

    private final VBox rows = new VBox(12);
    private String aside = "";

    CompareView() {
        setSpacing(12);
        getStyleClass().add("paper");
        ScrollPane scroll = Nodes.scroll(rows);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(Nodes.text(Texts.of("compare.title"), "title"), scroll);
    }

    @Override
    public Region view() {
        return this;
    }

    /// F2 takes the line back that was set aside.
    @Override
    public Optional<String> line(int functionKey) {
        return functionKey == FIRST_KEY && !aside.isEmpty() ? Optional.of(aside) : Optional.empty();
    }

    void show(String first, String second, Optional<Comparison> comparison) {
        aside = first;
        List<Node> nodes = new ArrayList<>();
        nodes.add(named(Texts.of("compare.one"), first, "F" + FIRST_KEY));
        nodes.add(named(Texts.of("compare.two"), second, ""));
        comparison.ifPresentOrElse(
                c -> {
                    nodes.add(Nodes.flow(Nodes.text(c.sentence(), "strong")));
                    c.measures().stream().filter(CompareView::isThere).forEach(m -> nodes.add(row(m)));
                },
                () -> nodes.add(Nodes.flow(Nodes.text(Texts.of("compare.wait"), "soft"))));
        rows.getChildren().setAll(nodes);
    }

    private static boolean isThere(Measured measured) {
        return measured.first().isPresent() || measured.second().isPresent();
    }

    private static Node named(String name, String line, String key) {
        Text words = new Text(line);
        words.getStyleClass().setAll("mend");
        HBox head = Nodes.beside(8, Nodes.text(name, "soft"));
        if (!key.isEmpty()) {
            head.getChildren().add(Nodes.key(key));
        }
        return new VBox(2, head, Nodes.flow(words));
    }

    private static Node row(Measured measured) {
        String name = Texts.of("compare." + measured.measure().name().toLowerCase(Locale.ROOT));
        String better = Texts.of(measured.measure().moreIsBetter() ? "compare.more" : "compare.less");
        return new VBox(
                2,
                Nodes.text(name + " · " + better, "soft"),
                bar(measured, measured.first(), "bar-one"),
                bar(measured, measured.second(), "bar-two"));
    }

    private static Node bar(Measured measured, OptionalDouble value, String style) {
        double most = Math.max(
                1e-9,
                Math.max(
                        Math.abs(measured.first().orElse(0)),
                        Math.abs(measured.second().orElse(0))));
        Region filled = new Region();
        filled.getStyleClass().setAll(style);
        double width = value.isPresent() ? Math.max(2, BAR * Math.abs(value.getAsDouble()) / most) : 2;
        filled.setMinSize(width, 9);
        filled.setMaxSize(width, 9);
        StackPane holder = new StackPane(filled);
        holder.setAlignment(Pos.CENTER_LEFT);
        holder.setMinWidth(BAR);
        HBox row = Nodes.beside(
                10,
                holder,
                Nodes.text(value.isPresent() ? said(measured.measure(), value.getAsDouble()) : "–", "small"));
        return row;
    }

    private static String said(Measure measure, double value) {
        return switch (measure) {
            case EFFECT, OPENING, EXPOSURE -> Texts.share(value);
            case ONE_BEAT -> Texts.of("compare.beats", value);
            case TIME_TO_SEE, DELAY -> Texts.of("compare.ms", Math.round(value));
        };
    }
}
