package onebeat.media;

import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Finds films that are not where they were, in a folder and all below it: by what they are known by, whatever they are
/// called now; by their names where nothing else is known.
public final class FilmSearch extends SimpleFileVisitor<Path> {

    /// No folder of a coach has more files; a whole disk may.
    private static final int MOST_FILES = 200_000;

    private final List<Wanted> wanted;
    private final ReadProgress progress;
    private final Map<String, Path> found = new HashMap<>();
    private int seen;

    /// A film that is looked for.
    ///
    /// @param id what it is told by afterwards
    /// @param name what the file was called
    /// @param print what it is known by; empty where it was never opened here
    public record Wanted(String id, String name, Optional<FilmPrint> print) {}

    private FilmSearch(List<Wanted> wanted, ReadProgress progress) {
        this.wanted = wanted;
        this.progress = progress;
    }

    /// Looks for films.
    ///
    /// @param progress is asked for each file whether to go on; how far it is cannot be told
    /// @return where each lies that was found, by its id
    public static Map<String, Path> find(Path folder, List<Wanted> wanted, ReadProgress progress) {
        FilmSearch search = new FilmSearch(wanted, progress);
        try {
            Files.walkFileTree(folder, search);
        } catch (IOException _) {
            // What was found until then is found.
        }
        return Map.copyOf(search.found);
    }

    @Override
    public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
        if (!progress.at(0) || ++seen > MOST_FILES) {
            return FileVisitResult.TERMINATE;
        }
        if (attributes.isRegularFile()) {
            wanted.stream()
                    .filter(one -> !found.containsKey(one.id()) && isIt(one, file, attributes.size()))
                    .forEach(one -> found.put(one.id(), file));
        }
        return found.size() == wanted.size() ? FileVisitResult.TERMINATE : FileVisitResult.CONTINUE;
    }

    private static boolean isIt(Wanted one, Path file, long size) {
        return one.print()
                .map(print -> print.bytes() == size && FilmPrint.of(file).equals(one.print()))
                .orElseGet(() -> String.valueOf(file.getFileName()).equals(one.name()));
    }

    /// A folder that cannot be read is passed by.
    @Override
    public FileVisitResult visitFileFailed(Path file, IOException e) {
        return FileVisitResult.CONTINUE;
    }
}
