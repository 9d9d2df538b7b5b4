package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.timing.Interception;
import onebeat.core.timing.Link;
import onebeat.core.timing.Timing;

/// TOO_FAST: at this tempo a link has less time than the body needs for it.
final class TooFast implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        double bpm = input.context().bpm();
        List<RuleHit> found = new ArrayList<>();
        for (Link link : Timing.links(input.way(), Who.ATHLETE)) {
            if (link.ceilingBpm() < bpm) {
                found.add(hit(input, link, bpm));
            }
        }
        for (Step feed : input.way().strikesOf(Who.PARTNER).toList()) {
            for (Step strike : input.strikes()) {
                if (strike.beat().equals(feed.beat())
                        && !Interception.sharesBeat(
                                strike.placed().technique(), feed.placed().technique())) {
                    found.add(together(input, feed, strike));
                }
            }
        }
        return found;
    }

    /// A strike on the beat of a quicker feed would have to start before the cue (J2).
    private static RuleHit together(RuleInput input, Step feed, Step strike) {
        int needs = strike.placed().technique().motion().contactMs();
        int there = feed.placed().technique().motion().contactMs();
        String text = Reasons.of(
                "TOO_FAST.together",
                Reasons.beat(strike),
                Reasons.name(strike),
                needs,
                Reasons.name(feed),
                there,
                needs - there);
        return new RuleHit(
                Code.TOO_FAST,
                List.of(strike, feed),
                text,
                () -> List.of(input.editor().alone(strike)));
    }

    private static RuleHit hit(RuleInput input, Link link, double bpm) {
        Step from = input.way().steps().get(link.from());
        Step to = input.way().steps().get(link.to());
        String text = Reasons.of(
                "TOO_FAST",
                Reasons.beat(to),
                Reasons.name(from),
                Reasons.name(to),
                Math.round(link.neededMs()),
                (long) Math.floor(Timing.msFor(link.beats(), bpm)),
                (long) Math.floor(link.ceilingBpm()));
        double lacks = 1 - Timing.msFor(link.beats(), bpm) / link.neededMs();
        return new RuleHit(Code.TOO_FAST, List.of(to, from), text, () -> mends(input, to))
                .noteIf(lacks <= ReviewNumbers.FAST_NEAR);
    }

    private static List<String> mends(RuleInput input, Step to) {
        LineEditor editor = input.editor();
        return List.of(editor.before(to, "_"), editor.alone(to), editor.before(to, "_ _"));
    }
}
