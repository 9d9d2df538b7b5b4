package onebeat.store;

import onebeat.core.camp.Camp;

/// What came of saving.
public sealed interface Saving {

    /// It is on disk. The camp is the one after the change.
    record Saved(Camp camp) implements Saving {}

    /// Nothing was changed, neither in the file nor in the camp.
    record NotSaved(String sentence) implements Saving {}
}
