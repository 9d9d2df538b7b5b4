package onebeat.desktop;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Ladders;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.Next;
import onebeat.desktop.app.Situation;
import onebeat.store.CampFile;
import onebeat.store.Opening.Opened;

/// The demo camp without a window, for tests of updates.
public final class DemoSituation {

    public static final LocalDate DAY = LocalDate.of(2027, 3, 4);

    private DemoSituation() {}

    private static final Camp CAMP = read();

    private static Camp read() {
        try {
            Path folder = Files.createTempDirectory("demo");
            try (CampFile file = ((Opened) CampFile.open(DemoFiles.in(folder, DAY))).file()) {
                return file.camp();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /// The demo camp on a day.
    public static Camp camp() {
        return CAMP;
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
