package onebeat.store;

import static onebeat.store.Rows.one;
import static onebeat.store.Rows.orNothing;
import static onebeat.store.Rows.several;
import static onebeat.store.Rows.text;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import onebeat.core.book.Judgement;
import onebeat.core.book.Note;
import onebeat.core.book.Repetition;
import onebeat.core.book.RoundRun;
import onebeat.core.camp.Card;
import onebeat.core.camp.Drill;
import onebeat.core.camp.KeptRound;
import onebeat.core.camp.Place;
import onebeat.core.camp.PlanSetting;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.Outcome;
import onebeat.core.film.Reel;
import onebeat.core.film.RoundStarts;
import onebeat.core.holding.Draw;
import onebeat.core.holding.Gear;
import onebeat.core.holding.JabSchool;
import onebeat.core.holding.Odds;
import onebeat.core.holding.Partner;
import onebeat.core.holding.SoreSpot;
import onebeat.core.notation.OwnLine;
import onebeat.core.plan.PlanSettings;
import onebeat.core.play.Who;
import onebeat.core.review.School;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Session;
import onebeat.core.timing.Rung;

/// The tables of a camp file, one mapper a record.
final class Tables {

    /// An evening is no longer than a day.
    private static final long MOST_MS = (long) (1_000 * Reel.MOST_SECONDS);

    private static final Limit HEIGHT = Limit.number(Fighter.LEAST_CM, Fighter.MOST_HEIGHT_CM);
    private static final Limit SPAN = Limit.number(Fighter.LEAST_CM, Fighter.MOST_SPAN_CM);
    /// No answer is heard later than this after its feed, or sooner before it.
    private static final double MOST_GAP_MS = 60_000;

    private static final int MOST_ROUNDS = 9_999;
    private static final int MOST_COUNT = 1_000_000;

    static final Rows<Reel> REELS = new Rows<>(
            Place.REELS,
            "id",
            List.of(
                    Column.of("id", Reel::id, Limit.name()),
                    Column.of("name", Reel::name, Limit.words()),
                    Column.of("seconds", Reel::seconds, Limit.number(0, Reel.MOST_SECONDS)),
                    Column.of(
                            "round_seconds",
                            Reel::roundSeconds,
                            Limit.number(Reel.LEAST_ROUND_SECONDS, Reel.MOST_SECONDS)),
                    Column.of("subject", Reel::subject, Limit.words()),
                    Column.of("file", Reel::file, Limit.words()),
                    Column.of(
                            "round_starts", r -> RoundStarts.words(r.roundStarts()), Limit.readBy(RoundStarts::read))),
            (r, _) -> new Reel(
                    text(r, "id"),
                    text(r, "name"),
                    r.getDouble("seconds"),
                    r.getDouble("round_seconds"),
                    orNothing(r, "subject"),
                    orNothing(r, "file"),
                    RoundStarts.read(orNothing(r, "round_starts"))));

    static final Rows<Exchange> EXCHANGES = new Rows<>(
            Place.EXCHANGES,
            "id",
            List.of(
                    Column.of("id", Exchange::id, Limit.name()),
                    Column.to("reel_id", Exchange::reelId, Place.REELS),
                    Column.of("time_s", Exchange::timeS, Limit.number(0, Reel.MOST_SECONDS)),
                    Column.of("round", Exchange::round, Limit.whole(1, Exchange.MOST_ROUND)),
                    Column.of("starter", e -> e.starter().name(), Limit.oneOf(Who.class)),
                    Column.of("athlete_stance", e -> e.athleteStance().name(), Limit.oneOf(Stance.class)),
                    Column.of("partner_stance", e -> e.partnerStance().name(), Limit.oneOf(Stance.class)),
                    Column.of(
                            "range",
                            e -> e.range().map(Band::name).orElse(null),
                            Limit.oneOf(Band.class).orNothing()),
                    Column.of("line", Exchange::line, Limit.words()),
                    Column.of("outcome", e -> e.outcome().name(), Limit.oneOf(Outcome.class)),
                    Column.of("note", Exchange::note, Limit.words()),
                    Column.of(
                            "contact_s",
                            e -> e.contactS().orElse(null),
                            Limit.number(0, Reel.MOST_SECONDS).orNothing())),
            (r, _) -> new Exchange(
                    text(r, "id"),
                    text(r, "reel_id"),
                    r.getDouble("time_s"),
                    r.getInt("round"),
                    one(Who.class, r, "starter"),
                    one(Stance.class, r, "athlete_stance"),
                    one(Stance.class, r, "partner_stance"),
                    Optional.ofNullable(r.getString("range")).map(Band::valueOf),
                    text(r, "line"),
                    one(Outcome.class, r, "outcome"),
                    text(r, "note"),
                    Optional.ofNullable(r.getString("contact_s")).map(Double::valueOf)));

