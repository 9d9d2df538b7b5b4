package onebeat.store;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.temporal.IsoFields;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.JdbiException;
import org.sqlite.SQLiteErrorCode;

/// Copies of camps from before, in a folder of the program: of each camp the last ten openings and one a week.
public final class Copies {

    /// So many of the newest copies are kept.
    static final int NEWEST = 10;

    /// Older ones are kept one a week, for so many weeks: longer than a camp lasts.
    static final int WEEKS = 26;

    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyy-MM-dd HH.mm.ss", Locale.ROOT);

    private static final String BEFORE = " before version ";

    private final Path root;

    public Copies(Path root) {
        this.root = root;
    }

    /// Those in the program's folder.
    public static Copies usual() {
        return new Copies(ProgramFolder.path().resolve("copies"));
    }

    /// A copy of a camp.
    ///
    /// @param taken when
    public record Copy(Path file, LocalDateTime taken, long bytes) {}

    /// The folder of a camp's copies. Camps of one name in different places have folders of their own.
    public Path folder(Path camp) {
        String whole = camp.toAbsolutePath().normalize().toString();
        String name =
                String.valueOf(camp.getFileName()).replace(CampFile.ENDING, "").replaceAll("[^\\p{L}\\p{N}._-]+", "-");
        String shortened = name.length() > MOST_NAME ? name.substring(0, MOST_NAME) : name;
        return root.resolve(shortened + "-" + digest(whole));
    }

    private static final int MOST_NAME = 40;
    private static final int DIGITS = 10;

