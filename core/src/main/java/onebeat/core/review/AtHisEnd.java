package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Ranges;
import onebeat.core.exchange.Technique;
import onebeat.core.play.Moment;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// AT_HIS_END: kicking, or standing after the last action, where only the one with the longer reach can hit: be out, or
/// in (F9, common practice).
final class AtHisEnd implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        Ranges own = input.setting().ranges(Who.ATHLETE);
        double ownEnd = own.farCm(Band.LONG) + own.toleranceCm(jab(), jab().usualLevel());
        double hisEnd = input.setting().ranges(Who.PARTNER).farCm(Band.LONG);
        List<RuleHit> found = new ArrayList<>();
        for (Step strike : input.strikes()) {
            boolean there = strike.gapCm() > ownEnd && strike.gapCm() <= hisEnd;
            if (there && strike.placed().technique().isLegStrike()) {
                String beyond = Reasons.cm(strike.gapCm() - own.farCm(Band.LONG));
                found.add(hit(
                        input, strike, Reasons.of("AT_HIS_END", Reasons.beat(strike), Reasons.name(strike), beyond)));
            }
        }
        if (!input.own().isEmpty()) {
            Step last = input.own().getLast();
            Moment end = input.way().moments().getLast();
            boolean stays = end.gapCm() > ownEnd
                    && end.gapCm() <= hisEnd
                    && end.athleteFeet().offLineOf(end.partnerFeet()) > -OFF_LINE;
            if (stays && found.stream().noneMatch(h -> h.steps().contains(last))) {
                String beyond = Reasons.cm(end.gapCm() - own.farCm(Band.LONG));
                found.add(hit(input, last, Reasons.of("AT_HIS_END.stands", Reasons.beat(last), beyond)));
            }
        }
        return found;
    }

    /// Radians off the line toward the lead hand from which the facing has changed.
    private static final double OFF_LINE = 0.2;

    private static Technique jab() {
        return Catalogue.standard().get("1");
    }

    private static RuleHit hit(RuleInput input, Step step, String text) {
        return new RuleHit(
                Code.AT_HIS_END,
                List.of(step),
                text,
                () -> List.of(
                        input.editor().before(step, "in"),
                        input.editor().append(input.pairingAt(step).wayOut()),
                        input.editor().append("out")));
    }
}
