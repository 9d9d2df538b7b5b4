package onebeat.store;

import java.nio.file.Path;
import java.util.Optional;

/// What is wrong with the disk or the file, and what to do.
///
/// @param where opens the sentence after "Not saved" or "Not taken back": the file where it has to be named, else empty
/// @param why the trouble and what to do, in sentences
record FileTrouble(String where, String why) {

    /// Said of changes to a camp that was opened for reading.
    static final String FOR_READING =
            "The camp was opened for reading, since nothing can be written where it is. Everything can be looked at and"
                    + " tried; write it beside to keep what you change.";

    /// What the place of the file says; empty where all is well.
    static Optional<FileTrouble> of(FileWatch.State state, Path path) {
        return switch (state) {
            case SAME -> Optional.empty();
            case GONE ->
                Optional.of(new FileTrouble(
                        "", path + " is not there any more. Bring it back, or write the camp anew or beside."));
            case REPLACED ->
                Optional.of(new FileTrouble(
                        "", "another file stands at " + path + " now. It was not touched. Write the camp beside it."));
            case CHANGED ->
                Optional.of(new FileTrouble(
                        "", "another program has changed " + path + ". It was not touched. Write the camp beside it."));
        };
    }

    /// What the database says.
    static FileTrouble of(Exception e, Path path) {
        String why = switch (Sqlite.code(e)) {
            case SQLITE_FULL -> "the disk is full. Make room, or write the camp to another disk.";
            case SQLITE_READONLY, SQLITE_CANTOPEN, SQLITE_PERM ->
                "the file or its folder is read-only. Make it writable, or write the camp beside.";
            case SQLITE_BUSY, SQLITE_LOCKED -> "another program holds the file. Close it there.";
            default -> Sqlite.reason(e) + ". Is the disk still there?";
        };
        return new FileTrouble(" in " + path, why + " Everything before it is safe.");
    }

    /// Said of a change that waits in memory.
    String notSaved() {
        return "Not saved" + where + ": " + why + " What you do is kept in memory until then.";
    }

    /// Said of a change that could not be taken back, or done again: the camp stays as it is on the screen.
    String notMoved(boolean forward) {
        return (forward ? "Not done again" : "Not taken back") + where + ": " + why + " Nothing was changed.";
    }
}
