package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.timing.Reaction;

/// UNSEEN: a fed strike that cannot be seen and answered in time at this ladder step, with the cues that are open.
final class Unseen implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        return scene.way()
                .strikesOf(Who.PARTNER)
                .flatMap(feed ->
                        timeToSee(scene, feed).filter(ms -> ms < 0).stream().map(ms -> suspicion(scene, feed, ms)))
                .toList();
    }

    private static Optional<Double> timeToSee(Scene scene, Step feed) {
        return Reaction.timeToSeeMs(
                scene.read().line(),
                scene.way(),
                feed,
                scene.context().rung(),
                scene.context().bpm());
    }

    private static Suspicion suspicion(Scene scene, Step feed, double ms) {
        int choices = Reaction.choices(scene.read().line(), feed.placed().span());
        String text = Reasons.of(
                choices > 1 ? "UNSEEN.choices" : "UNSEEN",
                Reasons.beat(feed),
                Reasons.name(feed),
                Math.round(-ms),
                choices,
                scene.context().rung().id());
        return new Suspicion(
                Code.UNSEEN,
                List.of(feed),
                text,
                () -> List.of(scene.surgery().before(feed, "_"), scene.surgery().insideCue(feed, "_ ")));
    }
}
