package onebeat.core.review;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import onebeat.core.notation.Read;
import onebeat.core.opening.Opening;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.timing.Reaction;
import onebeat.core.timing.Timing;

/// Two answers side by side: parry against slip, overhand against hook entry, same-side against far-side uppercut.
///
/// @param measures each thing measured, in a fixed order
/// @param sentence what tells the two apart most
public record Comparison(List<Measured> measures, String sentence) {

    /// What is measured, and whether more of it is better.
    public enum Measure {
        /// Mean effect of the strikes, a full cross to the head being 1.
        EFFECT(true, 1),
        /// Mean opening of the strikes, 0 to 1.
        OPENING(true, 1),
        /// What the line exposes, 0 to 1.
        EXPOSURE(false, 1),
        /// Beats from the fed contact to the first answer.
        ONE_BEAT(false, 2),
        /// Milliseconds left to see the tightest feed.
        TIME_TO_SEE(true, 400),
        /// Milliseconds that the partner's next hand is late after the defence (F24).
        DELAY(true, 200);

        private final boolean more;
        private final double scale;

        Measure(boolean more, double scale) {
            this.more = more;
            this.scale = scale;
        }

        /// Whether more of it is better.
        public boolean moreIsBetter() {
            return more;
        }
    }

    /// One thing measured on both lines; empty where a line has none of it.
    public record Measured(Measure measure, OptionalDouble first, OptionalDouble second) {

        /// How much better the first is, on a scale that makes measures comparable; below 0 the second is.
        double lead() {
            if (first.isEmpty() || second.isEmpty()) {
                return 0;
            }
            double difference = (first.getAsDouble() - second.getAsDouble()) / measure.scale;
            return measure.more ? difference : -difference;
        }
    }

    public Comparison {
        measures = List.copyOf(measures);
    }

    /// Compares two lines in the same context.
    public static Comparison of(Read first, Read second, Context context) {
        Review one = Review.withoutMends(first, context);
        Review two = Review.withoutMends(second, context);
        List<Measured> measures = Stream.of(Measure.values())
                .map(m -> new Measured(m, value(m, first, one, context), value(m, second, two, context)))
                .toList();
        return new Comparison(measures, sentence(measures));
    }

    private static OptionalDouble value(Measure measure, Read read, Review review, Context context) {
        PlayedWay way = review.played().ways().getFirst();
        List<Step> strikes = way.strikesOf(Who.ATHLETE).toList();
        return switch (measure) {
            case EFFECT ->
                strikes.stream()
                        .flatMap(s -> review.openings().getFirst().of(s).stream())
                        .mapToDouble(Opening::effect)
                        .average();
            case OPENING ->
                strikes.stream()
                        .flatMap(s -> review.openings().getFirst().of(s).stream())
                        .mapToDouble(Opening::value)
                        .average();
            case EXPOSURE -> OptionalDouble.of(review.exposure());
            case ONE_BEAT ->
                strikes.stream()
                        .map(s -> Timing.oneBeat(way, s))
                        .filter(OptionalDouble::isPresent)
                        .mapToDouble(OptionalDouble::getAsDouble)
                        .findFirst();
            case TIME_TO_SEE ->
                way.strikesOf(Who.PARTNER)
                        .flatMap(feed ->
                                Reaction.timeToSeeMs(read.line(), way, feed, context.rung(), context.bpm()).stream())
                        .mapToDouble(ms -> ms)
                        .min();
            case DELAY ->
                way.strikesOf(Who.PARTNER)
                        .flatMap(feed -> way.metBy(feed).stream())
                        .mapToDouble(d -> context.partner().delayMs(d.placed().technique()))
                        .max();
        };
    }

    /// Names the largest lead of the first line and the largest of the second.
    private static String sentence(List<Measured> measures) {
        Optional<Measured> forFirst = measures.stream()
                .filter(m -> m.lead() > ReviewNumbers.TELLS_APART)
                .max(Comparator.comparingDouble(Measured::lead));
        Optional<Measured> forSecond = measures.stream()
                .filter(m -> m.lead() < -ReviewNumbers.TELLS_APART)
                .min(Comparator.comparingDouble(Measured::lead));
        if (forFirst.isEmpty() && forSecond.isEmpty()) {
            return Reasons.of("compare.alike");
        }
        if (forSecond.isEmpty()) {
            return Reasons.of("compare.first", said(forFirst.get(), true));
        }
        return forFirst.map(m -> Reasons.of("compare.both", said(m, true), said(forSecond.get(), false)))
                .orElseGet(() -> Reasons.of("compare.second", said(forSecond.get(), false)));
    }

    private static String said(Measured measured, boolean first) {
        double own = (first ? measured.first : measured.second).orElse(0);
        double other = (first ? measured.second : measured.first).orElse(0);
        return Reasons.of(
                "compare." + measured.measure, number(measured.measure, own), number(measured.measure, other));
    }

    private static String number(Measure measure, double value) {
        return switch (measure) {
            case EFFECT, OPENING, EXPOSURE -> Reasons.share(value);
            case ONE_BEAT -> String.format(Locale.ROOT, "%.1f", value);
            case TIME_TO_SEE, DELAY -> Math.round(value) + " ms";
        };
    }
}
