package onebeat.core.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Level;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.opening.Credit;
import onebeat.core.opening.Opening;
import onebeat.core.opening.Zone;
import onebeat.core.play.Step;

/// CLOSED_TARGET: the strike goes where the partner most likely covers (F20, common practice). Light ones only place
/// the hand and are never found.
final class ClosedTarget implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.strikes().stream()
                .filter(s -> s.placed().act().intent() != Intent.LIGHT && !keepsTheHandsBusy(input, s))
                .flatMap(s -> input.openings().of(s).filter(o -> o.value() < ReviewNumbers.CLOSED_BELOW).stream()
                        .map(o -> hit(input, s, o)))
                .toList();
    }

    /// A jab before a strike that goes elsewhere only keeps the hands where they are (J24).
    private static boolean keepsTheHandsBusy(RuleInput input, Step strike) {
        Optional<Zone> zone = input.openings().of(strike).map(Opening::zone);
        return strike.placed().technique().drive().limbAlone() > ReviewNumbers.ARM_ALONE
                && input.next(strike)
                        .filter(next -> next.placed().act().isStrike()
                                && !input.openings().of(next).map(Opening::zone).equals(zone))
                        .isPresent();
    }

    private static RuleHit hit(RuleInput input, Step strike, Opening opening) {
        List<Step> steps = new ArrayList<>(List.of(strike));
        Optional<Step> closer = opening.credits().stream()
                .min(Comparator.comparingDouble(Credit::gain))
                .filter(c -> c.gain() < 0)
                .map(c -> input.way().steps().get(c.step()));
        closer.ifPresent(steps::add);
        String zone = Reasons.zone(opening.zone());
        String open = Reasons.share(opening.value());
        String text = closer.map(c -> Reasons.of(
                        "CLOSED_TARGET.by", Reasons.beat(strike), zone, open, Reasons.name(strike), Reasons.name(c)))
                .orElseGet(() -> Reasons.of("CLOSED_TARGET", Reasons.beat(strike), zone, open, Reasons.name(strike)));
        return new RuleHit(Code.CLOSED_TARGET, steps, text, () -> mends(input, strike))
                .noteIf(opening.value() >= ReviewNumbers.CLOSED_BELOW - ReviewNumbers.CLOSED_NEAR);
    }

    /// The same strike at another level, or the same level from below or from outside.
    private static List<String> mends(RuleInput input, Step strike) {
        Act act = strike.placed().act();
        List<String> mends = new ArrayList<>();
        for (Level level : act.technique().levels().keySet()) {
            if (level != act.level()) {
                Catalogue.standard()
                        .atLevel(act.technique(), level)
                        .map(t -> Notation.print(new Act(act.feint(), t, level, act.intent(), act.span())))
                        .ifPresent(words -> mends.add(input.editor().replace(strike, words)));
            }
        }
        Catalogue.standard().all().stream()
                .filter(t -> t.family() == act.technique().family()
                        && t.fixedSide().equals(act.technique().fixedSide())
                        && t.isNumbered()
                        && t.levels().containsKey(act.level()))
                .map(t -> Notation.print(new Act(act.feint(), t, act.level(), act.intent(), act.span())))
                .forEach(words -> mends.add(input.editor().replace(strike, words)));
        return mends;
    }
}
