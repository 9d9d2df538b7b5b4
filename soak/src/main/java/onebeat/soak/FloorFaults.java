package onebeat.soak;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Random;
import javafx.scene.input.KeyCode;
import onebeat.core.camp.Camp;
import onebeat.desktop.app.StationName;
import onebeat.store.CampFile;

/// In the middle of a round the disk becomes full, the folder of the camp is renamed, or somebody sets the machine's
/// clock back. The round runs on; what was judged is kept, and is in the file once the fault is over.
final class FloorFaults implements Part {

    private static final long STEP_MS = 500;
    private static final int STEPS = 240;
    private static final List<KeyCode> JUDGED = List.of(KeyCode.C, KeyCode.L, KeyCode.W, KeyCode.S);

    private final Path folder;

    FloorFaults(Path folder) {
        this.folder = folder;
    }

    @Override
    public String name() {
        return "floor-faults";
    }

    @Override
    public int usually() {
        return 12;
    }

    private static int run(String... command) throws IOException, InterruptedException {
        return new ProcessBuilder(command).redirectErrorStream(true).start().waitFor();
    }

    @Override
    public void attempt(long seed) throws Exception {
        Path disk = Files.createDirectories(folder.resolve("floor-disk"));
        Part.must(run("mount", "-t", "tmpfs", "-o", "size=8m", "tmpfs", disk.toString()) == 0, "no right to mount");
        try {
            round(disk, new Random(seed), (int) Math.floorMod(seed, 3L));
        } finally {
            run("umount", disk.toString());
        }
    }

    private static void round(Path disk, Random random, int fault) throws Exception {
        Path inner = Files.createDirectories(disk.resolve("camp"));
        Path renamed = disk.resolve("renamed");
        Path ballast = disk.resolve("ballast");
        Path path = CampWindow.demo(inner, "floor.onebeat");
        Camp shown;
        int judged;
        try (CampWindow window = CampWindow.open(path)) {
            int before = window.app.camp().repetitions().size();
            CampWindow.timed(() -> window.shell.go(StationName.FLOOR));
            window.press(KeyCode.SPACE, false, false, false);
            run(window, random);
            switch (fault) {
                case 0 -> fill(ballast);
                case 1 -> Files.move(inner, renamed);
                default -> window.setClock(Duration.ofHours(-3));
            }
            run(window, random);
            judged = window.app.camp().repetitions().size() - before;
            switch (fault) {
                case 0 -> Files.delete(ballast);
                case 1 -> Files.move(renamed, inner);
                default -> window.setClock(Duration.ofHours(3));
            }
            run(window, random);
            CampWindow.timed(window.app::saveAgain);
            Part.must(!window.app.isUnsaved(), "something is unsaved after fault " + fault);
            shown = window.app.camp();
        }
        Part.must(judged > 2, "only " + judged + " were judged");
        try (CampFile file = Camps.opened(CampFile.open(path))) {
            Part.must(file.camp().equals(shown), "the file holds another camp than the floor showed");
        }
    }

    private static void run(CampWindow window, Random random) throws Exception {
        for (int i = 0; i < STEPS; i++) {
            window.clockMs.addAndGet(STEP_MS);
            if (random.nextInt(8) == 0) {
                window.press(JUDGED.get(random.nextInt(JUDGED.size())), false, false, false);
            }
        }
    }

    private static void fill(Path ballast) throws IOException {
        try (OutputStream out = Files.newOutputStream(ballast)) {
            byte[] some = new byte[4_096];
            while (true) {
                out.write(some);
            }
        } catch (IOException _) {
            // That is what it is for.
        }
    }
}
