package onebeat.desktop.film;

/// What decides which commands of Film can be given now.
///
/// @param reel whether a reel is on
/// @param exchange whether an exchange is at hand
/// @param behind whether exchanges stand behind what is chosen beside the film
/// @param lines whether the page beside the film offers lines
record FilmScene(boolean reel, boolean exchange, boolean behind, boolean lines) {}
