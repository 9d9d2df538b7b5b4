package onebeat.desktop.film;

import onebeat.core.film.Outcome;

/// What can be done on Film.
sealed interface FilmAction {

    /// Done by a key or a button.
    enum Do implements FilmAction {
        PLAY,
        STEP_BACK,
        STEP_ON,
        SECOND_BACK,
        SECOND_ON,
        HALF_SPEED,
        LOOP,
        MARK_BEGIN,
        MARK_END,
        UNMARK,
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
        EARLIER,
        LATER,
        PARTNER_STANCE,
        ATHLETE_STANCE,
        RANGE,
        OPEN_FILE,
        REEL,
        PRINT,
        WRITE,
        TAKE_LOG,
        LEAVE_LOG
    }

    /// The line that a function key takes goes to the bench.
    record TakeLine(int functionKey) implements FilmAction {}

    /// How the exchange that was logged last ended.
    record Judge(Outcome outcome) implements FilmAction {}
}
