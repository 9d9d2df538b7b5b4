package onebeat.core.camp;

import java.util.function.BiFunction;
import java.util.function.Function;
import onebeat.core.book.Note;
import onebeat.core.book.Repetition;
import onebeat.core.book.RoundRun;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.core.holding.Partner;
import onebeat.core.notation.OwnLine;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Session;

/// Where in a camp a kind of thing is kept.
///
/// @param name a stable name, used in the camp file's history
public record Place<T>(String name, Function<Camp, Shelf<T>> in, BiFunction<Camp, Shelf<T>, Camp> put) {

    public static final Place<Reel> REELS = new Place<>("reel", Camp::reels, Camp::withReels);
    public static final Place<Exchange> EXCHANGES = new Place<>("exchange", Camp::exchanges, Camp::withExchanges);
    public static final Place<Drill> DRILLS = new Place<>("drill", Camp::drills, Camp::withDrills);
    public static final Place<OwnLine> OWN_LINES = new Place<>("own_line", Camp::ownLines, Camp::withOwnLines);
    public static final Place<Session> SESSIONS = new Place<>("session", Camp::sessions, Camp::withSessions);
    public static final Place<RoundPlan> ROUNDS = new Place<>("round_plan", Camp::rounds, Camp::withRounds);
    public static final Place<RoundRun> RUNS = new Place<>("round_run", Camp::runs, Camp::withRuns);
    public static final Place<Partner> PARTNERS = new Place<>("partner", Camp::partners, Camp::withPartners);
    public static final Place<Note> NOTES = new Place<>("note", Camp::notes, Camp::withNotes);
    public static final Place<Repetition> REPETITIONS =
            new Place<>("repetition", Camp::repetitions, Camp::withRepetitions);
    public static final Place<KeptRound> KEPT_ROUNDS =
            new Place<>("kept_round", Camp::keptRounds, Camp::withKeptRounds);
    public static final Place<PlanSetting> PLAN_SETTINGS =
            new Place<>("plan_setting", Camp::planSettings, Camp::withPlanSettings);
}
