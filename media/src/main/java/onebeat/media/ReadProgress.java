package onebeat.media;

/// Is told how far something long has come, and says whether to go on.
@FunctionalInterface
public interface ReadProgress {

    /// Nobody watches, and nothing stops it.
    ReadProgress NONE = _ -> true;

    /// Tells how far it has come.
    ///
    /// @param share how much is done, from 0 to 1
    /// @return whether to go on
    boolean at(double share);
}
