package onebeat.store;

import static onebeat.store.CampFileTest.drill;
import static onebeat.store.CampFileTest.opened;
import static onebeat.store.CampFileTest.refused;
import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.stream.Stream;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.store.Saving.Waiting;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// A camp that is opened for reading: nothing of it or beside it changes.
class CampReadingTest {

    @TempDir
    private Path folder;

    private Path camp() throws IOException {
        Path inner = Files.createDirectories(folder.resolve("camp"));
        Path path = inner.resolve("a.onebeat");
        opened(CampFile.create(path, CampFileTest.CARD, f -> f.add(Edit.add(Place.DRILLS, drill("d0", "1")))))
                .close();
        return path;
    }

    private static List<String> names(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(file -> String.valueOf(file.getFileName()))
                    .sorted()
                    .toList();
        }
    }

    @Test
    void nothingIsWrittenAndWhatIsChangedIsKeptInMemoryUntilItIsWrittenElsewhere() throws IOException {
        Path path = camp();
        byte[] before = Files.readAllBytes(path);
        Path other = folder.resolve("other.onebeat");
        Camp wanted;
        try (CampFile file = opened(CampFile.read(path))) {
            assertThat(file.isForReading()).isTrue();
            for (int i = 1; i < 4; i++) {
                int changes = i;
                assertThat(file.save(Edit.add(Place.DRILLS, drill("d" + i, "1 2"))))
                        .isInstanceOfSatisfying(Waiting.class, waits -> {
                            assertThat(waits.changes()).isEqualTo(changes);
                            assertThat(waits.sentence()).contains("opened for reading");
                        });
            }
            file.undo();
            file.keepDraft("bench", "1 2 3");
            assertThat(file.waiting()).isEqualTo(2);
            wanted = file.camp();
            assertThat(wanted.drills().size()).isEqualTo(3);
            assertThat(names(path.getParent())).containsExactly("a.onebeat");
            try (CampFile next = opened(file.writeAnew(other))) {
                assertThat(next.camp()).isEqualTo(wanted);
            }
        }
        assertThat(Files.readAllBytes(path)).isEqualTo(before);
        assertThat(names(path.getParent())).containsExactly("a.onebeat");
        try (CampFile again = opened(CampFile.open(other))) {
            assertThat(again.camp()).isEqualTo(wanted);
        }
    }

    /// Two read at once, while a third process writes: nobody stops anybody.
    @Test
    void aCampThatIsReadIsNotHeld() throws IOException {
        Path path = camp();
        try (CampFile one = opened(CampFile.read(path));
                CampFile two = opened(CampFile.read(path));
                CampFile writer = opened(CampFile.open(path))) {
            CampFileTest.saved(writer.save(Edit.add(Place.DRILLS, drill("d1", "1"))));
            assertThat(one.camp()).isEqualTo(two.camp());
            // A handle on the file that is closed would let the lock of this program fall.
            assertThat(refused(CampFile.read(path)).reason()).isEqualTo(Opening.Reason.IN_USE);
        }
    }

    /// A database that is held exclusively leaves its journal behind after each change: that is no change half done.
    @Test
    void aCampThatAnotherProcessHasChangedAndHoldsIsRead() throws IOException, InterruptedException {
        Path path = camp();
        try (CampFile writer = opened(CampFile.open(path))) {
            CampFileTest.saved(writer.save(Edit.add(Place.DRILLS, drill("d1", "1"))));
            Process reader = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "--enable-native-access=ALL-UNNAMED",
                            "-cp",
                            System.getProperty("java.class.path"),
                            Reader.class.getName(),
                            path.toString())
                    .redirectErrorStream(true)
                    .start();
            String told = new String(reader.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(reader.waitFor()).as(told).isEqualTo(2);
        }
    }

    /// Another process that reads a camp; its exit code is how many lines that has.
    static final class Reader {

        private Reader() {}

        public static void main(String[] args) {
            Opening opening = CampFile.read(Path.of(args[0]));
            System.out.println(opening);
            System.exit(
                    opening instanceof Opening.Opened(CampFile file)
                            ? file.camp().drills().size()
                            : 99);
        }
    }

    @Test
    void aFolderThatCannotBeWrittenIsRead() throws IOException, InterruptedException {
        Path path = camp();
        Path mounted = Files.createDirectory(folder.resolve("mounted"));
        assumeTrue(run("mount", "--bind", path.getParent().toString(), mounted.toString()) == 0);
        try {
            assumeTrue(run("mount", "-o", "remount,ro,bind", mounted.toString()) == 0);
            try (CampFile file = opened(CampFile.read(mounted.resolve("a.onebeat")))) {
                assertThat(file.camp().drills().size()).isEqualTo(1);
            }
            assertThat(refused(CampFile.open(mounted.resolve("a.onebeat"))).reason())
                    .isEqualTo(Opening.Reason.CANNOT_WRITE);
            try (CampFile file = opened(CampFile.openOrRead(mounted.resolve("a.onebeat")))) {
                assertThat(file.isForReading()).isTrue();
            }
        } finally {
            run("umount", mounted.toString());
        }
    }

    @Test
    void aChangeThatWasBegunAndNotEndedIsTold() throws IOException {
        Path path = camp();
        byte[] begun = new byte[600];
        begun[0] = (byte) 0xd9;
        Files.write(path.resolveSibling("a.onebeat-journal"), begun);
        assertThat(refused(CampFile.read(path)).sentence()).contains("begun and not ended");
        assertThat(names(path.getParent())).containsExactly("a.onebeat", "a.onebeat-journal");
    }

    private static int run(String... command) throws IOException, InterruptedException {
        return new ProcessBuilder(command).redirectErrorStream(true).start().waitFor();
    }

    /// What a killed program left is taken away by the next that opens or makes the same camp; what somebody makes just
    /// now is left.
    @Test
    void whatAKilledProgramLeftBesideIsTakenAway() throws IOException {
        Path path = camp();
        Path left = Files.write(path.resolveSibling(".a.onebeat.new"), new byte[100]);
        Files.write(path.resolveSibling(".a.onebeat.new-journal"), new byte[100]);
        try (WorkFile made = WorkFile.beside(path)) {
            assertThat(made.path()).isEqualTo(left);
            opened(CampFile.open(path)).close();
            assertThat(made.path()).exists();
        }
        Files.write(left, new byte[100]);
        opened(CampFile.open(path)).close();
        assertThat(names(path.getParent())).containsExactly("a.onebeat");
    }

    @Test
    void campsAndCopiesAreForTheirOwnerAlone() throws IOException {
        Path path = camp();
        assertThat(mode(path)).isEqualTo("rw-------");
        Copies copies = new Copies(folder.resolve("program").resolve("copies"));
        try (CampFile file = opened(CampFile.open(path))) {
            assertThat(copies.take(file, CampFileTest.CARD.firstDay().atStartOfDay()))
                    .isEmpty();
        }
        Path copy = copies.of(path).getFirst().file();
        assertThat(mode(copy)).isEqualTo("rw-------");
        assertThat(mode(folder.resolve("program"))).isEqualTo("rwx------");
        Files.setPosixFilePermissions(path, PosixFilePermissions.fromString("rw-rw----"));
        assertThat(copies.restore(
                        copies.of(path).getFirst(),
                        path,
                        CampFileTest.CARD.firstDay().atTime(1, 0)))
                .isEmpty();
        assertThat(mode(path)).as("as readable as before").isEqualTo("rw-rw----");
    }

    private static String mode(Path path) throws IOException {
        return PosixFilePermissions.toString(Files.getPosixFilePermissions(path));
    }

    @Test
    void aCopyIsNotPutBackOverACampThatIsOpen() throws IOException {
        Path path = camp();
        Path link = Files.createLink(folder.resolve("link.onebeat"), path);
        Copies copies = new Copies(folder.resolve("copies"));
        try (CampFile file = opened(CampFile.open(path))) {
            assertThat(copies.take(file, CampFileTest.CARD.firstDay().atStartOfDay()))
                    .isEmpty();
            for (Path name : List.of(path, link)) {
                assertThat(copies.restore(
                                copies.of(path).getFirst(),
                                name,
                                CampFileTest.CARD.firstDay().atTime(1, 0)))
                        .hasValueSatisfying(wrong ->
                                assertThat(wrong).contains("not put back").contains("is open in"));
            }
            CampFileTest.saved(file.save(Edit.add(Place.DRILLS, drill("d1", "1"))));
        }
    }
}
