package onebeat.core.camp;

import java.time.LocalDate;
import onebeat.core.exchange.Fighter;
import onebeat.core.review.School;

/// Who the camp is for, against whom, until when, and by which school.
public record Card(
        String name, Fighter athlete, Fighter opponent, LocalDate firstDay, LocalDate fightNight, School school) {

    /// A card of the usual school.
    public Card(String name, Fighter athlete, Fighter opponent, LocalDate firstDay, LocalDate fightNight) {
        this(name, athlete, opponent, firstDay, fightNight, School.usual());
    }
}
