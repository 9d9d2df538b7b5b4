package onebeat.desktop.shell;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.PauseTransition;
import javafx.beans.binding.Bindings;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import onebeat.core.camp.Camp;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.PartnerWords;
import onebeat.desktop.app.Station;
import onebeat.desktop.app.StationName;
import onebeat.desktop.callline.CallLine;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.OwnKeys;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.shell.SearchResults.Result;
import onebeat.desktop.welcome.WalkBar;
import onebeat.desktop.welcome.WalkStep;

/// What the window is built of, round the station that is on.
final class ShellView {

    /// What is said has so much room beside the buttons, in pixels; what is longer is read whole under the mouse.
    private static final double LEAST_SAID = 320;

    private static final double MOST_SAID = 560;
    private static final double TWO_LINES = 58;

    private static final Duration SAID_FOR = Duration.seconds(12);
    private static final Insets SIDES = new Insets(0, 16, 0, 16);

    private static final Insets FOOT = new Insets(10, 16, 6, 96);
    private static final Insets FLOOR_FOOT = new Insets(4, 16, 6, 16);

    private final CampSession app;
    private final CallLine callLine;
    private final BorderPane root = new BorderPane();
    private final CampBand band;
    private final StationRope path;
    private final StackPane middle = new StackPane();
    private final Preview preview = new Preview();
    private final SearchPanel search;
    private final ActionBar bar;
    private final Label notice = Nodes.label("footer");
    private final Tooltip whole = new Tooltip();
    private final WalkBar walk;
    private final VBox foot;
    private final PauseTransition saidLong = new PauseTransition(SAID_FOR);

    /// What the window's own parts set off.
    ///
    /// @param menu opens the menu at the program's name
    /// @param card opens the camp's card
    /// @param found takes what was found for a search
    /// @param done told after a button was pressed
    record Hands(
            Consumer<StationName> go,
            Runnable menu,
            Runnable card,
            Consumer<Result> found,
            Supplier<OwnKeys> own,
            Runnable done,
            Supplier<Optional<Path>> beside,
            Supplier<WalkStep.Scene> scene) {}

    ShellView(CampSession app, CallLine callLine, Hands hands) {
        this.app = app;
        this.callLine = callLine;
        band = new CampBand(
                app.camp(),
                app.today(),
                PartnerWords.tonight(app.camp()),
                hands.menu(),
                hands.card(),
                () -> hands.go().accept(StationName.WEEKS));
        path = new StationRope(hands.go());
        search = new SearchPanel(hands.found());
        bar = new ActionBar(new CommandMenus(hands.own()), hands.own(), hands.done());
        HBox.setHgrow(bar, Priority.ALWAYS);
        HBox footer = Nodes.beside(14, bar, notice);
        footer.setMinHeight(32);
        notice.setMaxWidth(MOST_SAID);
        notice.setWrapText(true);
        notice.setMaxHeight(TWO_LINES);
        notice.setTooltip(whole);
        notice.minWidthProperty()
                .bind(Bindings.createDoubleBinding(
                        () -> notice.getText().isEmpty() ? 0.0 : LEAST_SAID, notice.textProperty()));
        walk = new WalkBar(hands.scene(), hands.go());
        foot = new VBox(6, walk, callLine, footer);
        foot.setPadding(FOOT);
        StackPane.setAlignment(preview, Pos.BOTTOM_CENTER);
        StackPane.setAlignment(search, Pos.BOTTOM_CENTER);
        middle.setPadding(SIDES);
        middle.setMinSize(0, 0);
        root.setTop(new VBox(new UnsavedBar(app, hands.beside()), band));
        root.setLeft(path);
        root.setCenter(middle);
        root.setBottom(foot);
        listen();
    }

    private void listen() {
        app.noticeProperty().addListener((_, _, now) -> {
            notice.setText(now.text());
            whole.setText(now.text());
            notice.getStyleClass().setAll("label", now.wrong() ? "footer-wrong" : "footer");
            if (now.wrong() || now.text().isEmpty()) {
                saidLong.stop();
            } else {
                saidLong.playFromStart();
            }
        });
        saidLong.setOnFinished(_ -> app.say(""));
    }

    Parent root() {
        return root;
    }

    WalkBar walk() {
        return walk;
    }

    Node middle() {
        return middle;
    }

    /// The program's name, at which its menu hangs.
    Node brand() {
        return band.brand();
    }

    void showCamp(Camp now) {
        band.show(now, app.today(), PartnerWords.tonight(app.camp()));
    }

    /// Shows a station. The floor has the window for itself.
    void show(Station station) {
        boolean desk = station.name() != StationName.FLOOR;
        band.setVisible(desk);
        band.setManaged(desk);
        path.setVisible(desk);
        path.setManaged(desk);
        showFoot(desk);
        foot.setPadding(desk ? FOOT : FLOOR_FOOT);
        foot.getStyleClass().setAll(desk ? "foot" : "floor-bar");
        middle.setPadding(desk ? SIDES : Insets.EMPTY);
        preview.hide();
        search.hide();
        middle.getChildren().setAll(station.view(), preview, search);
        path.here(station.name());
    }

    void showFoot(boolean visible) {
        callLine.setVisible(visible);
        callLine.setManaged(visible);
    }

    void bar(List<BoundCommand> commands) {
        bar.show(commands);
    }

    void lay(Region form) {
        ScrollPane scroll = new ScrollPane(new StackPane(form));
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.getStyleClass().add("form-scroll");
        form.getProperties().put(ShellView.class, scroll);
        middle.getChildren().add(scroll);
        // Fields take letters only once they have their skin: the first ones typed must not be lost.
        scroll.applyCss();
        scroll.layout();
        form.applyCss();
    }

    void takeAway(Region form) {
        if (form.getProperties().get(ShellView.class) instanceof Node scroll) {
            middle.getChildren().remove(scroll);
        }
    }

    void found(List<Result> results) {
        preview.hide();
        search.show(results);
    }

    void hideFound() {
        search.hide();
    }

    Optional<Result> chosenFound() {
        return search.chosen();
    }

    boolean chooseFound(int step) {
        if (search.isOpen()) {
            search.choose(step);
        }
        return search.isOpen();
    }

    /// What is being typed is drawn over the station.
    void preview(Seen seen, boolean wanted) {
        if (wanted && !seen.text().isBlank()) {
            preview.show(seen);
        } else {
            preview.hide();
        }
    }

    void hidePreview() {
        preview.hide();
    }

    void leaveLine(boolean footStays) {
        preview.hide();
        search.hide();
        showFoot(footStays);
    }
}
