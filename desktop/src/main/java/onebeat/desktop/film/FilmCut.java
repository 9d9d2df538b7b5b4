package onebeat.desktop.film;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import onebeat.core.camp.Camp;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.FilesOut;
import onebeat.desktop.app.LineWords;
import onebeat.desktop.text.Texts;
import onebeat.formats.film.Subtitles;
import onebeat.formats.out.OutFiles;
import onebeat.media.Cut;
import onebeat.media.CutWriter;
import onebeat.media.FilmFile;
import onebeat.media.FilmOpening;

/// Cuts exchanges out of their films into one, beside the interface.
final class FilmCut implements AutoCloseable {

    private static final int PERCENT = 100;
    private static final int TOLD_EVERY = 5;

    private final CampSession app;
    private volatile boolean stopped;
    private boolean underWay;

    FilmCut(CampSession app) {
        this.app = app;
    }

    /// Begins to cut these exchanges; where a cut is under way, that is stopped instead.
    ///
    /// @param title what they show, a line each
    void toggle(List<Exchange> exchanges, List<String> title) {
        if (underWay) {
            stopped = true;
            return;
        }
        underWay = true;
        stopped = false;
        app.say(Texts.of("film.cut.begins", exchanges.size()));
        Camp camp = app.camp();
        LineWords words = app.wordsOnFilm();
        Path to = app.folder().resolve(Texts.of("film.out.folder")).resolve("cut.mp4");
        Thread.ofPlatform().daemon().name("cut").start(() -> {
            String told = cut(camp, words, exchanges, title, to);
            Platform.runLater(() -> {
                underWay = false;
                app.say(told);
            });
        });
    }

    private String cut(Camp camp, LineWords words, List<Exchange> exchanges, List<String> title, Path to) {
        Map<String, Optional<FilmFile>> films = new HashMap<>();
        List<Cut.Moment> moments = new ArrayList<>();
        for (Exchange exchange : exchanges) {
            Optional<FilmFile> film = films.computeIfAbsent(
                    exchange.reelId(), id -> camp.reels().get(id).flatMap(this::film));
            film.ifPresent(f -> moments.add(new Cut.Moment(f, exchange.timeS(), words(camp, words, exchange))));
        }
        CutWriter.Result result =
                CutWriter.write(new Cut(title, moments), to, FilesOut.files(), OutFiles.Taken.NUMBER, this::goesOn);
        return switch (result) {
            case CutWriter.NotWritten(String sentence) -> sentence;
            case CutWriter.Written written ->
                Texts.of(
                        "film.cut.done",
                        moments.size(),
                        exchanges.size(),
                        written.path(),
                        Math.round(written.seconds()));
        };
    }

    private int toldLast;

    private boolean goesOn(double share) {
        int percent = (int) (share * PERCENT);
        if (percent >= toldLast + TOLD_EVERY || percent < toldLast) {
            toldLast = percent;
            Platform.runLater(() -> app.say(Texts.of("film.cut.going", percent)));
        }
        return !stopped;
    }

    private Optional<FilmFile> film(Reel reel) {
        return !reel.isDrawn() && FilmFile.open(app.folder().resolve(reel.file())) instanceof FilmOpening.Opened opened
                ? Optional.of(opened.file())
                : Optional.empty();
    }

    private static List<String> words(Camp camp, LineWords words, Exchange exchange) {
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
        stopped = true;
    }
}
