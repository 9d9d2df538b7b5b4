package onebeat.desktop.bench;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import onebeat.core.film.Learned;
import onebeat.core.opening.Opening;
import onebeat.core.opening.Openings;
import onebeat.core.opening.PartnerModel;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Review;
import onebeat.desktop.rope.RopeMark;
import onebeat.desktop.text.Texts;

/// What there is to say about the strike at the mark: why it is there, in words and numbers.
///
/// @param title for example `Why the lead hook is there`
record AtMark(String title, String words) {

    /// The strike nearest to a place on a way; nothing where none is near.
    static Optional<AtMark> at(Review review, int way, RopeMark mark, Learned learned) {
        PlayedWay played = review.played().ways().get(way);
        return mark.step(played, s -> s.placed().act().isStrike())
                .map(s -> s.who() == Who.ATHLETE ? own(review, way, s, learned) : fed(review, way, s));
    }

    private static AtMark own(Review review, int way, Step step, Learned learned) {
        String name = step.placed().technique().name();
        Optional<Opening> opening = review.openings().get(way).of(step);
        String numbers = Stream.of(
                        step.impact().map(i -> Texts.of("mark.power", Texts.share(i.power()))),
                        opening.map(o -> Texts.of("mark.effect", Texts.share(o.effect()))),
                        opening.map(o -> Texts.of("mark.exposed", Texts.share(o.exposure()))),
                        opening.filter(Opening::liver).map(_ -> Texts.of("mark.liver")))
                .flatMap(Optional::stream)
                .collect(Collectors.joining(" · "));
        String why = review.why(way, step).orElseGet(() -> Texts.of("mark.nothing"));
        String film = learned.seen().isEmpty() ? "" : "\n" + film(review, way, step, learned);
        return new AtMark(Texts.of("mark.why", name), why + "\n" + numbers + film);
    }

    /// The opening by the shipped reactions, by film, and the difference.
    private static String film(Review review, int way, Step step, Learned learned) {
        double usual = opening(review, way, step, PartnerModel.usual());
        double film = opening(review, way, step, learned.model());
        int seen = learned.seen().values().stream().mapToInt(n -> n).sum();
        return Texts.of(
                "mark.film",
                Texts.share(usual),
                Texts.share(film),
                String.format(Locale.ROOT, "%+.2f", film - usual),
                seen);
    }

    private static double opening(Review review, int way, Step step, PartnerModel model) {
        return Openings.withoutCredits(
                        review.played().ways().get(way),
                        review.context().setting(),
                        model,
                        review.context().seenBefore())
                .of(step)
                .map(Opening::value)
                .orElse(0.0);
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
