package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Level;
import onebeat.core.holding.Contact;
import onebeat.core.holding.HoldOptions;
import onebeat.core.holding.SoreSpot;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Limits.In;
import onebeat.core.review.Limits.Of;

/// PARTNER_LOAD: more touches on the partner's body in one repetition than the coach allows, or a strike
/// that lands on a sore spot. Without a limit of the coach's nothing is counted; the program
/// sets none.
final class PartnerLoad implements Rule {

    /// Where a strike goes instead: kicks to the head are for controlled sparring, so the head comes last.
    private static final List<Level> NEXT_BEST = List.of(Level.BODY, Level.LEG, Level.CALF, Level.HEAD);

    @Override
    public List<RuleHit> check(RuleInput input) {
        List<RuleHit> all = new ArrayList<>(passed(input, Of.PARTNER, s -> s.who() == Who.ATHLETE));
        input.plan()
                .sore()
                .forEach((step, spot) -> all.add(sore(input, input.way().steps().get(step), spot)));
        return all;
    }

    /// The limit of a repetition, where it is passed. The mend is one touch less: the last one is left out.
    static List<RuleHit> passed(RuleInput input, Of of, Predicate<Step> which) {
        if (input.context().limits().most().isEmpty()) {
            return List.of();
        }
        return input.context().limits().passedBy(Contact.of(input.way(), input.plan()), In.REPETITION).stream()
                .filter(excess -> excess.limit().of() == of)
                .map(excess -> {
                    List<Step> steps = bare(input, which);
                    return new RuleHit(
                            of.code(),
                            steps,
                            Reasons.of(of.code().name(), excess.touches(), excess.most()),
                            () -> List.of(input.editor().without(steps.getLast())));
                })
                .toList();
    }

    /// Strikes that meet no pad.
    private static List<Step> bare(RuleInput input, Predicate<Step> which) {
        return input.way().steps().stream()
                .filter(s -> s.placed().act().isStrike()
                        && input.plan().of(s.index()).isEmpty())
                .filter(which)
                .toList();
    }

    /// The target moves to a level that something at hand takes and where nothing is sore; where there is
    /// none the strike is left out.
    private static RuleHit sore(RuleInput input, Step strike, SoreSpot spot) {
        String where = Reasons.of("sore." + spot);
        String beat = Reasons.beat(strike);
        Optional<Act> moved = moved(input, strike);
        String text = moved.map(act -> Reasons.of(
                        "PARTNER_LOAD.moved",
                        beat,
                        Reasons.name(strike),
                        where,
                        act.technique().name(),
                        Reasons.of("level." + act.level())))
                .orElseGet(() -> Reasons.of("PARTNER_LOAD.sore", beat, Reasons.name(strike), where));
        return new RuleHit(
                Code.PARTNER_LOAD,
                List.of(strike),
                text,
                () -> moved.map(act -> input.editor().replace(strike, Notation.print(act)))
                        .or(() -> Optional.of(input.editor().without(strike)))
                        .map(List::of)
                        .orElseThrow());
    }

    private static Optional<Act> moved(RuleInput input, Step strike) {
        Act act = strike.placed().act();
        Map<Level, ?> levels = act.technique().levels();
        return NEXT_BEST.stream()
                .filter(level -> level != act.level() && levels.containsKey(level))
                .flatMap(level -> Catalogue.standard().atLevel(act.technique(), level).stream()
                        .map(t -> new Act(act.feint(), t, level, act.intent(), act.span())))
                .filter(a -> input.context().rules().allows(a.technique(), a.level()))
                .filter(a -> HoldOptions.takes(
                        a.technique(),
                        a.level(),
                        strike,
                        input.way(),
                        input.context().holder()))
                .findFirst();
    }
}
