package onebeat.core.camp;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import onebeat.core.film.Idea;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Beat;
import onebeat.core.play.Placed;
import onebeat.core.play.Placing;
import onebeat.core.play.Way;
import onebeat.core.play.Who;

/// Finds the lines of the camp that use what an opponent leaves open.
public final class BookLines {

    /// The strike comes at most so many of the athlete's beats after the stimulus: later the opponent is back at
    /// guard.
    private static final int WITHIN = 2;

    private BookLines() {}

    /// The drills that have the idea's strike right after its stimulus, in the camp's order.
    public static List<Drill> using(Camp camp, Idea idea) {
        return camp.drills().all().stream()
                .filter(drill -> Notation.read(drill.line(), camp.vocabulary()) instanceof Read read
                        && Placing.ways(read.line(), camp.card().pairing()).stream()
                                .anyMatch(way -> uses(way, idea)))
                .toList();
    }

    private static boolean uses(Way way, Idea idea) {
        List<String> beats = athletesBeats(way);
        for (int i = 0; i < beats.size(); i++) {
            if (beats.get(i).equals(idea.stimulus())) {
                List<String> next = beats.subList(i + 1, Math.min(beats.size(), i + 1 + WITHIN));
                if (next.stream()
                        .anyMatch(b -> List.of(b.split("\\+", -1))
                                .contains(idea.reply().strike()))) {
                    return true;
                }
            }
        }
        return false;
    }

    private static List<String> athletesBeats(Way way) {
        Map<Beat, List<Placed>> beats = new TreeMap<>();
        way.actions().stream()
                .filter(p -> p.who() == Who.ATHLETE)
                .forEach(p ->
                        beats.computeIfAbsent(p.beat(), _ -> new ArrayList<>()).add(p));
        return beats.values().stream()
                .map(beat ->
                        beat.stream().map(p -> Notation.print(p.act().normal())).collect(Collectors.joining("+")))
                .toList();
    }
}
