package onebeat.desktop;

import java.nio.file.Path;
import java.time.LocalDate;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Ladders;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.Next;
import onebeat.desktop.app.Situation;
import onebeat.desktop.demo.DemoCamp;
import onebeat.store.CampFile;
import onebeat.store.Opening.Opened;

/// The demo camp without a window, for tests of updates.
public final class DemoSituation {

    public static final LocalDate DAY = LocalDate.of(2027, 3, 4);

    private DemoSituation() {}

    /// The demo camp on a day, made anew in a folder.
    public static Camp camp(Path folder) {
        try (CampFile file = ((Opened) DemoCamp.openOrCreate(folder.resolve("demo" + CampFile.ENDING), DAY)).file()) {
            return file.camp();
        }
    }

    /// What was built stays, as in a window.
    private static final Ladders LADDERS = new Ladders();

    public static <S> Situation<S> of(Camp camp, S state) {
        return new Situation<>(state, camp, DAY, LADDERS);
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
