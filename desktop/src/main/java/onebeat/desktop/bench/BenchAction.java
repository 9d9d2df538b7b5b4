package onebeat.desktop.bench;

import java.util.Optional;
import onebeat.core.review.Finding;
import onebeat.core.review.StrikeChange;
import onebeat.desktop.callline.LineWatch;
import onebeat.desktop.rope.RopeMark;

/// What can be done on the bench.
sealed interface BenchAction {

    /// Done by a key or a button.
    enum Do implements BenchAction {
        BACK,
        ON,
        LINE_UP,
        LINE_DOWN,
        WAY_BEFORE,
        WAY_AFTER,
        FASTER,
        SLOWER,
        NEW,
        VARIANTS,
        HOLDER,
        COMPARE,
        ANSWERS,
        WEAPON,
        LADDER,
        BY_FILM,
        MIRROR,
        ODDS_BY_FILM,
        PRINT
    }

    /// Asks the window for the line as it stands now, and puts it into tonight.
    enum Ask implements BenchAction {
        TO_ROUNDS
    }

    /// The line that a function key takes, a mend or one of a page, goes into the call line.
    record TakeLine(int functionKey) implements BenchAction {}

    /// The cue with this number comes more often; 0 makes all even again.
    record Weigh(int number) implements BenchAction {}

    /// The typed line is kept and goes into tonight.
    ///
    /// @param seen the line as it stands now
    record ToRounds(LineWatch.Seen seen) implements BenchAction {}

    /// The typed line was entered.
    record Enter(LineWatch.Seen seen) implements BenchAction {}

    /// The line that is typed was looked at.
    record Looked(LineWatch.Seen seen) implements BenchAction {}

    /// Another drill lies on the bench, or none.
    record Laid(Optional<String> drill) implements BenchAction {}

    /// One looks at another place on the rope.
    record Look(RopeMark there) implements BenchAction {}

    /// One looks where a finding stands.
    record LookAt(Finding finding) implements BenchAction {}

    /// What is done at the mark is changed.
    record Change(StrikeChange change) implements BenchAction {}

    /// A line of the list was pressed.
    record ChooseDrill(String id) implements BenchAction {}
}
