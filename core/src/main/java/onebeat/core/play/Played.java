package onebeat.core.play;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// A line played through by two fighters: every way through it.
///
/// @param ways with drawn sets by their longest run
/// @param shortest the same with drawn sets by their shortest run; empty where nothing is drawn
public record Played(Setting setting, List<PlayedWay> ways, List<PlayedWay> shortest) {

    public Played {
        ways = List.copyOf(ways);
        shortest = List.copyOf(shortest);
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

    /// The numbers of all steps, also of those of a shorter run: a step of it has the number of the same words in the
    /// longest one.
    public Numbers numbers() {
        Map<String, Integer> byKey = new HashMap<>();
        Map<Integer, List<String>> keys = new HashMap<>();
        for (Numbered numbered : numbered()) {
            PlayedWay way = ways.get(numbered.way());
            byKey.put(
                    keys.computeIfAbsent(numbered.way(), _ -> keys(way))
                            .get(numbered.step().index()),
                    numbered.number());
            byKey.putIfAbsent(words(numbered.step()), numbered.number());
        }
        return new Numbers(byKey);
    }

    /// The numbers of steps in the whole line.
    public record Numbers(Map<String, Integer> byKey) {

        public Numbers {
            byKey = Map.copyOf(byKey);
        }

        /// The number of each step of a way, by its index. A step that only a shorter run has on its branch has the
        /// number of the first with the same words.
        ///
        /// @throws IllegalArgumentException if the way is not of this line
        public List<Integer> of(PlayedWay way) {
            List<String> keys = keys(way);
            return way.steps().stream()
                    .map(step -> Optional.ofNullable(byKey.get(keys.get(step.index())))
                            .or(() -> Optional.ofNullable(byKey.get(words(step))))
                            .orElseThrow(() -> new IllegalArgumentException("no step of this line: " + step)))
                    .toList();
        }
    }

    private static String words(Step step) {
        return step.placed().span().start() + "-" + step.placed().span().end();
    }

    /// What tells a step apart: its branch, its words, and the how-manieth time these words are played on that branch.
    private static List<String> keys(PlayedWay way) {
        Map<String, Integer> times = new HashMap<>();
        List<String> keys = new ArrayList<>();
        for (Step step : way.steps()) {
            String words = step.placed().branch() + "#" + words(step);
            keys.add(words + "#" + times.merge(words, 1, Integer::sum));
        }
        return keys;
    }

    /// How many beats the longest way lasts.
    public int beats() {
        return ways.stream().mapToInt(w -> w.way().beats()).max().orElse(0);
    }
}
