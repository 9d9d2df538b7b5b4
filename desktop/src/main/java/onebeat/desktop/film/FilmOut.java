package onebeat.desktop.film;

import java.io.IOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import java.util.function.UnaryOperator;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.desktop.desk.Desk;
import onebeat.desktop.desk.Texts;
import onebeat.formats.film.FilmCsv;
import onebeat.formats.film.FilmJson;

/// Writes the camp's exchanges into a folder beside the camp file.
final class FilmOut {

    private FilmOut() {}

    /// Writes them as CSV and as JSON, and says where.
    static void write(Desk desk) {
        Path folder = desk.folder().resolve(Texts.of("film.out.folder"));
        Collection<Exchange> all = desk.camp().exchanges().all();
        UnaryOperator<String> reelName =
                id -> desk.camp().reels().get(id).map(Reel::name).orElse(id);
        try {
            Files.createDirectories(folder);
            try (Writer csv = Files.newBufferedWriter(folder.resolve("film.csv"))) {
                FilmCsv.write(csv, all, reelName);
            }
            Files.writeString(folder.resolve("film.json"), FilmJson.write(all, reelName));
            desk.say(Texts.of("film.out", all.size(), folder));
        } catch (IOException e) {
            desk.warn(Texts.of("print.failed", folder, String.valueOf(e.getMessage())));
        }
    }
}
