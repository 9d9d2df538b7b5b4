package onebeat.core.opening;

import java.util.Objects;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import org.jspecify.annotations.Nullable;

/// The partner watching a way through a line: what is done with what is seen, action by action.
///
/// What does not change when one action is taken away is worked out once; a run is then a walk along
/// arrays, so that the credit of every action can be had by leaving it out.
final class OpponentSimulation {

    private static final int NOBODY = PatternMemory.NOBODY;

    private final WatchedWay watched;
    private final int seenBefore;
    private final boolean withOdds;
    private final OpponentState.Rules rules;
    private @Nullable Walk prefix;

    /// What one run gave.
    static final class Seen {

        private final double[] openings;
        private final double[] worths;
        private final double[] free;
        private final double[] @Nullable [] vectors;
        private final @Nullable OpponentState end;

        private Seen(int count) {
            this(new double[count], new double[count], new double[count], new double[count][], null);
        }

        private Seen(
                double[] openings,
                double[] worths,
                double[] free,
                double[] @Nullable [] vectors,
                @Nullable OpponentState end) {
            this.openings = openings;
            this.worths = worths;
            this.free = free;
            this.vectors = vectors;
            this.end = end;
        }

        private Seen copy() {
            return new Seen(openings.clone(), worths.clone(), free.clone(), vectors.clone(), end);
        }

        private Seen endingIn(OpponentState state) {
            return new Seen(openings, worths, free, vectors, state);
        }

        double opening(int step) {
            return openings[step];
        }

        /// What a strike is worth where it lands.
        double worth(int step) {
            return worths[step];
        }

        /// How free the partner is to answer right after an action.
        double free(int step) {
            return free[step];
        }

        /// The partner right before a strike lands.
        double @Nullable [] before(int step) {
            return vectors[step];
        }

        OpponentState end() {
            return Objects.requireNonNull(end);
        }
    }

    OpponentSimulation(PlayedWay way, Setting setting, PartnerModel model, int seenBefore, boolean withOdds) {
        this.watched = new WatchedWay(way, model, withOdds);
        this.seenBefore = seenBefore;
        this.withOdds = withOdds;
        this.rules = OpponentState.Rules.of(model, setting.partner().stance(), setting.pace(), withOdds);
    }

    Zone zone(Step strike) {
        return watched.zone(strike);
    }

    /// Whether an action can have a part in any opening.
    boolean moves(Step step) {
        return watched.moves(step);
    }

    /// The action of a step as it is seen, with what became of it.
    SeenAction seen(Step step) {
        return watched.seen(step);
    }

    /// Walks along the whole way.
    Seen run() {
        return runWithout(NOBODY);
    }

    /// Walks along the way with one action left out, from the start.
    Seen runWithout(int action) {
        return walked(begun(action), action, new Seen(watched.steps()));
    }

    /// The same, quicker: up to that action everything is as in the whole walk.
    ///
    /// @param whole what the whole walk gave
    Seen runWithout(int action, Seen whole) {
        return seenBefore > 0 ? runWithout(action) : walked(upTo(firstWith(action)), action, whole.copy());
    }

    private Seen walked(Walk walk, int without, Seen seen) {
        walkOn(walk, without, watched.events().size(), seen);
        return seen.endingIn(walk.state);
    }

    /// How far a walk has come.
    private static final class Walk {

        private final OpponentState state;
        private final PatternMemory memory;
        private int next;
        private double beat;

        Walk(OpponentState state, PatternMemory memory) {
            this.state = state;
            this.memory = memory;
        }
    }

    private Walk begun(int without) {
        Walk walk = new Walk(new OpponentState(rules), watched.nothingRemembered());
        for (int i = 0; i < seenBefore; i++) {
            for (WatchedWay.Event event : watched.events()) {
                if (event.step().index() != without) {
                    remember(walk.memory, event);
                }
            }
            walk.memory.forgetLast();
        }
        if (seenBefore > 0) {
            walk.state.addLegKicks((double) seenBefore * watched.legKicks());
        }
        return walk;
    }

    /// The first event that would be another without an action.
    private int firstWith(int action) {
        int first = 0;
        while (first < watched.events().size() && !watched.events().get(first).hangsOn(action)) {
            first++;
        }
        return first;
    }

    /// A walk that has come to an event. One walk is kept and goes on from where it was asked last.
    private Walk upTo(int event) {
        Walk kept = prefix;
        if (kept == null || kept.next > event) {
            kept = begun(NOBODY);
            prefix = kept;
        }
        walkOn(kept, NOBODY, event, new Seen(watched.steps()));
        Walk walk = new Walk(new OpponentState(rules), kept.memory.copy());
        walk.state.set(kept.state);
        walk.next = kept.next;
        walk.beat = kept.beat;
        return walk;
    }

    private void walkOn(Walk walk, int without, int to, Seen seen) {
        while (walk.next < to) {
            WatchedWay.Event event = watched.events().get(walk.next++);
            int step = event.step().index();
            if (step != without) {
                walk.state.pass(event.beat() - walk.beat);
                walk.beat = Math.max(walk.beat, event.beat());
                happen(event, without, walk.state, walk.memory, seen);
            }
            seen.free[step] = walk.state.free();
        }
    }

    private void happen(WatchedWay.Event event, int without, OpponentState state, PatternMemory memory, Seen seen) {
        int step = event.step().index();
        SeenAction action = event.seen();
        if (action != null) {
            if (event.isSomethingSeen()) {
                memory.expect(state);
            }
            if (action.zone() != null) {
                seen.openings[step] = state.opening(action, event.angle());
                seen.worths[step] = state.worth(action);
                if (withOdds) {
                    seen.vectors[step] = state.vector();
                }
            }
            state.see(action, action.feint() ? memory.belief(event.real()) : 1);
        }
        remember(memory, event);
        if (event.told() != null) {
            state.told(event.told().posture(), event.told().covers());
        }
        if (event.struck() != null) {
            state.struck(event.struck().without(without));
        }
    }

    private static void remember(PatternMemory memory, WatchedWay.Event event) {
        boolean counts =
                event.isStart() || (event.seen() != null && event.seen().reacts() != null);
        if (counts) {
            memory.remember(event.id(), event.real(), event.shows(), event.teaches());
        }
    }
}
