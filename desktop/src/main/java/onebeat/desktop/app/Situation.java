package onebeat.desktop.app;

import java.time.LocalDate;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Ladders;

/// All that an update looks at: what a station has chosen, and the camp as it is.
///
/// @param <S> the station's state
/// @param ladders the ladders of the camp's lines, kept while nothing changes that they are built from
public record Situation<S>(S state, Camp camp, LocalDate today, Ladders ladders) {

    /// The same camp with another state.
    public <T> Situation<T> with(T other) {
        return new Situation<>(other, camp, today, ladders);
    }
}
