package onebeat.store;

import java.nio.file.Path;
import java.util.Optional;

/// What is wrong with the disk or the file, and what to do, in a sentence.
final class FileTrouble {

    private FileTrouble() {}

    private static final String KEPT = " What you do is kept in memory until then.";

    /// What the place of the file says; empty where all is well.
    static Optional<String> of(FileWatch.State state, Path path) {
        return switch (state) {
            case SAME -> Optional.empty();
            case GONE ->
                Optional.of("Not saved: " + path
                        + " is not there any more. Bring it back, or write the camp anew or beside." + KEPT);
            case REPLACED ->
                Optional.of("Not saved: another file stands at " + path
                        + " now. It was not touched. Write the camp beside it." + KEPT);
            case CHANGED ->
                Optional.of("Not saved: another program has changed " + path
                        + ". It was not touched. Write the camp beside it." + KEPT);
        };
    }

    /// What the database says.
    static String of(Exception e, Path path) {
        String why = switch (Sqlite.code(e)) {
            case SQLITE_FULL -> "the disk is full. Make room, or write the camp to another disk.";
            case SQLITE_READONLY, SQLITE_CANTOPEN, SQLITE_PERM ->
                "the file or its folder is read-only. Make it writable, or write the camp beside.";
            case SQLITE_BUSY, SQLITE_LOCKED -> "another program holds the file. Close it there.";
            default -> Sqlite.reason(e) + ". Is the disk still there?";
        };
        return "Not saved in " + path + ": " + why + " Everything before it is safe." + KEPT;
    }
}
