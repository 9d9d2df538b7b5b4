package onebeat.core.holding;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import onebeat.core.holding.Choices.Choice;
import onebeat.core.notation.Line;

/// How well an athlete who counts could guess a script, choice by choice.
///
/// @param choice the choice that is guessed
/// @param bits how many bits a draw tells on average to one who knows the odds and the longest run (Shannon
///     1948, Bell
///     System Technical Journal 27:379, section 6)
/// @param drawn how often each option came
/// @param hits how often a guesser is right who has counted what followed the last two draws (a Markov chain of order
///     two), by what was drawn so far
/// @param often how often the commonest option came: what always guessing the same would hit
public record Guessing(Choice choice, double bits, List<Integer> drawn, int hits, int often) {

    public Guessing {
        drawn = List.copyOf(drawn);
    }

    /// How many draws there were.
    public int draws() {
        return drawn.stream().mapToInt(n -> n).sum();
    }

    /// The guesser's hit rate, 0 to 1; 0 without draws.
    public double hitRate() {
        return draws() == 0 ? 0 : (double) hits / draws();
    }

    /// Every choice of a line over a script.
    public static List<Guessing> of(Line line, Odds odds, Draw draw, List<RandomScript.Turn> turns) {
        List<Choice> choices = Choices.of(line);
        List<Guessing> all = new ArrayList<>();
        for (int i = 0; i < choices.size(); i++) {
            int number = i;
            List<Integer> sequence = turns.stream()
                    .flatMap(t -> t.drawn().stream())
                    .filter(d -> d.choice() == number)
                    .map(RandomScript.Drawn::option)
                    .toList();
            Choice choice = choices.get(i);
            int[] counts = new int[choice.options()];
            sequence.forEach(option -> counts[option]++);
            double bits = new RunLimited(RandomScript.shares(choice, odds), draw.mostRun()).bitsADraw();
            all.add(new Guessing(
                    choice,
                    bits,
                    Arrays.stream(counts).boxed().toList(),
                    hits(sequence, choice.options()),
                    Arrays.stream(counts).max().orElse(0)));
        }
        return all;
    }

    /// How often the order-2 guesser is right over a sequence: it says what came most often after the last two, or
    /// where that pair is new what came most often at all; of equals the first.
    static int hits(List<Integer> sequence, int options) {
        Map<List<Integer>, int[]> after = new HashMap<>();
        int[] all = new int[options];
        int hits = 0;
        for (int i = 0; i < sequence.size(); i++) {
            int came = sequence.get(i);
            int[] known = i < 2 ? all : after.computeIfAbsent(sequence.subList(i - 2, i), _ -> new int[options]);
            int guess = most(Arrays.stream(known).sum() == 0 ? all : known);
            hits += guess == came ? 1 : 0;
            all[came]++;
            if (i >= 2) {
                known[came]++;
            }
        }
        return hits;
    }

    private static int most(int[] counts) {
        int most = 0;
        for (int i = 1; i < counts.length; i++) {
            most = counts[i] > counts[most] ? i : most;
        }
        return most;
    }
}
