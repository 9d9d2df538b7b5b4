package onebeat.desktop.film;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import onebeat.core.camp.Arrivals;
import onebeat.core.camp.Edit;
import onebeat.core.film.Exchange;
import onebeat.desktop.app.BackgroundQuestion;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;
import onebeat.formats.film.FilmCsv.Film;
import onebeat.formats.film.FilmCsv.Rejected;
import onebeat.formats.film.FilmFile;
import onebeat.formats.film.FilmFile.Log;
import onebeat.formats.film.FilmFile.NoLog;
import onebeat.formats.film.FilmFile.Reading;

/// A film log that comes in from a file: how far it is, what is wrong with it, and whether its good rows
/// are taken.
final class ArrivalPage extends VBox implements AutoCloseable {

    /// So many of the rejected rows are shown.
    private static final int TOLD = 12;

    /// Progress is told every so many rows.
    private static final int EVERY = 50;

    private final CampSession app;
    private final BackgroundQuestion worker = new BackgroundQuestion("film log", this::failed);
    private final VBox rows = new VBox(8);
    private final ProgressBar bar = new ProgressBar();
    private Optional<Film> read = Optional.empty();
    private boolean working;
    private boolean writing;
    private Path source = Path.of("");

    ArrivalPage(CampSession app) {
        super(8);
        this.app = app;
        getStyleClass().add("paper");
        bar.setMaxWidth(Double.MAX_VALUE);
        bar.setAccessibleText(Texts.of("arrival.title"));
        var scroll = Nodes.scroll(rows);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(Nodes.text(Texts.of("arrival.title"), "title"), scroll);
    }

    /// Begins to read a file.
    void read(Path file) {
        read = Optional.empty();
        working = true;
        source = file;
        rows.getChildren().setAll(LinesPage.said(Texts.of("arrival.reading", file.getFileName(), 0), "small"), bar);
        var vocabulary = app.camp().vocabulary();
        worker.ask(
                old -> FilmFile.read(file, vocabulary, number -> {
                    if (number % EVERY == 0) {
                        Platform.runLater(() -> progress(file, number));
                    }
                    return !old.getAsBoolean();
                }),
                reading -> done(file, reading));
    }

    private void failed(String sentence) {
        working = false;
        rows.getChildren().setAll(LinesPage.said(sentence, "small"), keys("arrival.back"));
    }

    private void progress(Path file, long number) {
        if (working) {
            rows.getChildren().set(0, LinesPage.said(Texts.of("arrival.reading", file.getFileName(), number), "small"));
        }
    }

    private void done(Path file, Reading reading) {
        working = false;
        switch (reading) {
            case NoLog no -> {
                rows.getChildren().setAll(LinesPage.said(no.sentence(), "small"), keys("arrival.back"));
                app.warn(no.sentence());
            }
            case Log log -> show(file, log.film());
        }
    }

    private void show(Path file, Film film) {
        read = Optional.of(film);
        Arrivals arrivals = Arrivals.of(app.camp(), film.exchanges(), film.reels());
        List<Node> nodes = new ArrayList<>();
        nodes.add(LinesPage.said(
                Texts.of("arrival.good", file.getFileName(), arrivals.fresh(), arrivals.known()), "small", "strong"));
        if (!arrivals.reels().isEmpty()) {
            nodes.add(LinesPage.said(Texts.of("arrival.reels", String.join(", ", arrivals.reels())), "soft"));
        }
        if (!film.rejected().isEmpty()) {
            nodes.add(LinesPage.said(Texts.of("arrival.bad", film.rejected().size()), "small", "strong"));
        }
        film.rejected().stream().limit(TOLD).forEach(r -> nodes.add(LinesPage.said(words(r), "small")));
        if (film.rejected().size() > TOLD) {
            nodes.add(LinesPage.said(Texts.of("arrival.more", film.rejected().size() - TOLD), "soft"));
        }
        nodes.add(keys(arrivals.fresh() == 0 ? "arrival.back" : "arrival.keys"));
        rows.getChildren().setAll(nodes);
    }

    private static Node keys(String key) {
        return LinesPage.said(Texts.of(key), "soft");
    }

    private static String words(Rejected row) {
        return Texts.of("arrival.row", row.line(), row.column(), row.reason());
    }

    /// Takes the good rows, beside the interface. Nothing is taken while a log is still being read.
    ///
    /// @param then told when they are in
    void take(Runnable then) {
        if (read.isEmpty() || writing) {
            return;
        }
        List<Exchange> good = read.get().exchanges();
        writing = true;
        ProgressBar written = new ProgressBar(0);
        written.setMaxWidth(Double.MAX_VALUE);
        written.setAccessibleText(Texts.of("arrival.title"));
        rows.getChildren().setAll(LinesPage.said(Texts.of("arrival.writing", good.size()), "small"), written);
        Arrivals arrivals = Arrivals.of(app.camp(), good, read.get().reels());
        app.saveBeside(new Edit.Together(arrivals.edits()), written::setProgress, taken -> {
            writing = false;
            if (taken) {
                app.say(Texts.of("arrival.taken", arrivals.fresh()));
                read = Optional.empty();
                then.run();
            } else {
                read.ifPresent(film -> show(source, film));
            }
        });
    }

    /// Lets go of what was read, or stops reading or writing.
    ///
    /// @return whether the page can go
    boolean drop() {
        if (writing) {
            app.stopSaving();
            return false;
        }
        worker.stop();
        working = false;
        read = Optional.empty();
        app.say(Texts.of("arrival.dropped"));
        return true;
    }

    @Override
    public void close() {
        worker.close();
    }
}
