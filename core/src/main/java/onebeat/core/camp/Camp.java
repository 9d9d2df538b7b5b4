package onebeat.core.camp;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import onebeat.core.book.Ledger;
import onebeat.core.book.Repetition;
import onebeat.core.book.RoundRun;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.core.holding.Gear;
import onebeat.core.holding.Holder;
import onebeat.core.holding.JabSchool;
import onebeat.core.notation.OwnLine;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Setting;
import onebeat.core.review.Context;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Session;

/// A camp, whole. Immutable; [Edit]s make the next one.
public record Camp(
        Card card,
        Shelf<Reel> reels,
        Shelf<Exchange> exchanges,
        Shelf<Drill> drills,
        Shelf<OwnLine> ownLines,
        Shelf<Session> sessions,
        Shelf<RoundPlan> rounds,
        Shelf<RoundRun> runs,
        Shelf<Repetition> repetitions) {

    /// A camp with nothing in it yet.
    public static Camp empty(Card card) {
        return new Camp(
                card,
                Shelf.of(Reel::id),
                Shelf.of(Exchange::id),
                Shelf.of(Drill::id),
                Shelf.of(OwnLine::name),
                Shelf.of(Session::id),
                Shelf.of(RoundPlan::id),
                Shelf.of(RoundRun::id),
                Shelf.of(Repetition::id));
    }

    /// The two of the card.
    public Setting setting() {
        return new Setting(card.athlete(), card.opponent());
    }

    /// The catalogue and the coach's own lines.
    public Vocabulary vocabulary() {
        return Vocabulary.standard().with(ownLines.all());
    }

    /// What lines of this camp are reviewed against.
    public Context context() {
        return Context.of(setting())
                .with(vocabulary())
                .with(card.school().ruleSet())
                .with(card.school().allSeverities())
                .with(new Holder(Gear.all(), JabSchool.STRAIGHT));
    }

    /// The exchanges of a reel by time.
    public List<Exchange> exchangesOn(String reelId) {
        return exchanges.all().stream()
                .filter(e -> e.reelId().equals(reelId))
                .sorted(Comparator.comparingDouble(Exchange::timeS))
                .toList();
    }

    /// The rounds of a session in order.
    public List<RoundPlan> roundsOf(String sessionId) {
        return rounds.all().stream()
                .filter(r -> r.sessionId().equals(sessionId))
                .sorted(Comparator.comparingInt(RoundPlan::position))
                .toList();
    }

    /// The session of a day.
    public Optional<Session> sessionOn(LocalDate day) {
        return sessions.all().stream().filter(s -> s.date().equals(day)).findFirst();
    }

    /// What happened to a drill.
    public Ledger ledger(String drillId) {
        return Ledger.of(drillId, repetitions.all(), runs.all());
    }

    Camp withCard(Card changed) {
        return new Camp(changed, reels, exchanges, drills, ownLines, sessions, rounds, runs, repetitions);
    }

    public Camp withReels(Shelf<Reel> changed) {
        return new Camp(card, changed, exchanges, drills, ownLines, sessions, rounds, runs, repetitions);
    }

    public Camp withExchanges(Shelf<Exchange> changed) {
        return new Camp(card, reels, changed, drills, ownLines, sessions, rounds, runs, repetitions);
    }

    public Camp withDrills(Shelf<Drill> changed) {
        return new Camp(card, reels, exchanges, changed, ownLines, sessions, rounds, runs, repetitions);
    }

    public Camp withOwnLines(Shelf<OwnLine> changed) {
        return new Camp(card, reels, exchanges, drills, changed, sessions, rounds, runs, repetitions);
    }

    public Camp withSessions(Shelf<Session> changed) {
        return new Camp(card, reels, exchanges, drills, ownLines, changed, rounds, runs, repetitions);
    }

    public Camp withRounds(Shelf<RoundPlan> changed) {
        return new Camp(card, reels, exchanges, drills, ownLines, sessions, changed, runs, repetitions);
    }

    public Camp withRuns(Shelf<RoundRun> changed) {
        return new Camp(card, reels, exchanges, drills, ownLines, sessions, rounds, changed, repetitions);
    }

    public Camp withRepetitions(Shelf<Repetition> changed) {
        return new Camp(card, reels, exchanges, drills, ownLines, sessions, rounds, runs, changed);
    }
}
