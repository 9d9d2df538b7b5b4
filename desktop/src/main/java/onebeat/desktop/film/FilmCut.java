package onebeat.desktop.film;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.camp.Camp;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.FilesOut;
import onebeat.desktop.app.LineWords;
import onebeat.desktop.app.StoppableWork;
import onebeat.desktop.text.Texts;
import onebeat.formats.film.Subtitles;
import onebeat.formats.out.OutFiles;
import onebeat.media.Cut;
import onebeat.media.CutWriter;
import onebeat.media.FilmFile;
import onebeat.media.FilmOpening;

/// Cuts exchanges out of their films into one, beside the interface.
final class FilmCut implements AutoCloseable {

    private final CampSession app;
    private final StoppableWork work;

    FilmCut(CampSession app) {
        this.app = app;
        this.work = new StoppableWork("cut", app::warn);
    }

    /// Begins to cut these exchanges; where a cut is under way, that is stopped instead.
    ///
    /// @param title what they show, a line each
    void toggle(List<Exchange> exchanges, List<String> title) {
        if (work.stop()) {
            return;
        }
        app.say(Texts.of("film.cut.begins", exchanges.size()));
        Camp camp = app.camp();
        LineWords words = app.wordsOnFilm();
        Path to = app.folder().resolve(Texts.of("film.out.folder")).resolve("cut.mp4");
        work.begin(percent -> app.say(Texts.of("film.cut.going", percent)), progress -> {
            CutWriter.Result result = CutWriter.write(
                    cut(camp, words, exchanges, title), to, FilesOut.files(), OutFiles.Taken.NUMBER, progress::test);
            return () -> tell(result, exchanges.size());
        });
    }

    private void tell(CutWriter.Result result, int wanted) {
        switch (result) {
            case CutWriter.NotWritten(String sentence) -> app.warn(sentence);
            case CutWriter.Written written ->
                app.say(Texts.of(
                        "film.cut.done", written.moments(), wanted, written.path(), Math.round(written.seconds())));
        }
    }

    private Cut cut(Camp camp, LineWords words, List<Exchange> exchanges, List<String> title) {
        Map<String, Optional<FilmFile>> films = new HashMap<>();
        List<Cut.Moment> moments = new ArrayList<>();
        for (Exchange exchange : exchanges) {
            Optional<FilmFile> film = films.computeIfAbsent(
                    exchange.reelId(), id -> camp.reels().get(id).flatMap(this::film));
            film.ifPresent(f -> moments.add(new Cut.Moment(f, exchange.momentS(), words(camp, words, exchange))));
        }
        return new Cut(title, moments);
    }

    private Optional<FilmFile> film(Reel reel) {
        return !reel.isDrawn() && FilmFile.open(app.folder().resolve(reel.file())) instanceof FilmOpening.Opened opened
                ? Optional.of(opened.file())
                : Optional.empty();
    }

    /// What stands under an exchange: its line in words, and where it is and what came of it.
    static List<String> words(Camp camp, LineWords words, Exchange exchange) {
        String reel = camp.reels().get(exchange.reelId()).map(Reel::name).orElse("");
        return List.of(
                words.of(exchange.line()),
                Texts.of(
                        "film.cut.words",
                        reel,
                        exchange.round(),
                        Texts.filmTime(exchange.timeS()),
                        Texts.of("outcome." + exchange.outcome().word())));
    }

    /// The words of a reel as subtitles.
    static List<Subtitles.Cue> cues(Camp camp, LineWords words, String reel) {
        return camp.exchangesOn(reel).stream()
                .map(e -> new Subtitles.Cue(e.timeS() - Cut.LEAD_S, e.timeS() + Cut.AFTER_S, words.of(e.line())))
                .toList();
    }

    @Override
    public void close() {
        work.close();
    }
}
