package onebeat.desktop.nodes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import onebeat.desktop.Driver;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class PieceByPieceTest {

    private final List<String> done = new ArrayList<>();
    private PieceByPiece laid;

    @BeforeEach
    void lay() throws InterruptedException {
        Driver.startToolkit();
        // Frames are given by hand here.
        laid = Driver.onFx(() -> {
            PieceByPiece one = PieceByPiece.lay(List.of(() -> done.add("a"), () -> done.add("b")));
            one.stop();
            return one;
        });
    }

    private void frame() {
        Driver.onFx(() -> {
            laid.handle(0);
            return true;
        });
    }

    @Test
    void theFirstFrameIsLeftToWhatIsThereAlready() {
        frame();
        assertThat(done).isEmpty();
    }

    @Test
    void aLateFrameBringsOnePieceNotAllThatAreDue() {
        frame();
        frame();
        assertThat(done).containsExactly("a");
        frame();
        assertThat(done).containsExactly("a", "b");
        frame();
        assertThat(done).as("nothing is laid twice").containsExactly("a", "b");
    }
}
