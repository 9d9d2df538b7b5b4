package onebeat.core.opening;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import onebeat.core.exchange.Fate;
import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Act;
import onebeat.core.play.Angle;
import onebeat.core.play.Moment;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import org.jspecify.annotations.Nullable;

/// A way through a line as the partner watches it: what is seen, done and told, action by action. It is worked out
/// once; [OpponentSimulation] walks along it.
final class WatchedWay {

    private static final int NOBODY = PatternMemory.NOBODY;

    private final PlayedWay way;
    private final PartnerModel model;
    private final boolean withOdds;
    private final List<Event> events = new ArrayList<>();
    private final Map<String, Integer> ids = new HashMap<>();
    private final Map<Integer, SeenAction> reactedTo = new HashMap<>();
    private final Set<Integer> moving = new HashSet<>();
    private final @Nullable SeenAction[] actions;

    /// One action as the partner sees or does it.
    ///
    /// @param id the same for the same strike at the same level
    /// @param real the id of the real one that a feint shows; [#NOBODY] for the start of a strike of several counts
    /// @param shows how far it earns its feint
    /// @param teaches how much it counts in a pair
    /// @param angle how the athlete stands when it is done
    /// @param seen the athlete's action
    /// @param told the posture that the line tells the partner to take
    /// @param struck what a strike of the partner's leaves open
    record Event(
            Step step,
            double beat,
            int id,
            int real,
            double shows,
            double teaches,
            Angle angle,
            @Nullable SeenAction seen,
            @Nullable Told told,
            @Nullable Struck struck) {

        boolean isStart() {
            return real == NOBODY;
        }

        /// Whether it would be another without an action: it is that action, or a strike that the action meets.
        boolean hangsOn(int action) {
            return step.index() == action
                    || (struck != null && struck.by.isPresent() && struck.by.getAsInt() == action);
        }

        boolean isSomethingSeen() {
            return seen != null && (seen.reacts() != null || seen.zone() != null);
        }
    }

    @SuppressWarnings("ArrayRecordComponent") // read-only within the package, on the path of every search
    record Told(Posture posture, double[] covers) {}

    /// @param met what it leaves as it is met
    /// @param by the index of the defence that meets it
    /// @param unmet what it would leave if nothing met it
    record Struck(LeftOpen.Left met, OptionalInt by, LeftOpen.Left unmet) {

        LeftOpen.Left without(int action) {
            return by.isPresent() && by.getAsInt() == action ? unmet : met;
        }
    }

    WatchedWay(PlayedWay way, PartnerModel model, boolean withOdds) {
        this.way = way;
        this.model = model;
        this.withOdds = withOdds;
        this.actions = new SeenAction[way.steps().size()];
        way.steps().stream()
                .sorted(Comparator.comparing(Step::beat).thenComparingInt(Step::index))
                .forEach(step -> events.add(event(step)));
        starts();
        for (Event event : events) {
            boolean moves = event.isSomethingSeen() || event.told != null || event.struck != null;
            if (moves) {
                moving.add(event.step.index());
            }
            if (event.struck != null && event.struck.by.isPresent()) {
                moving.add(event.struck.by.getAsInt());
            }
            if (event.seen != null && event.seen.reacts() != null) {
                reactedTo.putIfAbsent(event.id, event.seen);
            }
        }
    }

    /// What is seen and done, by time.
    List<Event> events() {
        return events;
    }

    /// How many steps the way has.
    int steps() {
        return way.steps().size();
    }

    /// A memory in which none of these strikes was seen yet.
    PatternMemory nothingRemembered() {
        return new PatternMemory(model, ids.size(), reactedTo);
    }

    /// A kick, and a strike of several counts, shows its start before it lands; others that start like it share it
    /// (F23).
    private void starts() {
        List<Event> starts = events.stream()
                .filter(e -> e.seen != null
                        && !e.step.placed().act().feint()
                        && (e.step.placed().countsNeeded() > 1
                                || e.step.placed().technique().isLegStrike()))
                .map(e -> new Event(
                        e.step,
                        startOf(e),
                        id(start(e.step.placed().technique())),
                        NOBODY,
                        0,
                        e.teaches,
                        Angle.NONE,
                        null,
                        null,
                        null))
                .toList();
        events.addAll(starts);
        events.sort(Comparator.comparingDouble(Event::beat).thenComparingInt(e -> e.step.index()));
    }

    /// What several strikes begin like: what winds up the same way, and kicks with the same leg.
    private static String start(Technique technique) {
        return technique.windTurn().map(turn -> "start/" + turn).orElseGet(() -> "start/" + technique.side());
    }

    /// When a strike shows its start: a count before, or as the leg leaves the floor.
    private static double startOf(Event event) {
        int counts = event.step.placed().countsNeeded();
        return counts > 1 ? event.beat - counts + 1 : event.beat - LEG_LIFTS;
    }

    private static final double LEG_LIFTS = 0.25;

