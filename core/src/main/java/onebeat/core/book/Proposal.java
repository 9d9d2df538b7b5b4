package onebeat.core.book;

import onebeat.core.film.Share;

/// What the book proposes for a drill's next session.
///
/// @param bpm the tempo to do it at
/// @param clean the clean share that it rests on, of the last day
public record Proposal(String drillId, Move move, int bpm, Share clean) {

    /// Which way.
    public enum Move {
        /// Faster: even the lower end of the interval is above the bar.
        UP,
        /// The same again.
        AGAIN,
        /// Slower: even the upper end is below the bar.
        BACK,
        /// Too few repetitions to say anything but: again.
        TOO_FEW
    }
}
