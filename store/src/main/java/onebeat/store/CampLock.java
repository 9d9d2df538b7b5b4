package onebeat.store;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.HashSet;
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

    /// Who has it where this process does.
    static final String THIS = "this One Beat";

    /// The camps that this process has open: the path of each, and what the system knows the file by, since a file may
    /// have several names (hard links, folders that are mounted twice).
    private static final Set<Object> HERE = ConcurrentHashMap.newKeySet();

    private final Set<Object> names;
    private final Path file;
    private final FileChannel channel;
    private boolean closed;

    private CampLock(Set<Object> names, Path file, FileChannel channel) {
        this.names = Set.copyOf(names);
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
        return names(camp).stream().anyMatch(HERE::contains);
    }

    /// All that a file is known by.
    private static Set<Object> names(Path camp) {
        Set<Object> names = new HashSet<>(Set.of(camp));
        try {
            Object key = Files.readAttributes(camp, BasicFileAttributes.class).fileKey();
            if (key != null) {
                names.add(key);
            }
        } catch (IOException _) {
            // It is not there yet: its path is all that it has.
        }
        return names;
    }

    /// Asks for a camp.
    ///
    /// @param camp its real path, so that every name of the file leads to one lock
    /// @throws IOException where no file can be made beside it
    static Asked take(Path camp) throws IOException {
        Set<Object> names = names(camp);
        synchronized (HERE) {
            if (names.stream().anyMatch(HERE::contains)) {
                return new Asked.Held(THIS);
            }
            HERE.addAll(names);
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
            return new Asked.Taken(new CampLock(names, file, channel));
        } catch (OverlappingFileLockException _) {
            return new Asked.Held(THIS);
        } finally {
            if (!taken) {
                HERE.removeAll(names);
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
            HERE.removeAll(names);
        }
    }
}
