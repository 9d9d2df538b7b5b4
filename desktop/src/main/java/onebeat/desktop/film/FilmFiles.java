package onebeat.desktop.film;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.application.Platform;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.film.Reel;
import onebeat.desktop.app.CampPaths;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.StoppableWork;
import onebeat.desktop.text.Texts;
import onebeat.media.FilmCopies;
import onebeat.media.FilmPrint;
import onebeat.media.FilmSearch;

/// Where the camp's films lie: what each is known by, where those are that moved, and copies that go along. The long
/// work is done beside the interface; asked for once more, it is stopped.
final class FilmFiles implements AutoCloseable {

    private static final String PRINT = "film print ";

    private final CampSession app;
    private final StoppableWork work;

    FilmFiles(CampSession app) {
        this.app = app;
        this.work = new StoppableWork("films of the camp", app::warn);
    }

    /// Keeps what a reel's film is known by, so that it is found wherever it goes.
    void know(Reel reel) {
        Path file = app.folder().resolve(reel.file());
        Thread.ofVirtual()
                .name("print of a film")
                .start(() -> FilmPrint.of(file)
                        .map(FilmPrint::text)
                        .ifPresent(text -> Platform.runLater(() -> {
                            if (!app.draft(PRINT + reel.file()).equals(text)) {
                                app.keepDraft(PRINT + reel.file(), text);
                            }
                        })));
    }

    /// The reels whose films are not where they were.
    List<Reel> missing() {
        return filmed().filter(reel -> !Files.isRegularFile(app.folder().resolve(reel.file())))
                .toList();
    }

    private Stream<Reel> filmed() {
        return app.camp().reels().all().stream().filter(reel -> !reel.isDrawn());
    }

    /// Looks for the films that are missing, in a folder and below it.
    private void find(Path folder) {
        List<Reel> missing = missing();
        List<FilmSearch.Wanted> wanted = missing.stream()
                .map(reel -> new FilmSearch.Wanted(
                        reel.id(),
                        String.valueOf(Path.of(reel.file()).getFileName()),
                        FilmPrint.read(app.draft(PRINT + reel.file()))))
                .toList();
        app.say(Texts.of("film.find.begins", missing.size(), folder));
        work.begin(_ -> {}, progress -> {
            Map<String, Path> found = FilmSearch.find(folder, wanted, progress::test);
            return () -> {
                List<Edit> edits = missing.stream()
                        .filter(reel -> found.containsKey(reel.id()))
                        .map(reel -> moved(reel, found.getOrDefault(reel.id(), folder)))
                        .toList();
                took(edits, Texts.of("film.find.done", edits.size(), missing.size(), folder));
            };
        });
    }

    /// Copies the films beside the camp.
    void takeAlong() {
        if (work.stop()) {
            return;
        }
        Path folder = app.folder().resolve(Texts.of("film.out.folder"));
        List<Reel> there = filmed().filter(
                        reel -> Files.isRegularFile(app.folder().resolve(reel.file())))
                .toList();
        List<Path> films =
                there.stream().map(reel -> app.folder().resolve(reel.file())).toList();
        app.say(Texts.of("film.along.begins", films.size()));
        work.begin(percent -> app.say(Texts.of("film.along.going", percent)), progress -> {
            FilmCopies.Result result = FilmCopies.copy(films, folder, progress::test);
            return () -> {
                switch (result) {
                    case FilmCopies.NotCopied(String sentence) -> app.warn(sentence);
                    case FilmCopies.Copied(List<Path> places) -> {
                        List<Edit> edits = new ArrayList<>();
                        for (int i = 0; i < there.size(); i++) {
                            edits.add(moved(there.get(i), places.get(i)));
                        }
                        took(edits, Texts.of("film.along.done", places.size(), folder));
                    }
                }
            };
        });
    }

    private Edit moved(Reel reel, Path to) {
        Reel after = reel.withFile(CampPaths.seenFrom(app.folder(), to), reel.seconds());
        know(after);
        return Edit.change(Place.REELS, reel, after);
    }

    private void took(List<Edit> edits, String said) {
        if (edits.isEmpty() || app.save(new Edit.Together(edits))) {
            app.say(said);
        }
    }

    /// Whether it is the open camp under another name.
    static boolean isTheCamp(CampSession app, Path file) {
        try {
            return Files.isSameFile(file, app.path());
        } catch (IOException _) {
            // What is not there is no camp either.
            return false;
        }
    }

    /// Asks for a folder, and looks there for what is missing.
    void findIn(Supplier<Optional<Path>> asked) {
        if (work.stop()) {
            return;
        }
        if (missing().isEmpty()) {
            app.say(Texts.of("film.find.none"));
        } else {
            asked.get().ifPresent(this::find);
        }
    }

    @Override
    public void close() {
        work.close();
    }
}
