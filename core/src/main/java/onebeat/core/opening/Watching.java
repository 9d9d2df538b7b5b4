package onebeat.core.opening;

import static onebeat.core.opening.PartnerModel.index;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Act;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// The other man watching a way through a line: what he does with what he sees, action by action.
///
/// What does not change when one action is taken away is worked out once; a run is then a walk along arrays, so that
/// the credit of every action can be had by leaving it out.
final class Watching {

    /// Leaves no action out.
    static final int NOBODY = -1;

    private static final int POSTURES = Posture.values().length;

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
    private record Event(
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
    private record Away(Side side, boolean leg, double keep) {}

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

    Watching(PlayedWay way, Setting setting, PartnerModel model, int seenBefore) {
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

    /// Walks along the way with one action left out.
    Seen run(int without) {
        Walk walk = new Walk();
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
                odds[step] = walk.odds.clone();
                continue;
            }
            walk.to(event.beat);
            if (event.isStart()) {
                walk.remember(event);
                continue;
            }
            if (event.byAthlete()) {
                walk.expect();
            }
            if (event.zone.isPresent()) {
                openings[step] =
                        walk.opening(event.zone.get(), event.step.placed().technique());
            }
            walk.see(event);
            odds[step] = walk.odds.clone();
        }
        return new Seen(openings, odds);
    }

    /// The state along one run.
    private final class Walk {

        private double[] odds = atGuard();
        private double beat;
        private boolean held;
        private final double[] awayHand = new double[Side.values().length];
        private final double[] keepHand = new double[Side.values().length];
        private double awayLeg;
        private double keepLeg;
        private final double[] shown = new double[ids.size()];
        private final int[][] pairs = new int[ids.size()][ids.size()];
        private final int[] best = new int[ids.size()];
        private int last = NOBODY;
        private Optional<Family> kind = Optional.empty();
        private int inARow;

        Walk() {
            Arrays.fill(best, NOBODY);
        }

        private static double[] atGuard() {
            double[] odds = new double[POSTURES];
            odds[index(Posture.GUARD)] = 1;
            return odds;
        }

        /// Time passes: he drifts back to guard, unless the line has told him to hold, and his limbs come home.
        void to(double now) {
            double beats = now - beat;
            if (beats <= 0) {
                return;
            }
            beat = now;
            if (!held) {
                double keep = StrictMath.pow(PartnerModel.clamp(model.number("keep_per_beat")), beats);
                for (int i = 0; i < POSTURES; i++) {
                    odds[i] *= keep;
                }
                odds[index(Posture.GUARD)] += 1 - keep;
            }
            for (int s = 0; s < awayHand.length; s++) {
                awayHand[s] *= StrictMath.pow(PartnerModel.clamp(keepHand[s]), beats);
            }
            awayLeg *= StrictMath.pow(PartnerModel.clamp(keepLeg), beats);
        }

        double opening(Zone zone, Technique strike) {
            double covered = 0;
            for (int i = 0; i < POSTURES; i++) {
                covered += odds[i] * model.coverage(i, zone);
            }
            covered *= 1 - absent(zone);
            if (kind.equals(Optional.of(kindOf(strike))) && inARow >= model.number("one_kind_from")) {
                covered += (1 - covered) * model.number("one_kind");
            }
            return PartnerModel.clamp(1 - covered);
        }

        private double absent(Zone zone) {
            double lead = awayHand[side(Side.LEAD)];
            double rear = awayHand[side(Side.REAR)];
            double share = switch (zone) {
                case HEAD_LEAD, BODY_LEAD -> lead * model.number("away_hand");
                case HEAD_REAR, BODY_REAR -> rear * model.number("away_hand");
                case HEAD_FRONT, CHIN_BELOW, BODY_FRONT -> Math.max(lead, rear) * model.number("away_middle");
                case LEAD_CALF -> Math.max(lead * model.number("away_calf"), awayLeg * model.number("away_leg"));
                case LEAD_THIGH_OUT, LEAD_THIGH_IN, REAR_LEG -> awayLeg * model.number("away_leg");
            };
            return PartnerModel.clamp(share);
        }

        void see(Event event) {
            if (event.byAthlete()) {
                react(event);
                remember(event);
                return;
            }
            event.told.ifPresent(posture -> {
                mix(only(posture), model.number("drilled"));
                held = true;
            });
            event.away.ifPresent(away -> {
                held = false;
                if (away.leg) {
                    awayLeg = 1;
                    keepLeg = away.keep;
                } else {
                    awayHand[side(away.side)] = 1;
                    keepHand[side(away.side)] = away.keep;
                }
            });
        }

        private void react(Event event) {
            if (event.odds.isEmpty()) {
                return;
            }
            held = false;
            double belief = 1;
            if (event.step.placed().act().feint()) {
                double unshown = model.number("belief_unshown");
                belief = unshown + (1 - unshown) * Math.min(1, shown[event.real]);
            }
            mix(event.odds.get(), PartnerModel.clamp(event.salience * belief));
        }

        /// What has followed the last action before is covered as it would land, whether it comes or not (F23).
        void expect() {
            if (last == NOBODY || best[last] == NOBODY) {
                return;
            }
            double[] to = oddsById.get(best[last]);
            if (to != null) {
                mix(to, PartnerModel.clamp(foreseen(last) * model.number("salience_normal")));
            }
        }

        /// How far he expects what has followed this action most often.
        private double foreseen(int id) {
            int times = pairs[id][best[id]];
            int all = 0;
            for (int count : pairs[id]) {
                all += count;
            }
            String name = switch (times) {
                case 0, 1 -> "pattern_once";
                case 2 -> "pattern_twice";
                case 3 -> "pattern_thrice";
                default -> "pattern_often";
            };
            return PartnerModel.clamp(model.number(name)) * times / all;
        }

        void remember(Event event) {
            if (!event.byAthlete() || (event.odds.isEmpty() && !event.isStart())) {
                return;
            }
            if (!event.isStart()) {
                shown[event.real] += event.shows;
            }
            if (last != NOBODY) {
                int count = ++pairs[last][event.id];
                if (best[last] == NOBODY || count > pairs[last][best[last]]) {
                    best[last] = event.id;
                }
            }
            last = event.id;
            if (event.zone.isPresent()) {
                Optional<Family> now = Optional.of(kindOf(event.step.placed().technique()));
                inARow = now.equals(kind) ? inARow + 1 : 1;
                kind = now;
            }
        }

        void forgetLast() {
            last = NOBODY;
            kind = Optional.empty();
            inARow = 0;
        }

        private void mix(double[] to, double share) {
            odds = blend(odds, to, share);
        }
    }

    private static double[] blend(double[] from, double[] to, double share) {
        double[] mixed = new double[from.length];
        for (int i = 0; i < mixed.length; i++) {
            mixed[i] = from[i] * (1 - share) + to[i] * share;
        }
        return mixed;
    }

    private static double[] only(Posture posture) {
        double[] odds = new double[POSTURES];
        odds[index(posture)] = 1;
        return odds;
    }

    private static int side(Side side) {
        return side == Side.LEAD ? 0 : 1;
    }

    /// Hands or legs: a chain of one kind only is easier to read (F32).
    private static Family kindOf(Technique strike) {
        return strike.part() == Part.LEG ? Family.KICK : Family.PUNCH;
    }
}
