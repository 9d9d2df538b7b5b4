package onebeat.core.play;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// A line played through by two fighters: every way through it.
public record Played(Setting setting, List<PlayedWay> ways) {

    public Played {
        ways = List.copyOf(ways);
    }

    /// A step with its number in the whole line.
    ///
    /// @param way which way it belongs to, from 0
    /// @param number counted through all ways, steps that ways share counted once
    public record Numbered(int way, int number, Step step) {}

    /// All steps, branch after branch: the first way whole, then of each further way what it does not share with the
    /// ones before.
    public List<Numbered> numbered() {
        List<Numbered> all = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (int w = 0; w < ways.size(); w++) {
            Set<String> here = new HashSet<>();
            for (Step step : ways.get(w).steps()) {
                String branch = step.placed().branch();
                if (!seen.contains(branch)) {
                    all.add(new Numbered(w, all.size(), step));
                    here.add(branch);
                }
            }
            seen.addAll(here);
        }
        return all;
    }

    /// The number of each step in the whole line, to be asked with [#numberOf].
    public Map<String, Integer> numbers() {
        Map<String, Integer> numbers = new HashMap<>();
        numbered().forEach(n -> numbers.put(key(n.step()), n.number()));
        return numbers;
    }

    /// The number of a step: steps that ways share have one number, found by their branch and place.
    ///
    /// @throws IllegalArgumentException if the step is not of this line
    public static int numberOf(Step step, Map<String, Integer> numbers) {
        Integer number = numbers.get(key(step));
        if (number == null) {
            throw new IllegalArgumentException("no step of this line: " + step);
        }
        return number;
    }

    private static String key(Step step) {
        return step.placed().branch() + "#" + step.index();
    }

    /// How many beats the longest way lasts.
    public int beats() {
        return ways.stream().mapToInt(w -> w.way().beats()).max().orElse(0);
    }
}
