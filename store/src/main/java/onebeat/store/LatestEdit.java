package onebeat.store;

import java.util.Optional;
import onebeat.core.camp.Edit;
import org.jspecify.annotations.Nullable;

/// The edit that was written, taken back or done again last, as it stood in memory: to take back a long one, reading
/// it from the file would take longer than all else. It is kept only when it is in the file, since a number whose
/// writing failed may be that of another edit.
final class LatestEdit {

    private record Numbered(int number, Edit edit) {}

    private @Nullable Numbered kept;

    /// @param edit as it was done, with its seats and with what it replaced
    void keep(int number, Edit edit) {
        kept = new Numbered(number, edit);
    }

    /// The edit of this number, where that is the one that is kept.
    Optional<Edit> get(int number) {
        Numbered one = kept;
        return one != null && one.number() == number ? Optional.of(one.edit()) : Optional.empty();
    }
}
