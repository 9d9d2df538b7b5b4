package onebeat.desktop.figures;

import javafx.scene.AccessibleRole;
import javafx.scene.shape.Ellipse;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Segment;
import onebeat.core.exchange.Stance;
import onebeat.core.play.Footing;
import onebeat.core.play.Moment;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Spot;
import onebeat.core.play.Who;
import onebeat.desktop.nodes.DrawnPane;
import onebeat.desktop.nodes.LetterMeasure;
import onebeat.desktop.nodes.ShapePool;
import onebeat.desktop.text.Texts;
import org.jspecify.annotations.Nullable;

/// The floor seen from above, to scale: where both stand, where they face, and whose lead foot is outside. The
/// athlete starts on the left. Paler prints show where they stood a beat before.
public final class FeetView extends DrawnPane {

    /// What is shown around the two, in centimetres.
    private static final double AROUND_CM = 44;

    private static final double LEAST_WIDE_CM = 150;

    /// How wide a foot is to its length. From memory: 0.055 to 0.152 of stature.
    private static final double FOOT_WIDTH = 0.36;

    /// Lead feet so near to one line are level, in centimetres.
    private static final long LEVEL_CM = 2;

    /// The floor is never drawn less tall, in pixels.
    private static final double LEAST_FLOOR = 20;

    private final ShapePool marks = new ShapePool(this);
    private final LetterMeasure measure = new LetterMeasure(this);
    private @Nullable PlayedWay way;
    private Setting setting = Setting.usual();
    private double beat;

    public FeetView() {
        getStyleClass().add("figures");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    }

    /// Shows both at a place in a way; nothing without a way.
    public void show(@Nullable PlayedWay now, Setting who, double atBeat) {
        way = now;
        setting = who;
        beat = atBeat;
        redraw();
    }

    @Override
    protected void draw() {
        marks.begin();
        if (way != null && getWidth() > 20 && getHeight() > 3 * LEAST_FLOOR) {
            Between now = Between.at(way, beat);
            Floor floor = floor(now);
            for (Who who : Who.values()) {
                stand(floor, Between.at(way, beat - 1).feet(who), who, "print");
            }
            for (Who who : Who.values()) {
                stand(floor, now.feet(who), who, "foot");
                facing(floor, now.feet(who), who);
            }
            words(now);
        }
        marks.end();
    }

    /// The two feet of both at a place between two moments.
    private record Between(Moment from, Moment to, double share) {

        static Between at(PlayedWay way, double beat) {
            Moment from = way.moments().getFirst();
            for (Moment moment : way.moments()) {
                if (moment.beat().inBeats() >= beat) {
                    double whole = moment.beat().since(from.beat());
                    double share = whole <= 0 ? 1 : (beat - from.beat().inBeats()) / whole;
                    return new Between(from, moment, Math.clamp(share, 0, 1));
                }
                from = moment;
            }
            return new Between(from, from, 1);
        }

        Footing feet(Who who) {
            return from.feet(who).toward(to.feet(who), share);
        }

        double gapCm() {
            return from.gapCm() + share * (to.gapCm() - from.gapCm());
        }
    }

    /// From centimetres on the floor to pixels. The second axis points to the athlete's lead side, which is up on the
    /// picture for orthodox and down for southpaw.
    private record Floor(double middleX, double middleY, double scale, Spot centre, int up) {

        double x(Spot spot) {
            return middleX + (spot.x() - centre.x()) * scale;
        }

        double y(Spot spot) {
            return middleY - up * (spot.y() - centre.y()) * scale;
        }
    }

    private Floor floor(Between now) {
        Spot one = now.feet(Who.ATHLETE).axis();
        Spot other = now.feet(Who.PARTNER).axis();
        double words = height(line(now), "strong") + height(gap(now), "soft");
        double height = Math.max(LEAST_FLOOR, getHeight() - words);
        double scale = Math.min(
                getWidth() / Math.max(LEAST_WIDE_CM, now.gapCm() + 2 * AROUND_CM),
                height / (Math.abs(one.y() - other.y()) + 2.2 * AROUND_CM));
        return new Floor(
                getWidth() / 2,
                height / 2,
                scale,
                new Spot((one.x() + other.x()) / 2, (one.y() + other.y()) / 2),
                setting.athlete().stance() == Stance.ORTHODOX ? 1 : -1);
    }

    private void stand(Floor floor, Footing feet, Who who, String what) {
        String name = who == Who.ATHLETE ? "athlete" : "partner";
        foot(floor, feet, feet.rearFoot(), what + "-rear-" + name);
        foot(floor, feet, feet.leadFoot(), what + "-lead-" + name);
    }

    private void foot(Floor floor, Footing feet, Spot spot, String style) {
        double length = Segment.FOOT.of(feet.heightCm()) * floor.scale;
        Ellipse foot = marks.ellipse(floor.x(spot), floor.y(spot), length / 2, length * FOOT_WIDTH / 2, style);
        foot.setRotate(-floor.up * Math.toDegrees(feet.facing()));
    }

    /// A line from the middle of the body to where the fighter faces.
    private void facing(Floor floor, Footing feet, Who who) {
        Spot axis = feet.axis();
        double reach = 42;
        Spot ahead = new Spot(axis.x() + reach * Math.cos(feet.facing()), axis.y() + reach * Math.sin(feet.facing()));
        marks.line(
                floor.x(axis),
                floor.y(axis),
                floor.x(ahead),
                floor.y(ahead),
                who == Who.ATHLETE ? "facing-athlete" : "facing-partner");
    }

    private void words(Between now) {
        String feet = line(now);
        String gap = gap(now);
        double lower = height(gap, "soft");
        below(feet, getHeight() - lower - height(feet, "strong"), "strong");
        below(gap, getHeight() - lower, "soft");
        setAccessibleText(feet + ". " + gap);
    }

    private static String gap(Between now) {
        return Texts.of("feet.gap", Math.round(now.gapCm())) + angle(now.feet(Who.ATHLETE), now.feet(Who.PARTNER));
    }

    private static String line(Between now) {
        return line(now.feet(Who.ATHLETE), now.feet(Who.PARTNER));
    }

    /// Words from this height down, over as many rows as they need.
    private void below(String words, double top, String style) {
        marks.text(words, 0, top + measure.size(style), "text", style).setWrappingWidth(getWidth());
    }

    private double height(String words, String style) {
        int rows = (int) Math.ceil(measure.width(words, style) * WRAPPED / Math.max(1, getWidth()));
        return rows * measure.size(style) * ROW;
    }

    /// A row ends before its last word, so wrapped words need a little more than their width.
    private static final double WRAPPED = 1.1;

    private static final double ROW = 1.25;

    private static String line(Footing own, Footing theirs) {
        boolean open = (own.handed() == theirs.handed() ? Pairing.SAME : Pairing.OPEN) == Pairing.OPEN;
        if (!open) {
            return Texts.of("feet.out", Math.round(own.leadFootOffLineCm(theirs)));
        }
        long outside = Math.round(own.leadFootOutsideCm(theirs));
        if (Math.abs(outside) <= LEVEL_CM) {
            return Texts.of("feet.level");
        }
        return Texts.of(outside > 0 ? "feet.outside" : "feet.inside", Math.abs(outside));
    }

    private static String angle(Footing own, Footing theirs) {
        long degrees = Math.round(Math.toDegrees(own.offLineOf(theirs)));
        if (Math.abs(degrees) < 3) {
            return "";
        }
        return Texts.of(degrees < 0 ? "feet.off.lead" : "feet.off.power", Math.abs(degrees));
    }
}