    private static String digest(String text) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash).substring(0, DIGITS);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    /// Takes a copy of an open camp, unless the newest one is the same, and lets go of those that are too old.
    ///
    /// @return what is wrong, in a sentence; empty where all is well
    public Optional<String> take(CampFile file, LocalDateTime now) {
        if (file.isForReading()) {
            return Optional.empty();
        }
        Path folder = folder(file.path());
        Path fresh = folder.resolve(STAMP.format(now) + CampFile.ENDING);
        try {
            ProgramFolder.make(folder);
            List<Copy> before = of(file.path());
            Optional<String> wrong = file.copyTo(fresh);
            if (wrong.isPresent()) {
                return wrong;
            }
            Optional<Path> last = before.stream()
                    .map(Copy::file)
                    .filter(f -> !f.equals(fresh))
                    .findFirst();
            if (last.isPresent() && isSame(fresh, last.get())) {
                Files.deleteIfExists(last.get());
            }
            prune(file.path());
            return Optional.empty();
        } catch (IOException e) {
            return Optional.of("No copy of the camp could be kept in " + folder + ": " + Sqlite.reason(e)
                    + ". The camp itself is safe.");
        }
    }

    /// Keeps the bytes of a camp that is about to be brought up to date.
    void keepBefore(Path camp, int version) throws IOException {
        Path folder = folder(camp);
        ProgramFolder.make(folder);
        WorkFile.copy(
                camp,
                folder.resolve(STAMP.format(LocalDateTime.now(ZoneId.systemDefault()))
                        + BEFORE
                        + (version + 1)
                        + CampFile.ENDING));
    }

    /// The header counts transactions and says which library wrote it; the rest is what the camp holds.
    private static boolean isSame(Path one, Path other) throws IOException {
        byte[] a = Files.readAllBytes(one);
        byte[] b = Files.readAllBytes(other);
        return a.length == b.length && Arrays.equals(a, HEADER, a.length, b, HEADER, b.length);
    }

    private static final int HEADER = 100;

    /// The copies of a camp, the newest first.
    public List<Copy> of(Path camp) {
        try (Stream<Path> files = Files.list(folder(camp))) {
            return files.map(Copies::copy)
                    .flatMap(Optional::stream)
                    .sorted(Comparator.comparing(Copy::taken).reversed())
                    .toList();
        } catch (IOException _) {
            return List.of();
        }
    }

    private static Optional<Copy> copy(Path file) {
        String name = String.valueOf(file.getFileName());
        try {
            if (!name.endsWith(CampFile.ENDING)) {
                return Optional.empty();
            }
            String stamp = name.substring(0, name.length() - CampFile.ENDING.length());
            int before = stamp.indexOf(BEFORE);
            return Optional.of(new Copy(
                    file,
                    LocalDateTime.parse(before < 0 ? stamp : stamp.substring(0, before), STAMP),
                    Files.size(file)));
        } catch (DateTimeParseException | IOException _) {
            return Optional.empty();
        }
    }

    private void prune(Path camp) throws IOException {
        List<Copy> all = of(camp);
        Set<String> weeks = new HashSet<>();
        for (int i = 0; i < all.size(); i++) {
            LocalDateTime taken = all.get(i).taken();
            boolean first = weeks.add(
                    taken.get(IsoFields.WEEK_BASED_YEAR) + "/" + taken.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR));
            if (i >= NEWEST && !(first && weeks.size() <= WEEKS)) {
                Files.deleteIfExists(all.get(i).file());
            }
        }
    }

    /// Puts a copy in the place of a camp that is not open. What stands there is kept among the copies first.
    ///
    /// @return what is wrong, in a sentence; empty where it is done
    public Optional<String> restore(Copy copy, Path camp, LocalDateTime now) {
        try {
            return switch (CampLock.take(Files.exists(camp) ? camp.toRealPath() : camp.toAbsolutePath())) {
                case CampLock.Asked.Held(String who) -> Optional.of(inUse(camp, who));
                case CampLock.Asked.Taken(CampLock lock) -> {
                    try {
                        yield restoreHeld(copy, camp, now);
                    } finally {
                        lock.close();
                    }
                }
            };
        } catch (IOException e) {
            return Optional.of("The copy could not be put back to " + camp + ": " + Sqlite.reason(e)
                    + ". Everything was left as it is.");
        }
    }

    private static String inUse(Path camp, String who) {
        return "The copy was not put back: " + Refusals.inUse(camp, who).sentence();
    }

    private Optional<String> restoreHeld(Copy copy, Path camp, LocalDateTime now) throws IOException {
        try (WorkFile making = WorkFile.beside(camp)) {
            if (Files.exists(camp)) {
                if (isHeldByDatabase(camp)) {
                    return Optional.of(inUse(camp, "another program"));
                }
                ProgramFolder.make(folder(camp));
                WorkFile.copy(camp, folder(camp).resolve(STAMP.format(now) + CampFile.ENDING));
            }
            making.fillFrom(copy.file());
            CampCopy.deleteJournal(camp);
            making.moveTo(camp);
            return Optional.empty();
        }
    }

    /// Whether somebody holds the file under another name. A file that is no database any more is held by nobody.
    private static boolean isHeldByDatabase(Path camp) {
        try (Connection connection = Sqlite.connect(camp, true);
                Handle handle = PlainStatements.on(connection)) {
            handle.execute("BEGIN EXCLUSIVE");
            handle.execute("ROLLBACK");
            return false;
        } catch (SQLException | JdbiException e) {
            return Sqlite.code(e) == SQLiteErrorCode.SQLITE_BUSY || Sqlite.code(e) == SQLiteErrorCode.SQLITE_LOCKED;
        }
    }

    /// Lays a copy beside a camp as a camp of its own.
    ///
    /// @return where it lies; empty where it could not be written
    public Optional<Path> layBeside(Copy copy, Path camp) {
        String name = String.valueOf(camp.getFileName()).replace(CampFile.ENDING, "");
        Path beside = camp.resolveSibling(name + " of " + STAMP.format(copy.taken()) + CampFile.ENDING);
        try {
            if (!Files.exists(beside)) {
                WorkFile.copy(copy.file(), beside);
            }
            return Optional.of(beside);
        } catch (IOException _) {
            return Optional.empty();
        }
    }
}
