package onebeat.desktop.film;

import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.desktop.app.Effect;

/// What only Film does.
sealed interface FilmEffect extends Effect.OfStation {

    /// The player does what its key says.
    record Player(FilmAction.Play control) implements FilmEffect {}

    /// What is done with the page beside the film.
    enum Beside implements FilmEffect {
        IDEAS,
        PLAN,
        HABITS_OVER,
        ROW_UP,
        ROW_DOWN,
        PLAY_BEHIND,
        PRINT_PLAN,
        TAKE_LOG,
        LEAVE_LOG
    }

    /// What else is asked for.
    enum Ask implements FilmEffect {
        OPEN_FILE,
        WRITE_OUT,
        CUT,
        STILL,
        ROUNDS_FROM_BELLS,
        FIND_FILMS,
        TAKE_ALONG,
        CLOSE_FORM,
        PAUSE,
        PROMPT
    }

    /// The film goes to a time, in seconds.
    record Seek(double seconds) implements FilmEffect {}

    /// A drill is made of this exchange and laid on the bench.
    record Bench(Exchange exchange) implements FilmEffect {}

    /// The line of a function key goes to the bench.
    record TakeLine(int functionKey) implements FilmEffect {}

    /// What this reel is about is asked for.
    record ReelForm(Reel reel) implements FilmEffect {}
}
