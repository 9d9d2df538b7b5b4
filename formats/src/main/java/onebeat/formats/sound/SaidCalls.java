package onebeat.formats.sound;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.exchange.Level;
import onebeat.core.play.Placed;
import onebeat.core.play.Who;
import onebeat.core.rounds.Calls;
import onebeat.core.rounds.Part.Turned;
import onebeat.core.timing.Reaction;

/// What is said before a repetition: what was drawn for it; where nothing was, its actions in order if that
/// fits into
/// the gap, or else its first.
public final class SaidCalls implements Calls {

    /// How strikes are called: by their gym numbers, or by name. What has no number is called by name. Own
    /// words are own
    /// recordings under the names.
    public enum Scheme {
        NAMES,
        NUMBERS
    }

    /// Times of a schedule are whole milliseconds.
    private static final double ROUNDING_MS = 1;

    private final Voice voice;
    private final Scheme scheme;

    /// Calls by name.
    public SaidCalls(Voice voice) {
        this(voice, Scheme.NAMES);
    }

    public SaidCalls(Voice voice, Scheme scheme) {
        this.voice = voice;
        this.scheme = scheme;
    }

    /// The words of a repetition's call, as names of clips.
    ///
    /// @param roomMs milliseconds that there are before its first beat
    public List<String> words(Turned turn, double roomMs) {
        if (!turn.said().isEmpty()) {
            return turn.said();
        }
        List<String> all = new ArrayList<>();
        for (Placed placed : turn.way().way().actions()) {
            if (placed.who() == Who.ATHLETE && placed.act().isStrike()) {
                all.addAll(words(placed));
            }
        }
        if (all.isEmpty() || before(all) <= roomMs + ROUNDING_MS) {
            return all;
        }
        return all.subList(0, 1);
    }

    /// A strike's number or name, and `body` where its number alone would mean the head.
    private List<String> words(Placed placed) {
        String code = placed.technique().code();
        boolean numbered = scheme == Scheme.NUMBERS && code.matches("[1-6]");
        List<String> words = new ArrayList<>();
        words.add(numbered ? "number-" + code : placed.technique().key());
        if (placed.act().level() == Level.BODY && placed.technique().usualLevel() == Level.HEAD) {
            words.add("body");
        }
        return words;
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