    private Pairing pairing(Step step) {
        return Pairing.of(
                way.at(step.beat()).athlete().stance(),
                way.at(step.beat()).partner().stance());
    }

    /// The pairing in which an action starts: what changes the stance ends in another.
    private Pairing pairingBefore(Step step) {
        return step.who() == Who.ATHLETE
                ? Pairing.of(
                        step.before().stance(), way.at(step.beat()).partner().stance())
                : pairing(step);
    }

    Zone zone(Step strike) {
        return Zone.of(
                strike.placed().technique(),
                strike.placed().act().level(),
                strike.placed().side().orElse(Side.LEAD),
                pairingBefore(strike));
    }

    /// Whether an action can have a part in any opening.
    boolean moves(Step step) {
        return moving.contains(step.index());
    }

    /// The action of a step as it is seen, with what became of it.
    SeenAction seen(Step step) {
        SeenAction known = actions[step.index()];
        return known != null ? known : seenAnew(step);
    }

    private SeenAction seenAnew(Step step) {
        Act act = step.placed().act();
        Side side = step.placed().side().orElse(Side.LEAD);
        Side arrives = act.technique().arrival().at(side, pairingBefore(step));
        SeenAction seen = SeenAction.of(
                model,
                act,
                side,
                arrives,
                act.isStrike() ? zone(step) : null,
                way.at(step.beat()).partner().stance(),
                withOdds);
        return way.metBy(step)
                .filter(_ -> act.isStrike())
                .map(defence ->
                        seen.met(model, defence.placed().technique().traits().fate()))
                .orElse(seen);
    }

    private Event event(Step step) {
        Act act = step.placed().act();
        Technique technique = act.technique();
        Side side = step.placed().side().orElse(Side.LEAD);
        int real = id(key(technique, act.level()));
        double beat = step.beat().inBeats();
        if (step.who() == Who.ATHLETE) {
            boolean shows = technique.isStrike() && !act.feint();
            // A step that goes with a strike is no sight of its own: the strike is what is seen (J16).
            SeenAction seen = goesWithAStrike(step) ? seenAnew(step).unseen() : seenAnew(step);
            actions[step.index()] = seen;
            return new Event(
                    step,
                    beat,
                    act.feint() ? id("~" + key(technique, act.level())) : real,
                    real,
                    shows ? shows(act.intent()) : 0,
                    shows ? teaches(act.intent()) : 1,
                    angle(step),
                    seen,
                    null,
                    null);
        }
        Told told = act.feint()
                ? null
                : model.shown(technique, side, level(step.placed().meets()))
                        .map(p -> new Told(p, PostureVector.only(model, p, withOdds)))
                        .orElse(null);
        return new Event(
                step, beat, real, real, 0, 0, Angle.NONE, null, told, act.isStrike() ? struck(step, side) : null);
    }

    private boolean goesWithAStrike(Step step) {
        return step.placed().technique().kind() == Kind.FEET
                && way.of(Who.ATHLETE)
                        .anyMatch(other -> other.beat().equals(step.beat())
                                && other.placed().technique().isStrike());
    }

    private Angle angle(Step step) {
        Moment moment = way.at(step.beat());
        return Angle.of(moment.athleteFeet(), moment.partnerFeet());
    }

    private Optional<Level> level(OptionalInt strike) {
        return strike.isPresent()
                ? Optional.of(way.steps().get(strike.getAsInt()).placed().act().level())
                : Optional.empty();
    }

    private Struck struck(Step step, Side side) {
        Technique technique = step.placed().technique();
        Level level = step.placed().act().level();
        LeftOpen.Left unmet =
                model.leftOpen().of(technique, level, side, step.shortCm() > 0 ? Fate.MISSED : Fate.LANDED);
        Optional<Step> defence = way.metBy(step);
        return defence.map(d -> new Struck(
                        model.leftOpen()
                                .of(
                                        technique,
                                        level,
                                        side,
                                        d.placed().technique().traits().fate()),
                        OptionalInt.of(d.index()),
                        unmet))
                .orElseGet(() -> new Struck(unmet, OptionalInt.empty(), unmet));
    }

    private static String key(Technique technique, Level level) {
        return technique.code() + "/" + level;
    }

    private int id(String key) {
        return ids.computeIfAbsent(key, _ -> ids.size());
    }

    private double shows(Intent intent) {
        return switch (intent) {
            case FULL -> model.number("shown_full");
            case NORMAL -> model.number("shown_normal");
            case LIGHT -> model.number("shown_light");
        };
    }

    /// How much a strike counts in a pair: one thrown light teaches as much less as it shows less.
    private double teaches(Intent intent) {
        return Math.min(1, shows(intent) / model.number("shown_normal"));
    }

    /// How many of the athlete's kicks add up in the leg.
    int legKicks() {
        return (int) way.strikesOf(Who.ATHLETE)
                .filter(s -> ZoneWorth.addsUp(s.placed().act().level()))
                .count();
    }
}
