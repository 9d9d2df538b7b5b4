package onebeat.store;

import static onebeat.store.Rows.one;
import static onebeat.store.Rows.orNothing;
import static onebeat.store.Rows.several;
import static onebeat.store.Rows.text;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import onebeat.core.book.Judgement;
import onebeat.core.book.Note;
import onebeat.core.book.Repetition;
import onebeat.core.book.RoundRun;
import onebeat.core.camp.Card;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Place;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.Outcome;
import onebeat.core.film.Reel;
import onebeat.core.holding.Draw;
import onebeat.core.holding.Gear;
import onebeat.core.holding.JabSchool;
import onebeat.core.holding.Odds;
import onebeat.core.holding.Partner;
import onebeat.core.holding.SoreSpot;
import onebeat.core.notation.OwnLine;
import onebeat.core.play.Who;
import onebeat.core.review.School;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Session;
import onebeat.core.timing.Rung;
import org.jspecify.annotations.Nullable;

/// The tables of a camp file, one mapper a record.
final class Tables {

    static final Rows<Reel> REELS = new Rows<>(
            Place.REELS,
            "id",
            columns(
                    Map.entry("id", Reel::id),
                    Map.entry("name", Reel::name),
                    Map.entry("seconds", Reel::seconds),
                    Map.entry("round_seconds", Reel::roundSeconds),
                    Map.entry("subject", Reel::subject),
                    Map.entry("file", Reel::file)),
            (r, _) -> new Reel(
                    text(r, "id"),
                    text(r, "name"),
                    r.getDouble("seconds"),
                    r.getDouble("round_seconds"),
                    orNothing(r, "subject"),
                    orNothing(r, "file")));

