package onebeat.store;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Optional;

/// The first bytes of a file, read without SQLite so that a foreign file is never touched.
///
/// Offsets follow "Database File Format" of the SQLite documentation, section 1.3: the magic string at 0,
/// the user version at 60 and the application id at 68, both big-endian.
record Header(int applicationId, int userVersion) {

    /// Says that a file is a camp: the letters `1Bea`.
    static final int CAMP = 0x31426561;

    /// The newest schema this program knows; the number of its last migration.
    static final int NEWEST = 12;

    private static final byte[] MAGIC = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);
    private static final int LENGTH = 100;

    /// The header, or empty where the file is no SQLite file.
    static Optional<Header> of(Path path) throws IOException {
        try (InputStream in = Files.newInputStream(path)) {
            byte[] bytes = in.readNBytes(LENGTH);
            if (bytes.length < LENGTH || !Arrays.equals(bytes, 0, MAGIC.length, MAGIC, 0, MAGIC.length)) {
                return Optional.empty();
            }
            ByteBuffer buffer = ByteBuffer.wrap(bytes);
            return Optional.of(new Header(buffer.getInt(68), buffer.getInt(60)));
        }
    }
}
