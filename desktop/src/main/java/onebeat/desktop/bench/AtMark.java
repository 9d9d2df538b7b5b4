package onebeat.desktop.bench;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import onebeat.core.opening.Opening;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Review;
import onebeat.desktop.desk.Texts;

/// What there is to say about the strike at the mark: why it is there, in words and numbers.
///
/// @param title for example `Why the lead hook is there`
record AtMark(String title, String words) {

    /// A strike so many beats from the mark still counts as at it.
    private static final double NEAR_BEATS = 0.5;

    /// The strike nearest to a place on a way; nothing where none is near.
    static Optional<AtMark> at(Review review, int way, double beat) {
        PlayedWay played = review.played().ways().get(way);
        return played.steps().stream()
                .filter(s -> s.placed().act().isStrike())
                .filter(s -> Math.abs(s.beat().inBeats() - beat) <= NEAR_BEATS)
                .min(Comparator.comparingDouble((Step s) -> Math.abs(s.beat().inBeats() - beat))
                        .thenComparingInt(s -> s.who() == Who.ATHLETE ? 0 : 1))
                .map(s -> s.who() == Who.ATHLETE ? own(review, way, s) : fed(review, way, s));
    }

    private static AtMark own(Review review, int way, Step step) {
        String name = step.placed().technique().name();
        Optional<Opening> opening = review.openings().get(way).of(step);
        String numbers = Stream.of(
                        step.impact().map(i -> Texts.of("mark.power", Texts.share(i.power()))),
                        opening.map(o -> Texts.of("mark.exposed", Texts.share(o.exposure()))),
                        opening.filter(Opening::liver).map(_ -> Texts.of("mark.liver")))
                .flatMap(Optional::stream)
                .collect(Collectors.joining(" · "));
        String why = review.why(way, step).orElseGet(() -> Texts.of("mark.nothing"));
        return new AtMark(Texts.of("mark.why", name), why + "\n" + numbers);
    }

    private static AtMark fed(Review review, int way, Step step) {
        String seen = review.timeToSeeMs(way, step)
                .map(ms -> Texts.of(
                        ms < 0 ? "mark.unseen" : "mark.seen",
                        Math.round(Math.abs(ms)),
                        review.context().rung().id()))
                .orElseGet(() -> Texts.of("mark.unanswered"));
        return new AtMark(Texts.of("mark.fed", step.placed().technique().name()), seen);
    }
}
