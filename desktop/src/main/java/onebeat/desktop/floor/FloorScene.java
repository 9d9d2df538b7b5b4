package onebeat.desktop.floor;

/// What decides which commands of the floor can be given now.
///
/// @param session whether there is something to run
/// @param judged whether a repetition was judged
record FloorScene(boolean session, boolean judged) {}
