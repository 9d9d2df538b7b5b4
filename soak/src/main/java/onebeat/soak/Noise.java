package onebeat.soak;

import java.util.List;
import java.util.Random;
import onebeat.core.notation.Misread;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.review.CoachLines;
import onebeat.core.review.Context;
import onebeat.core.review.Review;

/// Noise, and coach-like lines with signs changed. Each is a line whose print is stable, or a placed misread; now and
/// then one that is a line is reviewed too.
final class Noise implements Part {

    private static final String ALPHABET =
            "12345612()[]{}|:+/~!'\"@_.*-hb<> \t abcdefghijklmnopqrstuvwxyz=\u0000\u00e9\n";

    private static final int REVIEWED = 2_000;

    private final List<Read> lines = CoachLines.of(13, 2_000);
    private final Context context = Context.usual();

    @Override
    public String name() {
        return "noise";
    }

    @Override
    public int usually() {
        return 1_000_000;
    }

    @Override
    public void attempt(long seed) {
        Random random = new Random(seed);
        String text = random.nextInt(3) == 0 ? noise(random) : mutated(random);
        switch (Notation.read(text)) {
            case Read read -> {
                String once = read.canonical();
                Part.must(
                        Notation.read(once) instanceof Read again
                                && again.canonical().equals(once),
                        "not stable: " + text);
                if (random.nextInt(REVIEWED) == 0) {
                    Review.of(read, context);
                }
            }
            case Misread misread ->
                Part.must(
                        misread.at() >= 0 && misread.at() <= text.length() && misread.end() >= misread.at(),
                        "not placed: " + text);
        }
    }

    private static char sign(Random random) {
        return random.nextInt(40) == 0
                ? (char) random.nextInt(0x10000)
                : ALPHABET.charAt(random.nextInt(ALPHABET.length()));
    }

    private static String noise(Random random) {
        StringBuilder text = new StringBuilder();
        for (int i = random.nextInt(60); i > 0; i--) {
            text.append(sign(random));
        }
        return text.toString();
    }

    private String mutated(Random random) {
        StringBuilder text =
                new StringBuilder(lines.get(random.nextInt(lines.size())).canonical());
        for (int i = random.nextInt(4); i > 0 && !text.isEmpty(); i--) {
            int at = random.nextInt(text.length());
            switch (random.nextInt(3)) {
                case 0 -> text.deleteCharAt(at);
                case 1 -> text.insert(at, sign(random));
                default -> text.setCharAt(at, sign(random));
            }
        }
        return text.toString();
    }
}
