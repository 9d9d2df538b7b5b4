package onebeat.store;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.stream.Stream;
import org.sqlite.SQLiteJDBCLoader;
import org.sqlite.util.OSInfo;

/// Lays the native library of the database into the program's folder once for each version. By itself the driver
/// unpacks it into the temporary folder with every start, and leaves it there when the program is killed.
final class SqliteLibrary {

    private SqliteLibrary() {}

    /// Where it cannot be laid, the driver does as it does by itself.
    static void lay() {
        String name = System.mapLibraryName("sqlitejdbc");
        String resource = "/org/sqlite/native/" + OSInfo.getNativeLibFolderPathForCurrentOS() + "/" + name;
        if (System.getProperty("org.sqlite.lib.path") != null) {
            return;
        }
        Path folder = ProgramFolder.path().resolve("native").resolve("sqlite-" + SQLiteJDBCLoader.getVersion());
        Path library = folder.resolve(name);
        try {
            if (!Files.exists(library) && !unpacked(resource, folder, library)) {
                return;
            }
            System.setProperty("org.sqlite.lib.path", folder.toString());
            System.setProperty("org.sqlite.lib.name", name);
        } catch (IOException e) {
            ProgramLog.wrong("the database's library is unpacked for this start only", e);
        }
    }

    /// It comes to its place whole, so that one that is there can be trusted.
    private static boolean unpacked(String resource, Path folder, Path library) throws IOException {
        try (InputStream in = SQLiteJDBCLoader.class.getResourceAsStream(resource)) {
            if (in == null) {
                return false;
            }
            ProgramFolder.make(folder);
            Path making = Files.createTempFile(folder, "library", ".new");
            Files.copy(in, making, StandardCopyOption.REPLACE_EXISTING);
            Files.move(making, library, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            clean(folder);
            return true;
        }
    }

    /// Takes away what other versions and starts that were killed have left.
    private static void clean(Path current) throws IOException {
        List<Path> folders;
        try (Stream<Path> list = Files.list(ProgramFolder.path().resolve("native"))) {
            folders = list.toList();
        }
        for (Path folder : folders) {
            try (Stream<Path> list = Files.list(folder)) {
                for (Path file : list.toList()) {
                    if (!folder.equals(current) || file.toString().endsWith(".new")) {
                        Files.deleteIfExists(file);
                    }
                }
            }
            if (!folder.equals(current)) {
                Files.deleteIfExists(folder);
            }
        }
    }
}
