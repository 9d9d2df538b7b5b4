package onebeat.store;

import onebeat.core.camp.Camp;

/// What came of saving.
public sealed interface Saving {

    /// It is on disk. The camp is the one after the change.
    record Saved(Camp camp) implements Saving {}

    /// It is not on disk. It is kept in memory with what waits before it, and written as soon as that is possible.
    ///
    /// @param camp the camp after the change
    /// @param changes how many changes wait
    record Waiting(Camp camp, int changes, String sentence) implements Saving {}

    /// Nothing was changed, neither in the file nor in the camp.
    record NotSaved(String sentence) implements Saving {}
}
