package onebeat.soak;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.animation.AnimationTimer;
import javafx.scene.input.KeyCode;
import onebeat.core.camp.Camp;
import onebeat.desktop.app.StationName;
import onebeat.store.CampFile;

/// Three hours on the floor on a fast clock, judged as they go. Nothing unexpected happens, and what was judged is in
/// the file.
final class FloorHours implements Part {

    private static final long HOURS_MS = 3 * 3_600_000L;
    private static final long STEP_MS = 500;

    /// A key is pressed every ten seconds or so; in rests and on repetitions judged before, it adds none.
    private static final int LEAST_JUDGED = 200;
    private static final List<KeyCode> JUDGED = List.of(KeyCode.C, KeyCode.L, KeyCode.W, KeyCode.S);

    private final Path folder;
    private int judged;
    private double longestMs;

    FloorHours(Path folder) {
        this.folder = folder;
    }

    @Override
    public String name() {
        return "floor-hours";
    }

    @Override
    public int usually() {
        return 1;
    }

    @Override
    public void attempt(long seed) throws Exception {
        Random random = new Random(seed);
        Path path = CampWindow.demo(folder, "floor.onebeat");
        Camp shown;
        int before;
        try (CampWindow window = CampWindow.open(path)) {
            before = window.app.camp().repetitions().size();
            CampWindow.timed(() -> window.shell.go(StationName.FLOOR));
            window.press(KeyCode.SPACE, false, false, false);
            for (long ms = 0; ms < HOURS_MS; ms += STEP_MS) {
                window.clockMs.addAndGet(STEP_MS);
                long begun = System.nanoTime();
                pulse();
                longestMs = Math.max(longestMs, (System.nanoTime() - begun) / 1e6);
                if (random.nextInt(20) == 0) {
                    window.press(JUDGED.get(random.nextInt(JUDGED.size())), false, false, false);
                }
                if (random.nextInt(900) == 0) {
                    again(window, random);
                }
            }
            CampWindow.mustBeExpected();
            Part.must(!window.app.isUnsaved(), "something is unsaved");
            shown = window.app.camp();
            judged = shown.repetitions().size() - before;
        }
        try (CampFile file = Camps.opened(CampFile.open(path))) {
            Part.must(file.camp().equals(shown), "the file holds another camp than the floor showed");
            Part.must(judged > LEAST_JUDGED, "only " + judged + " were judged in three hours");
        }
    }

    /// A round again, which after the end is the last one; or an evening anew where it was over. Who leaves the floor
    /// pauses it, so that the bell always starts it when one comes back.
    private static void again(CampWindow window, Random random) throws Exception {
        if (random.nextBoolean()) {
            window.press(KeyCode.R, false, false, false);
        }
        CampWindow.timed(() -> window.shell.go(StationName.ROUNDS));
        CampWindow.timed(() -> window.shell.go(StationName.FLOOR));
        window.press(KeyCode.SPACE, false, false, false);
    }

    /// Waits until the window has been drawn once more.
    private static void pulse() throws Exception {
        CountDownLatch drawn = new CountDownLatch(1);
        CampWindow.onFx(() -> {
            new AnimationTimer() {
                @Override
                public void handle(long now) {
                    stop();
                    drawn.countDown();
                }
            }.start();
            return true;
        });
        Part.must(drawn.await(20, TimeUnit.SECONDS), "the window is not drawn any more");
    }

    @Override
    public String measured() {
        return String.format(Locale.ROOT, "%d repetitions judged; longest frame %.0f ms", judged, longestMs);
    }
}
