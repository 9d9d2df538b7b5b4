package onebeat.core.film;

import onebeat.core.play.Placed;

/// One thing that the one did and what the other did next, as it was seen once.
///
/// @param exchange the exchange that it was seen in
/// @param beat which beat of the one it was in its exchange, from 0
/// @param stimulus one beat of the one: level and feint kept, intent dropped, in canonical words
/// @param response the first thing that the other did on it or after it, in canonical words
/// @param shown the stimulus's first action as placed
/// @param answered the response as placed
public record Sighting(Exchange exchange, int beat, String stimulus, String response, Placed shown, Placed answered) {}
