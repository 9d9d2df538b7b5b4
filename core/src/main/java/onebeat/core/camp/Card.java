package onebeat.core.camp;

import java.time.LocalDate;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Pairing;
import onebeat.core.review.School;

/// Who the camp is for, against whom, until when, by which school, and who stands across tonight.
///
/// @param partner the id of the partner at the door; empty where lines are held against the opponent alone
public record Card(
        String name,
        Fighter athlete,
        Fighter opponent,
        LocalDate firstDay,
        LocalDate fightNight,
        School school,
        String partner) {

    /// A card of the usual school.
    public Card(String name, Fighter athlete, Fighter opponent, LocalDate firstDay, LocalDate fightNight) {
        this(name, athlete, opponent, firstDay, fightNight, School.usual(), "");
    }

    public Card with(School changed) {
        return new Card(name, athlete, opponent, firstDay, fightNight, changed, partner);
    }

    /// The same card with another partner at the door.
    public Card withPartner(String id) {
        return new Card(name, athlete, opponent, firstDay, fightNight, school, id);
    }

    /// How the athlete and the opponent stand to each other.
    public Pairing pairing() {
        return Pairing.of(athlete.stance(), opponent.stance());
    }
}
