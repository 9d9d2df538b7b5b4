package onebeat.desktop.rope;

import java.util.function.Consumer;
import javafx.scene.AccessibleRole;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import onebeat.core.play.Moment;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Who;
import onebeat.core.review.Review;
import onebeat.desktop.nodes.DrawnPane;
import onebeat.desktop.nodes.LetterMeasure;
import onebeat.desktop.nodes.ShapePool;
import onebeat.desktop.text.Texts;
import org.jspecify.annotations.Nullable;

/// Draws a line as a rope.
///
/// The strands' gap is the distance, to scale, with the reach bands shaded; each strand has a thread for
/// head, body and legs. A strike is a stroke that ends on the thread it hits, with a contact as large as
/// the place is open; a defence is a short bar across the thread it covers. Two contacts on one beat are
/// tied by a knot, the brightest mark. Reads fork the rope. Under each strike stands its grade and how open
/// its target is, and a line under the call where something was found.
public final class RopeView extends DrawnPane {

    /// What is drawn.
    ///
    /// @param way which way through the line is looked at, from 0
    /// @param forked whether the ways beside it are drawn too
    public record Picture(Review review, int way, String athlete, String partner, boolean forked) {

        /// The way that is looked at.
        public PlayedWay chosen() {
            return review.played().ways().get(way);
        }

        /// @param room how many ways the picture has room for
        Forks forks(int room) {
            return forked
                    ? Forks.around(review.played().ways(), way, room)
                    : Forks.only(review.played().ways(), way);
        }

        String name(Who who) {
            return who == Who.ATHLETE ? athlete : partner;
        }
    }

    /// The next wider band is drawn too where it lies so near, in centimetres.
    static final double BAND_ROOM_CM = 20;

    private RopeMark mark = RopeMark.START;
    private Consumer<RopeMark> marked = _ -> {};
    private final ShapePool marks = new ShapePool(this);
    private final LetterMeasure measure = new LetterMeasure(this);
    private @Nullable Picture picture;
    private @Nullable RopeScale scale;
    private Forks forks = Forks.NONE;
    private Stretch stretch = Stretch.whole(1);
    private boolean scrubbed = true;
    private final Line scrubLine = new Line();
    private final Polygon scrubGrip = new Polygon(-7, 0, 7, 0, 0, 9);

    public RopeView() {
        getStyleClass().add("rope");
        setAccessibleRole(AccessibleRole.PARENT);
        scrubLine.getStyleClass().setAll("scrub");
        scrubGrip.getStyleClass().setAll("scrub-grip");
        setOnMousePressed(e -> pressed(e.getX(), e.getY()));
        setOnMouseDragged(e -> pressed(e.getX(), e.getY()));
    }

    /// Leaves the mark out of the drawing: on paper nobody scrubs.
    public void withoutScrub() {
        scrubbed = false;
    }

    /// Tells where on the rope the mouse is pressed.
    public void onMarked(Consumer<RopeMark> told) {
        marked = told;
    }

    /// Looks there.
    public void mark(RopeMark now) {
        mark = now;
        if (scale != null && !stretch.at(now.beat(), beats()).equals(stretch)) {
            redraw();
        } else {
            placeScrub();
        }
    }

    /// Draws this, or nothing.
    public void show(@Nullable Picture now) {
        picture = now;
        redraw();
    }

    private int beats() {
        return picture == null ? 1 : Math.max(1, picture.review().played().beats());
    }

    private void pressed(double x, double y) {
        if (scale != null) {
            int way = forks.numbers().indexOf(picture == null ? 0 : picture.way());
            double beat = Math.clamp(scale.beatAt(x), -0.5, beats());
            double middle = scale.middle(forks.lane(Math.max(0, way), beat));
            marked.accept(new RopeMark(beat, y < middle ? Who.PARTNER : Who.ATHLETE));
        }
    }

    private RopeScale scale(double letters) {
        double widest = forks.ways().stream()
                .flatMap(way -> way.moments().stream())
                .mapToDouble(Moment::gapCm)
                .max()
                .orElse(0);
        return new RopeScale(getWidth(), getHeight(), stretch, widest + BAND_ROOM_CM, forks.lanes(), letters);
    }

    @Override
    protected void draw() {
        if (picture == null || getWidth() < 50 || getHeight() < 50) {
            scale = null;
            marks.clear();
            setAccessibleText(Texts.of("rope.empty"));
            return;
        }
        double larger = measure.larger();
        forks = picture.forks(RopeScale.mostLanes(getHeight(), larger));
        stretch = scrubbed ? stretch.at(mark.beat(), beats()) : Stretch.whole(beats());
        RopeScale now = scale(larger);
        scale = now;
        Lettering letters = new Lettering(marks, measure, getWidth(), getHeight());
        marks.begin();
        new RopeStrands(marks, now, picture, forks).draw();
        new RopeStrokes(marks, now, picture, forks).draw();
        setAccessibleText(new StepAreas(marks, now, picture, forks).draw());
        new RopeNames(letters, now, picture, forks).draw();
        new RopeLabels(marks, letters, now, picture, forks).draw();
        if (scrubbed) {
            marks.own(scrubLine);
            marks.own(scrubGrip);
        }
        marks.end();
        placeScrub();
    }

    private void placeScrub() {
        scrubLine.setVisible(scale != null);
        scrubGrip.setVisible(scale != null);
        if (scale != null) {
            // A line that became shorter leaves the mark behind its end.
            double x = scale.x(Math.min(mark.beat(), beats()));
            scrubLine.setStartX(x);
            scrubLine.setEndX(x);
            scrubLine.setStartY(scale.top() - 2);
            scrubLine.setEndY(scale.bottom() + 6);
            scrubGrip.setTranslateX(x);
            scrubGrip.setTranslateY(scale.top() - 10);
        }
    }
}
