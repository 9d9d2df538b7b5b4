package onebeat.core.camp;

import java.time.LocalDate;
import onebeat.core.holding.Odds;

/// A line that the coach keeps.
///
/// @param line the call line in canonical form
/// @param bpm the tempo it is drilled at
/// @param odds how often the feeder gives each cue of its reads
/// @param source where it came from, for example the id of an exchange; empty where it was typed
public record Drill(String id, String name, String line, int bpm, LocalDate made, String source, Odds odds) {

    /// A line whose reads come evenly.
    public Drill(String id, String name, String line, int bpm, LocalDate made, String source) {
        this(id, name, line, bpm, made, source, Odds.even());
    }

    public Drill withLine(String changed) {
        return new Drill(id, name, changed, bpm, made, source, odds);
    }

    public Drill withBpm(int tempo) {
        return new Drill(id, name, line, tempo, made, source, odds);
    }

    public Drill with(Odds changed) {
        return new Drill(id, name, line, bpm, made, source, changed);
    }
}
