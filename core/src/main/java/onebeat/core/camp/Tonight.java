package onebeat.core.camp;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import onebeat.core.holding.Contact;
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

/// Lays out a camp's session on the clock.
public final class Tonight {

    private Tonight() {}

    /// The schedule of a session. Rounds whose drill is gone or cannot be read any more are left out.
    public static Schedule schedule(Camp camp, Session session) {
        return schedule(camp, session, Calls.NONE);
    }

    /// The same with calls that are said.
    public static Schedule schedule(Camp camp, Session session, Calls calls) {
        List<Part> parts = new ArrayList<>();
        for (RoundPlan round : camp.roundsOf(session.id())) {
            part(camp, round, session.scheme().workS()).ifPresent(parts::add);
        }
        return Schedule.of(session.blocks(parts.size()), parts, calls);
    }

    /// What passes a limit of the coach: in any one round, in the session, and in its week (Monday to Sunday,
    /// ISO 8601).
    public static List<Excess> excesses(Camp camp, Session session, Schedule schedule) {
        Limits limits = camp.card().school().limits();
        Set<Excess> all = new LinkedHashSet<>();
        schedule.rounds().forEach(round -> all.addAll(limits.passedBy(round.contact(), In.ROUND)));
        all.addAll(limits.passedBy(schedule.contact(), In.SESSION));
        all.addAll(limits.passedBy(week(camp, session.date()), In.WEEK));
        return List.copyOf(all);
    }

    /// The touches of all sessions in the week of a day, planned and run.
    public static Contact week(Camp camp, LocalDate day) {
        LocalDate monday = day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        return camp.sessions().all().stream()
                .filter(s -> !s.date().isBefore(monday) && s.date().isBefore(monday.plusWeeks(1)))
                .map(s -> schedule(camp, s).contact())
                .reduce(Contact.NONE, Contact::plus);
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
