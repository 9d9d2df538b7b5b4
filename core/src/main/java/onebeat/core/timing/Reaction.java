package onebeat.core.timing;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import onebeat.core.exchange.Constants;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Path;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Choice;
import onebeat.core.notation.Item;
import onebeat.core.notation.Line;
import onebeat.core.notation.Named;
import onebeat.core.notation.Reads;
import onebeat.core.notation.Repeat;
import onebeat.core.notation.Span;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// How much time there is to see a fed strike and answer it.
///
/// The feeder shows it for as long as the ladder step says and then throws it; the athlete needs a
/// reaction, longer the more cues there are to tell apart (Hick 1952; Hyman 1953: reaction time grows by a
/// constant for each bit), and the motion of their own answer.
public final class Reaction {

    private static final Constants TABLE = Constants.of(Reaction.class, "reaction.csv", "constant");

    /// Simple reaction to something heard, in milliseconds.
    public static final double HEARD_MS = TABLE.get("heard_ms");

    private Reaction() {}

    /// Reaction time in milliseconds with so many equally likely cues: `a + b log2 n` (Hyman 1953).
    ///
    /// @param choices from 1
    public static double ms(int choices) {
        double bits = StrictMath.log(Math.max(1, choices)) / StrictMath.log(2);
        return TABLE.get("simple_ms") + TABLE.get("per_bit_ms") * bits;
    }

    /// Milliseconds left over to see a fed strike; negative: so much earlier it has to be shown. Empty for
    /// a strike that nobody answers.
    ///
    /// With an empty beat before it the feeder can show it half a beat earlier.
    ///
    /// @param line the line that the way is one way through, for the cues that are open
    public static Optional<Double> timeToSeeMs(Line line, PlayedWay way, Step feed, Rung rung, double bpm) {
        if (feed.who() != Who.PARTNER || !feed.placed().technique().isStrike()) {
            return Optional.empty();
        }
        return answer(way, feed)
                .map(answer -> rung.showMs()
                        + (isFree(way, feed) ? Timing.msFor(EARLIER, bpm) : 0)
                        + feed.placed().technique().motion().contactMs()
                        - ms(choices(line, feed.placed().span()))
                        - Interception.startsBeforeMs(answer.placed().technique()));
    }

    /// The slowest of what the athlete has to begin with a fed strike: the defence that meets it, and what is
    /// thrown on its beat.
    public static Optional<Step> slowestAnswer(PlayedWay way, Step feed) {
        return answer(way, feed);
    }

    private static final double EARLIER = 0.5;

    /// Whether a beat was left empty before a fed strike.
    private static boolean isFree(PlayedWay way, Step feed) {
        boolean first = true;
        for (Step step : way.steps()) {
            if (step.beat().compareTo(feed.beat()) < 0) {
                first = false;
                if (feed.beat().since(step.beat()) < 2) {
                    return false;
                }
            }
        }
        return !first;
    }

    private static Optional<Step> answer(PlayedWay way, Step feed) {
        return Stream.concat(
                        way.metBy(feed).stream(),
                        way.strikesOf(Who.ATHLETE).filter(s -> s.beat().equals(feed.beat())))
                .max(Comparator.comparingDouble(
                        s -> Interception.startsBeforeMs(s.placed().technique())));
    }

    /// How much earlier a jab that comes in a rhythm can be met by expecting it, in milliseconds; 0 for everything
    /// else.
    public static double anticipatedMs(PlayedWay way, Step feed) {
        Technique technique = feed.placed().technique();
        boolean jab = technique.path() == Path.STRAIGHT
                && technique.part() == Part.ARM
                && technique.fixedSide().equals(Optional.of(Side.LEAD));
        boolean inRhythm = way.steps().stream().anyMatch(s -> feed.beat().since(s.beat()) == 1);
        return jab && inRhythm ? TABLE.get("anticipated_ms") : 0;
    }

    /// How many cues are open where this one stands: the branches of its reads, or one.
    public static int choices(Line line, Span span) {
        for (Item item : line.items()) {
            Optional<Integer> found = switch (item) {
                case Reads reads -> inReads(reads, span);
                case Choice choice when contains(choice.span(), span) -> Optional.of(inChoice(choice, span));
                case Repeat set when contains(set.span(), span) -> Optional.of(choices(set.line(), span));
                case Named named when contains(named.span(), span) -> Optional.of(1);
                default -> Optional.empty();
            };
            if (found.isPresent()) {
                return found.get();
            }
        }
        return 1;
    }

    private static int inChoice(Choice choice, Span span) {
        return choice.options().stream()
                .mapToInt(option -> choices(option, span))
                .max()
                .orElse(1);
    }

    private static Optional<Integer> inReads(Reads reads, Span span) {
        for (Reads.Branch branch : reads.branches()) {
            if (contains(branch.cue().span(), span)) {
                return Optional.of(reads.branches().size());
            }
            List<Item> items = branch.answer().items();
            if (!items.isEmpty()
                    && contains(items.getFirst().span().to(items.getLast().span()), span)) {
                return Optional.of(choices(branch.answer(), span));
            }
        }
        return Optional.empty();
    }

    private static boolean contains(Span outer, Span inner) {
        return outer.start() <= inner.start() && inner.end() <= outer.end();
    }
}
