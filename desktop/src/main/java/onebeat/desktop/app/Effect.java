package onebeat.desktop.app;

import java.util.List;
import java.util.Optional;
import onebeat.core.camp.Edit;

/// What an update asks of the world. Updates themselves touch nothing.
public sealed interface Effect {

    /// Saves a change of the camp.
    ///
    /// @param then done only where it was taken
    record Save(Edit edit, List<Effect> then) implements Effect {

        public Save {
            then = List.copyOf(then);
        }

        public static Save of(Edit edit, Effect... then) {
            return new Save(edit, List.of(then));
        }
    }

    /// Says something at the foot of the screen.
    record Say(String words) implements Effect {}

    /// Says that something cannot be.
    record Warn(String words) implements Effect {}

    /// Leads to another station.
    record Go(StationName station) implements Effect {}

    /// Puts a line into the call line, as the station's own.
    record PutLine(String line) implements Effect {}

    /// Puts a line into the call line, and the coach goes on typing in it.
    record Write(String line) implements Effect {}

    /// Lays a drill on the bench; nothing clears it.
    record Lay(Optional<String> drill) implements Effect {}

    /// Puts a reel on.
    record PutOn(Optional<String> reel) implements Effect {}

    /// What only the station itself can do: open a form of its own, print, play, ask in the background.
    non-sealed interface OfStation extends Effect {}
}
