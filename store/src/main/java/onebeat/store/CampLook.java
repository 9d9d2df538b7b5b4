package onebeat.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import onebeat.core.camp.Camp;
import onebeat.store.Opening.Opened;
import onebeat.store.Opening.Reason;
import onebeat.store.Opening.Refused;

/// Looks into a camp without opening it: what is read is a copy, so that the file stays as it is, also where it
/// is of an older program or another program has it open.
public final class CampLook {

    private CampLook() {}

    /// What came of it.
    public sealed interface Look {}

    /// What lies in it.
    public record Seen(Camp camp) implements Look {}

    /// It cannot be read.
    public record Unseen(String sentence) implements Look {}

    public static Look into(Path path) {
        if (!Files.isRegularFile(path)) {
            return new Unseen(path + " is no camp that can be read. Was it moved?");
        }
        Path folder = null;
        try {
            // A handle on it that is closed would let the lock of this program fall.
            if (CampLock.isHere(path.toRealPath())) {
                return new Unseen(path + " is the camp that is open here.");
            }
            folder = Files.createTempDirectory("onebeat-look");
            Path copy = folder.resolve("camp" + CampFile.ENDING);
            Files.copy(path, copy, StandardCopyOption.REPLACE_EXISTING);
            return switch (CampFile.open(copy)) {
                case Opened(CampFile file) -> {
                    try (file) {
                        yield new Seen(file.camp());
                    }
                }
                case Refused(Reason _, String sentence) ->
                    new Unseen(sentence.replace(copy.toString(), path.toString()));
            };
        } catch (IOException e) {
            return new Unseen("Cannot read " + path + ": " + Sqlite.reason(e) + ". It was left as it is.");
        } finally {
            if (folder != null) {
                clear(folder);
            }
        }
    }

    private static void clear(Path folder) {
        try (var files = Files.list(folder)) {
            files.forEach(WorkFile::quietlyDelete);
        } catch (IOException _) {
            // What stays in the temporary folder goes with it.
        }
        WorkFile.quietlyDelete(folder);
    }
}
