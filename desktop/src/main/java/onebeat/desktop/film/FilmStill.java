package onebeat.desktop.film;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import onebeat.core.camp.Camp;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.review.Review;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.FilesOut;
import onebeat.desktop.app.StoppableWork;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.nodes.Pictures;
import onebeat.desktop.rope.RopeView;
import onebeat.desktop.text.Texts;
import onebeat.formats.PlainName;
import onebeat.formats.out.OutFiles;
import onebeat.media.FilmFile;
import onebeat.media.FilmOpening;
import onebeat.media.FilmPicture;
import onebeat.media.FrameReader;

/// Writes the picture at which an exchange lands, with its line as a rope under it: a still for the athlete's card.
final class FilmStill implements AutoCloseable {

    private static final int WIDE = 1280;
    private static final int PICTURE_HIGH = 720;
    private static final double ROPE_HIGH = 280;

    /// Drawn reels stand for a film of this shape.
    private static final double DRAWN_HIGH = 600;

    private final CampSession app;
    private final StoppableWork work;

    FilmStill(CampSession app) {
        this.app = app;
        this.work = new StoppableWork("still", app::warn);
    }

    void write(Exchange exchange) {
        Optional<Reel> reel = app.camp().reels().get(exchange.reelId());
        if (reel.isEmpty() || work.stop()) {
            return;
        }
        Path film = app.folder().resolve(reel.get().file());
        if (reel.get().isDrawn() || !Files.isRegularFile(film)) {
            write(exchange, reel.get(), drawn(exchange, reel.get()));
            return;
        }
        work.begin(_ -> {}, _ -> {
            Optional<FilmPicture> picture = picture(film, exchange.momentS());
            return () -> picture.ifPresentOrElse(
                    p -> write(exchange, reel.get(), shown(GlanceWorker.image(p))),
                    () -> app.warn(Texts.of("film.still.none")));
        });
    }

    private static Optional<FilmPicture> picture(Path film, double atS) {
        if (!(FilmFile.open(film) instanceof FilmOpening.Opened opened)) {
            return Optional.empty();
        }
        Optional<FrameReader> frames = opened.file().frames(0);
        if (frames.isEmpty()) {
            return Optional.empty();
        }
        try (FrameReader reader = frames.get()) {
            return reader.picture(opened.file().times().frameAt(atS), WIDE, PICTURE_HIGH);
        }
    }

    private static Node shown(Image image) {
        return new ImageView(image);
    }

    private Node drawn(Exchange exchange, Reel reel) {
        DrawnPlayer player = new DrawnPlayer(new DrawnReel(app.camp(), reel), exchange.momentS(), () -> {});
        Region figures = player.view();
        figures.setMinSize(WIDE, DRAWN_HIGH);
        figures.setPrefSize(WIDE, DRAWN_HIGH);
        return figures;
    }

    private void write(Exchange exchange, Reel reel, Node picture) {
        VBox screen = new VBox(picture);
        screen.getStyleClass().addAll("screen", "still-screen");
        List<String> words = FilmCut.words(app.camp(), app.wordsOnFilm(), exchange);
        VBox told = new VBox(
                4,
                Nodes.flow(Nodes.text(words.getFirst(), "title")),
                Nodes.flow(Nodes.text(String.join(" \u00b7 ", words.subList(1, words.size())), "soft")),
                rope(exchange));
        told.getStyleClass().add("paper");
        VBox page = new VBox(screen, told);
        page.setPrefWidth(WIDE);
        page.setMaxWidth(WIDE);
        Scene scene = new Scene(page, WIDE, -1);
        Nodes.dress(scene);
        // What is drawn once its size is known has no colours before the second time.
        page.applyCss();
        page.layout();
        Image still = Pictures.of(scene);
        String name = PlainName.of(reel.name() + " " + Texts.filmTime(exchange.timeS()));
        FilesOut.beside(app, app.folder().resolve(Texts.of("film.out.folder")), (folder, names) -> {
            Path written = FilesOut.files()
                    .write(folder.resolve(name + ".png"), out -> Pictures.png(still, out), OutFiles.Taken.NUMBER);
            return Texts.of("film.still.done", written.getFileName(), folder.getFileName());
        });
    }

    /// The line as it was seen, from the stances it was seen in.
    private Node rope(Exchange exchange) {
        RopeView rope = new RopeView();
        rope.withoutScrub();
        rope.setMinHeight(ROPE_HIGH);
        rope.setPrefHeight(ROPE_HIGH);
        Camp camp = app.camp();
        app.camp().reels().get(exchange.reelId()).ifPresent(reel -> {
            var setting = new DrawnReel(camp, reel).setting(exchange);
            if (Notation.read(exchange.line(), camp.vocabulary()) instanceof Read read) {
                Review review = Review.withoutMends(read, camp.againstOpponent().with(setting));
                rope.show(new RopeView.Picture(
                        review, 0, setting.athlete().name(), setting.partner().name(), false));
            }
        });
        return rope;
    }

    @Override
    public void close() {
        work.close();
    }
}
