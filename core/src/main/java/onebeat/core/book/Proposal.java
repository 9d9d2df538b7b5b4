package onebeat.core.book;

import onebeat.core.book.Ledger.Day;
import onebeat.core.film.Share;
import onebeat.core.timing.Rung;

/// What the book proposes for a drill's next session.
///
/// @param rung the ladder step to do it at
/// @param bpm the tempo to do it at
/// @param from the day that it rests on
/// @param clean the clean share of that day
public record Proposal(String drillId, Move move, Rung rung, int bpm, Day from, Share clean) {

    /// The same day once more.
    Proposal again() {
        return new Proposal(drillId, Move.AGAIN, from.rung(), from.bpm(), from, clean);
    }

    /// Whether it leads to another step of the ladder.
    public boolean changesStep() {
        return rung != from.rung();
    }

    /// Which way.
    public enum Move {
        /// Faster: even the lower end of the interval is above the bar.
        UP,
        /// It is clean at the last step of its ladder: from here on it is only kept sharp.
        KEEP,
        /// The same again.
        AGAIN,
        /// Slower: even the upper end is below the bar.
        BACK,
        /// Too few repetitions to say anything but: again.
        TOO_FEW
    }
}
