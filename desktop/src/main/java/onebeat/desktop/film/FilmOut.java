package onebeat.desktop.film;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.FilesOut;
import onebeat.desktop.text.Texts;
import onebeat.formats.PlainName;
import onebeat.formats.film.FilmOutFiles;
import onebeat.formats.film.ReelTable;
import onebeat.formats.film.Subtitles;
import onebeat.formats.out.OutFiles;

/// Writes the camp's exchanges into a folder beside the camp file.
final class FilmOut {

    private FilmOut() {}

    /// The words of each reel that has a film, as other players read them.
    private static void subtitles(CampSession app, Path folder, List<String> written) throws IOException {
        List<Reel> filmed = app.camp().reels().all().stream()
                .filter(reel -> !reel.isDrawn())
                .filter(reel -> !app.camp().exchangesOn(reel.id()).isEmpty())
                .toList();
        List<String> names = PlainName.each(filmed.stream().map(Reel::name).toList(), Texts.of("film.out.folder"));
        for (int i = 0; i < filmed.size(); i++) {
            List<Subtitles.Cue> cues =
                    FilmCut.cues(app.camp(), app.wordsOnFilm(), filmed.get(i).id());
            written.add(text(folder.resolve(names.get(i) + ".vtt"), Subtitles.vtt(cues)));
            written.add(text(folder.resolve(names.get(i) + ".srt"), Subtitles.srt(cues)));
        }
    }

    private static String text(Path path, String text) throws IOException {
        return String.valueOf(
                FilesOut.files().writeText(path, text, OutFiles.Taken.NUMBER).getFileName());
    }

    /// Writes them as CSV and as JSON, and says where.
    static void write(CampSession app) {
        Path folder = app.folder().resolve(Texts.of("film.out.folder"));
        Collection<Exchange> all = app.camp().exchanges().all();
        List<String> written = new ArrayList<>();
        try {
            Files.createDirectories(folder);
            FilmOutFiles.write(all, ReelTable.of(app.camp()), folder, FilesOut.files(), OutFiles.Taken.NUMBER, written);
            subtitles(app, folder, written);
            app.say(Texts.of("film.out", all.size(), folder, String.join(", ", written)));
        } catch (IOException e) {
            app.warn(FilesOut.failed(folder, written, e));
        }
    }
}
