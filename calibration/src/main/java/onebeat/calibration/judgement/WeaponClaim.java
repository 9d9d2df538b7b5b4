package onebeat.calibration.judgement;

import java.util.List;
import onebeat.calibration.judgement.Judgement.Claim;
import onebeat.calibration.judgement.Judgement.Verdict;
import onebeat.core.film.Answer;
import onebeat.core.film.Setups;

/// Among the lines that land a weapon is one with these words.
record WeaponClaim(String weapon, Against against, List<String> any, int first) implements Claim {

    private static final int TOP = 50;

    @Override
    public Verdict tried() {
        List<String> firsts =
                Setups.of(new Setups.Query(weapon, against.context(), against.repertoire(), TOP)).answers().stream()
                        .map(Answer::line)
                        .limit(first)
                        .toList();
        return new Verdict(
                firsts.stream().anyMatch(line -> any.stream().anyMatch(line::contains)),
                "first " + String.join(" · ", firsts));
    }
}
