package onebeat.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.HBox;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.Group;
import onebeat.desktop.command.KeyPress;
import onebeat.desktop.command.OwnKeys;
import onebeat.desktop.nodes.Nodes;

/// Menus made of commands.
final class CommandMenus {

    private static final double WIDTH = 290;

    private final Supplier<OwnKeys> own;

    CommandMenus(Supplier<OwnKeys> own) {
        this.own = own;
    }

    /// What can be done now, kind by kind.
    ContextMenu possible(List<BoundCommand> commands) {
        ContextMenu menu = new ContextMenu();
        menu.setId("command-menu");
        menu.getItems().setAll(items(commands));
        return menu;
    }

    /// The items of commands that can be done now, with a line between two kinds.
    List<MenuItem> items(List<BoundCommand> commands) {
        List<MenuItem> items = new ArrayList<>();
        for (Group group : Group.values()) {
            List<BoundCommand> some = commands.stream()
                    .filter(c -> c.command().group() == group && c.isPossible())
                    .toList();
            if (!some.isEmpty() && !items.isEmpty()) {
                items.add(new SeparatorMenuItem());
            }
            some.forEach(c -> items.add(item(c)));
        }
        return items;
    }

    /// One command: its name, and its key at the right.
    MenuItem item(BoundCommand command) {
        String key = own.get().shown(command.command()).map(KeyPress::words).orElse("");
        MenuItem item = new MenuItem("", row(command.command().fullName(), key));
        item.setId(command.id());
        item.setDisable(!command.isPossible());
        // The menu closes first: it would stand beside a file dialog until that is answered.
        item.setOnAction(_ -> Platform.runLater(command.run()));
        return item;
    }

    /// A menu in a menu, in line with the commands about it.
    static Menu within(String name) {
        return new Menu("", row(name, ""));
    }

    private static HBox row(String name, String key) {
        HBox row = new HBox(18, new Label(name), Nodes.spring());
        row.setMinWidth(WIDTH);
        if (!key.isEmpty()) {
            Label shown = new Label(key);
            shown.getStyleClass().add("menu-key");
            row.getChildren().add(shown);
        }
        return row;
    }
}
