package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.timing.Link;
import onebeat.core.timing.Timing;

/// TOO_FAST: at this tempo a link has less time than the body needs for it.
final class TooFast implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        double bpm = scene.context().bpm();
        List<Suspicion> found = new ArrayList<>();
        for (Link link : Timing.links(scene.way(), Who.ATHLETE)) {
            if (link.ceilingBpm() < bpm) {
                found.add(suspicion(scene, link, bpm));
            }
        }
        return found;
    }

    private static Suspicion suspicion(Scene scene, Link link, double bpm) {
        Step from = scene.way().steps().get(link.from());
        Step to = scene.way().steps().get(link.to());
        String text = Reasons.of(
                "TOO_FAST",
                Reasons.beat(to),
                Reasons.name(from),
                Reasons.name(to),
                Math.round(link.neededMs()),
                (long) Math.floor(Timing.msFor(link.beats(), bpm)),
                (long) Math.floor(link.ceilingBpm()));
        return new Suspicion(Code.TOO_FAST, List.of(to, from), text, () -> mends(scene, to));
    }

    private static List<String> mends(Scene scene, Step to) {
        Surgery surgery = scene.surgery();
        return List.of(surgery.before(to, "_"), surgery.alone(to), surgery.before(to, "_ _"));
    }
}
