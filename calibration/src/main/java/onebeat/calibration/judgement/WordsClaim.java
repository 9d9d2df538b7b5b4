package onebeat.calibration.judgement;

import onebeat.calibration.judgement.Judgement.Claim;
import onebeat.calibration.judgement.Judgement.Verdict;
import onebeat.core.notation.Notation;

/// What is said is read so.
record WordsClaim(String text, String line, Against against) implements Claim {

    @Override
    public Verdict tried() {
        try {
            String read =
                    Notation.print(Reading.read(text, against.contextOfWords()).line());
            return new Verdict(read.equals(line), read);
        } catch (IllegalArgumentException e) {
            return new Verdict(false, String.valueOf(e.getMessage()));
        }
    }
}
