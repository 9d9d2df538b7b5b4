package onebeat.desktop.bench;

/// What decides which commands of the bench can be given now.
///
/// @param line whether a line that can be read is typed
/// @param lines whether the camp has lines
/// @param ways whether the line has several ways
/// @param reads whether the line has reads and is kept as a drill
/// @param offers whether what lies beside the rope offers lines
record BenchScene(boolean line, boolean lines, boolean ways, boolean reads, boolean offers) {}
