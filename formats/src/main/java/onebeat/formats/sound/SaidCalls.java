package onebeat.formats.sound;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import onebeat.core.exchange.Level;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Beat;
import onebeat.core.play.OwnName;
import onebeat.core.play.Placed;
import onebeat.core.play.Who;
import onebeat.core.rounds.Calls;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Part.Turned;
import onebeat.core.rounds.Schedule;
import onebeat.core.timing.Reaction;

/// What is said of a repetition: before it what was drawn for it; where nothing was, its strikes in order if
/// that fits into the gap; or else its first, and then each strike in time for its beat where the tempo leaves
/// room for the words.
public final class SaidCalls implements Calls {

    /// How strikes are called: by their gym numbers, or by name. What has no number is called by name. Own
    /// words are own recordings, of techniques and of own lines.
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

    /// Whether anything is ever called by this clip: a word that ships, or the name of an own line.
    public static boolean canSay(String clip, Vocabulary vocabulary) {
        return Voice.ships(clip)
                || vocabulary.ownNames().stream()
                        .anyMatch(name -> Voice.clip(name).equals(clip));
    }

    /// The words of a repetition's call, as names of clips.
    ///
    /// @param roomMs milliseconds that there are before its first beat
    public List<String> words(Turned turn, double roomMs) {
        if (!turn.said().isEmpty()) {
            return turn.said();
        }
        NavigableMap<Beat, Said> beats = beats(turn);
        List<String> all = all(beats);
        if (all.isEmpty() || before(all) <= roomMs + ROUNDING_MS) {
            return all;
        }
        return beats.firstEntry().getValue().words;
    }

    /// The words of a call of a schedule: of a repetition, or of a strike within one.
    public List<String> words(Schedule schedule, Event call) {
        Turned turn = schedule.rounds().get(call.round()).part().turn(call.repetition());
        return call.opensRepetition()
                ? words(turn, schedule.roomMs(call))
                : beats(turn).entrySet().stream()
                        .filter(e -> e.getKey().inBeats() == call.beat())
                        .map(e -> e.getValue().words)
                        .findFirst()
                        .orElse(List.of());
    }

    /// A call for each strike is given where each can be said between the call before and its own, the first
    /// of the next repetition too, even when that follows without a gap.
    @Override
    public List<Call> within(Turned turn, double roomMs, double beatMs) {
        NavigableMap<Beat, Said> beats = beats(turn);
        if (!turn.said().isEmpty()
                || beats.size() < 2
                || words(turn, roomMs).size() == all(beats).size()) {
            return List.of();
        }
        List<Call> calls = new ArrayList<>();
        Beat before = beats.firstKey();
        for (Map.Entry<Beat, Said> entry : beats.tailMap(before, false).entrySet()) {
            double saidMs = voice.lengthMs(entry.getValue().words);
            if (saidMs > entry.getKey().since(before) * beatMs) {
                return List.of();
            }
            before = entry.getKey();
            calls.add(new Call(before, saidMs + Reaction.HEARD_MS, entry.getValue().text));
        }
        double untilNext = turn.way().way().beats() - before.inBeats();
        return voice.lengthMs(beats.firstEntry().getValue().words) > untilNext * beatMs ? List.of() : calls;
    }

    /// What is said of a beat.
    ///
    /// @param words as names of clips
    /// @param text as it is written in a line
    private record Said(List<String> words, String text) {

        Said plus(Said other) {
            return new Said(Stream.concat(words.stream(), other.words.stream()).toList(), text + "+" + other.text);
        }
    }

    /// The athlete's strikes of each beat; of a coach's own line that is recorded only its name, on the
    /// beat of its first strike.
    private NavigableMap<Beat, Said> beats(Turned turn) {
        NavigableMap<Beat, Said> beats = new TreeMap<>();
        Set<OwnName> called = new HashSet<>();
        for (Placed placed : turn.way().way().actions()) {
            if (placed.who() != Who.ATHLETE || !placed.act().isStrike()) {
                continue;
            }
            Optional<OwnName> own = placed.own().filter(name -> voice.hasOwn(Voice.clip(name.name())));
            if (own.isEmpty()) {
                beats.merge(placed.beat(), new Said(words(placed), Notation.print(placed.act())), Said::plus);
            } else if (called.add(own.get())) {
                Said said = new Said(
                        List.of(Voice.clip(own.get().name())), '"' + own.get().name() + '"');
                beats.merge(placed.beat(), said, Said::plus);
            }
        }
        return beats;
    }

    private static List<String> all(NavigableMap<Beat, Said> beats) {
        return beats.values().stream().flatMap(s -> s.words.stream()).toList();
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
