package onebeat.desktop.rope;

import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.Rectangle;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.StanceEffect;
import onebeat.core.opening.Opening;
import onebeat.core.play.Grade;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.timing.Timing;
import onebeat.desktop.nodes.ShapePool;
import onebeat.desktop.rope.RopeView.Picture;

/// What is done on the rope: strokes, bars, crossings and knots. What ways share is drawn once.
record RopeStrokes(ShapePool marks, RopeScale scale, Picture picture, Forks forks) {

    private static final double FULL_WIDTH = 9;
    private static final double NORMAL_WIDTH = 6.5;
    private static final double LIGHT_WIDTH = 3;

    /// How far before its contact a stroke leaves the strand, in beats.
    private static final double LEAD_IN = 0.36;

    /// The contact's radius where nothing is open, and how much it grows to where all is, in pixels.
    private static final double LEAST_CONTACT = 3.5;

    private static final double CONTACT_GROWS = 6;

    /// Marks are so much smaller where several ways lie under one another.
    private static final double IN_LANES = 0.6;

    void draw() {
        for (int way = 0; way < forks.lanes(); way++) {
            for (Step step : scale.stretch().steps(forks.ways().get(way))) {
                if (forks.isFirst(way, step)) {
                    mark(new Place(forks, way, step));
                }
            }
        }
        for (Forks.FreeChoice choice : forks.choices()) {
            double x = scale.x(choice.beat());
            double y = scale.strand(Who.ATHLETE, choice.gapCm(), choice.lane());
            Rectangle mark =
                    marks.rectangle(x - CHOICE_SIZE / 2, y - CHOICE_SIZE / 2, CHOICE_SIZE, CHOICE_SIZE, "free-choice");
            mark.setRotate(QUARTER);
        }
        for (int way = 0; way < forks.lanes(); way++) {
            for (Step step : scale.stretch().steps(forks.ways().get(way))) {
                if (forks.isFirst(way, step) && isOneBeat(forks.ways().get(way), step)) {
                    knot(new Place(forks, way, step));
                }
            }
        }
    }

    /// A step on its lane.
    private record Place(Forks forks, int way, Step step) {

        PlayedWay played() {
            return forks.ways().get(way);
        }

        double lane() {
            return forks.lane(way, step.beat().inBeats());
        }

        double gapCm() {
            return played().at(step.beat()).gapCm();
        }
    }

    private double size() {
        return scale.lanes() == 1 ? 1 : IN_LANES;
    }

    private double strand(Place place, Who who) {
        return scale.strand(who, place.gapCm(), place.lane());
    }

    private void mark(Place place) {
        Step step = place.step;
        double x = scale.x(step.beat().inBeats());
        if (step.placed().technique().leavesHandOut()) {
            handOut(place, x);
        } else if (step.placed().technique().isStrike()) {
            stroke(place, x);
        } else if (step.placed().technique().isDefence()
                && step.placed().technique().family() != Family.FEET) {
            bar(place, x);
        }
        if (step.placed().technique().stance() == StanceEffect.CHANGE
                && !step.placed().act().feint()) {
            crossing(x, strand(place, step.who()));
        }
    }

    private void stroke(Place place, double x) {
        Step step = place.step;
        String whose = step.who() == Who.ATHLETE ? "athlete" : "partner";
        Level level = step.placed().act().level();
        double fromX = scale.x(step.beat().inBeats() - LEAD_IN);
        double fromY = strand(place, step.who()) + (step.who() == Who.ATHLETE ? -1 : 1) * scale.threadGap();
        double toY = strand(place, step.who().other()) + scale.thread(level);
        boolean feint = step.placed().act().feint();
        double reach = feint ? 0.5 : 1;
        double endX = fromX + reach * (x - fromX);
        double endY = fromY + reach * (toY - fromY);
        CubicCurve stroke = feint ? marks.curve("stroke-" + whose, "stroke-feint") : marks.curve("stroke-" + whose);
        stroke.setStartX(fromX);
        stroke.setStartY(fromY);
        stroke.setControlX1(fromX + (endX - fromX) * 0.15);
        stroke.setControlY1(fromY + (endY - fromY) * 0.5);
        stroke.setControlX2(endX - (endX - fromX) * 0.1);
        stroke.setControlY2(fromY + (endY - fromY) * 0.6);
        stroke.setEndX(endX);
        stroke.setEndY(endY);
        stroke.setStrokeWidth(size() * width(step.placed().act().intent()));
        if (!feint) {
            contact(place, x, toY, whose);
        }
    }

