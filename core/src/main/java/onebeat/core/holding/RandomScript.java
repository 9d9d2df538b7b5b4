package onebeat.core.holding;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import onebeat.core.holding.Choices.Choice;
import onebeat.core.holding.Choices.OfFree;
import onebeat.core.holding.Choices.OfRead;
import onebeat.core.holding.Choices.OfSet;
import onebeat.core.notation.Half;
import onebeat.core.notation.Item;
import onebeat.core.notation.Line;
import onebeat.core.notation.Named;
import onebeat.core.notation.Pause;
import onebeat.core.notation.RangeMark;
import onebeat.core.notation.Reads;
import onebeat.core.notation.Repeat;
import onebeat.core.notation.Unit;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.simple.RandomSource;

/// The feeder's script of a round whose line leaves something to chance: for each repetition the counts of
/// the lead-ins, the cues of the reads and the gap before it. Counts are even (F46: from about one to
/// four), cues by the odds; the same comes no more often in a row than set. The same seed gives the same
/// script on every machine.
public final class RandomScript {

    /// What was drawn for one choice.
    ///
    /// @param choice which of [Choices#of] it is
    /// @param option which of its options
    public record Drawn(int choice, int option) {}

    /// One repetition.
    ///
    /// @param line the line with nothing left to chance
    /// @param drawn what was drawn, in the order in which it comes
    /// @param extraGap so many beats are added to the gap before it
    public record Turn(Line line, List<Drawn> drawn, int extraGap) {

        public Turn {
            drawn = List.copyOf(drawn);
        }
    }

    private final List<Choice> choices;
    private final List<RunLimited> draws = new ArrayList<>();
    private final RunLimited gaps;
    private final UniformRandomProvider random;

    private RandomScript(Line line, Odds odds, Draw draw) {
        choices = Choices.of(line);
        for (Choice choice : choices) {
            draws.add(new RunLimited(shares(choice, odds), draw.mostRun()));
        }
        gaps = new RunLimited(even(draw.gapSpread() + 1), draw.mostRun());
        random = RandomSource.XO_SHI_RO_256_PP.create(draw.seed());
    }

    /// The first repetitions of a script.
    public static List<Turn> of(Line line, Odds odds, Draw draw, int repetitions) {
        RandomScript script = new RandomScript(line, odds, draw);
        List<Turn> turns = new ArrayList<>();
        for (int i = 0; i < repetitions; i++) {
            turns.add(script.next(line));
        }
        return turns;
    }

    /// Whether a line leaves anything to chance.
    public static boolean draws(Line line) {
        return !Choices.of(line).isEmpty();
    }

    static double[] shares(Choice choice, Odds odds) {
        return switch (choice) {
            case OfRead read -> odds.shares(read.number(), read.options());
            case OfSet set -> even(set.options());
            case OfFree free -> even(free.options());
        };
    }

    private static double[] even(int options) {
        double[] shares = new double[options];
        Arrays.fill(shares, 1.0 / options);
        return shares;
    }

    private Turn next(Line line) {
        List<Drawn> drawn = new ArrayList<>();
        int gap = gaps.next(random);
        return new Turn(new Line(settled(line, drawn)), drawn, gap);
    }

    private List<Item> settled(Line line, List<Drawn> drawn) {
        List<Item> items = new ArrayList<>();
        for (Item item : line.items()) {
            switch (item) {
                case Pause _, RangeMark _, Half _ -> items.add(item);
                case Named named -> {
                    if (draws(named.line())) {
                        items.addAll(settled(named.line(), drawn));
                    } else {
                        items.add(named);
                    }
                }
                case Repeat set -> {
                    int times = set.least() == set.most() ? set.least() : set.least() + draw(new OfSet(set), drawn);
                    for (int i = 0; i < times; i++) {
                        items.addAll(settled(set.line(), drawn));
                    }
                }
                case onebeat.core.notation.Choice free ->
                    items.addAll(settled(free.options().get(draw(new OfFree(free), drawn)), drawn));
                case Reads reads -> {
                    Reads.Branch branch = reads.branches().get(draw(read(reads), drawn));
                    items.add(new Half(
                            List.of(new Unit(List.of(branch.cue()), branch.cue().span())),
                            branch.cue().span()));
                    items.addAll(settled(branch.answer(), drawn));
                }
            }
        }
        return items;
    }

    private Choice read(Reads reads) {
        return choices.stream()
                .filter(c -> c instanceof OfRead read && read.reads().equals(reads))
                .findFirst()
                .orElseThrow();
    }

    private int draw(Choice choice, List<Drawn> drawn) {
        // They are few, and whole branches to hash: the first that is the same is found sooner.
        int number = choices.indexOf(choice);
        if (number < 0) {
            throw new IllegalStateException("no choice of this line: " + choice);
        }
        int option = draws.get(number).next(random);
        drawn.add(new Drawn(number, option));
        return option;
    }
}
