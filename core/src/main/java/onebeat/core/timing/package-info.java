/// Time: when each contact comes at a tempo, how fast a line can go, and what is answered in one beat.
///
/// Reads the played line of `play` and knows nothing of openings or partners. A link is the way from one own action to
/// the next; it takes the longest of what must come first (the hand home, the foot down, the turn made), and the
/// tightest link sets the tempo ceiling. Open [onebeat.core.timing.Timing] first.
@NullMarked
package onebeat.core.timing;

import org.jspecify.annotations.NullMarked;
