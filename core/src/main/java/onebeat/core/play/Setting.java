package onebeat.core.play;

import java.util.Objects;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Ranges;
import onebeat.core.exchange.Stance;

/// The two who stand there, the ranges that their builds give, and the pace at which they move.
public final class Setting {

    private final Fighter athlete;
    private final Fighter partner;
    private final Pace pace;
    private final Ranges athleteRanges;
    private final Ranges partnerRanges;

    public Setting(Fighter athlete, Fighter partner) {
        this(athlete, partner, Pace.usual(), Ranges.of(athlete, partner), Ranges.of(partner, athlete));
    }

    private Setting(Fighter athlete, Fighter partner, Pace pace, Ranges athleteRanges, Ranges partnerRanges) {
        this.athlete = athlete;
        this.partner = partner;
        this.pace = pace;
        this.athleteRanges = athleteRanges;
        this.partnerRanges = partnerRanges;
    }

    /// The same two at a tempo, in beats a minute.
    public Setting at(double bpm) {
        Pace changed = Pace.of(bpm);
        return changed.equals(pace) ? this : new Setting(athlete, partner, changed, athleteRanges, partnerRanges);
    }

    /// How much time a beat gives.
    public Pace pace() {
        return pace;
    }

    /// Two of 175 cm in orthodox stance: what is assumed where nothing is said.
    public static Setting usual() {
        return of(Stance.ORTHODOX, Stance.ORTHODOX);
    }

    /// Two of 175 cm in these stances.
    public static Setting of(Stance athlete, Stance partner) {
        return new Setting(Fighter.usual("athlete", athlete), Fighter.usual("partner", partner));
    }

    public Fighter athlete() {
        return athlete;
    }

    public Fighter partner() {
        return partner;
    }

    public Fighter fighter(Who who) {
        return who == Who.ATHLETE ? athlete : partner;
    }

    public Pairing pairing() {
        return Pairing.of(athlete.stance(), partner.stance());
    }

    /// The range bands of one against the other. A range in a call line is always the athlete's.
    public Ranges ranges(Who who) {
        return who == Who.ATHLETE ? athleteRanges : partnerRanges;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Setting setting
                && athlete.equals(setting.athlete)
                && partner.equals(setting.partner)
                && pace.equals(setting.pace);
    }

    @Override
    public int hashCode() {
        return Objects.hash(athlete, partner, pace);
    }

    @Override
    public String toString() {
        return athlete + " against " + partner;
    }
}
