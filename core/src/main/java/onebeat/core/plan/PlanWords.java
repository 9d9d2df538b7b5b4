package onebeat.core.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import onebeat.core.exchange.Phrases;

/// A plan's reasons in words.
public final class PlanWords {

    private static final Phrases WORDS = Phrases.of("plan");

    private PlanWords() {}

    public static String of(SoftRule rule) {
        return WORDS.say("soft." + rule);
    }

    public static String of(HardRule rule) {
        return WORDS.say("hard." + rule);
    }

    /// Why a round stands where it does: the rules that made it with their points, then what would be next best.
    ///
    /// @param name the name of a drill by its id
    public static List<String> why(PlanProblem problem, PlanReasons reasons, Function<String, String> name) {
        List<String> all = new ArrayList<>();
        for (SoftRule rule : reasons.rules()) {
            all.add(WORDS.say("for", of(rule), reasons.gives().getOrDefault(rule, 0)));
        }
        all.add(reasons.nextBest()
                .map(next -> WORDS.say(
                        "margin", name.apply(problem.lines().get(next.line()).drill()), reasons.margin()))
                .orElse(WORDS.say("alone")));
        if (!reasons.keptOut().isEmpty()) {
            all.add(WORDS.say("kept.out", hard(reasons.keptOut())));
        }
        return all;
    }

    /// What fights each other, and what to loosen.
    public static String of(RuleConflict conflict) {
        return WORDS.say("conflict", hard(conflict.rules()), hard(conflict.loosen()));
    }

    private static String hard(Collection<HardRule> rules) {
        return rules.stream().sorted().map(PlanWords::of).collect(Collectors.joining(", "));
    }
}
