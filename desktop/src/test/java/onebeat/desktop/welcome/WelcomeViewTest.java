package onebeat.desktop.welcome;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import onebeat.desktop.Driver;
import onebeat.desktop.nodes.Nodes;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mockito.Mockito;

class WelcomeViewTest {

    @BeforeAll
    static void toolkit() throws InterruptedException {
        Driver.startToolkit();
    }

    /// On a first start the page is made before there is a window, after a camp that cannot be opened on one that is
    /// shown already.
    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void itsFirstButtonHasTheKeyboardWhetherTheWindowIsShownOrNot(boolean shown) {
        String focused = Driver.onFx(() -> {
            Stage stage = new Stage();
            Scene scene = new Scene(new VBox(), 1280, 800);
            Nodes.dress(scene);
            stage.setScene(scene);
            if (shown) {
                stage.show();
            }
            WelcomeView view =
                    new WelcomeView("", List.of(Path.of("a.onebeat")), Mockito.mock(WelcomeView.Deeds.class));
            scene.setRoot(view);
            view.begin();
            stage.show();
            Node owner = scene.getFocusOwner();
            stage.hide();
            return owner == null ? "nothing" : owner.getId();
        });
        assertThat(focused).isEqualTo("welcome.demo");
    }
}
