package onebeat.desktop.bench;

import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.layout.Pane;
import javafx.scene.text.Text;
import onebeat.core.notation.Notation;
import onebeat.core.play.PlayedWay;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.timing.Link;
import onebeat.core.timing.Timing;
import onebeat.desktop.nodes.ShapePool;
import onebeat.desktop.text.Texts;
import org.jspecify.annotations.Nullable;

/// The tempo on a cord from slow to fast: what is set, and the ceiling with the link that sets it.
final class TempoCord extends Pane {

    private static final double MOST_SHOWN = 240;
    private static final double Y = 70;

    private final ShapePool marks = new ShapePool(this);
    private int bpm = 60;
    private @Nullable PlayedWay way;

    private static final double LIMIT_Y = 104;
    private static final double LENGTH_Y = 142;

    TempoCord() {
        getStyleClass().add("tempo");
        setMinHeight(150);
        setPrefHeight(150);
        setAccessibleRole(AccessibleRole.SLIDER);
        widthProperty().addListener((_, _, _) -> draw());
    }

    void show(int tempo, @Nullable PlayedWay played) {
        bpm = tempo;
        way = played;
        draw();
    }

    private void draw() {
        marks.begin();
        Optional<Link> link = way == null ? Optional.empty() : Timing.ceiling(way);
        double ceiling = link.map(Link::ceilingBpm).orElse(Double.MAX_VALUE);
        boolean over = bpm > ceiling;
        marks.line(8, Y, getWidth() - 8, Y, "tempo-cord");
        marks.line(8, Y, x(Math.min(ceiling, MOST_SHOWN)), Y, "tempo-room");
        if (over) {
            marks.line(x(ceiling), Y, x(bpm), Y, "tempo-over");
        }
        marks.circle(x(bpm), Y, 9, "tempo-grip");
        marks.text("" + bpm, 0, 40, "text", "figure-number");
        marks.text(Texts.of("tempo.unit"), bpm > 99 ? 66 : 52, 38, "text", "soft");
        Text limit = marks.text(limit(link), 0, LIMIT_Y, "text", "small");
        limit.setWrappingWidth(getWidth());
        double below = LIMIT_Y + limit.getLayoutBounds().getHeight();
        marks.text(length(), 0, Math.max(LENGTH_Y, below), "text", "soft").setWrappingWidth(getWidth());
        marks.end();
        setAccessibleText(Texts.of("tempo.spoken", bpm, limit(link)));
    }

    private String limit(Optional<Link> link) {
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
        return 8 + Math.clamp(share, 0, 1) * (getWidth() - 16);
    }
}
