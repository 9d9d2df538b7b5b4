package onebeat.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javafx.event.Event;
import javafx.scene.Scene;
import javafx.scene.control.ContextMenu;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import onebeat.desktop.Driver;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.OwnKeys;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

class CommandMenusTest {

    @BeforeAll
    static void toolkit() throws InterruptedException {
        Driver.startToolkit();
    }

    @Test
    void aMenuIsClosedBeforeItsCommandRuns() throws Exception {
        CompletableFuture<Boolean> shownWhileItRan = new CompletableFuture<>();
        Stage stage = Driver.onFx(() -> {
            Stage shown = new Stage();
            shown.setScene(new Scene(new VBox(), 400, 300));
            shown.show();
            ContextMenu menu = new ContextMenu();
            BoundCommand command = new BoundCommand(
                    ProgramCommands.TABLE.getFirst(), () -> true, () -> shownWhileItRan.complete(menu.isShowing()));
            menu.getItems().setAll(new CommandMenus(() -> OwnKeys.NONE).items(List.of(command)));
            menu.show(shown.getScene().getRoot(), 10, 10);
            key(menu, KeyCode.DOWN);
            key(menu, KeyCode.ENTER);
            return shown;
        });
        assertThat(shownWhileItRan.get(20, TimeUnit.SECONDS)).isFalse();
        Driver.onFx(() -> {
            stage.hide();
            return true;
        });
    }

    private static void key(ContextMenu menu, KeyCode code) {
        Event.fireEvent(
                menu.getSkin().getNode(), new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, false, false));
    }
}
