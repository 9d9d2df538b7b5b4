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

/// A camp, whole: its card, and for each [Place] a shelf of things. Immutable; [Edit]s make the next one.
public record Camp(Card card, Shelves shelves) {

    /// A camp with nothing in it yet.
    public static Camp empty(Card card) {
        return new Camp(card, Shelves.empty());
    }

    /// What is kept in a place.
    public <T> Shelf<T> shelf(Place<T> place) {
        return shelves.at(place);
    }

    /// The same camp with another shelf in a place.
    public <T> Camp with(Place<T> place, Shelf<T> shelf) {
        return new Camp(card, shelves.with(place, shelf));
    }

    /// The same camp with another card.
    Camp with(Card changed) {
        return new Camp(changed, shelves);
    }

    public Shelf<Reel> reels() {
        return shelf(Place.REELS);
    }

    public Shelf<Exchange> exchanges() {
        return shelf(Place.EXCHANGES);
    }

    public Shelf<Drill> drills() {
        return shelf(Place.DRILLS);
    }

    public Shelf<OwnLine> ownLines() {
        return shelf(Place.OWN_LINES);
    }

    public Shelf<Session> sessions() {
        return shelf(Place.SESSIONS);
    }

    public Shelf<RoundPlan> rounds() {
        return shelf(Place.ROUNDS);
    }

    public Shelf<RoundRun> runs() {
        return shelf(Place.RUNS);
    }

    public Shelf<Repetition> repetitions() {
        return shelf(Place.REPETITIONS);
    }

    public Shelf<Partner> partners() {
        return shelf(Place.PARTNERS);
    }

    public Shelf<Note> notes() {
        return shelf(Place.NOTES);
    }

    public Shelf<KeptRound> keptRounds() {
        return shelf(Place.KEPT_ROUNDS);
    }

    public Shelf<PlanSetting> planSettings() {
        return shelf(Place.PLAN_SETTINGS);
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
        return partners().get(card.partner());
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
        if (!known.lines.equals(ownLines()) || known.athlete != athlete || known.across != across) {
            Vocabulary all = Vocabulary.standard()
                    .spokenBy(athlete, across)
                    .with(ownLines().all());
            known = new Words(ownLines(), athlete, across, all);
            words = known;
        }
        return known.vocabulary;
    }

    /// Own lines and the stances of the two, and what they make of the catalogue.
    private record Words(Shelf<OwnLine> lines, Stance athlete, Stance across, Vocabulary vocabulary) {}

    private static volatile Words words =
            new Words(Place.OWN_LINES.none(), Stance.ORTHODOX, Stance.ORTHODOX, Vocabulary.standard());

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
        return exchanges().all().stream()
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
        return exchanges().all().stream()
                .filter(e -> reels().get(e.reelId()).map(r -> r.isOf(name)).orElse(true) == opponent)
                .toList();
    }

    /// What a line against the opponent is reviewed against, whoever stands at the door.
    public Context againstOpponent() {
        return context().with(new Setting(card.athlete(), card.opponent()));
    }

    /// The rounds of a session in order.
    public List<RoundPlan> roundsOf(String sessionId) {
        return rounds().all().stream()
                .filter(r -> r.sessionId().equals(sessionId))
                .sorted(Comparator.comparingInt(RoundPlan::position))
                .toList();
    }

    /// The session of a day.
    public Optional<Session> sessionOn(LocalDate day) {
        return sessions().all().stream().filter(s -> s.date().equals(day)).findFirst();
    }

    /// What happened to a drill when the athlete did it.
    public Ledger ledger(String drillId) {
        return Ledger.of(drillId, repetitionsOf(""), runsOf(""));
    }

    /// The repetitions that the athlete did, or the partner with this id.
    public List<Repetition> repetitionsOf(String worker) {
        return repetitions().all().stream()
                .filter(r -> r.worker().equals(worker))
                .toList();
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
        return notes().all().stream().filter(n -> n.worker().equals(worker)).toList();
    }

    /// The rounds that the athlete ran, or the partner with this id.
    public List<RoundRun> runsOf(String worker) {
        return runs().all().stream().filter(r -> r.worker().equals(worker)).toList();
    }

    /// The same without a plan of its weeks and what is asked of it.
    public Camp withoutPlan() {
        return with(Place.KEPT_ROUNDS, Place.KEPT_ROUNDS.none()).with(Place.PLAN_SETTINGS, Place.PLAN_SETTINGS.none());
    }
}