    /// A hand left out goes to the other's head and stays there for a while: a thin line with a ring at its end.
    private void handOut(Place place, double x) {
        Step step = place.step;
        String whose = step.who() == Who.ATHLETE ? "post-athlete" : "post-partner";
        double fromY = strand(place, step.who()) + (step.who() == Who.ATHLETE ? -1 : 1) * scale.threadGap();
        double toY = strand(place, step.who().other()) + scale.thread(Level.HEAD);
        double stays = scale.x(step.beat().inBeats() + STAYS_OUT);
        marks.line(scale.x(step.beat().inBeats() - LEAD_IN), fromY, x, toY, whose);
        marks.line(x, toY, stays, toY, whose);
        marks.circle(x, toY, size() * CONTACT_GROWS, whose);
    }

    /// A hand that is left out stays there so many beats.
    private static final double STAYS_OUT = 0.5;

    private static final double CHOICE_SIZE = 13;
    private static final double QUARTER = 45;

    private static double width(Intent intent) {
        return switch (intent) {
            case FULL -> FULL_WIDTH;
            case NORMAL -> NORMAL_WIDTH;
            case LIGHT -> LIGHT_WIDTH;
        };
    }

    private void contact(Place place, double x, double y, String whose) {
        Step step = place.step;
        boolean arm = step.impact().map(i -> i.grade() == Grade.ARM).orElse(false)
                && step.placed().act().intent() != Intent.LIGHT
                && step.who() == Who.ATHLETE;
        double open = picture.review()
                .openings()
                .get(place.forks.numbers().get(place.way))
                .of(step)
                .map(Opening::value)
                .orElse(0.4);
        marks.circle(x, y, size() * (LEAST_CONTACT + CONTACT_GROWS * open), arm ? "contact-arm" : "contact-" + whose);
    }

    private void bar(Place place, double x) {
        Step step = place.step;
        Level covered = step.placed().meets().isPresent()
                ? place.played()
                        .steps()
                        .get(step.placed().meets().getAsInt())
                        .placed()
                        .act()
                        .level()
                : step.placed().technique().family() == Family.LEG ? Level.LEG : Level.HEAD;
        double y = strand(place, step.who()) + scale.thread(covered);
        double height = 26 * size();
        Rectangle bar = marks.rectangle(
                x - 5 * size(),
                y - height / 2,
                10 * size(),
                height,
                step.who() == Who.ATHLETE ? "defence-athlete" : "defence-partner");
        bar.setArcWidth(8 * size());
        bar.setArcHeight(8 * size());
    }

    private void crossing(double x, double y) {
        double reach = scale.threadGap() * 1.2;
        marks.line(x - reach, y - reach, x + reach, y + reach, "crossing");
        marks.line(x - reach, y + reach, x + reach, y - reach, "crossing");
    }

    static boolean isOneBeat(PlayedWay way, Step step) {
        return Timing.oneBeat(way, step).stream().anyMatch(beats -> beats == 0);
    }

    private void knot(Place place) {
        double x = scale.x(place.step.beat().inBeats());
        double top = strand(place, Who.PARTNER) - scale.threadGap();
        double bottom = strand(place, Who.ATHLETE) + scale.threadGap();
        marks.ellipse(x, (top + bottom) / 2, 12, (bottom - top) / 2 + 12 * size(), "knot");
        marks.circle(x, (top + bottom) / 2, 7 * size(), "knot-tie");
    }
}
