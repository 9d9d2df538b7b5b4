package onebeat.desktop.book;

/// What is chosen in the book.
///
/// @param whose the id of the partner whose book is open; empty for the athlete's
/// @param search what is looked for; empty shows what was drilled
/// @param row the place of the chosen line, from 0
record BookState(String whose, String search, int row) {

    static final BookState FIRST = new BookState("", "", 0);

    BookState of(String partner) {
        return new BookState(partner, search, 0);
    }

    BookState searching(String words) {
        return new BookState(whose, words, 0);
    }

    BookState at(int place) {
        return new BookState(whose, search, Math.max(0, place));
    }
}