    static final Rows<Drill> DRILLS = new Rows<>(
            Place.DRILLS,
            "id",
            List.of(
                    Column.of("id", Drill::id, Limit.name()),
                    Column.of("name", Drill::name, Limit.words()),
                    Column.of("line", Drill::line, Limit.words()),
                    Column.of("bpm", Drill::bpm, Limit.whole(RoundPlan.LEAST_BPM, RoundPlan.MOST_BPM)),
                    Column.of("made", d -> d.made().toString(), Limit.day()),
                    Column.of("source", Drill::source, Limit.words()),
                    Column.of("odds", d -> d.odds().words(), Limit.readBy(Odds::parse)),
                    Column.of("rung", d -> d.rung().name(), Limit.oneOf(Rung.class)),
                    Column.of("overruled", Drill::overruled, Limit.words())),
            (r, _) -> new Drill(
                    text(r, "id"),
                    text(r, "name"),
                    text(r, "line"),
                    r.getInt("bpm"),
                    LocalDate.parse(text(r, "made")),
                    text(r, "source"),
                    Odds.parse(orNothing(r, "odds")),
                    one(Rung.class, r, "rung", Rung.WHOLE),
                    orNothing(r, "overruled")));

    static final Rows<OwnLine> OWN_LINES = new Rows<>(
            Place.OWN_LINES,
            "name",
            List.of(Column.of("name", OwnLine::name, Limit.name()), Column.of("text", OwnLine::text, Limit.words())),
            (r, _) -> new OwnLine(text(r, "name"), text(r, "text")));

    static final Rows<Session> SESSIONS = new Rows<>(
            Place.SESSIONS,
            "id",
            List.of(
                    Column.of("id", Session::id, Limit.name()),
                    Column.of("date", s -> s.date().toString(), Limit.day()),
                    Column.of("name", Session::name, Limit.words()),
                    Column.of("scheme_id", Session::schemeId, Limit.words()),
                    Column.of("template", Session::template, Limit.words()),
                    Column.of("minutes", Session::minutes, Limit.whole(0, Session.MOST_MINUTES)),
                    Column.of(
                            "effort",
                            s -> s.effort().isPresent() ? s.effort().getAsInt() : null,
                            Limit.whole(0, Session.MOST_EFFORT).orNothing())),
            (r, _) -> new Session(
                    text(r, "id"),
                    LocalDate.parse(text(r, "date")),
                    text(r, "name"),
                    text(r, "scheme_id"),
                    orNothing(r, "template"),
                    r.getInt("minutes"),
                    r.getObject("effort") == null ? OptionalInt.empty() : OptionalInt.of(r.getInt("effort"))));

    static final Rows<RoundPlan> ROUNDS = new Rows<>(
            Place.ROUNDS,
            "id",
            List.of(
                    Column.of("id", RoundPlan::id, Limit.name()),
                    Column.to("session_id", RoundPlan::sessionId, Place.SESSIONS),
                    Column.of("position", RoundPlan::position, Limit.whole(0, MOST_ROUNDS)),
                    Column.to("drill_id", RoundPlan::drillId, Place.DRILLS),
                    Column.of("bpm", RoundPlan::bpm, Limit.whole(RoundPlan.LEAST_BPM, RoundPlan.MOST_BPM)),
                    Column.of("gap_beats", RoundPlan::gapBeats, Limit.whole(0, 32)),
                    Column.of("rung", p -> p.rung().name(), Limit.oneOf(Rung.class)),
                    Column.of("stage", RoundPlan::stage, Limit.whole(0, MOST_ROUNDS)),
                    Column.of("bursts", RoundPlan::bursts, Limit.whole(0, RoundPlan.MOST_BURSTS)),
                    Column.of("seed", p -> p.draw().seed(), Limit.whole(Long.MIN_VALUE, Long.MAX_VALUE)),
                    Column.of("most_run", p -> p.draw().mostRun(), Limit.whole(1, Draw.MOST_RUN)),
                    Column.of("gap_spread", p -> p.draw().gapSpread(), Limit.whole(0, Draw.MOST_SPREAD)),
                    Column.of("worker", RoundPlan::worker, Limit.words())),
            (r, _) -> new RoundPlan(
                    text(r, "id"),
                    text(r, "session_id"),
                    r.getInt("position"),
                    text(r, "drill_id"),
                    r.getInt("bpm"),
                    r.getInt("gap_beats"),
                    one(Rung.class, r, "rung", Rung.WHOLE),
                    r.getInt("stage"),
                    r.getInt("bursts"),
                    new Draw(
                            r.getLong("seed"),
                            r.getObject("most_run") == null ? Draw.USUAL_RUN : r.getInt("most_run"),
                            r.getInt("gap_spread")),
                    orNothing(r, "worker")));

