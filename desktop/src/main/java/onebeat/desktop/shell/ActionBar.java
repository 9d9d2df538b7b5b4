package onebeat.desktop.shell;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.KeyPress;
import onebeat.desktop.command.OwnKeys;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// What can be done here and now, as buttons with their keys. What does not fit, and everything rarer, is in the menu
/// behind the last of them; nothing is ever cut off.
final class ActionBar extends HBox {

    /// More buttons than these nobody reads.
    private static final int MOST = 7;

    private final CommandMenus menus;
    private final Supplier<OwnKeys> own;
    private final Runnable done;
    private final Button more = new Button(Texts.of("bar.more"));
    private List<BoundCommand> all = List.of();
    private List<String> shown = List.of();

    /// @param done told after a button was pressed
    ActionBar(CommandMenus menus, Supplier<OwnKeys> own, Runnable done) {
        super(6);
        this.menus = menus;
        this.own = own;
        this.done = done;
        setId("action-bar");
        setAlignment(Pos.CENTER_LEFT);
        setMinWidth(0);
        getStyleClass().add("action-bar");
        more.setId("action-more");
        more.setFocusTraversable(false);
        more.setMinWidth(Region.USE_PREF_SIZE);
        more.getStyleClass().add("action");
        more.setOnAction(_ -> showMore());
    }

    /// Shows what can be done now.
    void show(List<BoundCommand> commands) {
        all = List.copyOf(commands);
        List<BoundCommand> wanted = wanted();
        List<String> now = wanted.stream()
                .map(c -> c.id()
                        + own.get().shown(c.command()).map(KeyPress::words).orElse(""))
                .toList();
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        List<Button> buttons = new ArrayList<>(wanted.stream().map(this::button).toList());
        buttons.add(more);
        getChildren().setAll(buttons);
    }

    /// The first few that can be done now; all answers to one question are one of them.
    private List<BoundCommand> wanted() {
        Set<String> ids = new HashSet<>();
        List<BoundCommand> wanted = new ArrayList<>();
        for (BoundCommand one : all) {
            if (one.command().onBar() && one.isPossible()) {
                boolean another = ids.contains(one.id());
                if (another ? !one.command().which().isEmpty() : ids.size() < MOST) {
                    ids.add(one.id());
                    wanted.add(one);
                }
            }
        }
        return wanted;
    }

    private Button button(BoundCommand command) {
        String which = command.command().which();
        Button button = new Button(which.isEmpty() ? command.command().name() : which);
        own.get().shown(command.command()).map(KeyPress::words).ifPresent(key -> {
            button.setGraphic(Nodes.key(key));
            button.setAccessibleText(Texts.of("bar.spoken", command.command().fullName(), key));
            if (key.equals(which)) {
                button.setText("");
            }
        });
        button.setId("action-" + command.id() + (which.isEmpty() ? "" : "-" + which));
        button.setFocusTraversable(false);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.getStyleClass().add("action");
        button.setTooltip(new Tooltip(command.command().help()));
        button.setOnAction(_ -> {
            command.run().run();
            done.run();
        });
        return button;
    }

    private void showMore() {
        menus.possible(all).show(more, Side.TOP, 0, 0);
    }

    /// Lays out as many buttons as there is room for, from the left; the last one always has room.
    @Override
    protected void layoutChildren() {
        double room = getWidth() - more.prefWidth(-1);
        double x = 0;
        boolean full = false;
        for (var child : getManagedChildren()) {
            double width = child.prefWidth(-1);
            boolean fits = child.equals(more) || (!full && x + width + getSpacing() <= room);
            full |= !fits;
            child.setVisible(fits);
            if (fits) {
                double height = child.prefHeight(-1);
                child.resizeRelocate(x, (getHeight() - height) / 2, width, height);
                x += width + getSpacing();
            }
        }
    }

    @Override
    protected double computePrefWidth(double height) {
        return getManagedChildren().stream()
                .mapToDouble(c -> c.prefWidth(-1) + getSpacing())
                .sum();
    }
}
