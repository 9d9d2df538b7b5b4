package onebeat.core.camp;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import onebeat.core.holding.Odds;
import onebeat.core.timing.Rung;

/// A line that the coach keeps.
///
/// @param line the call line in canonical form
/// @param bpm the tempo it is drilled at
/// @param odds how often the feeder gives each cue of its reads
/// @param source where it came from, for example the id of an exchange; empty where it was typed
/// @param rung where it stands on its ladder
/// @param overruled what the coach decided against the book's proposal, the last time, in words; may
/// be empty
public record Drill(
        String id,
        String name,
        String line,
        int bpm,
        LocalDate made,
        String source,
        Odds odds,
        Rung rung,
        String overruled) {

    /// A line whose reads come evenly.
    public Drill(String id, String name, String line, int bpm, LocalDate made, String source) {
        this(id, name, line, bpm, made, source, Odds.even());
    }

    /// A line that is drilled whole.
    public Drill(String id, String name, String line, int bpm, LocalDate made, String source, Odds odds) {
        this(id, name, line, bpm, made, source, odds, Rung.WHOLE, "");
    }

    public Drill withLine(String changed) {
        return new Drill(id, name, changed, bpm, made, source, odds, rung, overruled);
    }

    public Drill withBpm(int tempo) {
        return new Drill(id, name, line, tempo, made, source, odds, rung, overruled);
    }

    public Drill with(Odds changed) {
        return new Drill(id, name, line, bpm, made, source, changed, rung, overruled);
    }

    /// The same at another place of its ladder.
    public Drill at(Rung step, int tempo) {
        return new Drill(id, name, line, tempo, made, source, odds, step, overruled);
    }

    /// The same with what the coach decided against the book.
    public Drill overruled(String words) {
        return new Drill(id, name, line, bpm, made, source, odds, rung, words);
    }

    /// What the coach decided against the book, from a day on.
    public Drill overruledOn(LocalDate day, String words) {
        return overruled(day + " " + words);
    }

    /// Whether the coach decided against the book on this day or later.
    public boolean isOverruledSince(LocalDate day) {
        int end = overruled.indexOf(' ');
        return end > 0 && isSince(overruled.substring(0, end), day);
    }

    private static boolean isSince(String when, LocalDate day) {
        try {
            return !LocalDate.parse(when).isBefore(day);
        } catch (DateTimeParseException _) {
            // Words of the coach's own that stand where a day would: nothing was decided on a day.
            return false;
        }
    }
}
