package onebeat.desktop.book;

/// What can be done in the book.
sealed interface BookAction {

    /// Done by a key or a button.
    enum Do implements BookAction {
        LINE_UP,
        LINE_DOWN,
        TO_BENCH,
        TAKE_LINE,
        TAKE_PROPOSAL,
        DECIDE,
        NEXT_BOOK,
        NOTE,
        WRITE
    }

    /// A line was pressed.
    record Choose(int place) implements BookAction {}

    /// Something is looked for.
    record Search(String words) implements BookAction {}

    /// A note was written.
    record Noted(String drillId, String text) implements BookAction {}
}
