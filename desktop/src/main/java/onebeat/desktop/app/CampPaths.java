package onebeat.desktop.app;

import java.nio.file.Path;

/// Paths as a camp keeps them.
public final class CampPaths {

    private CampPaths() {}

    /// A file as seen from a camp's folder: where it lies below it, so that both can be carried elsewhere, as a
    /// part of it; else whole.
    public static String seenFrom(Path folder, Path file) {
        Path whole = file.toAbsolutePath().normalize();
        Path from = folder.toAbsolutePath().normalize();
        return whole.startsWith(from) ? from.relativize(whole).toString() : whole.toString();
    }
}
