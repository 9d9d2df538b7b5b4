package onebeat.soak;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import onebeat.core.camp.Camp;
import onebeat.formats.book.BookOut;
import onebeat.formats.film.FilmOutFiles;
import onebeat.formats.film.ReelTable;
import onebeat.formats.out.OutFiles;
import onebeat.store.CampFile;
import onebeat.store.Saving;

/// A small disk of its own that is full at some write of an evening: a save, a copy, the film and the book going out.
/// What was told as saved is there, what waited is written once there is room, and files that went out before are
/// whole.
/// Needs the right to mount.
final class FullDisk implements Part {

    private static final int SAVES = 40;

    private final Path disk;
    private boolean mounted;

    FullDisk(Path folder) {
        this.disk = folder.resolve("disk");
    }

    @Override
    public String name() {
        return "full-disk";
    }

    @Override
    public int usually() {
        return 100;
    }

    private static int run(String... command) throws IOException, InterruptedException {
        return new ProcessBuilder(command).redirectErrorStream(true).start().waitFor();
    }

    @Override
    public void attempt(long seed) throws Exception {
        Files.createDirectories(disk);
        Part.must(run("mount", "-t", "tmpfs", "-o", "size=2m", "tmpfs", disk.toString()) == 0, "no right to mount");
        mounted = true;
        try {
            evening(new Random(seed), (int) (seed % SAVES));
        } finally {
            run("umount", disk.toString());
            mounted = false;
        }
    }

    private void evening(Random random, int fullAt) throws IOException {
        Path path = Camps.empty(disk.resolve("a.onebeat"));
        OutFiles out = new OutFiles(disk.resolve("written"));
        Path ballast = disk.resolve("ballast");
        Camp acknowledged;
        Camp wanted;
        try (CampFile file = Camps.opened(CampFile.open(path))) {
            acknowledged = file.camp();
            for (int i = 0; i < SAVES; i++) {
                if (i == fullAt) {
                    goOut(file.camp(), out);
                    fill(ballast);
                    Part.must(file.copyTo(disk.resolve("copy.onebeat")).isPresent(), "a copy on a full disk");
                    Part.must(!Files.exists(disk.resolve("copy.onebeat")), "half a copy");
                    failToGoOut(file.camp(), out);
                }
                Saving saving = file.save(Camps.edit(random, file.camp()));
                Part.must(!(saving instanceof Saving.NotSaved), "refused: " + saving);
                acknowledged = saving instanceof Saving.Saved saved ? saved.camp() : acknowledged;
            }
            wanted = file.camp();
            Files.deleteIfExists(ballast);
            Saving last = file.writeWaiting();
            Part.must(last instanceof Saving.Saved, "there is room, and still: " + last);
        }
        try (CampFile again = Camps.opened(CampFile.open(path))) {
            Part.must(again.camp().equals(wanted), "the camp is not what was saved");
        }
    }

    private void fill(Path ballast) throws IOException {
        try (var out = Files.newOutputStream(ballast)) {
            byte[] some = new byte[4_096];
            while (true) {
                out.write(some);
            }
        } catch (IOException _) {
            // That is what it is for.
        }
    }

    private void goOut(Camp camp, OutFiles out) throws IOException {
        FilmOutFiles.write(camp.exchanges().all(), ReelTable.NONE, disk, out, OutFiles.Taken.REFUSE, new ArrayList<>());
        BookOut.write(camp, disk, out, OutFiles.Taken.REFUSE, new ArrayList<>());
    }

    private void failToGoOut(Camp camp, OutFiles out) throws IOException {
        byte[] before = Files.readAllBytes(disk.resolve("film.csv"));
        List<String> written = new ArrayList<>();
        try {
            FilmOutFiles.write(camp.exchanges().all(), ReelTable.NONE, disk, out, OutFiles.Taken.REFUSE, written);
            throw new IllegalStateException("went out on a full disk: " + written);
        } catch (IOException _) {
            Part.must(Arrays.equals(before, Files.readAllBytes(disk.resolve("film.csv"))), "the old film is not whole");
        }
    }

    @Override
    public void end() throws Exception {
        if (mounted) {
            run("umount", disk.toString());
        }
    }
}
