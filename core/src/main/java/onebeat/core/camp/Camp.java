package onebeat.core.camp;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import onebeat.core.book.Ledger;
import onebeat.core.book.Note;
import onebeat.core.book.Repetition;
import onebeat.core.book.RoundRun;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.core.holding.Gear;
import onebeat.core.holding.Holder;
import onebeat.core.holding.JabSchool;
import onebeat.core.holding.Partner;
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
        Shelf<Repetition> repetitions,
        Shelf<Partner> partners,
        Shelf<Note> notes,
        Shelf<KeptRound> keptRounds,
        Shelf<PlanSetting> planSettings) {

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
                Shelf.of(Repetition::id),
                Shelf.of(Partner::id),
                Shelf.of(Note::id),
                Shelf.of(KeptRound::id),
                Shelf.of(PlanSetting::key));
    }

    /// The athlete and who stands across tonight.
    public Setting setting() {
        return new Setting(card.athlete(), across());
    }

    /// Who stands across tonight: the partner at the door playing the opponent, or the opponent.
    public Fighter across() {
        return partner().map(p -> p.playing(card.opponent())).orElse(card.opponent());
    }

    /// The partner at the door.
    public Optional<Partner> partner() {
        return partners.get(card.partner());
    }

    /// What the partner at the door holds; without one, everything.
    public Holder holder() {
        return partner().map(Partner::holder).orElseGet(() -> new Holder(Gear.all(), JabSchool.STRAIGHT));
    }

    /// The catalogue and the coach's own lines. They are read again only when they change: everything that reads a
    /// line asks for them.
    public Vocabulary vocabulary() {
        Words known = words;
        Stance athlete = card.athlete().stance();
        Stance across = across().stance();
        if (!known.lines.equals(ownLines) || known.athlete != athlete || known.across != across) {
            Vocabulary all = Vocabulary.standard().spokenBy(athlete, across).with(ownLines.all());
            known = new Words(ownLines, athlete, across, all);
            words = known;
        }
        return known.vocabulary;
    }

    /// Own lines and the stances of the two, and what they make of the catalogue.
    private record Words(Shelf<OwnLine> lines, Stance athlete, Stance across, Vocabulary vocabulary) {}

    private static volatile Words words =
            new Words(Shelf.of(OwnLine::name), Stance.ORTHODOX, Stance.ORTHODOX, Vocabulary.standard());

    /// What lines of this camp are reviewed against.
    public Context context() {
        return Context.of(setting())
                .with(vocabulary())
                .with(card.school().ruleSet())
                .with(card.school().allSeverities())
                .with(card.school().limits())
                .with(holder());
    }

    /// The exchanges of a reel by time.
    public List<Exchange> exchangesOn(String reelId) {
        return exchanges.all().stream()
                .filter(e -> e.reelId().equals(reelId))
                .sorted(Comparator.comparingDouble(Exchange::timeS))
                .toList();
    }

    /// What is on film of the camp's opponent, in the order in which it was logged.
    public List<Exchange> studied() {
        return exchangesOf(true);
    }

    /// What is on film of others: what the opponent is compared with.
    public List<Exchange> studiedOfOthers() {
        return exchangesOf(false);
    }

    private List<Exchange> exchangesOf(boolean opponent) {
        String name = card.opponent().name();
        return exchanges.all().stream()
                .filter(e -> reels.get(e.reelId()).map(r -> r.isOf(name)).orElse(true) == opponent)
                .toList();
    }

    /// What a line against the opponent herself is reviewed against, whoever stands at the door.
    public Context againstOpponent() {
        return context().with(new Setting(card.athlete(), card.opponent()));
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

    /// What happened to a drill when the athlete did it.
    public Ledger ledger(String drillId) {
        return Ledger.of(drillId, repetitionsOf(""), runsOf(""));
    }

    /// The repetitions that the athlete did, or the partner with this id.
    public List<Repetition> repetitionsOf(String worker) {
        return repetitions.all().stream().filter(r -> r.worker().equals(worker)).toList();
    }

    /// What the coach wrote down of a drill and the athlete, the newest first.
    public List<Note> notesOf(String drillId) {
        return notesOn("").stream()
                .filter(n -> n.drillId().equals(drillId))
                .sorted(Comparator.comparing(Note::date).reversed())
                .toList();
    }

    /// What the coach wrote down of the athlete, or of the partner with this id.
    public List<Note> notesOn(String worker) {
        return notes.all().stream().filter(n -> n.worker().equals(worker)).toList();
    }

    /// The rounds that the athlete ran, or the partner with this id.
    public List<RoundRun> runsOf(String worker) {
        return runs.all().stream().filter(r -> r.worker().equals(worker)).toList();
    }

    Camp withCard(Card changed) {
        return new Camp(
                changed,
                reels,
                exchanges,
                drills,
                ownLines,
                sessions,
                rounds,
                runs,
                repetitions,
                partners,
                notes,
                keptRounds,
                planSettings);
    }

    public Camp withReels(Shelf<Reel> changed) {
        return new Camp(
                card,
                changed,
                exchanges,
                drills,
                ownLines,
                sessions,
                rounds,
                runs,
                repetitions,
                partners,
                notes,
                keptRounds,
                planSettings);
    }

    public Camp withExchanges(Shelf<Exchange> changed) {
        return new Camp(
                card,
                reels,
                changed,
                drills,
                ownLines,
                sessions,
                rounds,
                runs,
                repetitions,
                partners,
                notes,
                keptRounds,
                planSettings);
    }

    public Camp withDrills(Shelf<Drill> changed) {
        return new Camp(
                card,
                reels,
                exchanges,
                changed,
                ownLines,
                sessions,
                rounds,
                runs,
                repetitions,
                partners,
                notes,
                keptRounds,
                planSettings);
    }

    public Camp withOwnLines(Shelf<OwnLine> changed) {
        return new Camp(
                card,
                reels,
                exchanges,
                drills,
                changed,
                sessions,
                rounds,
                runs,
                repetitions,
                partners,
                notes,
                keptRounds,
                planSettings);
    }

    public Camp withSessions(Shelf<Session> changed) {
        return new Camp(
                card,
                reels,
                exchanges,
                drills,
                ownLines,
                changed,
                rounds,
                runs,
                repetitions,
                partners,
                notes,
                keptRounds,
                planSettings);
    }

    public Camp withRounds(Shelf<RoundPlan> changed) {
        return new Camp(
                card,
                reels,
                exchanges,
                drills,
                ownLines,
                sessions,
                changed,
                runs,
                repetitions,
                partners,
                notes,
                keptRounds,
                planSettings);
    }

    public Camp withRuns(Shelf<RoundRun> changed) {
        return new Camp(
                card,
                reels,
                exchanges,
                drills,
                ownLines,
                sessions,
                rounds,
                changed,
                repetitions,
                partners,
                notes,
                keptRounds,
                planSettings);
    }

    public Camp withRepetitions(Shelf<Repetition> changed) {
        return new Camp(
                card,
                reels,
                exchanges,
                drills,
                ownLines,
                sessions,
                rounds,
                runs,
                changed,
                partners,
                notes,
                keptRounds,
                planSettings);
    }

    public Camp withPartners(Shelf<Partner> changed) {
        return new Camp(
                card,
                reels,
                exchanges,
                drills,
                ownLines,
                sessions,
                rounds,
                runs,
                repetitions,
                changed,
                notes,
                keptRounds,
                planSettings);
    }

    public Camp withNotes(Shelf<Note> changed) {
        return new Camp(
                card,
                reels,
                exchanges,
                drills,
                ownLines,
                sessions,
                rounds,
                runs,
                repetitions,
                partners,
                changed,
                keptRounds,
                planSettings);
    }

    /// The same without a plan of its weeks and what is asked of it.
    public Camp withoutPlan() {
        return withKeptRounds(Shelf.of(KeptRound::id)).withPlanSettings(Shelf.of(PlanSetting::key));
    }

    public Camp withKeptRounds(Shelf<KeptRound> changed) {
        return new Camp(
                card,
                reels,
                exchanges,
                drills,
                ownLines,
                sessions,
                rounds,
                runs,
                repetitions,
                partners,
                notes,
                changed,
                planSettings);
    }

    public Camp withPlanSettings(Shelf<PlanSetting> changed) {
        return new Camp(
                card,
                reels,
                exchanges,
                drills,
                ownLines,
                sessions,
                rounds,
                runs,
                repetitions,
                partners,
                notes,
                keptRounds,
                changed);
    }
}
