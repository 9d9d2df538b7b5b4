package onebeat.desktop.rounds;

import java.util.List;
import java.util.Optional;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Tonight;
import onebeat.core.camp.Turns;
import onebeat.core.holding.Contact;
import onebeat.core.review.Limits.Excess;
import onebeat.core.rounds.Calls;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Schedule.Stretch;
import onebeat.core.rounds.Session;
import onebeat.desktop.app.Situation;

/// All that Rounds shows, worked out from the camp.
///
/// @param session tonight's; empty where there is none yet
/// @param schedule it on the clock
/// @param round the chosen round, from 0
/// @param line the chosen line, from 0
/// @param week the touches of the whole week
/// @param excesses limits of the coach that are passed
/// @param turns whether somebody else than the athlete works a round
/// @param reason why the chosen round was put in by the program; empty where it was not
record RoundsPicture(
        Camp camp,
        Optional<Session> session,
        Optional<Schedule> schedule,
        int round,
        int line,
        List<Drill> lines,
        Contact week,
        List<Excess> excesses,
        boolean turns,
        String reason) {

    RoundsPicture {
        lines = List.copyOf(lines);
        excesses = List.copyOf(excesses);
    }

    static RoundsPicture of(Situation<RoundsState> here) {
        Camp camp = here.camp();
        Optional<Session> session = camp.sessionOn(here.today());
        Optional<Schedule> schedule = session.map(s -> here.schedules().of(camp, s, Calls.NONE));
        List<Stretch> rounds = schedule.map(Schedule::rounds).orElse(List.of());
        int round = Math.clamp(here.state().round(), 0, Math.max(0, rounds.size() - 1));
        Contact week = here.schedules().week(camp, here.today());
        return new RoundsPicture(
                camp,
                session,
                schedule,
                round,
                Math.clamp(here.state().line(), 0, Math.max(0, camp.drills().size() - 1)),
                List.copyOf(camp.drills().all()),
                week,
                schedule.map(s -> Tonight.excesses(camp, s, week)).orElse(List.of()),
                session.filter(s -> Turns.taken(camp, s)).isPresent(),
                rounds.isEmpty()
                        ? ""
                        : here.state().reason(rounds.get(round).part().plan().id()));
    }

    /// The chosen round on the clock.
    Optional<Stretch> here() {
        return schedule.filter(s -> !s.rounds().isEmpty()).map(s -> s.rounds().get(round));
    }

    /// The same, with another line chosen: nothing else hangs on that.
    RoundsPicture atLine(int chosen) {
        return new RoundsPicture(
                camp,
                session,
                schedule,
                round,
                Math.clamp(chosen, 0, Math.max(0, lines.size() - 1)),
                lines,
                week,
                excesses,
                turns,
                reason);
    }
}
