package onebeat.formats;

/// Names that can stand in a file name on any system.
public final class PlainName {

    private PlainName() {}

    /// The letters and digits of some words, all else as single hyphens between them.
    public static String of(String words) {
        return words.strip().replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "");
    }
}
