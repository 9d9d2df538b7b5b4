package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.timing.Interception;
import onebeat.core.timing.Reaction;
import onebeat.core.timing.Rung;

/// UNSEEN: a fed strike that cannot be seen and answered in time at this ladder step, with the cues that are open. A
/// jab that comes in a rhythm can be met by expecting it.
final class Unseen implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.way()
                .strikesOf(Who.PARTNER)
                .flatMap(feed ->
                        timeToSee(input, feed).filter(ms -> ms < 0).stream().map(ms -> hit(input, feed, ms)))
                .toList();
    }

    private static Optional<Double> timeToSee(RuleInput input, Step feed) {
        return Reaction.timeToSeeMs(
                input.read().line(),
                input.way(),
                feed,
                input.context().rung(),
                input.context().bpm());
    }

    private static RuleHit hit(RuleInput input, Step feed, double ms) {
        Optional<Step> slow = Reaction.slowestAnswer(input.way(), feed)
                .filter(s -> !Interception.sharesBeat(
                        s.placed().technique(), feed.placed().technique()));
        boolean anticipated = input.context().rung() == Rung.LIVE && -ms <= Reaction.anticipatedMs(input.way(), feed);
        return new RuleHit(
                        Code.UNSEEN,
                        slow.map(s -> List.of(feed, s)).orElseGet(() -> List.of(feed)),
                        slow.map(s -> slow(input, feed, s, ms)).orElseGet(() -> text(input, feed, ms, anticipated)),
                        () -> slow.map(s -> List.of(input.editor().alone(s)))
                                .orElseGet(() -> List.of(
                                        input.editor().before(feed, "_"),
                                        input.editor().insideCue(feed, "_ "))))
                .noteIf(anticipated || -ms <= ReviewNumbers.UNSEEN_NEAR_MS);
    }

    private static String slow(RuleInput input, Step feed, Step answer, double ms) {
        return Reasons.of(
                "UNSEEN.slow",
                Reasons.beat(feed),
                Reasons.name(feed),
                Reasons.name(answer),
                Math.round(-ms),
                input.context().rung().id());
    }

    private static String text(RuleInput input, Step feed, double ms, boolean anticipated) {
        int choices = Reaction.choices(input.read().line(), feed.placed().span());
        String key = anticipated ? "UNSEEN.rhythm" : choices > 1 ? "UNSEEN.choices" : "UNSEEN";
        return Reasons.of(
                key,
                Reasons.beat(feed),
                Reasons.name(feed),
                Math.round(-ms),
                choices,
                input.context().rung().id());
    }
}