    static final Rows<RoundRun> RUNS = new Rows<>(
            Place.RUNS,
            "id",
            List.of(
                    Column.of("id", RoundRun::id, Limit.name()),
                    Column.of("round_id", RoundRun::roundId, Limit.words()),
                    Column.to("drill_id", RoundRun::drillId, Place.DRILLS),
                    Column.of("date", r -> r.date().toString(), Limit.day()),
                    Column.of("bpm", RoundRun::bpm, Limit.whole(RoundPlan.LEAST_BPM, RoundPlan.MOST_BPM)),
                    Column.of("seconds", RoundRun::seconds, Limit.number(0, Reel.MOST_SECONDS)),
                    Column.of("called", RoundRun::called, Limit.whole(0, MOST_COUNT)),
                    Column.of("rung", r -> r.rung().name(), Limit.oneOf(Rung.class)),
                    Column.of("worker", RoundRun::worker, Limit.words())),
            (r, _) -> new RoundRun(
                    text(r, "id"),
                    text(r, "round_id"),
                    text(r, "drill_id"),
                    LocalDate.parse(text(r, "date")),
                    r.getInt("bpm"),
                    r.getInt("seconds"),
                    r.getInt("called"),
                    one(Rung.class, r, "rung", Rung.WHOLE),
                    orNothing(r, "worker")));

    static final Rows<Repetition> REPETITIONS = new Rows<>(
            Place.REPETITIONS,
            "id",
            List.of(
                    Column.of("id", Repetition::id, Limit.name()),
                    Column.of("round_id", Repetition::roundId, Limit.words()),
                    Column.to("drill_id", Repetition::drillId, Place.DRILLS),
                    Column.of("date", r -> r.date().toString(), Limit.day()),
                    Column.of("bpm", Repetition::bpm, Limit.whole(RoundPlan.LEAST_BPM, RoundPlan.MOST_BPM)),
                    Column.of("at_ms", Repetition::atMs, Limit.whole(0, MOST_MS)),
                    Column.of("judgement", r -> r.judgement().name(), Limit.oneOf(Judgement.class)),
                    Column.of("rung", r -> r.rung().name(), Limit.oneOf(Rung.class)),
                    Column.of("fault", Repetition::fault, Limit.words()),
                    Column.of("worker", Repetition::worker, Limit.words()),
                    Column.of(
                            "one_beat_ms",
                            p -> p.oneBeatMs().orElse(null),
                            Limit.number(-MOST_GAP_MS, MOST_GAP_MS).orNothing()),
                    Column.of("heard", p -> p.heard() ? 1 : 0, Limit.whole(0, 1))),
            (r, _) -> new Repetition(
                    text(r, "id"),
                    text(r, "round_id"),
                    text(r, "drill_id"),
                    LocalDate.parse(text(r, "date")),
                    r.getInt("bpm"),
                    r.getLong("at_ms"),
                    one(Judgement.class, r, "judgement"),
                    one(Rung.class, r, "rung", Rung.WHOLE),
                    orNothing(r, "fault"),
                    orNothing(r, "worker"),
                    Optional.ofNullable(r.getString("one_beat_ms")).map(Double::valueOf),
                    r.getInt("heard") != 0));

    static final Rows<Partner> PARTNERS = new Rows<>(
            Place.PARTNERS,
            "id",
            List.of(
                    Column.of("id", Partner::id, Limit.name()),
                    Column.of("name", Partner::name, Limit.words()),
                    Column.of("stance", p -> p.ownStance().name(), Limit.oneOf(Stance.class)),
                    Column.of("height_cm", p -> p.body().heightCm(), HEIGHT),
                    Column.of("span_cm", p -> p.body().spanCm(), SPAN),
                    Column.of("plays_opponent", p -> p.playsOpponent() ? 1 : 0, Limit.whole(0, 1)),
                    Column.of("gear", p -> words(p.gear()), Limit.several(Gear.class)),
                    Column.of("jab", p -> p.jab().name(), Limit.oneOf(JabSchool.class)),
                    Column.of("sore", p -> words(p.sore()), Limit.several(SoreSpot.class)),
                    Column.of("feeds", p -> words(p.feeds()), Limit.several(Family.class)),
                    Column.of("up_to", p -> p.upTo().name(), Limit.oneOf(Rung.class))),
            (r, _) -> new Partner(
                    text(r, "id"),
                    new Fighter(
                            text(r, "name"),
                            one(Stance.class, r, "stance"),
                            r.getDouble("height_cm"),
                            r.getDouble("span_cm")),
                    r.getInt("plays_opponent") != 0,
                    several(Gear.class, r, "gear"),
                    one(JabSchool.class, r, "jab"),
                    several(SoreSpot.class, r, "sore"),
                    several(Family.class, r, "feeds"),
                    one(Rung.class, r, "up_to")));

