package onebeat.core.play;

import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Stance;

/// The two who stand there.
public record Setting(Fighter athlete, Fighter partner) {

    /// Two of 175 cm in orthodox stance: what is assumed where nothing is said.
    public static Setting usual() {
        return of(Stance.ORTHODOX, Stance.ORTHODOX);
    }

    /// Two of 175 cm in these stances.
    public static Setting of(Stance athlete, Stance partner) {
        return new Setting(Fighter.usual("athlete", athlete), Fighter.usual("partner", partner));
    }

    public Pairing pairing() {
        return Pairing.of(athlete.stance(), partner.stance());
    }
}
