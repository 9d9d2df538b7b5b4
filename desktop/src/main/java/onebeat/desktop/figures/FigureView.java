package onebeat.desktop.figures;

import javafx.scene.AccessibleRole;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.play.Beat;
import onebeat.core.play.Moment;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Who;
import onebeat.desktop.nodes.DrawnPane;
import onebeat.desktop.nodes.ShapePool;
import org.jspecify.annotations.Nullable;

/// Draws the two fighters as figures, the athlete on the left.
public final class FigureView extends DrawnPane {

    private static final double ROOM_CM = 205;

    private final ShapePool marks = new ShapePool(this);
    private @Nullable PlayedWay way;
    private Setting setting = Setting.usual();
    private double beat;

    public FigureView() {
        getStyleClass().add("figures");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    }

    /// Shows these two at a place in a way; nothing without a way.
    public void show(@Nullable PlayedWay now, Setting who, double atBeat) {
        way = now;
        setting = who;
        beat = atBeat;
        redraw();
    }

    @Override
    protected void draw() {
        marks.begin();
        if (way == null || getWidth() < 20 || getHeight() < 20) {
            marks.end();
            return;
        }
        double scale = (getHeight() - 24) / ROOM_CM;
        double floor = getHeight() - 14;
        double gap = gapAt(way, beat);
        marks.line(
                10,
                floor + 4,
                getWidth() - 10,
                floor + 4,
                getStyleClass().contains("on-screen") ? "screen-line" : "floor-line");
        double middle = getWidth() / 2;
        body(
                way,
                Who.PARTNER,
                gap,
                new BodyDrawing(new BodyShapes(marks, middle + gap / 2 * scale, floor, scale, -1), "partner"));
        body(
                way,
                Who.ATHLETE,
                gap,
                new BodyDrawing(new BodyShapes(marks, middle - gap / 2 * scale, floor, scale, 1), "athlete"));
        marks.end();
    }

    /// A fighter who faces right shows the right side, one who faces left the left.
    private void body(PlayedWay now, Who who, double gap, BodyDrawing drawing) {
        Fighter fighter = who == Who.ATHLETE ? setting.athlete() : setting.partner();
        Moment moment = now.at(Beat.whole((int) Math.floor(Math.max(-1, beat))));
        Stance stance = moment.of(who).stance();
        boolean leadIsLeft = stance == Stance.ORTHODOX;
        boolean leadIsNear = leadIsLeft == (who == Who.PARTNER);
        drawing.draw(Skeleton.of(pose(now, who, fighter, gap), fighter), leadIsNear);
    }

    private Pose pose(PlayedWay now, Who who, Fighter fighter, double gap) {
        return Pose.at(now, who, beat, fighter.heightCm(), gap);
    }

    private static double gapAt(PlayedWay way, double beat) {
        Moment before = way.moments().getFirst();
        for (Moment moment : way.moments()) {
            if (moment.beat().inBeats() > beat) {
                double whole = moment.beat().since(before.beat());
                double share = Math.clamp((beat - before.beat().inBeats()) / whole, 0, 1);
                return before.gapCm() + share * (moment.gapCm() - before.gapCm());
            }
            before = moment;
        }
        return before.gapCm();
    }
}
