package onebeat.desktop.rounds;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Play;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Session;

/// Lays out a camp's session on the clock.
public final class Tonight {

    private Tonight() {}

    /// The schedule of a session. Rounds whose drill is gone or cannot be read any more are left out.
    public static Schedule schedule(Camp camp, Session session) {
        List<Schedule.Part> parts = new ArrayList<>();
        for (RoundPlan round : camp.roundsOf(session.id())) {
            part(camp, round).ifPresent(parts::add);
        }
        return Schedule.of(session.scheme(), parts);
    }

    private static Optional<Schedule.Part> part(Camp camp, RoundPlan round) {
        Optional<Drill> drill = camp.drills().get(round.drillId());
        if (drill.isEmpty() || !(Notation.read(drill.get().line(), camp.vocabulary()) instanceof Read read)) {
            return Optional.empty();
        }
        return Optional.of(
                new Schedule.Part(round, drill.get().name(), drill.get().line(), Play.of(read.line(), camp.setting())));
    }
}
