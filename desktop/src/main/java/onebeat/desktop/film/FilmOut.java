package onebeat.desktop.film;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Collection;
import java.util.List;
import onebeat.core.camp.Camp;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.FilesOut;
import onebeat.desktop.app.LineWords;
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
    private static void subtitles(Camp camp, LineWords words, Path folder, List<String> written) throws IOException {
        List<Reel> filmed = camp.reels().all().stream()
                .filter(reel -> !reel.isDrawn())
                .filter(reel -> !camp.exchangesOn(reel.id()).isEmpty())
                .toList();
        List<String> names = PlainName.each(filmed.stream().map(Reel::name).toList(), Texts.of("film.out.folder"));
        for (int i = 0; i < filmed.size(); i++) {
            List<Subtitles.Cue> cues = FilmCut.cues(camp, words, filmed.get(i).id());
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
        Camp camp = app.camp();
        LineWords words = app.wordsOnFilm();
        Collection<Exchange> all = camp.exchanges().all();
        FilesOut.beside(app, app.folder().resolve(Texts.of("film.out.folder")), (folder, written) -> {
            FilmOutFiles.write(all, ReelTable.of(camp), folder, FilesOut.files(), OutFiles.Taken.NUMBER, written);
            subtitles(camp, words, folder, written);
            return Texts.of("film.out", all.size(), folder, String.join(", ", written));
        });
    }
}
