package onebeat.core.camp;

import java.time.LocalDate;
import onebeat.core.exchange.Fighter;

/// Who the camp is for, against whom, and until when.
public record Card(String name, Fighter athlete, Fighter opponent, LocalDate firstDay, LocalDate fightNight) {}
