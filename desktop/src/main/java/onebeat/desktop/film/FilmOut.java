package onebeat.desktop.film;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.UnaryOperator;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.desktop.desk.Desk;
import onebeat.desktop.desk.Out;
import onebeat.desktop.desk.Texts;
import onebeat.formats.film.FilmOutFiles;
import onebeat.formats.out.OutFiles;

/// Writes the camp's exchanges into a folder beside the camp file.
final class FilmOut {

    private FilmOut() {}

    /// Writes them as CSV and as JSON, and says where.
    static void write(Desk desk) {
        Path folder = desk.folder().resolve(Texts.of("film.out.folder"));
        Collection<Exchange> all = desk.camp().exchanges().all();
        UnaryOperator<String> reelName =
                id -> desk.camp().reels().get(id).map(Reel::name).orElse(id);
        List<String> written = new ArrayList<>();
        try {
            Files.createDirectories(folder);
            FilmOutFiles.write(all, reelName, folder, Out.files(), OutFiles.Taken.NUMBER, written);
            desk.say(Texts.of("film.out", all.size(), folder, String.join(", ", written)));
        } catch (IOException e) {
            desk.warn(Out.failed(folder, written, e));
        }
    }
}
