package onebeat.core.opening;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Act;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// The other man watching a way through a line: what he does with what he sees, action by action.
///
/// What does not change when one action is taken away is worked out once; a run is then a walk along
/// arrays, so that the credit of every action can be had by leaving it out.
final class Watching {

    /// Leaves no action out.
    static final int NOBODY = -1;

    private final PlayedWay way;
    private final PartnerModel model;
    private final int seenBefore;
    private final List<Event> events = new ArrayList<>();
    private final Map<String, Integer> ids = new HashMap<>();
    private final Map<Integer, double[]> oddsById = new HashMap<>();
    private final Set<Integer> moving = new HashSet<>();

    /// One action as he sees it.
    ///
    /// @param id the same for the same strike at the same level
    /// @param real the id of the real one that a feint shows
    /// @param odds how he reacts to it; empty where he does not
    /// @param told the posture that the line tells him to take
    record Event(
            Step step,
            double beat,
            int id,
            int real,
            double salience,
            double shows,
            Optional<double[]> odds,
            Optional<Zone> zone,
            Optional<Posture> told,
            Optional<Away> away) {

        boolean isStart() {
            return real == NOBODY;
        }

        boolean byAthlete() {
            return step.who() == Who.ATHLETE;
        }
    }

    /// A limb of his that strikes and is away until it is home.
    record Away(Side side, boolean leg, double keep) {}

    /// What one run gave: the opening of each strike, and the odds over his postures after each action.
    static final class Seen {

        private final double[] openings;
        private final double[][] odds;

        private Seen(double[] openings, double[][] odds) {
            this.openings = openings;
            this.odds = odds;
        }

        double opening(int step) {
            return openings[step];
        }

        double[] after(int step) {
            return odds[step];
        }
    }

    Watching(PlayedWay way, PartnerModel model, int seenBefore) {
        this.way = way;
        this.model = model;
        this.seenBefore = seenBefore;
        way.steps().stream()
                .sorted(Comparator.comparing(Step::beat).thenComparingInt(Step::index))
                .forEach(step -> events.add(event(step)));
        starts();
        events.stream()
                .filter(e -> e.odds.isPresent() || e.told.isPresent() || e.away.isPresent())
                .forEach(e -> moving.add(e.step.index()));
        events.forEach(e -> e.odds.ifPresent(odds -> oddsById.putIfAbsent(e.id, odds)));
    }

    /// A strike of several counts shows its start before it lands; others that start like it share it (F23).
    private void starts() {
        List<Event> starts = events.stream()
                .filter(e -> e.byAthlete()
                        && !e.step.placed().act().feint()
                        && e.step.placed().countsNeeded() > 1)
                .map(e -> new Event(
                        e.step,
                        e.beat - e.step.placed().countsNeeded() + 1,
                        id("start/" + e.step.placed().technique().windTurn()),
                        NOBODY,
                        0,
                        0,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()))
                .toList();
        events.addAll(starts);
        events.sort(Comparator.comparingDouble(Event::beat).thenComparingInt(e -> e.step.index()));
    }

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

    private Event event(Step step) {
        Act act = step.placed().act();
        Technique technique = act.technique();
        Side side = step.placed().side().orElse(Side.LEAD);
        if (step.who() == Who.ATHLETE) {
            Side arrives = technique.arrival().at(side, pairingBefore(step));
            return new Event(
                    step,
                    step.beat().inBeats(),
                    id((act.feint() ? "~" : "") + key(technique, act.level())),
                    id(key(technique, act.level())),
                    salience(act),
                    act.feint() || !technique.isStrike() ? 0 : shows(act.intent()),
                    model.reaction(technique, act.level(), arrives),
                    act.isStrike() ? Optional.of(zone(step)) : Optional.empty(),
                    Optional.empty(),
                    Optional.empty());
        }
        return new Event(
                step,
                step.beat().inBeats(),
                id(key(technique, act.level())),
                id(key(technique, act.level())),
                0,
                0,
                Optional.empty(),
                Optional.empty(),
                act.feint() ? Optional.empty() : model.shown(technique, side),
                act.isStrike() ? Optional.of(away(step, technique, side)) : Optional.empty());
    }

    private Away away(Step step, Technique technique, Side side) {
        double keep = way.metBy(step)
                .map(defence -> model.keepAfter(defence.placed().technique()))
                .orElseGet(() -> model.number("away_keep"));
        return new Away(side, technique.part() == Part.LEG, keep);
    }

    private static String key(Technique technique, Level level) {
        return technique.code() + "/" + level;
    }

    private int id(String key) {
        return ids.computeIfAbsent(key, _ -> ids.size());
    }

    private double salience(Act act) {
        if (act.feint()) {
            return model.number("salience_feint");
        }
        if (!act.technique().isStrike()) {
            return model.number("salience_other");
        }
        return switch (act.intent()) {
            case FULL -> model.number("salience_full");
            case NORMAL -> model.number("salience_normal");
            case LIGHT -> model.number("salience_light");
        };
    }

    private double shows(Intent intent) {
        return switch (intent) {
            case FULL -> model.number("shown_full");
            case NORMAL -> model.number("shown_normal");
            case LIGHT -> model.number("shown_light");
        };
    }

    /// The other man at the end of the way.
    Walk walked() {
        Walk walk = new Walk(model, ids.size(), oddsById);
        run(NOBODY, walk);
        return walk;
    }

    /// Walks along the way with one action left out.
    Seen run(int without) {
        return run(without, new Walk(model, ids.size(), oddsById));
    }

    private Seen run(int without, Walk walk) {
        for (int i = 0; i < seenBefore; i++) {
            events.stream().filter(e -> e.step.index() != without).forEach(walk::remember);
            walk.forgetLast();
        }
        int count = way.steps().size();
        double[] openings = new double[count];
        double[][] odds = new double[count][];
        for (Event event : events) {
            int step = event.step.index();
            if (step == without) {
                odds[step] = walk.odds();
                continue;
            }
            walk.to(event.beat);
            if (event.isStart()) {
                walk.remember(event);
                continue;
            }
            if (event.byAthlete() && (event.odds.isPresent() || event.zone.isPresent())) {
                walk.expect();
            }
            if (event.zone.isPresent()) {
                openings[step] =
                        walk.opening(event.zone.get(), event.step.placed().technique());
            }
            walk.see(event);
            odds[step] = walk.odds();
        }
        return new Seen(openings, odds);
    }
}
