package onebeat.core.book;

import java.time.LocalDate;

/// What the coach wrote down of a drill.
///
/// @param worker the id of the partner it is about; empty where it is about the athlete
public record Note(String id, String drillId, LocalDate date, String text, String worker) {

    /// The same as if it were about the athlete: in a camp that is turned round.
    public Note asAthletes() {
        return new Note(id, drillId, date, text, "");
    }
}
