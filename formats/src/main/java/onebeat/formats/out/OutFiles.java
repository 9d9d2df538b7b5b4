package onebeat.formats.out;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import org.jspecify.annotations.Nullable;

/// Writes files so that a disk that fills up leaves the old ones whole, and so that nothing is lost that the program
/// did
/// not write itself.
///
/// A register in the program's folder knows the contents of what was written. A file whose content is not in it is
/// somebody's own, or was changed by somebody since.
public final class OutFiles {

    /// What is done where somebody's own file stands at the path.
    public enum Taken {
        /// It is left, and nothing is written.
        REFUSE,
        /// It is left, and the new one gets a number behind its name.
        NUMBER,
        /// It is replaced: somebody said so.
        REPLACE
    }

    /// Writes what goes into a file.
    @FunctionalInterface
    public interface Content {
        /// Writes it.
        ///
        /// @throws IOException if `out` fails
        void writeTo(OutputStream out) throws IOException;
    }

    /// A file that the program did not write stands at the path.
    public static final class TakenException extends IOException {
        private static final long serialVersionUID = 1;

        TakenException(Path path) {
            super(path + " was not written by One Beat, or was changed since; it was left as it is");
        }
    }

    private static final int MOST_REMEMBERED = 5_000;
    private static final int MOST_NUMBER = 999;

    private final Path register;

    /// @param register the file that knows what was written
    public OutFiles(Path register) {
        this.register = register;
    }

    /// Writes a text.
    ///
    /// @return where it was written
    /// @throws IOException if it cannot be written: then the old file is as it was
    public Path writeText(Path path, CharSequence text, Taken taken) throws IOException {
        return write(path, out -> out.write(text.toString().getBytes(StandardCharsets.UTF_8)), taken);
    }

    /// Asks whether something could be written at a path: before work that takes long.
    ///
    /// @throws TakenException if somebody's own file stands there and is not to be replaced
    /// @throws IOException if that cannot be told
    public void mustBeFree(Path path, Taken taken) throws IOException {
        if (Files.isRegularFile(path)) {
            var _ = free(path.toRealPath(), taken);
        }
    }

    /// Writes a file.
    ///
    /// @return where it was written
    /// @throws TakenException if somebody's own file stands there and is not to be replaced
    /// @throws IOException if it cannot be written: then the old file is as it was
    public Path write(Path path, Content content, Taken taken) throws IOException {
        if (Files.exists(path) && !Files.isRegularFile(path)) {
            // A device or a pipe is no place to move a file to.
            try (OutputStream out = Files.newOutputStream(path)) {
                content.writeTo(out);
            }
            return path;
        }
        Path place = free(Files.exists(path) ? path.toRealPath() : path, taken);
        Path folder = place.toAbsolutePath().getParent();
        Path making = making(folder);
        try {
            MessageDigest digest = sha256();
            try (OutputStream out =
                    new DigestOutputStream(new BufferedOutputStream(Files.newOutputStream(making)), digest)) {
                content.writeTo(out);
            }
            // Known before it stands there: a machine that dies between the two leaves nothing that is not ours.
            remember(HexFormat.of().formatHex(digest.digest()));
            Files.move(making, place, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            return place;
        } finally {
            Files.deleteIfExists(making);
        }
    }

    /// Makes an empty file in a folder for what is to be moved to its place once it is whole: as readable as the system
    /// makes files, and gone with the program where it is not moved.
    ///
    /// @throws IOException if there is no such folder, or none can be made in it
    public static Path making(@Nullable Path folder) throws IOException {
        if (folder == null || !Files.isDirectory(folder)) {
            throw new IOException("the folder " + folder + " is not there");
        }
        for (int number = 1; ; number++) {
            try {
                Path made = Files.createFile(
                        folder.resolve(".onebeat-" + ProcessHandle.current().pid() + "-" + number + ".new"));
                // Ctrl+C in the middle leaves nothing behind either.
                made.toFile().deleteOnExit();
                return made;
            } catch (FileAlreadyExistsException _) {
                // The next name, then.
            }
        }
    }

    private Path free(Path path, Taken taken) throws IOException {
        if (taken == Taken.REPLACE || isOurs(path)) {
            return path;
        }
        if (taken == Taken.REFUSE) {
            throw new TakenException(path);
        }
        String name = String.valueOf(path.getFileName());
        int dot = name.lastIndexOf('.') > 0 ? name.lastIndexOf('.') : name.length();
        for (int number = 2; number <= MOST_NUMBER; number++) {
            Path other = path.resolveSibling(name.substring(0, dot) + "-" + number + name.substring(dot));
            if (isOurs(other)) {
                return other;
            }
        }
        throw new TakenException(path);
    }

    /// Whether the path is free or the program wrote what stands there.
    private boolean isOurs(Path path) throws IOException {
        return !Files.exists(path) || remembered().contains(digest(path));
    }

    private static String digest(Path path) throws IOException {
        MessageDigest digest = sha256();
        byte[] part = new byte[1 << 16];
        try (InputStream in = Files.newInputStream(path)) {
            for (int read = in.read(part); read >= 0; read = in.read(part)) {
                digest.update(part, 0, read);
            }
        }
        return HexFormat.of().formatHex(digest.digest());
    }

    private List<String> remembered() throws IOException {
        return Files.exists(register) ? Files.readAllLines(register, StandardCharsets.ISO_8859_1) : List.of();
    }

    private void remember(String content) throws IOException {
        List<String> known = remembered();
        if (known.contains(content)) {
            return;
        }
        Path folder = register.toAbsolutePath().getParent();
        if (folder != null) {
            Files.createDirectories(folder);
        }
        if (known.size() >= MOST_REMEMBERED) {
            Files.write(register, known.subList(known.size() / 2, known.size()));
        }
        Files.writeString(register, content + "\n", StandardOpenOption.CREATE, StandardOpenOption.APPEND);
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
