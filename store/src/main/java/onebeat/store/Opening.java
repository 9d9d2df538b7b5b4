package onebeat.store;

/// What came of opening a camp file.
public sealed interface Opening {

    /// It is open.
    record Opened(CampFile file) implements Opening {}

    /// It could not be opened, and nothing in it was changed.
    record Refused(Reason reason, String sentence) implements Opening {}

    /// Why a file is refused.
    enum Reason {
        NOT_A_CAMP,
        NEWER,
        SPOILT,
        IN_USE,
        CANNOT_WRITE,
        CANNOT_READ,
        NO_ROOM,
        MISSING;

        /// Whether the camp could still be opened for reading.
        public boolean isOfWriting() {
            return this == CANNOT_WRITE || this == NO_ROOM;
        }
    }
}
