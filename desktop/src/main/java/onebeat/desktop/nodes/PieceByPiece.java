package onebeat.desktop.nodes;

import java.util.Iterator;
import java.util.List;
import javafx.animation.AnimationTimer;

/// Lays out a long sheet piece by piece, one for each frame: its beginning is there at once, and what follows never
/// holds the interface up for long, however slow the machine is.
public final class PieceByPiece extends AnimationTimer {

    private final Iterator<Runnable> pieces;
    private boolean begun;

    private PieceByPiece(List<Runnable> pieces) {
        this.pieces = List.copyOf(pieces).iterator();
    }

    /// Lays these, one after the other, from the frame on that comes after the next. It can be stopped.
    public static PieceByPiece lay(List<Runnable> pieces) {
        PieceByPiece laid = new PieceByPiece(pieces);
        laid.start();
        return laid;
    }

    @Override
    public void handle(long now) {
        if (!begun) {
            // This frame is the one that lays out the beginning.
            begun = true;
        } else if (pieces.hasNext()) {
            pieces.next().run();
        } else {
            stop();
        }
    }
}
