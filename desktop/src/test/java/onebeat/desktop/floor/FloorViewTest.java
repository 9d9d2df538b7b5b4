package onebeat.desktop.floor;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.Parent;
import onebeat.desktop.Driver;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// The floor draws when there is something else to see, and not for each frame of its clock.
class FloorViewTest {

    private FloorView view;

    @BeforeEach
    void toolkit() throws InterruptedException {
        Driver.startToolkit();
        view = Driver.onFx(FloorView::new);
    }

    private static FloorPicture at(String clock, double used) {
        return new FloorPicture(
                "Round 1 of 4", "", clock, false, used, 1, List.of(), 4, 2, "", "", "", "", "", "", "", List.of());
    }

    private List<Node> after(FloorPicture picture, String told) {
        return Driver.onFx(() -> {
            view.show(picture, told);
            return List.copyOf(((Parent) view.getChildrenUnmodifiable().getFirst()).getChildrenUnmodifiable());
        });
    }

    @Test
    void theSameAgainDrawsNothing() {
        List<Node> first = after(at("2:31", 0.5), "");
        assertThat(after(at("2:31", 0.5), "")).isEqualTo(first);
        assertThat(after(at("2:31", 0.5001), ""))
                .as("a tenth of a pixel of rope")
                .isEqualTo(first);
    }

    @Test
    void whatCanBeSeenIsDrawn() {
        List<Node> first = after(at("2:31", 0.5), "");
        List<Node> later = after(at("2:30", 0.5), "");
        assertThat(later).isNotEqualTo(first);
        List<Node> further = after(at("2:30", 0.502), "");
        assertThat(further).as("two pixels of rope").isNotEqualTo(later);
        assertThat(after(at("2:30", 0.502), "Taken")).isNotEqualTo(further);
    }
}
