package onebeat.core.change;

import java.time.LocalDate;
import java.util.Optional;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.holding.Choices;
import onebeat.core.holding.Odds;
import onebeat.core.notation.Line;
import onebeat.core.notation.OwnLine;

/// Changes to the lines of a camp.
public final class DrillChanges {

    private static final int MOST_WEIGHT = 9;

    private DrillChanges() {}

    /// A line as the drill that is worked on, or as a new one.
    ///
    /// @param before the drill that is worked on; empty for a new line
    /// @param name what a new one is called
    /// @param bpm the tempo that a new one starts at
    public static Drill kept(Camp camp, Optional<Drill> before, String line, String name, int bpm, LocalDate day) {
        return before.map(d -> d.withLine(line))
                .orElseGet(() -> new Drill(camp.drills().nextId("d"), name, line, bpm, day, ""));
    }

    /// The drill becomes another, or is new.
    public static Edit edit(Optional<Drill> before, Drill after) {
        return new Edit.Change<>(Place.DRILLS, before, Optional.of(after));
    }

    /// A line of the coach's own by its name; one of the same name is replaced.
    public static Edit defined(Camp camp, OwnLine own) {
        return new Edit.Change<>(Place.OWN_LINES, camp.ownLines().get(own.name()), Optional.of(own));
    }

    /// The odds with one cue coming more often; after the most, never.
    ///
    /// @param number of the cue, counted from 1 through all reads of the line; 0 makes all even again
    public static Odds weighed(Line line, Odds odds, int number) {
        if (number <= 0) {
            return Odds.even();
        }
        Odds changed = odds;
        int left = number - 1;
        for (Choices.OfRead read : Choices.reads(line)) {
            if (left >= 0 && left < read.options()) {
                int weight = changed.weights(read.number(), read.options()).get(left);
                changed = changed.with(read.number(), read.options(), left, weight >= MOST_WEIGHT ? 0 : weight + 1);
            }
            left -= read.options();
        }
        return changed;
    }
}
