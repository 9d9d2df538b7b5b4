package onebeat.formats.film;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Collection;
import java.util.List;
import onebeat.core.film.Exchange;
import onebeat.formats.out.OutFiles;
import onebeat.formats.out.OutFiles.Taken;

/// Film in both formats into a folder.
public final class FilmOutFiles {

    private FilmOutFiles() {}

    /// Writes `film.csv` and `film.json`.
    ///
    /// @param written the names of the files are added to it as they are written
    /// @throws IOException if one cannot be written
    public static void write(
            Collection<Exchange> all, ReelTable reels, Path folder, OutFiles files, Taken taken, List<String> written)
            throws IOException {
        Path csv = files.write(
                folder.resolve("film.csv"),
                out -> {
                    BufferedWriter writer = new BufferedWriter(new OutputStreamWriter(out, StandardCharsets.UTF_8));
                    FilmCsv.write(writer, all, reels);
                    writer.flush();
                },
                taken);
        written.add(String.valueOf(csv.getFileName()));
        Path json = files.writeText(folder.resolve("film.json"), FilmJson.write(all, reels), taken);
        written.add(String.valueOf(json.getFileName()));
    }
}
