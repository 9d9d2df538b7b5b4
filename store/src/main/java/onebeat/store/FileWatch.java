package onebeat.store;

import java.io.IOException;
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

    /// Watches a file from now on. Its handle stays open until the database is closed, since closing it would let the
    /// database's own lock fall.
    FileWatch(Path path) throws IOException {
        this.path = path;
        this.channel = FileChannel.open(path, StandardOpenOption.READ);
        this.stamp = Stamp.of(path);
    }

    /// The program itself has just written: this is how the file looks now.
    void wrote() {
        try {
            Stamp now = Stamp.of(path);
            if (Objects.equals(now.key, stamp.key)) {
                stamp = now;
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
            // A time that is not ours is somebody's change, whatever else looks the same: a database that is held
            // exclusively counts no transactions in its header, so that older bytes put back cannot be told from it.
            return now.equals(stamp) ? State.SAME : State.CHANGED;
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
