package onebeat.desktop.film;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.camp.Camp;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;
import org.jspecify.annotations.Nullable;

/// Draws Film: the screen with what plays, the time rope under it, the exchanges, and the pages beside it.
final class FilmView extends HBox {

    /// What words on the screen leave free beside them, in pixels.
    private static final double BESIDE_WORDS = 40;

    private static final double LEFT_SHARE = 0.55;

    private final Text reelName = Nodes.text("", "small");
    private final Text scene = Nodes.text("", "small");
    private final Text time = Nodes.text("", "narrow");
    private final Text playing = Nodes.text("", "small");
    private final Text cannot = Nodes.text("", "small", "screen-wrong");
    private final Button openFilm = new Button(Texts.of("film.open.button"));
    private final TimeRope axis;
    private final ExchangeRows rows;
    private final SeenLines seen;
    private @Nullable Listed listed;

    /// What the rows were drawn from.
    private record Listed(Optional<Reel> reel, List<Exchange> exchanges, FilmState state) {}

    /// What the player says of itself.
    ///
    /// @param words how it plays
    /// @param cannot why the film cannot be played; empty where it can
    /// @param marks what it may run between
    /// @param glance what is known of the film at a glance
    record Plays(String words, String cannot, Marks marks, FilmGlance glance) {}

    /// @param screen what plays
    /// @param seek goes to a time, in seconds
    /// @param dropped takes a file that was dropped here
    /// @param open asks for a film
    /// @param log logs one of the lines that were seen often, told its number from 1
    FilmView(Region screen, Region pages, DoubleConsumer seek, Consumer<Path> dropped, Runnable open, IntConsumer log) {
        super(14);
        axis = new TimeRope(seek);
        rows = new ExchangeRows(seek);
        seen = new SeenLines(log);
        openFilm.setOnAction(_ -> open.run());
        openFilm.setId("open-film");
        VBox left = new VBox(10, onScreen(screen), axis, rows, seen);
        left.prefWidthProperty().bind(widthProperty().multiply(LEFT_SHARE));
        left.maxWidthProperty().bind(left.prefWidthProperty());
        left.minWidthProperty().bind(left.prefWidthProperty());
        pages.setMinWidth(0);
        pages.setPrefWidth(0);
        HBox.setHgrow(pages, Priority.ALWAYS);
        getChildren().setAll(left, pages);
        setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.LINK);
            }
        });
        setOnDragDropped(e -> {
            if (e.getDragboard().hasFiles()) {
                dropped.accept(e.getDragboard().getFiles().getFirst().toPath());
                e.setDropCompleted(true);
            }
        });
    }

    private StackPane onScreen(Region what) {
        VBox clock = new VBox(2, time, playing);
        clock.setAlignment(Pos.TOP_RIGHT);
        HBox head = new HBox(new VBox(2, reelName, scene), Nodes.spring(), clock);
        head.setAlignment(Pos.TOP_LEFT);
        VBox over = new VBox(6, head, cannot);
        over.setMouseTransparent(true);
        over.getStyleClass().add("screen-words");
        StackPane screen = new StackPane(what, over, openFilm);
        screen.getStyleClass().add("screen");
        screen.setMinSize(0, 0);
        cannot.wrappingWidthProperty().bind(screen.widthProperty().subtract(BESIDE_WORDS));
        VBox.setVgrow(screen, Priority.ALWAYS);
        return screen;
    }

    void render(FilmState state, Camp camp, Plays plays) {
        String opponent = camp.card().opponent().name();
        openFilm.setVisible(state.reel(camp).isEmpty());
        reelName.setText(state.reel(camp)
                .map(r -> r.isOf(opponent) ? r.name() : Texts.of("film.other", r.name(), r.subject()))
                .orElse(Texts.of("film.empty")));
        time.setText(Texts.filmTime(state.timeS()));
        playing.setText(
                state.collected().isEmpty()
                        ? plays.words()
                        : Texts.of("film.collected", state.collected().size()) + " \u00b7 " + plays.words());
        cannot.setText(plays.cannot());
        Listed now = new Listed(state.reel(camp), state.exchanges(camp), state);
        if (listed == null || !sameRows(listed, now)) {
            showExchanges(state, camp, now.exchanges);
        }
        listed = now;
        axis.glance(plays.glance());
        axis.time(state.timeS(), plays.marks());
    }

    private static boolean sameRows(Listed before, Listed now) {
        return before.exchanges.equals(now.exchanges)
                && before.reel.equals(now.reel)
                && before.state.chosen().equals(now.state.chosen())
                && before.state.awaits().equals(now.state.awaits());
    }

    private void showExchanges(FilmState state, Camp camp, List<Exchange> exchanges) {
        state.reel(camp).ifPresent(r -> axis.show(r, exchanges, state.chosen()));
        seen.show(state.reel(camp).isEmpty() ? List.of() : state.offered(camp));
        String athlete = camp.card().athlete().name();
        String studied = state.reel(camp)
                .map(r -> new DrawnReel(camp, r).studied().name())
                .orElse("");
        scene.setText(state.exchange(camp)
                .map(e -> Texts.of(
                                "film.scene",
                                athlete,
                                Texts.of("stance." + e.athleteStance()),
                                studied,
                                Texts.of("stance." + e.partnerStance()),
                                e.range()
                                        .map(r -> Texts.of("band." + r.name().toLowerCase(Locale.ROOT)))
                                        .orElse(Texts.of("film.norange")))
                        + e.contactS()
                                .map(lands -> " \u00b7 "
                                        + Texts.of("film.lands", Texts.filmTime(e.timeS()), Texts.filmTime(lands)))
                                .orElse(""))
                .orElse(""));
        rows.show(new ExchangeRows.Shown(exchanges, state.chosen(), state.awaits(), athlete, studied));
    }
}
