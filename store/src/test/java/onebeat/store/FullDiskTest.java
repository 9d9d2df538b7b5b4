package onebeat.store;

import static onebeat.store.CampFileTest.opened;
import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// A full disk: a small file system of its own is filled up. Needs the right to mount; left out where it is missing.
class FullDiskTest {

    @TempDir
    Path folder;

    private static int run(String... command) throws IOException, InterruptedException {
        return new ProcessBuilder(command).redirectErrorStream(true).start().waitFor();
    }

    @Test
    void aFullDiskIsToldAndNothingIsLost() throws IOException, InterruptedException {
        Path small = Files.createDirectory(folder.resolve("small"));
        assumeTrue(run("mount", "-t", "tmpfs", "-o", "size=512k", "tmpfs", small.toString()) == 0);
        try {
            Path path = small.resolve("a.onebeat");
            Camp before;
            Path ballast = small.resolve("ballast");
            Files.write(ballast, new byte[100_000]);
            try (CampFile file = opened(CampFile.create(path, CampFileTest.CARD, filling -> {}))) {
                Saving last = file.save(Edit.add(Place.DRILLS, CampFileTest.drill("d0", "1")));
                for (int i = 1; last instanceof Saving.Saved && i < 2000; i++) {
                    last = file.save(Edit.add(Place.DRILLS, CampFileTest.drill("d" + i, "1 2 3 ".repeat(300))));
                }
                assertThat(last)
                        .isInstanceOfSatisfying(
                                Saving.Waiting.class,
                                waits -> assertThat(waits.sentence())
                                        .contains("disk is full")
                                        .contains("safe")
                                        .contains("in memory"));
                assertThat(file.save(Edit.add(Place.DRILLS, CampFileTest.drill("more", "2"))))
                        .isInstanceOfSatisfying(
                                Saving.Waiting.class,
                                waits -> assertThat(waits.changes()).isEqualTo(2));
                before = file.camp();
                Files.delete(ballast);
                assertThat(file.writeWaiting()).isEqualTo(new Saving.Saved(before));
                assertThat(file.waiting()).isZero();
            }
            try (CampFile again = opened(CampFile.open(path))) {
                assertThat(again.camp()).isEqualTo(before);
            }
        } finally {
            run("umount", small.toString());
        }
    }

    /// The disk is full only when all is written out. The change had its number in the history by then; what had been
    /// taken back has it still.
    @Test
    void whatWaitedAndIsForgottenIsNotDoneAgainForWhatWasTakenBack() throws IOException, InterruptedException {
        Path small = Files.createDirectory(folder.resolve("small"));
        assumeTrue(run("mount", "-t", "tmpfs", "-o", "size=768k", "tmpfs", small.toString()) == 0);
        try (CampFile file = opened(CampFile.create(small.resolve("a.onebeat"), CampFileTest.CARD, filling -> {}))) {
            Camp empty = file.camp();
            file.save(Edit.add(Place.DRILLS, CampFileTest.drill("d1", "1 2")));
            file.undo();
            Path ballast = small.resolve("ballast");
            long free = Files.getFileStore(small).getUsableSpace();
            assertThat(free).isGreaterThan(200_000);
            Files.write(ballast, new byte[(int) free - 100_000]);
            List<Edit> many = IntStream.range(0, 100)
                    .mapToObj(i -> Edit.add(Place.DRILLS, CampFileTest.drill("m" + i, "1 2 3 ".repeat(300))))
                    .toList();
            assertThat(file.save(new Edit.Together(many))).isInstanceOf(Saving.Waiting.class);
            assertThat(file.undo()).contains(new Saving.Saved(empty));
            Files.delete(ballast);
            file.redo();
            assertThat(file.camp().drills().all()).extracting(Drill::id).containsExactly("d1");
        } finally {
            run("umount", small.toString());
        }
    }
}