    static final Rows<Exchange> EXCHANGES = new Rows<>(
            Place.EXCHANGES,
            "id",
            columns(
                    Map.entry("id", Exchange::id),
                    Map.entry("reel_id", Exchange::reelId),
                    Map.entry("time_s", Exchange::timeS),
                    Map.entry("round", Exchange::round),
                    Map.entry("starter", e -> e.starter().name()),
                    Map.entry("athlete_stance", e -> e.athleteStance().name()),
                    Map.entry("partner_stance", e -> e.partnerStance().name()),
                    Map.entry("range", e -> e.range().map(Band::name).orElse(null)),
                    Map.entry("line", Exchange::line),
                    Map.entry("outcome", e -> e.outcome().name()),
                    Map.entry("note", Exchange::note)),
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
                    text(r, "note")));

    static final Rows<Drill> DRILLS = new Rows<>(
            Place.DRILLS,
            "id",
            columns(
                    Map.entry("id", Drill::id),
                    Map.entry("name", Drill::name),
                    Map.entry("line", Drill::line),
                    Map.entry("bpm", Drill::bpm),
                    Map.entry("made", d -> d.made().toString()),
                    Map.entry("source", Drill::source),
                    Map.entry("odds", d -> d.odds().words()),
                    Map.entry("rung", d -> d.rung().name()),
                    Map.entry("overruled", Drill::overruled)),
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
            columns(Map.entry("name", OwnLine::name), Map.entry("text", OwnLine::text)),
            (r, _) -> new OwnLine(text(r, "name"), text(r, "text")));

    static final Rows<Session> SESSIONS = new Rows<>(
            Place.SESSIONS,
            "id",
            columns(
                    Map.entry("id", Session::id),
                    Map.entry("date", s -> s.date().toString()),
                    Map.entry("name", Session::name),
                    Map.entry("scheme_id", Session::schemeId),
                    Map.entry("template", Session::template),
                    Map.entry("minutes", Session::minutes)),
            (r, _) -> new Session(
                    text(r, "id"),
                    LocalDate.parse(text(r, "date")),
                    text(r, "name"),
                    text(r, "scheme_id"),
                    orNothing(r, "template"),
                    r.getInt("minutes")));

    static final Rows<RoundPlan> ROUNDS = new Rows<>(
            Place.ROUNDS,
            "id",
            columns(
                    Map.entry("id", RoundPlan::id),
                    Map.entry("session_id", RoundPlan::sessionId),
                    Map.entry("position", RoundPlan::position),
                    Map.entry("drill_id", RoundPlan::drillId),
                    Map.entry("bpm", RoundPlan::bpm),
                    Map.entry("gap_beats", RoundPlan::gapBeats),
                    Map.entry("rung", p -> p.rung().name()),
                    Map.entry("stage", RoundPlan::stage),
                    Map.entry("bursts", RoundPlan::bursts),
                    Map.entry("seed", p -> p.draw().seed()),
                    Map.entry("most_run", p -> p.draw().mostRun()),
                    Map.entry("gap_spread", p -> p.draw().gapSpread()),
                    Map.entry("worker", RoundPlan::worker)),
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
            columns(
                    Map.entry("id", RoundRun::id),
                    Map.entry("round_id", RoundRun::roundId),
                    Map.entry("drill_id", RoundRun::drillId),
                    Map.entry("date", r -> r.date().toString()),
                    Map.entry("bpm", RoundRun::bpm),
                    Map.entry("seconds", RoundRun::seconds),
                    Map.entry("called", RoundRun::called),
                    Map.entry("rung", r -> r.rung().name()),
                    Map.entry("worker", RoundRun::worker)),
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
            columns(
                    Map.entry("id", Repetition::id),
                    Map.entry("round_id", Repetition::roundId),
                    Map.entry("drill_id", Repetition::drillId),
                    Map.entry("date", r -> r.date().toString()),
                    Map.entry("bpm", Repetition::bpm),
                    Map.entry("at_ms", Repetition::atMs),
                    Map.entry("judgement", r -> r.judgement().name()),
                    Map.entry("rung", r -> r.rung().name()),
                    Map.entry("fault", Repetition::fault),
                    Map.entry("worker", Repetition::worker)),
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
                    orNothing(r, "worker")));

    static final Rows<Partner> PARTNERS = new Rows<>(
            Place.PARTNERS,
            "id",
            columns(
                    Map.entry("id", Partner::id),
                    Map.entry("name", Partner::name),
                    Map.entry("stance", p -> p.ownStance().name()),
                    Map.entry("height_cm", p -> p.body().heightCm()),
                    Map.entry("span_cm", p -> p.body().spanCm()),
                    Map.entry("plays_opponent", p -> p.playsOpponent() ? 1 : 0),
                    Map.entry("gear", p -> words(p.gear())),
                    Map.entry("jab", p -> p.jab().name()),
                    Map.entry("sore", p -> words(p.sore())),
                    Map.entry("feeds", p -> words(p.feeds())),
                    Map.entry("up_to", p -> p.upTo().name())),
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
            columns(
                    Map.entry("id", Note::id),
                    Map.entry("drill_id", Note::drillId),
                    Map.entry("date", n -> n.date().toString()),
                    Map.entry("text", Note::text),
                    Map.entry("worker", Note::worker)),
            (r, _) -> new Note(
                    text(r, "id"),
                    text(r, "drill_id"),
                    LocalDate.parse(text(r, "date")),
                    text(r, "text"),
                    orNothing(r, "worker")));

    private static String words(Set<? extends Enum<?>> several) {
        return several.stream().map(Enum::name).sorted().collect(Collectors.joining(" "));
    }

    /// The card has a table of one row; it is no shelf of the camp, so its place leads nowhere.
    static final Rows<Card> CARD = new Rows<>(
            new Place<>(
                    "card",
                    _ -> {
                        throw new IllegalStateException("the card is no shelf");
                    },
                    (camp, _) -> camp),
            "id",
            columns(
                    Map.entry("id", _ -> "card"),
                    Map.entry("name", Card::name),
                    Map.entry("athlete_name", c -> c.athlete().name()),
                    Map.entry("athlete_stance", c -> c.athlete().stance().name()),
                    Map.entry("athlete_height_cm", c -> c.athlete().heightCm()),
                    Map.entry("athlete_span_cm", c -> c.athlete().spanCm()),
                    Map.entry("opponent_name", c -> c.opponent().name()),
                    Map.entry("opponent_stance", c -> c.opponent().stance().name()),
                    Map.entry("opponent_height_cm", c -> c.opponent().heightCm()),
                    Map.entry("opponent_span_cm", c -> c.opponent().spanCm()),
                    Map.entry("first_day", c -> c.firstDay().toString()),
                    Map.entry("fight_night", c -> c.fightNight().toString()),
                    Map.entry("school", c -> c.school().words()),
                    Map.entry("partner", Card::partner)),
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

    static final List<Rows<?>> SHELVES =
            List.of(REELS, EXCHANGES, DRILLS, OWN_LINES, SESSIONS, ROUNDS, RUNS, REPETITIONS, PARTNERS, NOTES);

    private Tables() {}

    @SafeVarargs
    private static <T> Map<String, Function<T, @Nullable Object>> columns(
            Map.Entry<String, Function<T, @Nullable Object>>... columns) {
        Map<String, Function<T, @Nullable Object>> map = new LinkedHashMap<>();
        for (var column : columns) {
            map.put(column.getKey(), column.getValue());
        }
        return map;
    }
}
