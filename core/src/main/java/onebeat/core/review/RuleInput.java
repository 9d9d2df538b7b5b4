package onebeat.core.review;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.Pairing;
import onebeat.core.holding.Holding;
import onebeat.core.holding.PadPlan;
import onebeat.core.notation.Read;
import onebeat.core.opening.Openings;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// What a rule looks at: one played way of a line, with the text it was written as and what it opens.
///
/// @param own what the athlete does, in time
/// @param strikes the athlete's strikes that are meant to land
/// @param plan what the holder shows for them
record RuleInput(
        Read read,
        Context context,
        PlayedWay way,
        Openings openings,
        List<Step> own,
        List<Step> strikes,
        PadPlan plan) {

    RuleInput(Read read, Context context, PlayedWay way, Openings openings) {
        this(
                read,
                context,
                way,
                openings,
                way.of(Who.ATHLETE)
                        .sorted(Comparator.comparing(Step::beat).thenComparingInt(Step::index))
                        .toList(),
                way.strikesOf(Who.ATHLETE).toList(),
                Holding.plan(way, context.setting(), context.holder(), context.bpm()));
    }

    /// A input for rules that ask neither for openings nor for pads.
    static RuleInput bare(Read read, Context context, PlayedWay way) {
        return new RuleInput(
                read,
                context,
                way,
                Openings.none(),
                way.of(Who.ATHLETE)
                        .sorted(Comparator.comparing(Step::beat).thenComparingInt(Step::index))
                        .toList(),
                way.strikesOf(Who.ATHLETE).toList(),
                new PadPlan(List.of(), List.of(), Map.of(), Optional.empty()));
    }

    Setting setting() {
        return context.setting();
    }

    /// What the athlete does after their last strike.
    List<Step> afterLastStrike() {
        return strikes().isEmpty()
                ? List.of()
                : own().stream()
                        .filter(s -> s.index() > strikes().getLast().index())
                        .toList();
    }

    /// The athlete's next action after this one that is not joined to it.
    Optional<Step> next(Step step) {
        return own().stream().filter(s -> s.beat().compareTo(step.beat()) > 0).findFirst();
    }

    /// How the two stand when this action is done.
    Pairing pairingAt(Step step) {
        return Pairing.of(
                way.at(step.beat()).athlete().stance(),
                way.at(step.beat()).partner().stance());
    }

    LineEditor editor() {
        return new LineEditor(read);
    }
}
