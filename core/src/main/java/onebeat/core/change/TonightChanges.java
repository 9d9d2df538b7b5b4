package onebeat.core.change;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Filling;
import onebeat.core.camp.Place;
import onebeat.core.camp.Turns;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Scheme;
import onebeat.core.rounds.Session;
import onebeat.core.rounds.Template;
import onebeat.core.timing.Rung;

/// Changes to a session: what comes into it, how long it may be, what it holds beside its rounds.
public final class TonightChanges {

    /// Empty beats between repetitions that a new round starts with. A default.
    private static final int USUAL_GAP = 4;

    private TonightChanges() {}

    /// The session of a day, or the one that there will be once something comes into it.
    ///
    /// @param name what a new session is called
    public static Session sessionOrNew(Camp camp, LocalDate day, String name) {
        return camp.sessionOn(day)
                .orElseGet(() -> new Session(
                        camp.sessions().nextId("s"), day, name, Scheme.usual().id()));
    }

    /// A line as it comes into a session by hand: whole, at its own tempo.
    public static Filling.Choice byHand(Drill drill) {
        return new Filling.Choice(drill, Rung.WHOLE, drill.bpm(), "");
    }

    /// Lines come into a session, as one edit, at its end and in this order. Where turns are taken in it, each of
    /// them gets its turn too.
    ///
    /// @return empty where the session would have more than [Session#MOST_LAID_OUT] rounds
    public static Optional<Edit> added(Camp camp, Session session, List<Filling.Choice> choices) {
        int position = camp.roundsOf(session.id()).size();
        if (position + choices.size() > Session.MOST_LAID_OUT) {
            return Optional.empty();
        }
        List<Edit> edits = new ArrayList<>();
        if (camp.sessions().get(session.id()).isEmpty()) {
            edits.add(Edit.add(Place.SESSIONS, session));
        }
        int number = Integer.parseInt(camp.rounds().nextId("r").substring(1));
        for (Filling.Choice choice : choices) {
            RoundPlan plan = new RoundPlan(
                    "r" + number++, session.id(), position++, choice.drill().id(), choice.bpm(), USUAL_GAP);
            edits.add(Edit.add(Place.ROUNDS, plan.on(choice.rung())));
        }
        if (Turns.taken(camp, session)) {
            Camp then = new Edit.Together(edits).applyTo(camp);
            Turns.takenBy(then, session, camp.roundsOf(session.id()).size()).ifPresent(edits::add);
        }
        return Optional.of(new Edit.Together(edits));
    }

    /// How hard a session was.
    public static Edit effort(Session session, int said) {
        return Edit.change(Place.SESSIONS, session, session.withEffort(said));
    }

    /// How many more lines a session has room for; where turns are taken each line takes two rounds.
    public static int room(Camp camp, Session session) {
        int left = session.room() - camp.roundsOf(session.id()).size();
        return Math.max(0, left / (Turns.taken(camp, session) ? 2 : 1));
    }

    /// What is due and not in the session yet, as much of it as there is room for.
    public static List<Filling.Choice> due(Camp camp, Session session, LocalDate day) {
        List<String> here =
                camp.roundsOf(session.id()).stream().map(RoundPlan::drillId).toList();
        return Filling.of(camp, day, session.room() + here.size()).stream()
                .filter(c -> !here.contains(c.drill().id()))
                .limit(room(camp, session))
                .toList();
    }

    /// The session with the next template, or with none after the last.
    public static Edit nextTemplate(Session session) {
        List<String> ids =
                new ArrayList<>(Template.all().stream().map(Template::id).toList());
        ids.addFirst("");
        String next = ids.get((ids.indexOf(session.template()) + 1) % ids.size());
        return Edit.change(Place.SESSIONS, session, session.withTemplate(next));
    }

    /// The session with the next scheme of rounds.
    public static Edit nextScheme(Session session) {
        return Edit.change(
                Place.SESSIONS, session, session.withScheme(session.scheme().next()));
    }

    /// The session with so many minutes more, or fewer where it is negative.
    public static Edit longer(Session session, int minutes) {
        return Edit.change(Place.SESSIONS, session, session.withMinutes(session.minutes() + minutes));
    }
}
