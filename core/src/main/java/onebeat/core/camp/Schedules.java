package onebeat.core.camp;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SequencedMap;
import onebeat.core.holding.Contact;
import onebeat.core.notation.Line;
import onebeat.core.rounds.Calls;
import onebeat.core.rounds.Part;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Session;

/// The sessions of a camp on the clock, each laid out once while the camp is the same, and each round played once while
/// its plan, its line and who works are the same. May be asked from several threads.
public final class Schedules {

    /// Rounds that are kept as played: more than a week of full evenings has.
    private static final int KEPT = 10 * Session.MOST_LAID_OUT;

    private final Ladders ladders = new Ladders();
    private final SequencedMap<String, PlayedRound> rounds = new LinkedHashMap<>();
    private Optional<Camp> of = Optional.empty();
    private final Map<Asked, Schedule> laidOut = new HashMap<>();

    /// What a round is played from.
    record RoundBasis(RoundPlan plan, String name, Line line, Part.With with) {

        private Part played() {
            return Part.of(plan, name, line, with);
        }
    }

    private record PlayedRound(RoundBasis basis, Part part) {}

    /// What of one camp was asked for.
    private record Asked(Session session, Calls calls) {}

    /// The ladders of the camp's lines.
    public Ladders ladders() {
        return ladders;
    }

    /// The schedule of a session. Rounds whose drill or partner is gone, or whose line cannot be read, are left out.
    public Schedule of(Camp camp, Session session, Calls calls) {
        Asked asked = new Asked(session, calls);
        return kept(camp, asked).orElseGet(() -> keep(camp, asked, anew(camp, session, calls)));
    }

    private Schedule anew(Camp camp, Session session, Calls calls) {
        List<Part> parts = new ArrayList<>();
        camp.roundsOf(session.id()).stream()
                .limit(Session.MOST_LAID_OUT)
                .forEach(round -> Tonight.basis(camp, round, session.scheme().workS(), ladders)
                        .map(this::played)
                        .ifPresent(parts::add));
        return Schedule.of(session.blocks(parts.size()), parts, calls);
    }

    /// The touches of all sessions in the week of a day (Monday to Sunday, ISO 8601), planned and run.
    public Contact week(Camp camp, LocalDate day) {
        LocalDate monday = day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        return camp.sessions().all().stream()
                .filter(s -> !s.date().isBefore(monday) && s.date().isBefore(monday.plusWeeks(1)))
                .map(s -> of(camp, s, Calls.NONE).contact())
                .reduce(Contact.NONE, Contact::plus);
    }

    private Part played(RoundBasis basis) {
        return known(basis).orElseGet(() -> keep(basis, basis.played()));
    }

    private synchronized Optional<Part> known(RoundBasis basis) {
        return Optional.ofNullable(rounds.get(basis.plan.id()))
                .filter(played -> played.basis.equals(basis))
                .map(PlayedRound::part);
    }

    private synchronized Part keep(RoundBasis basis, Part part) {
        rounds.remove(basis.plan.id());
        rounds.put(basis.plan.id(), new PlayedRound(basis, part));
        if (rounds.size() > KEPT) {
            rounds.pollFirstEntry();
        }
        return part;
    }

    private synchronized Optional<Schedule> kept(Camp camp, Asked asked) {
        return of.filter(camp::equals).map(_ -> laidOut.get(asked));
    }

    private synchronized Schedule keep(Camp camp, Asked asked, Schedule schedule) {
        if (of.filter(camp::equals).isEmpty()) {
            of = Optional.of(camp);
            laidOut.clear();
        }
        laidOut.put(asked, schedule);
        return schedule;
    }
}
