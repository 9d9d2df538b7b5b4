package onebeat.formats.plan;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/// The text of a file that somebody chose: of a real file, in UTF-8, and no longer than such a file ever is. A device
/// or a pipe would be read for ever.
final class TextOfFile {

    /// Longer is no plan and no calendar of a gym, in bytes.
    static final int MOST_BYTES = 20_000_000;

    private TextOfFile() {}

    /// Reads it.
    ///
    /// @throws IOException with a sentence if it cannot be read
    static String read(Path file) throws IOException {
        if (!Files.exists(file)) {
            throw new NoSuchFileException(file.toString());
        }
        if (!Files.isRegularFile(file)) {
            throw new IOException("This is a folder or a device. Choose a file.");
        }
        byte[] bytes;
        try (InputStream in = Files.newInputStream(file)) {
            bytes = in.readNBytes(MOST_BYTES + 1);
        }
        if (bytes.length > MOST_BYTES) {
            throw new IOException("This is too large: it has more than " + MOST_BYTES / 1_000_000
                    + " MB. Choose the file of one camp or one gym.");
        }
        return StandardCharsets.UTF_8
                .newDecoder()
                .decode(ByteBuffer.wrap(bytes))
                .toString();
    }
}
