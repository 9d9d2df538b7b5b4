package onebeat.core.camp;

import java.util.Collection;
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
/// @param id what tells a thing from the others here
public record Place<T>(String name, Function<T, String> id) {

    public static final Place<Reel> REELS = new Place<>("reel", Reel::id);
    public static final Place<Exchange> EXCHANGES = new Place<>("exchange", Exchange::id);
    public static final Place<Drill> DRILLS = new Place<>("drill", Drill::id);
    public static final Place<OwnLine> OWN_LINES = new Place<>("own_line", OwnLine::name);
    public static final Place<Session> SESSIONS = new Place<>("session", Session::id);
    public static final Place<RoundPlan> ROUNDS = new Place<>("round_plan", RoundPlan::id);
    public static final Place<RoundRun> RUNS = new Place<>("round_run", RoundRun::id);
    public static final Place<Partner> PARTNERS = new Place<>("partner", Partner::id);
    public static final Place<Note> NOTES = new Place<>("note", Note::id);
    public static final Place<Repetition> REPETITIONS = new Place<>("repetition", Repetition::id);
    public static final Place<KeptRound> KEPT_ROUNDS = new Place<>("kept_round", KeptRound::id);
    public static final Place<PlanSetting> PLAN_SETTINGS = new Place<>("plan_setting", PlanSetting::key);

    /// A shelf for this place with nothing on it.
    public Shelf<T> none() {
        return Shelf.of(id);
    }

    /// A shelf for this place with these things in their order.
    public Shelf<T> of(Collection<T> things) {
        return none().withAll(things);
    }
}
