package onebeat.core.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// The same line with one thing changed: a strike to another level, from the other side, harder or lighter,
/// or another end (F19: one start, several ends). Those without a `stop` that the line has not, ranked.
public final class Variants {

    /// What was changed.
    public enum Change {
        LEVEL,
        SIDE,
        INTENT,
        END
    }

    /// One variant.
    ///
    /// @param gain its score less that of the line it was made from
    public record Variant(String line, Change change, Review review, double gain) {}

    private record Candidate(String text, Change change) {}

    private Variants() {}

    /// All variants of a line, the best first; equal scores in the order of their words.
    public static List<Variant> of(Read read, Context context) {
        Review whole = Review.withoutMends(read, context);
        RuleInput input = new RuleInput(
                read,
                context,
                whole.played().ways().getFirst(),
                whole.openings().getFirst());
        List<Variant> variants = new ArrayList<>();
        Set<String> seen = new LinkedHashSet<>(List.of(whole.canonical()));
        for (Candidate candidate : candidates(input)) {
            if (Notation.read(candidate.text, context.vocabulary()) instanceof Read other
                    && seen.add(other.canonical())) {
                Review review = Review.withoutMends(other, context);
                if (!review.hasStop()) {
                    variants.add(
                            new Variant(review.canonical(), candidate.change, review, review.score() - whole.score()));
                }
            }
        }
        variants.sort(
                Comparator.comparingDouble((Variant v) -> -v.review().score()).thenComparing(Variant::line));
        return variants;
    }

    private static List<Candidate> candidates(RuleInput input) {
        List<Candidate> all = new ArrayList<>();
        for (Step step : input.way().of(Who.ATHLETE).toList()) {
            if (!step.placed().technique().isStrike() || step.placed().own().isPresent()) {
                continue;
            }
            Act act = step.placed().act();
            for (Level level : act.technique().levels().keySet()) {
                Catalogue.standard()
                        .atLevel(act.technique(), level)
                        .ifPresent(t -> add(all, input, step, with(act, t, level, act.intent()), Change.LEVEL));
            }
            LineEditor.otherSide(act)
                    .ifPresent(words -> all.add(new Candidate(input.editor().replace(step, words), Change.SIDE)));
            for (Intent intent : Intent.values()) {
                if (!act.feint() || intent != Intent.FULL) {
                    add(all, input, step, with(act, act.technique(), act.level(), intent), Change.INTENT);
                }
            }
        }
        ends(all, input);
        return all;
    }

    /// The last strike with others of the same limb, and the way out with the others.
    private static void ends(List<Candidate> all, RuleInput input) {
        List<Step> strikes = input.strikes();
        if (strikes.isEmpty()) {
            return;
        }
        Step last = strikes.getLast();
        Act act = last.placed().act();
        Catalogue.standard().all().stream()
                .filter(t -> t.isStrike()
                        && t.part() == act.technique().part()
                        && t.fixedSide().equals(act.technique().fixedSide())
                        && t.counts() == act.technique().counts())
                .forEach(t -> add(all, input, last, with(act, t, t.usualLevel(), act.intent()), Change.END));
        Pairing pairing = Pairing.of(
                last.after().stance(), input.way().at(last.beat()).partner().stance());
        for (String exit : List.of(pairing.wayOut(), "off", "piv", "tie")) {
            List<Step> after = input.afterLastStrike();
            all.add(new Candidate(
                    after.isEmpty()
                            ? input.editor().append(exit)
                            : input.editor().replace(after.getLast(), exit),
                    Change.END));
        }
    }

    private static void add(List<Candidate> all, RuleInput input, Step step, Act changed, Change change) {
        all.add(new Candidate(input.editor().replace(step, Notation.print(changed)), change));
    }

    private static Act with(Act act, Technique technique, Level level, Intent intent) {
        return new Act(act.feint(), technique, level, intent, act.span());
    }
}
