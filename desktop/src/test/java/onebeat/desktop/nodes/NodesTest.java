package onebeat.desktop.nodes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import onebeat.desktop.Driver;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

class NodesTest {

    @BeforeAll
    static void toolkit() throws InterruptedException {
        Driver.startToolkit();
    }

    private static <T> T onFx(Supplier<T> what) throws Exception {
        CompletableFuture<T> done = new CompletableFuture<>();
        Platform.runLater(() -> done.complete(what.get()));
        return done.get(20, TimeUnit.SECONDS);
    }

    /// A field whose words were typed, and which has lost the keyboard and got it back.
    private static TextField leftAndComeBackTo(boolean goesOn) throws Exception {
        TextField field = new TextField("1 2");
        Button other = new Button("other");
        if (goesOn) {
            Nodes.goesOn(field);
        }
        Stage stage = onFx(() -> {
            Stage shown = new Stage();
            shown.setScene(new Scene(new VBox(other, field)));
            shown.show();
            other.requestFocus();
            return shown;
        });
        onFx(() -> {
            field.requestFocus();
            return true;
        });
        onFx(() -> {
            stage.hide();
            return true;
        });
        return field;
    }

    @Test
    void aFieldThatGetsTheKeyboardBackGoesOnWhereItWas() throws Exception {
        assertThat(leftAndComeBackTo(false).getSelectedText())
                .as("what the toolkit does by itself")
                .isEqualTo("1 2");
        TextField field = leftAndComeBackTo(true);
        assertThat(field.getSelectedText()).isEmpty();
        assertThat(field.getCaretPosition()).isEqualTo(3);
    }

    @Test
    void enterInAFieldPressesTheMainButtonOfItsForm() throws Exception {
        AtomicInteger pressed = new AtomicInteger();
        TextField field = new TextField("Saltlight");
        Stage stage = onFx(() -> {
            Stage shown = new Stage();
            shown.setScene(new Scene(
                    new VBox(field, new Button("other"), Nodes.mainButton("Keep", pressed::incrementAndGet))));
            shown.show();
            field.requestFocus();
            return shown;
        });
        onFx(() -> {
            KeyEvent enter = new KeyEvent(KeyEvent.KEY_PRESSED, "\r", "", KeyCode.ENTER, false, false, false, false);
            Event.fireEvent(field, enter);
            stage.hide();
            return true;
        });
        assertThat(pressed).hasValue(1);
        assertThat(field.getText()).isEqualTo("Saltlight");
    }

    @Test
    void allScenesWithLargerLettersHaveTheVerySameStylesheet() throws Exception {
        List<String> sheets = onFx(() -> Stream.of(150, 150, 200)
                .map(percent -> {
                    Scene scene = new Scene(new VBox());
                    Nodes.dress(scene, percent);
                    return scene.getStylesheets().getFirst();
                })
                .toList());
        assertThat(sheets.get(1)).isSameAs(sheets.get(0));
        assertThat(sheets.get(2)).isNotEqualTo(sheets.get(0));
    }
}
