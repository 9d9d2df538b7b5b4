package onebeat.store;

/// Told how far a long change has come, and asked whether to go on.
@FunctionalInterface
public interface Progress {

    /// Tells how far it is.
    ///
    /// @return whether to go on
    boolean goesOn(long done, long all);

    /// Nobody looks, and it goes on to its end.
    Progress NONE = (_, _) -> true;

    /// Tells how far it is, and ends the change where it shall not go on.
    ///
    /// @throws Stopped where it shall not go on
    default void tell(long done, long all) {
        if (!goesOn(done, all)) {
            throw new Stopped();
        }
    }

    /// It was stopped on the way.
    final class Stopped extends RuntimeException {
        private static final long serialVersionUID = 1;
    }
}
