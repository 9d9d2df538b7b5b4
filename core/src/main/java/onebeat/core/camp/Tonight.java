package onebeat.core.camp;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import onebeat.core.camp.Schedules.RoundBasis;
import onebeat.core.holding.Choices;
import onebeat.core.holding.Contact;
import onebeat.core.holding.Odds;
import onebeat.core.ladder.Stage;
import onebeat.core.notation.Line;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.review.Limits;
import onebeat.core.review.Limits.Excess;
import onebeat.core.review.Limits.In;
import onebeat.core.rounds.Calls;
import onebeat.core.rounds.Part;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Session;
import onebeat.core.timing.Rung;

/// Lays out a camp's session on the clock.
public final class Tonight {

    private Tonight() {}

    /// The schedule of a session, for those who ask once.
    public static Schedule schedule(Camp camp, Session session) {
        return new Schedules().of(camp, session, Calls.NONE);
    }

    /// What passes a limit of the coach: in any one round, in the session, and in its week (Monday to Sunday,
    /// ISO 8601).
    ///
    /// @param week the touches of that week
    public static List<Excess> excesses(Camp camp, Schedule schedule, Contact week) {
        Limits limits = camp.card().school().limits();
        Set<Excess> all = new LinkedHashSet<>();
        schedule.rounds().forEach(round -> all.addAll(limits.passedBy(round.contact(), In.ROUND)));
        all.addAll(limits.passedBy(schedule.contact(), In.SESSION));
        all.addAll(limits.passedBy(week, In.WEEK));
        return List.copyOf(all);
    }

    /// Builds the ladders of a session's lines, so that a step of one is there when it is asked for.
    ///
    /// @param stop asked between two ladders; the rest are left when it says yes
    public static void buildLadders(Camp camp, Session session, Ladders ladders, BooleanSupplier stop) {
        record Worked(String drillId, String worker) {}
        Set<Worked> worked = new LinkedHashSet<>();
        camp.roundsOf(session.id()).forEach(round -> worked.add(new Worked(round.drillId(), round.worker())));
        for (Worked one : worked) {
            if (stop.getAsBoolean()) {
                return;
            }
            Turns.workedBy(camp, one.worker)
                    .ifPresent(turned -> turned.drills().get(one.drillId).ifPresent(drill -> {
                        if (Notation.read(drill.line(), turned.vocabulary()) instanceof Read read) {
                            var _ = ladders.of(turned, read);
                        }
                    }));
        }
    }

    /// What a round is played from; empty where its drill or its partner is gone, or its line cannot be read any more.
    ///
    /// @param workS seconds of the round
    /// @param ladders where the stages of ladders come from
    static Optional<RoundBasis> basis(Camp whole, RoundPlan round, int workS, Ladders ladders) {
        return Turns.workedBy(whole, round.worker())
                .flatMap(camp -> camp.drills()
                        .get(round.drillId())
                        .flatMap(drill -> stage(camp, drill, round, ladders)
                                .map(stage -> new RoundBasis(
                                        round,
                                        drill.name(),
                                        stage.line(),
                                        new Part.With(camp.setting(), camp.holder(), stage.odds(), workS)))));
    }

    /// What is drilled in a round: a line, and how often its cues come.
    private record Drilled(Line line, Odds odds) {}

    /// The stage of the drill's ladder that the round is at. Whole and faster it is the line itself; so it
    /// is where the ladder has no such stage.
    private static Optional<Drilled> stage(Camp camp, Drill drill, RoundPlan round, Ladders ladders) {
        if (!(Notation.read(drill.line(), camp.vocabulary()) instanceof Read read)) {
            return Optional.empty();
        }
        Drilled itself = new Drilled(read.line(), drill.odds());
        boolean whole = round.rung() == Rung.WHOLE || round.rung() == Rung.TEMPO;
        boolean readsAlready =
                !Choices.reads(read.line()).isEmpty() && round.rung().compareTo(Rung.READS) >= 0;
        if (whole || readsAlready) {
            return Optional.of(itself);
        }
        List<Stage> stages = ladders.of(camp, read).of(round.rung());
        if (stages.isEmpty()) {
            return Optional.of(itself);
        }
        Stage stage = stages.get(Math.min(round.stage(), stages.size() - 1));
        return Notation.read(stage.line(), camp.vocabulary()) instanceof Read one
                ? Optional.of(new Drilled(one.line(), stage.odds()))
                : Optional.of(itself);
    }
}
