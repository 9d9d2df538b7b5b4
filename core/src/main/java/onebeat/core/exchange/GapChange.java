package onebeat.core.exchange;

/// What an action does to the distance between the two.
public sealed interface GapChange {

    /// It changes the gap by so many centimetres; negative is nearer.
    record By(double cm) implements GapChange {}

    /// It brings both into the clinch.
    record IntoClinch() implements GapChange {}
}
