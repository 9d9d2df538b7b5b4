package onebeat.calibration.judgement;

/// One thing that coaches hold.
///
/// @param id its name
/// @param kind what is asked, as it stands in the table
/// @param what the line, the two lines, the feed, the weapon or the words that it is about
/// @param why the trade's reason
/// @param school whether coaches differ here
/// @param claim what must come out
public record Judgement(String id, String kind, String what, String why, boolean school, Claim claim) {

    /// What must come out.
    public interface Claim {

        /// Asks the engine.
        Verdict tried();
    }

    /// What came out.
    ///
    /// @param holds whether it is as coaches have it
    /// @param says what the engine says, where it does not
    public record Verdict(boolean holds, String says) {}
}
