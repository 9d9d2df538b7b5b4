package onebeat.desktop.bench;

import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.text.Text;
import onebeat.core.notation.Notation;
import onebeat.core.play.PlayedWay;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.timing.Link;
import onebeat.core.timing.Timing;
import onebeat.desktop.desk.Look;
import onebeat.desktop.desk.Texts;
import org.jspecify.annotations.Nullable;

/// The tempo on a cord from slow to fast: what is set, and the ceiling with the link that sets it.
final class TempoCord extends Pane {

    private static final double MOST_SHOWN = 240;
    private static final double Y = 70;

    private int bpm = 60;
    private @Nullable PlayedWay way;

    TempoCord() {
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
        getChildren().clear();
        Optional<Link> link = way == null ? Optional.empty() : Timing.ceiling(way);
        double ceiling = link.map(Link::ceilingBpm).orElse(Double.MAX_VALUE);
        boolean over = bpm > ceiling;
        put(new Line(8, Y, getWidth() - 8, Y), "tempo-cord");
        put(new Line(8, Y, x(Math.min(ceiling, MOST_SHOWN)), Y), "tempo-room");
        if (over) {
            put(new Line(x(ceiling), Y, x(bpm), Y), "tempo-over");
        }
        Circle grip = new Circle(x(bpm), Y, 9);
        grip.getStyleClass().setAll("tempo-grip");
        getChildren().add(grip);
        Text number = Look.text("" + bpm, "figure-number");
        number.setX(0);
        number.setY(40);
        Text unit = Look.text(Texts.of("tempo.unit"), "soft");
        unit.setX(52);
        unit.setY(38);
        getChildren().addAll(number, unit);
        if (bpm > 99) {
            unit.setX(66);
        }
        Text limit = Look.text(limit(link), "small");
        limit.setY(104);
        Text length = Look.text(length(), "soft");
        length.setY(126);
        getChildren().addAll(limit, length);
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
        return Texts.of(bpm > ceiling ? "tempo.over" : "tempo.ceiling", ceiling, from, to);
    }

    private String length() {
        if (way == null) {
            return "";
        }
        int beats = way.way().beats();
        return Texts.of("tempo.length", beats, beats * 60.0 / bpm);
    }

    private void put(Line line, String style) {
        line.getStyleClass().setAll(style);
        getChildren().add(line);
    }

    private double x(double tempo) {
        double share = (tempo - RoundPlan.LEAST_BPM) / (MOST_SHOWN - RoundPlan.LEAST_BPM);
        return 8 + Math.clamp(share, 0, 1) * (getWidth() - 16);
    }
}
