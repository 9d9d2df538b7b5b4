/// The book: what ran, how it was judged, and what is proposed next.
///
/// [onebeat.desktop.book.Book] is the station; [onebeat.desktop.book.DrillStrand] draws one drill across the days.
@NullMarked
package onebeat.desktop.book;

import org.jspecify.annotations.NullMarked;
