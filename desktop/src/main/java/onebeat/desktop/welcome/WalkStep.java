package onebeat.desktop.welcome;

import java.util.Locale;
import onebeat.core.camp.Camp;
import onebeat.desktop.app.StationName;

/// The walk through the demo camp: seven steps, from what is seen on film to tomorrow's proposal.
public enum WalkStep {
    LOG(StationName.FILM),
    DRILL(StationName.FILM),
    MEND(StationName.BENCH),
    TONIGHT(StationName.BENCH),
    PLAN(StationName.ROUNDS),
    JUDGE(StationName.FLOOR),
    BOOK(StationName.BOOK);

    private final StationName station;

    /// What the window shows at a moment.
    ///
    /// @param line what stands in the call line
    public record Scene(StationName station, Camp camp, String line) {}

    WalkStep(StationName station) {
        this.station = station;
    }

    /// Where it is done.
    public StationName station() {
        return station;
    }

    /// Whether what it asks for was done since it was asked.
    boolean isDone(Scene before, Scene now) {
        Camp then = before.camp;
        return switch (this) {
            case LOG -> now.camp.exchanges().size() > then.exchanges().size();
            case DRILL -> now.camp.drills().size() > then.drills().size();
            case MEND -> !now.line.equals(before.line) && now.station == StationName.BENCH;
            case TONIGHT -> now.camp.rounds().size() > then.rounds().size();
            case PLAN -> now.station == StationName.FLOOR;
            case JUDGE -> now.camp.repetitions().size() > then.repetitions().size();
            case BOOK -> false;
        };
    }

    /// The key under which its words stand.
    public String key() {
        return "walk." + name().toLowerCase(Locale.ROOT);
    }
}
