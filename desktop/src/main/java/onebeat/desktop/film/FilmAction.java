package onebeat.desktop.film;

import java.util.List;
import java.util.Optional;
import onebeat.core.film.Outcome;
import onebeat.core.film.Reel;
import onebeat.core.holding.Odds;

/// What can be done on Film.
sealed interface FilmAction {

    /// Done with the film that plays.
    enum Play implements FilmAction {
        PLAY,
        STEP_BACK,
        STEP_ON,
        SECOND_BACK,
        SECOND_ON,
        SECONDS_BACK,
        SECONDS_ON,
        FAR_BACK,
        FAR_ON,
        HALF_SPEED,
        SLOWER,
        FASTER,
        SHARP_BACK,
        SHARP_ON,
        MAGNIFY,
        LESS,
        MIRROR,
        LOOK_LEFT,
        LOOK_RIGHT,
        LOOK_UP,
        LOOK_DOWN,
        LOOP,
        MARK_BEGIN,
        MARK_END,
        UNMARK
    }

    /// Done by a key or a button.
    enum Do implements FilmAction {
        EXCHANGE_BEFORE,
        EXCHANGE_AFTER,
        ROW_UP,
        ROW_DOWN,
        REEL_BEFORE,
        REEL_AFTER,
        HABITS_OVER,
        IDEAS,
        PLAN,
        PLAY_BEHIND,
        TO_BENCH,
        AGAIN,
        AMEND,
        REMOVE,
        GOES_ON,
        COLLECT,
        COLLECT_NONE,
        EARLIER,
        LATER,
        BEGINS_HERE,
        LANDS_HERE,
        ROUND_HERE,
        ROUNDS_FROM_BELLS,
        PARTNER_STANCE,
        ATHLETE_STANCE,
        RANGE,
        OPEN_FILE,
        REEL,
        PRINT,
        WRITE,
        CUT,
        STILL,
        FIND_FILMS,
        TAKE_ALONG,
        TAKE_LOG,
        LEAVE_LOG
    }

    /// A line that was seen often is logged once more, here.
    ///
    /// @param number its place among those that are offered, from 1
    record SeenAgain(int number) implements FilmAction {}

    /// The line that a function key takes goes to the bench.
    record TakeLine(int functionKey) implements FilmAction {}

    /// How the exchange that was logged last ended.
    record Judge(Outcome outcome) implements FilmAction {}

    /// The reel that is on, as the window has it.
    record PutOn(Optional<String> reel) implements FilmAction {}

    /// The film is at a time, in seconds.
    record At(double seconds) implements FilmAction {}

    /// Rounds begin at these times, in seconds, as their bells are heard.
    record RoundsHeard(List<Double> starts) implements FilmAction {}

    /// A line was entered.
    record Enter(String canonical) implements FilmAction {}

    /// Something is typed, so that no outcome is meant any more.
    record Typing() implements FilmAction {}

    /// Film is left.
    record Leave() implements FilmAction {}

    /// A line goes to the bench as a drill.
    ///
    /// @param source the id of the exchange that it comes from; may be empty
    record ToBench(String name, String line, Odds odds, String source) implements FilmAction {}

    /// A film file was opened.
    ///
    /// @param path as it is kept in the camp
    /// @param moved whether it is the film of the reel that is on, found again at another place
    record Opened(String name, String path, boolean moved) implements FilmAction {}

    /// A film turned out to be so long, in seconds.
    record Length(String reel, double seconds) implements FilmAction {}

    /// A reel was changed in its form.
    record ReelChanged(Reel before, Reel after) implements FilmAction {}
}
