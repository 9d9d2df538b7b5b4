package onebeat.media;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.formats.out.OutFiles;

/// Copies films into a folder, so that they go along with a camp. Each is copied beside its place and moved there
/// whole; one that is there already is not copied again.
public final class FilmCopies {

    private static final int PART = 1 << 20;

    /// So much stays free on the disk, in bytes.
    private static final long SPARE = 200L << 20;

    private FilmCopies() {}

    /// What became of it.
    public sealed interface Result {}

    /// All are there.
    ///
    /// @param places where each lies now, in the order of the films
    public record Copied(List<Path> places) implements Result {

        public Copied {
            places = List.copyOf(places);
        }
    }

    /// They are not, and why.
    public record NotCopied(String sentence) implements Result {}

    /// Copies films.
    ///
    /// @param progress can stop it: what was copied until then stays, and nothing refers to it
    public static Result copy(List<Path> films, Path folder, ReadProgress progress) {
        List<Path> places = new ArrayList<>();
        try {
            Files.createDirectories(folder);
            long whole = 0;
            List<Optional<Path>> known = new ArrayList<>();
            for (Path film : films) {
                Optional<Path> there = there(film, folder);
                known.add(there);
                whole += there.isPresent() ? 0 : Files.size(film);
            }
            long free = Files.getFileStore(folder).getUsableSpace();
            if (whole > 0 && free < whole + SPARE) {
                return new NotCopied("There is no room for the films in " + folder + ": they need " + megabytes(whole)
                        + " MB, and " + megabytes(free) + " MB are free. Nothing was copied.");
            }
            long done = 0;
            for (int i = 0; i < films.size(); i++) {
                if (known.get(i).isPresent()) {
                    places.add(known.get(i).get());
                    continue;
                }
                Path place = free(films.get(i), folder);
                if (!copied(films.get(i), place, done, whole, progress)) {
                    return new NotCopied("Copying was stopped. The camp's films are where they were.");
                }
                done += Files.size(place);
                places.add(place);
            }
            return new Copied(places);
        } catch (IOException e) {
            return new NotCopied("The films were not copied into " + folder + ": " + e.getMessage()
                    + ". The camp's films are where they were.");
        }
    }

    private static long megabytes(long bytes) {
        return (bytes + PART - 1) / PART;
    }

    /// Where the film lies in the folder already.
    private static Optional<Path> there(Path film, Path folder) {
        Path same = folder.resolve(String.valueOf(film.getFileName()));
        return Files.exists(same) && FilmPrint.of(same).equals(FilmPrint.of(film))
                ? Optional.of(same)
                : Optional.empty();
    }

    private static Path free(Path film, Path folder) {
        String name = String.valueOf(film.getFileName());
        int dot = name.lastIndexOf('.') > 0 ? name.lastIndexOf('.') : name.length();
        Path place = folder.resolve(name);
        for (int number = 2; Files.exists(place); number++) {
            place = folder.resolve(name.substring(0, dot) + "-" + number + name.substring(dot));
        }
        return place;
    }

    private static boolean copied(Path film, Path place, long before, long whole, ReadProgress progress)
            throws IOException {
        Path making = OutFiles.making(place.toAbsolutePath().getParent());
        try {
            try (InputStream in = Files.newInputStream(film);
                    OutputStream out = Files.newOutputStream(making)) {
                byte[] part = new byte[PART];
                long done = before;
                for (int count = in.read(part); count >= 0; count = in.read(part)) {
                    out.write(part, 0, count);
                    done += count;
                    if (!progress.at(Math.clamp(done / (double) Math.max(1, whole), 0.0, 1.0))) {
                        return false;
                    }
                }
            }
            Files.move(making, place, StandardCopyOption.ATOMIC_MOVE);
            return true;
        } finally {
            Files.deleteIfExists(making);
        }
    }
}
