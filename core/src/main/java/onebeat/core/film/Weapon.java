package onebeat.core.film;

import onebeat.core.notation.Act;

/// Something that an athlete has: an action, and how surely they do it.
///
/// @param mastery 0 to 1; 1 where nothing is known against it
public record Weapon(Act act, double mastery) {

    /// @throws IllegalArgumentException if the mastery is no share
    public Weapon {
        if (!(mastery >= 0 && mastery <= 1)) {
            throw new IllegalArgumentException("mastery must be 0 to 1, not " + mastery);
        }
    }
}
