package onebeat.store;

import java.nio.file.Path;
import onebeat.core.camp.Camp;
import onebeat.store.Opening.Opened;
import onebeat.store.Opening.Reason;
import onebeat.store.Opening.Refused;

/// Looks into a camp and closes it again: the file stays as it is, also where it is of an older program or another
/// program has it open.
public final class CampLook {

    private CampLook() {}

    /// What came of it.
    public sealed interface Look {}

    /// What lies in it.
    public record Seen(Camp camp) implements Look {}

    /// It cannot be read.
    public record Unseen(String sentence) implements Look {}

    public static Look into(Path path) {
        return switch (CampFile.read(path)) {
            case Opened(CampFile file) -> {
                try (file) {
                    yield new Seen(file.camp());
                }
            }
            case Refused(Reason _, String sentence) -> new Unseen(sentence);
        };
    }
}
