package onebeat.desktop.figures;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.shape.Rectangle;
import onebeat.core.exchange.Build;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import onebeat.core.holding.Hand;
import onebeat.core.holding.HandPath;
import onebeat.core.holding.HandPath.Place;
import onebeat.core.holding.Pad;
import onebeat.core.holding.PadPlan;
import onebeat.core.holding.SoreSpot;
import onebeat.core.play.Beat;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Who;
import onebeat.core.timing.Timing;
import onebeat.desktop.nodes.DrawnPane;
import onebeat.desktop.nodes.ShapePool;
import onebeat.desktop.text.Texts;
import org.jspecify.annotations.Nullable;

/// What the holder sees: the athlete in front, and the own hands, which move to each target a step ahead.
public final class HolderView extends DrawnPane {

    /// What is seen of the athlete, in centimetres above the floor: from the thighs to over the head.
    private static final double LOW_CM = 52;

    private static final double HIGH_CM = 188;
    private static final double MITT_CM = 13;

    private final ShapePool marks = new ShapePool(this);
    private @Nullable Picture picture;
    private double beat;

    /// What is drawn.
    public record Picture(PlayedWay way, PadPlan plan, Setting setting, double bpm) {

        HandPath hands() {
            return HandPath.of(way, plan, Build.of(setting.partner()), bpm);
        }
    }

    public HolderView() {
        getStyleClass().add("figures");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        Rectangle frame = new Rectangle();
        frame.widthProperty().bind(widthProperty());
        frame.heightProperty().bind(heightProperty());
        setClip(frame);
    }

    /// Shows this, or nothing.
    public void show(@Nullable Picture now) {
        picture = now;
        redraw();
    }

    /// Goes to a place along the line, in beats.
    public void at(double place) {
        beat = place;
        redraw();
    }

    @Override
    protected void draw() {
        marks.begin();
        if (picture != null && getWidth() > 40 && getHeight() > 40) {
            new Drawing(picture).draw();
        }
        marks.end();
    }

    private final class Drawing {

        private final Picture now;
        private final double scale = getHeight() / (HIGH_CM - LOW_CM);
        private final double floor = getHeight() + LOW_CM * scale;
        private final double middle = getWidth() / 2;

        private Drawing(Picture now) {
            this.now = now;
        }

        void draw() {
            for (Level level : List.of(Level.HEAD, Level.BODY, Level.LEG)) {
                double height = Build.of(now.setting.partner()).targetHeightCm(level);
                marks.line(0, y(height), getWidth(), y(height), "beat-line");
                marks.text(Texts.of("holder.height", Math.round(height)), 2, y(height) - 3, "text", "band-name");
            }
            athlete();
            hands();
            setAccessibleText(Texts.of("holder.spoken", Math.round(beat + 1)));
        }

        private double y(double cm) {
            return floor - cm * scale;
        }

        /// To the right as the holder sees it.
        private double x(double cm) {
            return middle + cm * scale;
        }

        /// The athlete's left is on the holder's right.
        private int athletesLeadSide() {
            Stance stance = now.way.at(beatAt()).athlete().stance();
            return SoreSpot.isLeft(stance, Side.LEAD) ? 1 : -1;
        }

        private Beat beatAt() {
            return Beat.whole((int) Math.floor(Math.max(-1, beat)));
        }

        private void athlete() {
            double gap = now.way.at(beatAt()).gapCm();
            Pose pose =
                    Pose.at(now.way, Who.ATHLETE, beat, now.setting.athlete().heightCm(), gap);
            BodyShapes shapes = new BodyShapes(marks, middle, floor, scale, 1);
            new FrontBody(shapes, pose, athletesLeadSide(), gap).draw();
        }

        /// A southpaw holder's lead hand is the right one.
        private double ownSide() {
            return SoreSpot.isLeft(now.setting.partner().stance(), Side.LEAD) ? -1 : 1;
        }

        private void hands() {
            double ms = beat * 60_000 / now.bpm;
            HandPath path = now.hands();
            List<String> said = new ArrayList<>();
            for (Side side : Side.values()) {
                Place place = path.at(side, ms);
                double wide = MITT_CM * scale * (1 - 0.45 * place.out());
                double high = wide * 1.25;
                double x = x(ownSide() * place.asideCm() * (1 - place.out()));
                double y = y(place.heightCm());
                Optional<Pad> pad = place.holds().flatMap(now.plan::of);
                marks.rectangle(
                        x - wide,
                        y - high,
                        2 * wide,
                        2 * high,
                        place.out() > 0.02 ? "holder-feed" : pad.isPresent() ? "holder-mitt-on" : "holder-mitt");
                pad.filter(p -> p.hand() != Hand.BOTH || side == Side.LEAD).ifPresent(p -> said.add(words(p, ms)));
            }
            worn(ms, said);
            double line = 14;
            for (String words : said) {
                marks.text(words, 64, line, "text", "strong");
                line += 17;
            }
        }

        /// Belly pad and guards are shown while the strike that they take is coming.
        private void worn(double ms, List<String> said) {
            now.plan.pads().stream()
                    .filter(pad -> pad.hand() == Hand.WORN)
                    .filter(pad -> pad.showMs() <= ms && ms <= atMs(pad) + 200)
                    .forEach(pad -> {
                        marks.rectangle(
                                x(0) - 20 * scale,
                                y(pad.heightCm()) - 9 * scale,
                                40 * scale,
                                18 * scale,
                                "holder-mitt-on");
                        said.add(words(pad, ms));
                    });
        }

        private double atMs(Pad pad) {
            return Timing.atMs(now.way.steps().get(pad.step()).beat(), now.bpm);
        }

        private String words(Pad pad, double ms) {
            String name = now.way.steps().get(pad.step()).placed().technique().name();
            double left = Math.max(0, atMs(pad) - ms);
            return Texts.of("holder.coming", name, Texts.seconds(left));
        }
    }
}
