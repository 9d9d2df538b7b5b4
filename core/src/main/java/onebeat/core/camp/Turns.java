package onebeat.core.camp;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import onebeat.core.book.Note;
import onebeat.core.book.Repetition;
import onebeat.core.book.RoundRun;
import onebeat.core.exchange.Family;
import onebeat.core.holding.Partner;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Session;
import onebeat.core.timing.Rung;

/// Two athletes take turns as athlete and holder: one works a round while the other feeds and holds, then they
/// change.
public final class Turns {

    private static final String HOLDS = "athlete";

    private Turns() {}

    /// The camp as it is in a round of this worker. For a partner it is turned round: the partner is the athlete,
    /// with what the book holds of them; the camp's athlete feeds and holds for them with the gear that they
    /// brought. The film does not speak of them, and what the coach decided against the book holds for
    /// the athlete only.
    ///
    /// @param worker the id of a partner, or nothing for the camp's own athlete
    /// @return empty where there is no such partner
    public static Optional<Camp> workedBy(Camp camp, String worker) {
        return worker.isEmpty()
                ? Optional.of(camp)
                : camp.partners().get(worker).map(partner -> turned(camp, partner));
    }

    private static Camp turned(Camp camp, Partner works) {
        Card card = camp.card();
        Partner holds = new Partner(
                HOLDS,
                card.athlete(),
                false,
                works.gear(),
                works.jab(),
                Set.of(),
                EnumSet.allOf(Family.class),
                Rung.LIVE);
        return Camp.empty(new Card(
                        card.name(),
                        works.body(),
                        card.athlete(),
                        card.firstDay(),
                        card.fightNight(),
                        card.school(),
                        HOLDS))
                .with(Place.DRILLS, each(Place.DRILLS, camp.drills().all(), drill -> drill.overruled("")))
                .with(Place.OWN_LINES, camp.ownLines())
                .with(Place.SESSIONS, camp.sessions())
                .with(Place.ROUNDS, camp.rounds())
                .with(Place.RUNS, each(Place.RUNS, camp.runsOf(works.id()), RoundRun::asAthletes))
                .with(
                        Place.REPETITIONS,
                        each(Place.REPETITIONS, camp.repetitionsOf(works.id()), Repetition::asAthletes))
                .with(Place.NOTES, each(Place.NOTES, camp.notesOn(works.id()), Note::asAthletes))
                .with(Place.PARTNERS, Place.PARTNERS.of(List.of(holds)));
    }

    private static <T> Shelf<T> each(Place<T> place, Collection<T> things, UnaryOperator<T> as) {
        return place.of(things.stream().map(as).toList());
    }

    /// Who works in a round.
    public static String worker(Camp camp, RoundPlan round) {
        return round.isAthletes() ? camp.card().athlete().name() : partner(camp, round);
    }

    /// Who feeds and holds in a round.
    public static String holder(Camp camp, RoundPlan round) {
        return round.isAthletes() ? camp.across().name() : camp.card().athlete().name();
    }

    private static String partner(Camp camp, RoundPlan round) {
        return camp.partners().get(round.worker()).map(Partner::name).orElse("");
    }

    /// Whether anybody but the athlete has a round in a session.
    public static boolean taken(Camp camp, Session session) {
        return camp.roundsOf(session.id()).stream().anyMatch(r -> !r.isAthletes());
    }

    /// After each of the athlete's rounds the same line comes for the partner at the door, where it does
    /// not yet, at the step and tempo that the book has for them.
    ///
    /// @param from the first round that gets its turn, by its place
    /// @return empty where nobody is at the door or nothing is to be added
    public static Optional<Edit> takenBy(Camp camp, Session session, int from) {
        Optional<Partner> partner = camp.partner();
        if (partner.isEmpty()) {
            return Optional.empty();
        }
        String worker = partner.get().id();
        Camp turned = turned(camp, partner.get());
        List<RoundPlan> rounds = camp.roundsOf(session.id());
        List<Edit> edits = new ArrayList<>();
        int number = Integer.parseInt(camp.rounds().nextId("r").substring(1));
        int place = 0;
        for (int i = 0; i < rounds.size(); i++) {
            RoundPlan round = rounds.get(i);
            if (round.position() != place) {
                edits.add(Edit.change(Place.ROUNDS, round, round.at(place)));
            }
            place++;
            boolean followed = i + 1 < rounds.size()
                    && rounds.get(i + 1).worker().equals(worker)
                    && rounds.get(i + 1).drillId().equals(round.drillId());
            if (round.isAthletes() && !followed && round.position() >= from) {
                edits.add(Edit.add(
                        Place.ROUNDS,
                        own(turned, round, "r" + number++).at(place).by(worker)));
                place++;
            }
        }
        return edits.isEmpty() ? Optional.empty() : Optional.of(new Edit.Together(edits));
    }

    /// The round of the other one: at what the book proposes for them; the whole line at its own tempo where
    /// they never did it.
    private static RoundPlan own(Camp turned, RoundPlan round, String id) {
        RoundPlan like = new RoundPlan(id, round.sessionId(), 0, round.drillId(), round.bpm(), round.gapBeats());
        return turned.drills()
                .get(round.drillId())
                .map(drill -> Proposals.of(turned, drill)
                        .map(p -> like.on(p.rung()).withBpm(p.bpm()))
                        .orElseGet(() -> like.withBpm(drill.bpm())))
                .orElse(like)
                .withBursts(round.bursts());
    }
}
