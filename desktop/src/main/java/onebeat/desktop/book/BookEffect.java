package onebeat.desktop.book;

import onebeat.core.camp.Drill;
import onebeat.desktop.app.Effect;

/// What only the book does.
sealed interface BookEffect extends Effect.OfStation {

    /// A note on this line is asked for.
    record AskNote(Drill drill) implements BookEffect {}

    /// The form is taken away.
    record CloseForm() implements BookEffect {}

    /// The books are written beside the camp.
    record WriteOut() implements BookEffect {}
}
