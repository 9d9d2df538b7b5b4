/// Film: watching, logging while it plays, and what followed what.
///
/// [onebeat.desktop.film.Film] is the station. The picture is a drawn reel, [onebeat.desktop.film.DrawnReel]: a
/// stand-in that plays the logged exchanges as two figures on a time axis, where no film is at hand.
/// [onebeat.desktop.film.FrayView] draws habits as a rope that frays into what the opponent does next.
@NullMarked
package onebeat.desktop.film;

import org.jspecify.annotations.NullMarked;
