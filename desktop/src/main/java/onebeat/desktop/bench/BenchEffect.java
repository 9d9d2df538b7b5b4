package onebeat.desktop.bench;

import onebeat.desktop.app.Effect;

/// What only the bench does.
sealed interface BenchEffect extends Effect.OfStation {

    /// What can lie beside the rope.
    enum SidePage {
        VARIANTS,
        HOLDER,
        COMPARE,
        ANSWERS,
        WEAPON,
        LADDER
    }

    /// A page is turned to, or back to the corner.
    record Turn(SidePage page) implements BenchEffect {}

    /// The line of a function key goes into the call line.
    record Take(int functionKey) implements BenchEffect {}

    /// What is typed is reviewed anew: what it is held against has changed.
    record LookAgain() implements BenchEffect {}

    /// Openings follow film, or the usual reactions.
    record SwitchFilm() implements BenchEffect {}

    /// The cards of the line are printed.
    record PrintCards() implements BenchEffect {}
}
