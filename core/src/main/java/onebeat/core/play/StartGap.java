package onebeat.core.play;

import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.GapChange;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Reach;
import onebeat.core.exchange.Technique;

/// How far from one another a line starts.
final class StartGap {

    /// By so much nearer a start is tried. The program's own: half a short step.
    static final double NEARER_CM = 5;

    private final Way way;
    private final Setting setting;
    private final List<Placed> order;

    StartGap(Way way, Setting setting) {
        this.way = way;
        this.setting = setting;
        this.order = new PlayOrder(way).sorted();
    }

    /// Whether the athlete may start nearer: not where the line says where it starts, nor where the partner begins with
    /// a strike, since that is thrown from where it reaches.
    boolean isChosen() {
        return !order.isEmpty()
                && way.markBefore(order.getFirst().index()).isEmpty()
                && order.stream()
                        .filter(p -> p.technique().isStrike() && !p.act().feint())
                        .findFirst()
                        .filter(p -> p.who() == Who.ATHLETE)
                        .isPresent();
    }

    /// At the written range, or where the first action just reaches with its usual step and what is stepped before by
    /// whoever does it.
    double usualCm() {
        double before = 0;
        for (Placed placed : order) {
            Optional<Band> mark = way.markBefore(placed.index());
            if (mark.isPresent()) {
                return setting.ranges(Who.ATHLETE).middleCm(mark.get()) - before;
            }
            Technique technique = placed.technique();
            double share = placed.act().feint() ? BodyNumbers.FEINT_STEP : 1;
            Optional<Double> reach =
                    setting.ranges(placed.who()).reachCm(technique, placed.act().level());
            if (reach.isPresent()) {
                double step = share * Reach.of(technique).map(Reach::stepCm).orElse(0.0);
                return reach.get() + step - before;
            }
            if (technique.gap() instanceof GapChange.By(double cm)) {
                before += cm * share;
            }
        }
        return setting.ranges(Who.ATHLETE).middleCm(Band.LONG);
    }

    /// Whether something of the athlete's does not reach before the other changes the distance.
    boolean isShort(PlayedWay played) {
        return chosen(played).stream().anyMatch(Step::isShort);
    }

    /// Whether all of that reaches and has the room it needs.
    boolean works(PlayedWay played) {
        return chosen(played).stream()
                .noneMatch(step -> step.shortCm() > 0
                        || step.impact().filter(impact -> impact.room() < 1).isPresent());
    }

    /// What the athlete throws from a distance of their own choice. What needs an entry does not choose: it is brought
    /// in by what comes before it.
    private List<Step> chosen(PlayedWay played) {
        return order.stream()
                .map(placed -> played.steps().get(placed.index()))
                .takeWhile(step -> step.who() == Who.ATHLETE
                        || !changesDistance(step.placed().technique()))
                .filter(step ->
                        step.who() == Who.ATHLETE && !step.placed().technique().needsEntry())
                .toList();
    }

    private static boolean changesDistance(Technique technique) {
        return technique.kind() != Kind.STRIKE && technique.gap() instanceof GapChange.By(double cm) && cm > 0;
    }
}
