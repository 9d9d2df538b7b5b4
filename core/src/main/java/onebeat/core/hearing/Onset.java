package onebeat.core.hearing;

/// A sound begins.
///
/// @param timeS when, in seconds from the first sample
/// @param loudness how loud it is in its first hundredths of a second, in decibels under full scale: 0 or less
/// @param kind what it most likely is
/// @param sure how sure that is, from 0 to 1
/// @param struck how likely something was hit, whatever it most likely is, from 0 to 1
/// @param pitchHz the frequency at which it grew most, in hertz: of a tone its pitch
public record Onset(double timeS, double loudness, SoundKind kind, double sure, double struck, double pitchHz) {

    public double ms() {
        return timeS * 1000;
    }

    /// The same as another kind.
    public Onset as(SoundKind other, double surely) {
        return new Onset(timeS, loudness, other, surely, struck, pitchHz);
    }
}
