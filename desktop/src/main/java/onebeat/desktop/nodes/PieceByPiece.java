package onebeat.desktop.nodes;

import java.util.List;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.util.Duration;

/// Lays out a long sheet piece by piece: its beginning is there at once, and what follows never holds the interface
/// up for long.
public final class PieceByPiece {

    private static final Duration BETWEEN = Duration.millis(50);

    private PieceByPiece() {}

    /// Lays these, one after the other, beginning soon.
    public static void lay(List<Runnable> pieces) {
        Timeline timeline = new Timeline();
        for (int i = 0; i < pieces.size(); i++) {
            Runnable piece = pieces.get(i);
            timeline.getKeyFrames().add(new KeyFrame(BETWEEN.multiply(i + 1), _ -> piece.run()));
        }
        timeline.play();
    }
}
