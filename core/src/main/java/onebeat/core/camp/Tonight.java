package onebeat.core.camp;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.rounds.Part;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Session;

/// Lays out a camp's session on the clock.
public final class Tonight {

    private Tonight() {}

    /// The schedule of a session. Rounds whose drill is gone or cannot be read any more are left out.
    public static Schedule schedule(Camp camp, Session session) {
        List<Part> parts = new ArrayList<>();
        for (RoundPlan round : camp.roundsOf(session.id())) {
            part(camp, round, session.scheme().workS()).ifPresent(parts::add);
        }
        return Schedule.of(session.scheme(), parts);
    }

    private static Optional<Part> part(Camp camp, RoundPlan round, int workS) {
        Optional<Drill> drill = camp.drills().get(round.drillId());
        if (drill.isEmpty() || !(Notation.read(drill.get().line(), camp.vocabulary()) instanceof Read read)) {
            return Optional.empty();
        }
        return Optional.of(Part.of(
                round,
                drill.get().name(),
                read.line(),
                new Part.With(camp.setting(), camp.holder(), drill.get().odds(), workS)));
    }
}
