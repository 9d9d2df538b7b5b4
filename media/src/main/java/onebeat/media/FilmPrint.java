package onebeat.media;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;

/// What a film file is known by wherever it lies: its size, and a digest (SHA-256) of its first and its last megabyte.
/// Two films that agree in all of it are one for every practical purpose, and an hour of film is known at once.
///
/// @param bytes how large it is
/// @param digest in hexadecimal digits
public record FilmPrint(long bytes, String digest) {

    private static final int PART = 1 << 20;

    /// The print of a file; empty where it cannot be read.
    public static Optional<FilmPrint> of(Path path) {
        if (!Files.isRegularFile(path)) {
            return Optional.empty();
        }
        try (FileChannel file = FileChannel.open(path, StandardOpenOption.READ)) {
            long size = file.size();
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            digest.update(part(file, 0, Math.min(PART, size)));
            digest.update(part(file, Math.max(0, size - PART), Math.min(PART, size)));
            return Optional.of(new FilmPrint(size, HexFormat.of().formatHex(digest.digest())));
        } catch (IOException _) {
            return Optional.empty();
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every JDK has SHA-256", e);
        }
    }

    private static ByteBuffer part(FileChannel file, long from, long length) throws IOException {
        ByteBuffer part = ByteBuffer.allocate((int) length);
        while (part.hasRemaining() && file.read(part, from + part.position()) >= 0) {
            // Read on until it is full, or the file ends early.
        }
        return part.flip();
    }

    /// The print as it was written by [#text]; empty where the text is none.
    public static Optional<FilmPrint> read(String text) {
        String[] parts = text.split(" ", -1);
        if (parts.length != 2 || !parts[0].matches("\\d{1,18}") || !parts[1].matches("[0-9a-f]{64}")) {
            return Optional.empty();
        }
        return Optional.of(new FilmPrint(Long.parseLong(parts[0]), parts[1]));
    }

    /// The print in one line.
    public String text() {
        return bytes + " " + digest;
    }
}
