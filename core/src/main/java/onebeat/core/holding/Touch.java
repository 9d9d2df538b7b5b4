package onebeat.core.holding;

import onebeat.core.exchange.Level;
import onebeat.core.play.Limb;
import onebeat.core.play.Who;

/// A kind of touch: who touches, with which limb, where, and whether it meets a pad or the person.
public record Touch(Who by, Limb limb, Level level, On on) {

    /// What it meets.
    public enum On {
        /// A pad, or gear that is worn.
        PAD,
        /// The person.
        PERSON
    }

    /// The same touch by the other one.
    Touch turned() {
        return new Touch(by == Who.ATHLETE ? Who.PARTNER : Who.ATHLETE, limb, level, on);
    }
}
