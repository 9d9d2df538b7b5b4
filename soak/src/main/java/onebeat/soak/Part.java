package onebeat.soak;

/// One kind of fault.
interface Part {

    /// Its name on the command line.
    String name();

    /// How often it is tried where nothing is said.
    int usually();

    /// Tries it once.
    ///
    /// @param seed what repeats this try
    /// @throws Exception or an error, where the program did not do what it should
    void attempt(long seed) throws Exception;

    /// What is done after the last try.
    default void end() throws Exception {
        // Most parts leave nothing behind.
    }

    /// What this part measured, in words; empty where it measures nothing.
    default String measured() {
        return "";
    }

    /// The program did not do what it should.
    static void must(boolean holds, String what) {
        if (!holds) {
            throw new IllegalStateException(what);
        }
    }
}
