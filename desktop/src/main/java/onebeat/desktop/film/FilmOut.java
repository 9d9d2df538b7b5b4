package onebeat.desktop.film;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import onebeat.core.film.Exchange;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.FilesOut;
import onebeat.desktop.text.Texts;
import onebeat.formats.film.FilmOutFiles;
import onebeat.formats.film.ReelTable;
import onebeat.formats.out.OutFiles;

/// Writes the camp's exchanges into a folder beside the camp file.
final class FilmOut {

    private FilmOut() {}

    /// Writes them as CSV and as JSON, and says where.
    static void write(CampSession app) {
        Path folder = app.folder().resolve(Texts.of("film.out.folder"));
        Collection<Exchange> all = app.camp().exchanges().all();
        List<String> written = new ArrayList<>();
        try {
            Files.createDirectories(folder);
            FilmOutFiles.write(all, ReelTable.of(app.camp()), folder, FilesOut.files(), OutFiles.Taken.NUMBER, written);
            app.say(Texts.of("film.out", all.size(), folder, String.join(", ", written)));
        } catch (IOException e) {
            app.warn(FilesOut.failed(folder, written, e));
        }
    }
}
