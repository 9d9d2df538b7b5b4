package onebeat.core.camp;

import java.time.LocalDate;

/// A line that the coach keeps.
///
/// @param line the call line in canonical form
/// @param bpm the tempo it is drilled at
/// @param source where it came from, for example the id of an exchange; empty where it was typed
public record Drill(String id, String name, String line, int bpm, LocalDate made, String source) {

    public Drill withLine(String changed) {
        return new Drill(id, name, changed, bpm, made, source);
    }

    public Drill withBpm(int tempo) {
        return new Drill(id, name, line, tempo, made, source);
    }
}
