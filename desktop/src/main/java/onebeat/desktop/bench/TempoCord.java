package onebeat.desktop.bench;

import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import onebeat.core.notation.Notation;
import onebeat.core.play.PlayedWay;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.timing.Link;
import onebeat.core.timing.Timing;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.nodes.ShapePool;
import onebeat.desktop.text.Texts;
import org.jspecify.annotations.Nullable;

/// The tempo on a cord from slow to fast: what is set, and the ceiling with the link that sets it.
final class TempoCord extends VBox {

    private static final double MOST_SHOWN = 240;
    private static final double CORD_HEIGHT = 26;

    private final Text number = Nodes.text("", "figure-number");
    private final Text limit = Nodes.text("", "small");
    private final Text length = Nodes.text("", "soft");
    private final Pane cord = new Pane();
    private final ShapePool marks = new ShapePool(cord);
    private int bpm = 60;
    private Optional<Link> link = Optional.empty();
    private @Nullable PlayedWay way;

    TempoCord() {
        super(2);
        getStyleClass().add("tempo");
        setAccessibleRole(AccessibleRole.SLIDER);
        TextFlow tempo = Nodes.flow(number, Nodes.text(" " + Texts.of("tempo.unit"), "soft"));
        cord.setMinHeight(CORD_HEIGHT);
        cord.setPrefHeight(CORD_HEIGHT);
        cord.widthProperty().addListener((_, _, _) -> drawCord());
        getChildren().setAll(tempo, cord, Nodes.flow(limit), Nodes.flow(length));
    }

    void show(int tempo, @Nullable PlayedWay played) {
        bpm = tempo;
        way = played;
        link = played == null ? Optional.empty() : Timing.ceiling(played);
        number.setText("" + bpm);
        limit.setText(limit());
        length.setText(length());
        setAccessibleText(Texts.of("tempo.spoken", bpm, limit.getText()));
        drawCord();
    }

    private void drawCord() {
        double end = cord.getWidth() - 8;
        double y = CORD_HEIGHT / 2;
        double ceiling = link.map(Link::ceilingBpm).orElse(Double.MAX_VALUE);
        marks.begin();
        marks.line(8, y, end, y, "tempo-cord");
        marks.line(8, y, x(Math.min(ceiling, MOST_SHOWN)), y, "tempo-room");
        if (bpm > ceiling) {
            marks.line(x(ceiling), y, x(bpm), y, "tempo-over");
        }
        marks.circle(x(bpm), y, 9, "tempo-grip");
        marks.end();
    }

    private String limit() {
        if (way == null || link.isEmpty()) {
            return Texts.of("tempo.free");
        }
        String from = Notation.print(way.steps().get(link.get().from()).placed().act());
        String to = Notation.print(way.steps().get(link.get().to()).placed().act());
        long ceiling = (long) Math.floor(link.get().ceilingBpm());
        if (ceiling > RoundPlan.MOST_BPM) {
            return Texts.of("tempo.open", RoundPlan.MOST_BPM);
        }
        String cause = Texts.of("tempo.cause." + link.get().cause());
        return Texts.of(bpm > ceiling ? "tempo.over" : "tempo.ceiling", ceiling, from, to, cause);
    }

    private String length() {
        if (way == null) {
            return "";
        }
        int beats = way.way().beats();
        return Texts.of("tempo.length", beats, beats * 60.0 / bpm);
    }

    private double x(double tempo) {
        double share = (tempo - RoundPlan.LEAST_BPM) / (MOST_SHOWN - RoundPlan.LEAST_BPM);
        return 8 + Math.clamp(share, 0, 1) * (cord.getWidth() - 16);
    }
}
