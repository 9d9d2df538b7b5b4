package onebeat.store;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/// Watches that the file at a path is still the one that was opened, as this program left it. A database goes on
/// writing into a file that has been deleted or replaced, and says that all is well.
final class FileWatch implements AutoCloseable {

    /// The header of a database changes with every transaction ("Database File Format", section 1.3.7).
    private static final int HEADER = 100;

    /// What stands at the path.
    enum State {
        SAME,
        GONE,
        REPLACED,
        CHANGED
    }

    private record Stamp(@Nullable Object key, long size, FileTime modified) {

        static Stamp of(Path path) throws IOException {
            BasicFileAttributes now = Files.readAttributes(path, BasicFileAttributes.class);
            return new Stamp(now.fileKey(), now.size(), now.lastModifiedTime());
        }
    }

    private final Path path;
    private final FileChannel channel;
    private Stamp stamp;
    private ByteBuffer header;

    /// Watches a file from now on. Its handle stays open until the database is closed, since closing it would let the
    /// database's own lock fall.
    FileWatch(Path path) throws IOException {
        this.path = path;
        this.channel = FileChannel.open(path, StandardOpenOption.READ);
        this.stamp = Stamp.of(path);
        this.header = header();
    }

    private ByteBuffer header() throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(HEADER);
        channel.read(bytes, 0);
        return bytes.flip();
    }

    /// The program itself has just written: this is how the file looks now.
    void wrote() {
        try {
            Stamp now = Stamp.of(path);
            if (Objects.equals(now.key, stamp.key)) {
                stamp = now;
                header = header();
            }
        } catch (IOException _) {
            // It is gone, which the next look tells.
        }
    }

    State state() {
        try {
            Stamp now = Stamp.of(path);
            if (!Objects.equals(now.key, stamp.key)) {
                return State.REPLACED;
            }
            if (now.equals(stamp)) {
                return State.SAME;
            }
            // Somebody may only have touched it.
            return now.size == stamp.size && header().equals(header) ? State.SAME : State.CHANGED;
        } catch (IOException _) {
            return State.GONE;
        }
    }

    @Override
    public void close() {
        try {
            channel.close();
        } catch (IOException _) {
            // It was only read.
        }
    }
}