    static final Rows<Note> NOTES = new Rows<>(
            Place.NOTES,
            "id",
            List.of(
                    Column.of("id", Note::id, Limit.name()),
                    Column.to("drill_id", Note::drillId, Place.DRILLS),
                    Column.of("date", n -> n.date().toString(), Limit.day()),
                    Column.of("text", Note::text, Limit.words()),
                    Column.of("worker", Note::worker, Limit.words())),
            (r, _) -> new Note(
                    text(r, "id"),
                    text(r, "drill_id"),
                    LocalDate.parse(text(r, "date")),
                    text(r, "text"),
                    orNothing(r, "worker")));

    static final Rows<KeptRound> KEPT_ROUNDS = new Rows<>(
            Place.KEPT_ROUNDS,
            "id",
            List.of(
                    Column.of("id", KeptRound::id, Limit.name()),
                    Column.of("date", k -> k.date().toString(), Limit.day()),
                    Column.to("drill_id", KeptRound::drillId, Place.DRILLS),
                    Column.of("partner_id", KeptRound::partnerId, Limit.words())),
            (r, _) -> new KeptRound(
                    text(r, "id"), LocalDate.parse(text(r, "date")), text(r, "drill_id"), text(r, "partner_id")));

    static final Rows<PlanSetting> PLAN_SETTINGS = new Rows<>(
            Place.PLAN_SETTINGS,
            "key",
            List.of(
                    Column.of("key", PlanSetting::key, Limit.name()),
                    Column.of("value", PlanSetting::value, Limit.words())),
            (r, _) -> planSetting(new PlanSetting(text(r, "key"), text(r, "value"))));

    /// A setting that says nothing would be passed over in silence, so it lies aside and is told.
    private static PlanSetting planSetting(PlanSetting setting) {
        if (!PlanSettings.isReadable(setting)) {
            throw new IllegalArgumentException(
                    setting.key() + ": \"" + setting.value() + "\" is nothing that a plan can be asked for");
        }
        return setting;
    }

    private static String words(Set<? extends Enum<?>> several) {
        return several.stream().map(Enum::name).sorted().collect(Collectors.joining(" "));
    }

    /// The card has a table of one row; no camp has a shelf for it.
    static final Rows<Card> CARD = new Rows<>(
            new Place<>("card", _ -> "card"),
            "id",
            List.of(
                    Column.of("id", _ -> "card", Limit.name()),
                    Column.of("name", Card::name, Limit.words()),
                    Column.of("athlete_name", c -> c.athlete().name(), Limit.words()),
                    Column.of("athlete_stance", c -> c.athlete().stance().name(), Limit.oneOf(Stance.class)),
                    Column.of("athlete_height_cm", c -> c.athlete().heightCm(), HEIGHT),
                    Column.of("athlete_span_cm", c -> c.athlete().spanCm(), SPAN),
                    Column.of("opponent_name", c -> c.opponent().name(), Limit.words()),
                    Column.of("opponent_stance", c -> c.opponent().stance().name(), Limit.oneOf(Stance.class)),
                    Column.of("opponent_height_cm", c -> c.opponent().heightCm(), HEIGHT),
                    Column.of("opponent_span_cm", c -> c.opponent().spanCm(), SPAN),
                    Column.of("first_day", c -> c.firstDay().toString(), Limit.day()),
                    Column.of("fight_night", c -> c.fightNight().toString(), Limit.day()),
                    Column.of("school", c -> c.school().words(), Limit.readBy(School::parse)),
                    Column.of("partner", Card::partner, Limit.words())),
            (r, _) -> new Card(
                    text(r, "name"),
                    new Fighter(
                            text(r, "athlete_name"),
                            one(Stance.class, r, "athlete_stance"),
                            r.getDouble("athlete_height_cm"),
                            r.getDouble("athlete_span_cm")),
                    new Fighter(
                            text(r, "opponent_name"),
                            one(Stance.class, r, "opponent_stance"),
                            r.getDouble("opponent_height_cm"),
                            r.getDouble("opponent_span_cm")),
                    LocalDate.parse(text(r, "first_day")),
                    LocalDate.parse(text(r, "fight_night")),
                    School.parse(orNothing(r, "school")),
                    orNothing(r, "partner")));

    static final List<Rows<?>> SHELVES = List.of(
            REELS,
            EXCHANGES,
            DRILLS,
            OWN_LINES,
            SESSIONS,
            ROUNDS,
            RUNS,
            REPETITIONS,
            PARTNERS,
            NOTES,
            KEPT_ROUNDS,
            PLAN_SETTINGS);

    private Tables() {}
}
