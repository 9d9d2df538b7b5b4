package onebeat.store;

import static onebeat.store.CampFileTest.drill;
import static onebeat.store.CampFileTest.opened;
import static onebeat.store.CampFileTest.refused;
import static onebeat.store.CampFileTest.saved;
import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.io.InputStream;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.store.Opening.Reason;
import onebeat.store.Saving.Waiting;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// What happens to an open camp while its file is taken away, and who may open it.
class FileFaultsTest {

    @TempDir
    Path folder;

    private Path camp() {
        Path path = folder.resolve("a.onebeat");
        opened(CampFile.create(
                        path, CampFileTest.CARD, filling -> filling.add(Edit.add(Place.DRILLS, drill("d0", "1")))))
                .close();
        return path;
    }

    private interface Fault {
        void to(Path path) throws IOException;
    }

    private static void delete(Path path) throws IOException {
        Files.delete(path);
    }

    private static void replace(Path path) throws IOException {
        Path other = path.resolveSibling("other");
        Files.copy(path, other);
        Files.move(other, path, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    private static void cutShort(Path path) throws IOException {
        try (RandomAccessFile file = new RandomAccessFile(path.toFile(), "rw")) {
            file.setLength(5_000);
        }
    }

    private static void overwrite(Path path) throws IOException {
        byte[] bytes = Files.readAllBytes(path);
        bytes[27]++;
        Files.write(path, bytes);
    }

    private static void deleteFolder(Path path) throws IOException {
        try (Stream<Path> all = Files.list(path.resolveSibling("."))) {
            for (Path file : all.toList()) {
                Files.delete(file);
            }
        }
        Files.delete(path.toAbsolutePath().getParent());
    }

    /// Whatever happened to the file, no change is told as saved, and all of them are in the file written anew.
    private void kept(Path path, Fault fault, Path anew) throws IOException {
        kept(path, fault, anew, _ -> {});
    }

    /// @param first done while the camp is open, before anything is saved
    private void kept(Path path, Fault fault, Path anew, Fault first) throws IOException {
        Camp wanted;
        try (CampFile file = opened(CampFile.open(path))) {
            first.to(path);
            saved(file.save(Edit.add(Place.DRILLS, drill("d1", "1 2"))));
            fault.to(path);
            for (int i = 2; i < 5; i++) {
                int changes = i - 1;
                assertThat(file.save(Edit.add(Place.DRILLS, drill("d" + i, "3"))))
                        .isInstanceOfSatisfying(Waiting.class, waits -> {
                            assertThat(waits.changes()).isEqualTo(changes);
                            assertThat(waits.sentence()).startsWith("Not saved").contains(path.toString());
                        });
            }
            file.undo();
            wanted = file.camp();
            assertThat(wanted.drills().size()).isEqualTo(4);
            try (CampFile next = opened(file.writeAnew(anew))) {
                assertThat(next.camp()).isEqualTo(wanted);
                saved(next.save(Edit.add(Place.DRILLS, drill("d9", "3"))));
            }
        }
        try (CampFile again = opened(CampFile.open(anew))) {
            again.undo();
            assertThat(again.camp()).isEqualTo(wanted);
        }
    }

    @Test
    void aDeletedCampIsWrittenAnewWhereItWas() throws IOException {
        Path path = camp();
        kept(path, FileFaultsTest::delete, path);
    }

    @Test
    void aReplacedCampIsNotTouchedAndOursIsWrittenBeside() throws IOException {
        Path path = camp();
        byte[] before = Files.readAllBytes(path);
        kept(
                path,
                file -> {
                    replace(file);
                    Files.write(file, before);
                },
                folder.resolve("beside.onebeat"));
        assertThat(Files.readAllBytes(path)).isEqualTo(before);
    }

    @Test
    void aCampCutShortIsWrittenBesideFromMemory() throws IOException {
        kept(camp(), FileFaultsTest::cutShort, folder.resolve("beside.onebeat"));
    }

    @Test
    void aCampWrittenIntoByAnotherProgramIsLeftAndOursWrittenBeside() throws IOException {
        kept(camp(), FileFaultsTest::overwrite, folder.resolve("beside.onebeat"));
    }

    @Test
    void aFolderThatIsGoneIsMadeAgain() throws IOException {
        Path path = folder.resolve("deep").resolve("a.onebeat");
        opened(CampFile.create(path, CampFileTest.CARD, f -> f.add(Edit.add(Place.DRILLS, drill("d0", "1")))))
                .close();
        kept(path, FileFaultsTest::deleteFolder, path);
    }

    @Test
    void aCampThatComesBackTakesWhatWaited() throws IOException {
        Path path = camp();
        Path away = folder.resolve("away");
        try (CampFile file = opened(CampFile.open(path))) {
            Files.move(path, away);
            assertThat(file.save(Edit.add(Place.DRILLS, drill("d1", "3")))).isInstanceOf(Waiting.class);
            Files.move(away, path);
            saved(file.save(Edit.add(Place.DRILLS, drill("d2", "3"))));
        }
        try (CampFile again = opened(CampFile.open(path))) {
            assertThat(again.camp().drills().size()).isEqualTo(3);
        }
    }

    /// A database that is held exclusively counts no transactions in its header: older bytes have the same size and the
    /// same header. What tells them is the time.
    @Test
    void olderBytesPutBackInPlaceAreTold() throws IOException {
        kept(
                camp(),
                file -> {
                    // The first one of three changes is in the file; the bytes before it come back.
                    Files.write(file, Files.readAllBytes(folder.resolve("older")));
                },
                folder.resolve("beside.onebeat"),
                file -> Files.copy(file, folder.resolve("older")));
    }

    @Test
    void aHardLinkLeadsToTheSameLock() throws IOException, InterruptedException {
        Path path = camp();
        Path link = folder.resolve("link.onebeat");
        Files.createLink(link, path);
        try (CampFile file = opened(CampFile.open(path))) {
            assertThat(refused(CampFile.open(link)).reason()).isEqualTo(Reason.IN_USE);
            assertThat(second(link)).contains("IN_USE");
            assertThat(second(path)).contains("IN_USE");
            saved(file.save(Edit.add(Place.DRILLS, drill("d1", "1"))));
        }
    }

    /// A folder that is mounted twice; left out where nothing may be mounted.
    @Test
    void aFolderMountedTwiceLeadsToTheSameLock() throws IOException, InterruptedException {
        Path path = camp();
        Path twice = Files.createDirectory(folder.resolve("twice"));
        assumeTrue(new ProcessBuilder("mount", "--bind", folder.toString(), twice.toString())
                        .start()
                        .waitFor()
                == 0);
        try (CampFile file = opened(CampFile.open(path))) {
            Path other = twice.resolve("a.onebeat");
            assertThat(refused(CampFile.open(other)).reason()).isEqualTo(Reason.IN_USE);
            assertThat(second(other)).contains("IN_USE");
            saved(file.save(Edit.add(Place.DRILLS, drill("d1", "1"))));
        } finally {
            assertThat(new ProcessBuilder("umount", twice.toString()).start().waitFor())
                    .isZero();
        }
    }

    /// Another process that tries to write into a camp; its answer is its exit code.
    static final class Second {

        private Second() {}

        public static void main(String[] args) {
            Opening opening = CampFile.open(Path.of(args[0]));
            System.out.println(opening);
            System.exit(opening instanceof Opening.Opened ? 1 : 0);
        }
    }

    private static String second(Path path, String... options) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "--enable-native-access=ALL-UNNAMED"));
        command.addAll(List.of(options));
        command.addAll(List.of("-cp", System.getProperty("java.class.path"), Second.class.getName(), path.toString()));
        Process second = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        try (InputStream out = second.getInputStream()) {
            String said = new String(out.readAllBytes(), StandardCharsets.UTF_8);
            assertThat(second.waitFor()).as(said).isZero();
            return said;
        }
    }

    @Test
    void readingTheFileBesideLetsNoSecondProgramIn() throws IOException, InterruptedException {
        Path path = camp();
        try (CampFile file = opened(CampFile.open(path))) {
            assertThat(second(path)).contains("IN_USE");
            // Each of these closes a handle on the file, and with it every lock that this process had on it (fcntl(2)).
            assertThat(Files.readAllBytes(path)).isNotEmpty();
            assertThat(refused(CampFile.open(path)).reason()).isEqualTo(Reason.IN_USE);
            assertThat(second(path))
                    .contains("IN_USE")
                    .contains("process " + ProcessHandle.current().pid());
            saved(file.save(Edit.add(Place.DRILLS, drill("d1", "1"))));
        }
    }

    @Test
    void aLockThatADeadProgramLeftHoldsNobodyUp() throws IOException {
        Path path = camp();
        Files.writeString(path.resolveSibling(".a.onebeat.open"), "another One Beat (process 1)");
        opened(CampFile.open(path)).close();
        assertThat(path.resolveSibling(".a.onebeat.open")).doesNotExist();
    }

    @Test
    void allNamesOfOneFileLeadToOneLock() throws IOException {
        Path path = camp();
        Path link = Files.createSymbolicLink(folder.resolve("link.onebeat"), path);
        try (CampFile _ = opened(CampFile.open(path))) {
            assertThat(refused(CampFile.open(link)).reason()).isEqualTo(Reason.IN_USE);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "a.onebeat?foreign_keys=on.onebeat",
                "b#c.onebeat",
                "d%41%.onebeat",
                "e'q\".onebeat",
                "f\ng.onebeat",
                "ü 日本.onebeat",
                "mode=ro&x.onebeat",
                "-h.onebeat"
            })
    void theVeryFileOfANameIsMadeAndOpened(String name) throws IOException {
        Path decoy = camp();
        byte[] before = Files.readAllBytes(decoy);
        Path path = folder.resolve(name);
        try (CampFile file = opened(CampFile.create(path, CampFileTest.CARD, _ -> {}))) {
            saved(file.save(Edit.add(Place.DRILLS, drill("d1", "1 2 3"))));
            assertThat(file.copyTo(folder.resolve("copy " + name))).isEmpty();
        }
        assertThat(path).isRegularFile();
        try (CampFile file = opened(CampFile.open(path));
                CampFile copy = opened(CampFile.open(folder.resolve("copy " + name)))) {
            assertThat(file.camp().drills().size()).isEqualTo(1);
            assertThat(copy.camp()).isEqualTo(file.camp());
        }
        assertThat(Files.readAllBytes(decoy)).isEqualTo(before);
    }

    @Test
    void aNameTooLongForItsFolderIsASentence() {
        Path path = folder.resolve("x".repeat(300) + ".onebeat");
        assertThat(refused(CampFile.create(path, CampFileTest.CARD, _ -> {})).sentence())
                .contains("Nothing was written");
    }

    @Test
    void aPathThatNeverAnswersIsNoCamp() throws IOException, InterruptedException {
        Path fifo = folder.resolve("pipe.onebeat");
        assumeTrue(new ProcessBuilder("mkfifo", fifo.toString()).start().waitFor() == 0);
        assertThat(refused(CampFile.open(fifo)).reason()).isEqualTo(Reason.NOT_A_CAMP);
    }

    /// Neither the program's folder nor the temporary one takes the database's library.
    @Test
    void aCampIsNotCalledDamagedWhereTheDatabaseCannotBeStarted() throws IOException, InterruptedException {
        Path nowhere = Files.writeString(folder.resolve("file"), "no folder").resolve("below");
        String said = second(camp(), "-Donebeat.folder=" + nowhere, "-Djava.io.tmpdir=" + nowhere);
        assertThat(said).contains("CANNOT_READ").contains("left as it is").doesNotContain("damaged");
    }

    @Test
    void theLibraryOfTheDatabaseIsLaidOnceIntoTheProgramsFolder() throws IOException, InterruptedException {
        Path program = folder.resolve("program");
        Path leftOver = Files.createDirectories(program.resolve("native").resolve("sqlite-0.1"));
        Files.createFile(leftOver.resolve("old.so"));
        Path camp = camp();
        // Damaged, so that the other process has to start the database and opens nothing.
        cutShort(camp);
        for (int start = 0; start < 2; start++) {
            assertThat(second(camp, "-Donebeat.folder=" + program)).contains("SPOILT");
        }
        assertThat(leftOver).doesNotExist();
        try (Stream<Path> versions = Files.list(program.resolve("native"))) {
            Path only = versions.toList().getFirst();
            try (Stream<Path> files = Files.list(only)) {
                assertThat(files)
                        .singleElement()
                        .extracting(Path::getFileName)
                        .hasToString(System.mapLibraryName("sqlitejdbc"));
            }
        }
    }

    @Test
    void aCampWrittenAnewIsHeldAfterTheOldOneIsClosed() throws IOException, InterruptedException {
        Path path = camp();
        CampFile old = opened(CampFile.open(path));
        Files.delete(path);
        try (CampFile anew = opened(old.writeAnew(path))) {
            old.close();
            assertThat(refused(CampFile.open(path)).reason()).isEqualTo(Reason.IN_USE);
            assertThat(second(path)).contains("IN_USE");
            saved(anew.save(Edit.add(Place.DRILLS, drill("d1", "1"))));
        }
    }

    @Test
    void whatStandsHalfWrittenGoesAlongIntoACampWrittenAnew() throws IOException {
        Path path = camp();
        try (CampFile old = opened(CampFile.open(path))) {
            Files.delete(path);
            old.keepDraft("BENCH", "1 2 rol");
            opened(old.writeAnew(path)).close();
        }
        try (CampFile anew = opened(CampFile.open(path))) {
            assertThat(anew.draft("BENCH")).isEqualTo("1 2 rol");
        }
    }

    @Test
    void whatCouldNotBeReadAgainIsRefusedAlsoWhileOthersWait() throws IOException {
        Path path = camp();
        try (CampFile file = opened(CampFile.open(path))) {
            Edit endless = Edit.add(Place.DRILLS, drill("d7", "1 ".repeat(20_000)));
            assertThat(file.save(endless)).isInstanceOf(Saving.NotSaved.class);
            Path away = Files.move(path, folder.resolve("away"));
            assertThat(file.save(Edit.add(Place.DRILLS, drill("d1", "1")))).isInstanceOf(Waiting.class);
            assertThat(file.save(endless))
                    .isInstanceOfSatisfying(
                            Saving.NotSaved.class,
                            not -> assertThat(not.sentence()).contains("40000 characters"));
            assertThat(file.undo().orElseThrow())
                    .as("nothing waits, and the file is still not there")
                    .isInstanceOf(Waiting.class);
            Files.move(away, path);
            saved(file.writeWaiting());
        }
    }

    /// A change that is on disk cannot be taken back while the file is away: nothing changes, and that is what is said.
    @Test
    void takingBackWithoutTheFileChangesNothingAndSaysSo() throws IOException {
        Path path = camp();
        try (CampFile file = opened(CampFile.open(path))) {
            Camp with = saved(file.save(Edit.add(Place.DRILLS, drill("d1", "1"))));
            Path away = Files.move(path, folder.resolve("away"));
            assertThat(file.undo().orElseThrow())
                    .isInstanceOfSatisfying(
                            Saving.NotSaved.class,
                            not -> assertThat(not.sentence())
                                    .startsWith("Not taken back: " + path)
                                    .endsWith("Nothing was changed.")
                                    .doesNotContain("kept in memory"));
            assertThat(file.camp()).isEqualTo(with);
            Files.move(away, path);
            assertThat(saved(file.undo().orElseThrow()).drills().size()).isOne();
        }
    }

    /// What a coach keeps under the name that a camp is made under stays, whatever is done with the camp.
    @Test
    void aFileNamedLikeTheCampInTheMakingIsNobodysToTake() throws IOException {
        Path own = Files.writeString(folder.resolve("a.onebeat.new"), "mine");
        Path path = camp();
        Copies copies = new Copies(folder.resolve("copies"));
        try (CampFile file = opened(CampFile.open(path))) {
            assertThat(copies.take(file, LocalDateTime.of(2027, 3, 4, 18, 0))).isEmpty();
        }
        assertThat(copies.restore(copies.of(path).getFirst(), path, LocalDateTime.of(2027, 3, 5, 18, 0)))
                .isEmpty();
        opened(CampFile.open(path)).close();
        assertThat(own).hasContent("mine");
        try (Stream<Path> all = Files.list(folder)) {
            assertThat(all.map(file -> file.getFileName().toString()).filter(name -> name.contains(".new")))
                    .as("nothing is left of the making")
                    .containsExactly("a.onebeat.new");
        }
    }
}
