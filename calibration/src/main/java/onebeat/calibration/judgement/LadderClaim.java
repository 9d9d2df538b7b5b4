package onebeat.calibration.judgement;

import java.util.ArrayList;
import java.util.List;
import onebeat.calibration.judgement.Judgement.Claim;
import onebeat.calibration.judgement.Judgement.Verdict;
import onebeat.core.ladder.Ladder;
import onebeat.core.review.Context;

/// A line grows through these steps, and not through those.
record LadderClaim(String line, Against against, List<String> must, List<String> mustNot) implements Claim {

    @Override
    public Verdict tried() {
        Context context = against.context();
        List<String> steps = Ladder.of(Reading.read(line, context), Ladder.With.usual(context)).stages().stream()
                .map(stage -> stage.rung().id() + ": " + stage.line() + "$")
                .toList();
        List<String> wrong = new ArrayList<>();
        must.stream()
                .filter(part -> steps.stream().noneMatch(step -> step.contains(part)))
                .forEach(part -> wrong.add("no " + part));
        mustNot.stream()
                .filter(part -> steps.stream().anyMatch(step -> step.contains(part)))
                .forEach(part -> wrong.add("has " + part));
        return new Verdict(wrong.isEmpty(), String.join("; ", wrong) + " in " + String.join(" ", steps));
    }
}
