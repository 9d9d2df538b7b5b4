package onebeat.store;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/// Who has a camp open.
///
/// A file of its own beside the camp is locked for as long as the camp is open. A lock on the camp file itself would
/// fall as soon as this process closed any other handle on it (POSIX, `fcntl`); nobody else ever opens this one. The
/// system lets go of it when the process dies, so no lock is left over.
final class CampLock implements AutoCloseable {

    private static final String ENDING = ".open";
    private static final int MOST_TOLD = 200;

    /// The camps that this process has open.
    private static final Set<Path> HERE = ConcurrentHashMap.newKeySet();

    private final Path camp;
    private final Path file;
    private final FileChannel channel;
    private boolean closed;

    private CampLock(Path camp, Path file, FileChannel channel) {
        this.camp = camp;
        this.file = file;
        this.channel = channel;
    }

    /// What came of asking for a camp.
    sealed interface Asked {
        /// It is ours until it is closed.
        record Taken(CampLock lock) implements Asked {}

        /// Somebody has it.
        ///
        /// @param who in words
        record Held(String who) implements Asked {}
    }

    /// Whether this process has the camp open.
    ///
    /// @param camp the real path
    static boolean isHere(Path camp) {
        return HERE.contains(camp);
    }

    /// Asks for a camp.
    ///
    /// @param camp its real path, so that every name of the file leads to one lock
    /// @throws IOException where no file can be made beside it
    static Asked take(Path camp) throws IOException {
        if (!HERE.add(camp)) {
            return new Asked.Held("this One Beat");
        }
        boolean taken = false;
        Path file = camp.resolveSibling("." + camp.getFileName() + ENDING);
        FileChannel channel = null;
        try {
            channel = FileChannel.open(
                    file, StandardOpenOption.CREATE, StandardOpenOption.READ, StandardOpenOption.WRITE);
            FileLock lock = channel.tryLock(Long.MAX_VALUE - 1, 1, false);
            if (lock == null) {
                return new Asked.Held(told(channel));
            }
            channel.truncate(0);
            channel.write(ByteBuffer.wrap(owner().getBytes(StandardCharsets.UTF_8)));
            taken = true;
            return new Asked.Taken(new CampLock(camp, file, channel));
        } finally {
            if (!taken) {
                HERE.remove(camp);
                if (channel != null) {
                    channel.close();
                }
            }
        }
    }

    private static String owner() {
        return "another One Beat (process " + ProcessHandle.current().pid() + ", since "
                + DateTimeFormatter.ofPattern("d MMMM, HH:mm", Locale.ENGLISH)
                        .withZone(ZoneId.systemDefault())
                        .format(Instant.now())
                + ")";
    }

    /// What the owner wrote into it.
    private static String told(FileChannel channel) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(MOST_TOLD);
        channel.read(bytes, 0);
        String words = new String(bytes.array(), 0, bytes.position(), StandardCharsets.UTF_8)
                .lines()
                .findFirst()
                .orElse("");
        return words.isBlank() ? "another One Beat" : words;
    }

    /// Lets the camp go. The file is taken away first: whoever opens it in this moment is still told that it is held.
    @Override
    public void close() {
        if (closed) {
            // By now the name may be another camp's.
            return;
        }
        closed = true;
        try {
            Files.deleteIfExists(file);
            channel.close();
        } catch (IOException _) {
            // A lock file that stays behind holds nothing: the system lets go of it with the process.
        } finally {
            HERE.remove(camp);
        }
    }
}
