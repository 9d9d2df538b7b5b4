/// The book: what ran, how it was judged, and what follows from it.
///
/// A [onebeat.core.book.Repetition] is one judgement from the floor; a [onebeat.core.book.RoundRun] says
/// that a round ran and how long. [onebeat.core.book.Ledger] adds them up by drill and makes
/// [onebeat.core.book.Proposal]s for the next session from an interval, not from a raw percentage. It
/// stands after `rounds`; open [onebeat.core.book.Ledger] first.
@NullMarked
package onebeat.core.book;

import org.jspecify.annotations.NullMarked;
