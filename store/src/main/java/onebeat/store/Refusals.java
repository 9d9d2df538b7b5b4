package onebeat.store;

import java.nio.file.Path;
import onebeat.core.program.ProgramVersion;
import onebeat.store.Opening.Reason;
import onebeat.store.Opening.Refused;

/// Why a camp is not opened, in sentences that say what, where and what to do.
final class Refusals {

    private Refusals() {}

    static Refused notACamp(Path path) {
        return new Refused(
                Reason.NOT_A_CAMP,
                path + " is not a camp file. It was left as it is. Camp files end in " + CampFile.ENDING + ".");
    }

    static Refused missing(Path path) {
        return new Refused(
                Reason.MISSING, "There is no file " + path + ". Was it moved? Open another one, or the demo.");
    }

    static Refused cannotRead(Path path, Exception e) {
        return new Refused(
                Reason.CANNOT_READ, "Cannot read " + path + ": " + Sqlite.reason(e) + ". It was left as it is.");
    }

    /// @param what which part of the database, and what about it
    static Refused foreign(Path path, String what) {
        return new Refused(
                Reason.SPOILT,
                path + " was changed by another program: " + what
                        + ". Such a part can change or delete what is saved. It was left as it is. Open a copy from"
                        + " before, or ask whoever sent the file.");
    }

    static Refused halfWritten(Path path) {
        return new Refused(
                Reason.CANNOT_READ,
                "Cannot read " + path + ": a change in it was begun and not ended. Open it in the program once, or wait"
                        + " until the program that writes it is done.");
    }

    static Refused inUse(Path path, String who) {
        return new Refused(
                Reason.IN_USE, path + " is open in " + who + ". Close it there first, or open another camp.");
    }

    static Refused newer(Path path, int schema) {
        String program = WrittenBy.of(path)
                .map(version -> "One Beat " + version + " or newer")
                .orElse("the newer program");
        return new Refused(
                Reason.NEWER,
                path + " was written by a newer One Beat (camp version " + schema + "; this is One Beat "
                        + ProgramVersion.text() + ", which knows " + Header.NEWEST
                        + "). It was left as it is. Open it with " + program + ".");
    }

    static Refused cannotWrite(Path path, String why) {
        return new Refused(
                Reason.CANNOT_WRITE,
                "Cannot write to " + path + ": " + why
                        + ". Nothing was changed. Make the file and its folder writable, or copy it to a folder of your own.");
    }

    static Refused noDatabase(Path path, Throwable e) {
        return new Refused(
                Reason.CANNOT_READ,
                "Cannot open " + path + ": the database of the program could not be started (" + Sqlite.reason(e)
                        + "). Is the temporary folder full or read-only? The camp was left as it is.");
    }

    /// Only what a look at the file itself found wrong is damage; a full disk is none.
    static Refused refused(Path path, Exception e) {
        if (Sqlite.isWithoutLibrary(e)) {
            return noDatabase(path, e);
        }
        return switch (Sqlite.code(e)) {
            case SQLITE_BUSY, SQLITE_LOCKED -> inUse(path, "another program");
            case SQLITE_READONLY, SQLITE_CANTOPEN, SQLITE_PERM ->
                cannotWrite(path, "the file or its folder is read-only");
            case SQLITE_FULL ->
                new Refused(
                        Reason.NO_ROOM,
                        "The disk of " + path
                                + " is full. The camp was left as it is. Make room, or copy it to another disk.");
            case SQLITE_IOERR, SQLITE_NOMEM ->
                new Refused(
                        Reason.CANNOT_READ,
                        "Cannot read " + path + ": " + Sqlite.reason(e)
                                + ". The camp was left as it is. Is the disk still there, and is there room on it?");
            default -> spoilt(path, Sqlite.reason(e));
        };
    }

    static Refused spoilt(Path path, String what) {
        return new Refused(
                Reason.SPOILT,
                path + " is damaged (" + what.lines().findFirst().orElse("")
                        + "). It was left as it is. Open a copy from before, or the demo.");
    }
}
