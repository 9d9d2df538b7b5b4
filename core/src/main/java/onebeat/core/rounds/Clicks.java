package onebeat.core.rounds;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import onebeat.core.play.Beat;
import onebeat.core.play.Placed;
import onebeat.core.play.Way;

/// The clicks of a repetition: one for each beat, told apart by how they sound, and one for each half beat on
/// which something happens.
public final class Clicks {

    /// What the text of a click says of a half beat.
    public static final String HALF = "half";

    /// What the text of a click says of a beat that the line leaves empty.
    public static final String PAUSE = "pause";

    private Clicks() {}

    /// One click.
    ///
    /// @param text empty on a beat, [#HALF] or [#PAUSE]
    record Click(Beat beat, String text) {}

    /// The clicks of a way by time.
    static List<Click> of(Way way) {
        TreeSet<Beat> beats = new TreeSet<>();
        for (int b = 0; b < way.beats(); b++) {
            beats.add(Beat.whole(b));
        }
        TreeSet<Beat> used = new TreeSet<>();
        for (Placed placed : way.actions()) {
            for (int count = 0; count < placed.countsNeeded(); count++) {
                used.add(placed.beat().plusHalves(-2 * count));
            }
            beats.add(placed.beat());
        }
        List<Click> clicks = new ArrayList<>();
        for (Beat beat : beats) {
            boolean half = beat.halves() % 2 != 0;
            clicks.add(new Click(beat, half ? HALF : used.contains(beat) ? "" : PAUSE));
        }
        return clicks;
    }
}
