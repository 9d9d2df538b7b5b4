package onebeat.desktop;

import java.time.LocalDate;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Schedules;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.Next;
import onebeat.desktop.app.Situation;

/// The demo camp without a window, for tests of updates.
public final class DemoSituation {

    public static final LocalDate DAY = TestDay.TODAY;

    private DemoSituation() {}

    /// The demo camp on a day.
    public static Camp camp() {
        return DemoFiles.camp(DAY);
    }

    /// What was built stays, as in a window.
    private static final Schedules SCHEDULES = new Schedules();

    public static <S> Situation<S> of(Camp camp, S state) {
        return new Situation<>(state, camp, DAY, SCHEDULES);
    }

    /// The camp after what an update saves.
    public static Camp after(Camp camp, Next<?> next) {
        Camp now = camp;
        for (Effect effect : next.effects()) {
            if (effect instanceof Effect.Save save) {
                now = save.edit().applyTo(now);
            }
        }
        return now;
    }
}
