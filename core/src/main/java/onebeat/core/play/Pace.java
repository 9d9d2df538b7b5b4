package onebeat.core.play;

/// How much time a beat gives, at fight speed.
///
/// Slow drilling slows both, so a beat never stands for more than [#usual]: the limbs come home and the steps
/// are taken in the drill's own slow motion. Faster than that a beat is as short as the tempo makes it.
///
/// @param beatMs milliseconds of fight time that a beat stands for, above 0
public record Pace(double beatMs) {

    private static final Pace USUAL = new Pace(BodyNumbers.FIGHT_BEAT_MS);

    /// A beat of a drill at fight speed.
    public static Pace usual() {
        return USUAL;
    }

    /// The pace of a tempo in beats a minute.
    public static Pace of(double bpm) {
        return new Pace(Math.min(BodyNumbers.FIGHT_BEAT_MS, MS_PER_MINUTE / bpm));
    }

    /// The fight time of so many beats, in milliseconds.
    public double ms(double beats) {
        return beats * beatMs;
    }

    private static final double MS_PER_MINUTE = 60_000;
}
