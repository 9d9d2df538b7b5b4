package onebeat.media;

/// What became of opening a film file.
public sealed interface FilmOpening {

    /// It can be seen.
    record Opened(FilmFile file) implements FilmOpening {}

    /// It cannot, and why.
    ///
    /// @param sentence what is wrong with which file, and what to do
    record Refused(String sentence) implements FilmOpening {}
}
