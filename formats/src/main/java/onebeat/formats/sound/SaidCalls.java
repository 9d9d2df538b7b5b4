package onebeat.formats.sound;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.play.Placed;
import onebeat.core.play.Who;
import onebeat.core.rounds.Calls;
import onebeat.core.rounds.Part.Turned;
import onebeat.core.timing.Reaction;

/// What is said before a repetition: what was drawn for it; where nothing was, its actions in order if that
/// fits into
/// the gap, or else its first.
public final class SaidCalls implements Calls {

    private final Voice voice;

    public SaidCalls(Voice voice) {
        this.voice = voice;
    }

    /// The words of a repetition's call, as names of clips.
    ///
    /// @param roomMs milliseconds that the gap before it leaves
    public List<String> words(Turned turn, double roomMs) {
        if (!turn.said().isEmpty()) {
            return turn.said();
        }
        List<String> all = new ArrayList<>();
        for (Placed placed : turn.way().way().actions()) {
            if (placed.who() == Who.ATHLETE && placed.act().isStrike()) {
                all.add(placed.technique().key());
            }
        }
        if (all.isEmpty() || before(all) <= roomMs) {
            return all;
        }
        return List.of(all.getFirst());
    }

    @Override
    public double beforeMs(Turned turn, double roomMs) {
        List<String> words = words(turn, roomMs);
        return words.isEmpty() ? 0 : before(words);
    }

    private double before(List<String> words) {
        return voice.lengthMs(words) + Reaction.HEARD_MS;
    }
}
