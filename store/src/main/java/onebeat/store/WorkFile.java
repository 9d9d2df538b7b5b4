package onebeat.store;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;

/// A file that is made beside its place and moved there once it is whole. Closing it deletes what was not moved. While
/// it is made it is held as a camp is; what a program that was killed has left is held by nobody, and is taken away by
/// the next one that makes or opens the same place.
final class WorkFile implements AutoCloseable {

    /// No more of them are made at once for one place.
    private static final int MOST = 20;

    private static final Set<PosixFilePermission> OWNER = PosixFilePermissions.fromString("rw-------");

    private final Path path;
    private final CampLock lock;

    private WorkFile(Path path, CampLock lock) {
        this.path = path;
        this.lock = lock;
    }

    /// Makes an empty file beside a place, which only its owner may read.
    ///
    /// @throws IOException if none can be made
    static WorkFile beside(Path place) throws IOException {
        Path whole = place.toAbsolutePath();
        for (int n = 1; n <= MOST; n++) {
            Path path = name(whole, n);
            if (CampLock.take(path) instanceof CampLock.Asked.Taken(CampLock lock)) {
                boolean made = false;
                try {
                    leftOver(path);
                    Files.createFile(path, forOwner(path));
                    made = true;
                    return new WorkFile(path, lock);
                } finally {
                    if (!made) {
                        lock.close();
                    }
                }
            }
        }
        throw new FileAlreadyExistsException(name(whole, 1).toString());
    }

    /// Takes away what killed programs left in the folder of a place.
    static void cleanBeside(Path place) {
        try (DirectoryStream<Path> left =
                Files.newDirectoryStream(place.toAbsolutePath().getParent(), LEFT)) {
            for (Path path : left) {
                if (CampLock.take(path) instanceof CampLock.Asked.Taken(CampLock lock)) {
                    leftOver(path);
                    lock.close();
                }
            }
        } catch (IOException | DirectoryIteratorException _) {
            // In a folder that cannot be written nothing is taken away.
        }
    }

    /// All that [#name] gives for camps.
    private static final String LEFT = ".*" + CampFile.ENDING + ".new{,[0-9],[0-9][0-9]}";

    /// A name that no coach gives: what is called so is ours.
    private static Path name(Path place, int n) {
        return place.resolveSibling("." + place.getFileName() + ".new" + (n == 1 ? "" : n));
    }

    private static void leftOver(Path path) throws IOException {
        Files.deleteIfExists(path);
        CampCopy.deleteJournal(path);
    }

    private static FileAttribute<?>[] forOwner(Path path) throws IOException {
        return isPosix(path)
                ? new FileAttribute<?>[] {PosixFilePermissions.asFileAttribute(OWNER)}
                : new FileAttribute<?>[0];
    }

    private static boolean isPosix(Path path) throws IOException {
        return Files.getFileStore(path.toAbsolutePath().getParent()).supportsFileAttributeView("posix");
    }

    Path path() {
        return path;
    }

    /// Copies a file to a place, whole or not at all, for its owner alone.
    static void copy(Path from, Path to) throws IOException {
        try (WorkFile making = beside(to)) {
            making.fillFrom(from);
            making.moveTo(to);
        }
    }

    /// Takes in what another file holds; who may read this one stays as it is.
    void fillFrom(Path other) throws IOException {
        try (OutputStream out = Files.newOutputStream(path, StandardOpenOption.TRUNCATE_EXISTING)) {
            Files.copy(other, out);
        }
    }

    /// Puts it in its place, at once and whole. Who may read what stood there may read it again.
    void moveTo(Path place) throws IOException {
        if (Files.exists(place) && isPosix(place)) {
            Files.setPosixFilePermissions(path, Files.getPosixFilePermissions(place));
        }
        Files.move(path, place, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    @Override
    public void close() {
        quietlyDelete(path);
        lock.close();
    }

    static void quietlyDelete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException _) {
            // Where it cannot be deleted it could not be made either.
        }
    }
}
