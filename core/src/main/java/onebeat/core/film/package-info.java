/// Film: what was seen, and what it adds up to.
///
/// A [onebeat.core.film.Reel] is a fight or a sparring on film; an [onebeat.core.film.Exchange] is one
/// passage on it, written as a call line with both sides. [onebeat.core.film.FollowUps] counts what
/// followed what, with an interval, so that a habit from three sightings looks like the guess it is. It
/// stands after `review`; open [onebeat.core.film.Exchange] first.
@NullMarked
package onebeat.core.film;

import org.jspecify.annotations.NullMarked;
