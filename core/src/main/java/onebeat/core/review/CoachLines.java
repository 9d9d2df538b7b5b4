package onebeat.core.review;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Table;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.simple.RandomSource;

/// Lines such as coaches write, drawn from a seed: the trade's own chains (`chains.csv`), cut, joined, mirrored and
/// spoilt. The laws of the review are tried on them, and a wave of false stops is seen in them. The same seed gives
/// the same lines on every machine.
public final class CoachLines {

    private static final List<String> CHAINS = Table.rows(CoachLines.class, "chains.csv").stream()
            .map(row -> row.get("chain"))
            .toList();

    private static final List<String> ENDS = List.of("off", "circle-rear", "circle-lead", "out", "");

    private final UniformRandomProvider random;

    private CoachLines(long seed) {
        random = RandomSource.XO_SHI_RO_256_PP.create(seed);
    }

    /// So many lines, each of which can be read.
    public static List<Read> of(long seed, int count) {
        CoachLines lines = new CoachLines(seed);
        List<Read> all = new ArrayList<>();
        while (all.size() < count) {
            if (Notation.read(lines.next()) instanceof Read read) {
                all.add(read);
            }
        }
        return all;
    }

    private String next() {
        String line = one(CHAINS);
        line = switch (random.nextInt(6)) {
            case 0 -> cut(line);
            case 1 -> line + " " + one(CHAINS);
            case 2 -> mirrored(line);
            case 3 -> spoilt(line);
            case 4 -> spoilt(line + " " + one(CHAINS));
            default -> line;
        };
        return (line + " " + (random.nextInt(3) == 0 ? one(ENDS) : Pairing.SAME.wayOut())).strip();
    }

    private String one(List<String> of) {
        return of.get(random.nextInt(of.size()));
    }

    /// The beginning of it. Brackets that are cut open cannot be read, and such lines are drawn again.
    private String cut(String line) {
        List<String> words = words(line);
        return String.join(" ", words.subList(0, 1 + random.nextInt(words.size())));
    }

    /// Each word that has one from the other side by that.
    private static String mirrored(String line) {
        List<String> words = new ArrayList<>();
        words(line).forEach(word -> words.add(twin(word).orElse(word)));
        return String.join(" ", words);
    }

    private static Optional<String> twin(String word) {
        return Catalogue.standard()
                .byCode(word)
                .flatMap(t -> Catalogue.standard().twin(t, t.isStrike() ? t.usualLevel() : Level.NONE))
                .map(Technique::code);
    }

    /// One word taken out, put in, doubled or changed.
    private String spoilt(String line) {
        List<String> words = new ArrayList<>(words(line));
        int at = random.nextInt(words.size());
        String other = one(words(one(CHAINS)));
        switch (random.nextInt(4)) {
            case 0 -> words.remove(at);
            case 1 -> words.add(at, other);
            case 2 -> words.add(at, words.get(at));
            default -> words.set(at, other);
        }
        return String.join(" ", words);
    }

    private static List<String> words(String line) {
        return Arrays.asList(line.split(" ", -1));
    }
}
