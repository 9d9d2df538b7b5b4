package onebeat.desktop.app;

import java.time.LocalDate;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Schedules;

/// All that an update looks at: what a station has chosen, and the camp as it is.
///
/// @param <S> the station's state
/// @param schedules the camp's sessions on the clock, with the ladders of its lines
public record Situation<S>(S state, Camp camp, LocalDate today, Schedules schedules) {

    /// The same camp with another state.
    public <T> Situation<T> with(T other) {
        return new Situation<>(other, camp, today, schedules);
    }
}
