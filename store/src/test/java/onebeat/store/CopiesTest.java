package onebeat.store;

import static onebeat.store.CampFileTest.drill;
import static onebeat.store.CampFileTest.opened;
import static onebeat.store.CampFileTest.saved;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.store.Copies.Copy;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CopiesTest {

    private static final LocalDateTime EVENING = LocalDateTime.of(2027, 3, 4, 18, 0);

    @TempDir
    Path folder;

    private Copies copies = new Copies(Path.of(""));
    private Path camp = Path.of("");

    @BeforeEach
    void setUp() {
        copies = new Copies(folder.resolve("copies"));
        camp = folder.resolve("a.onebeat");
        opened(CampFile.create(camp, CampFileTest.CARD, _ -> {})).close();
    }

    /// Opens the camp, adds a line and takes a copy.
    private Camp evening(int number, LocalDateTime when) {
        try (CampFile file = opened(CampFile.open(camp))) {
            saved(file.save(Edit.add(Place.DRILLS, drill("d" + number, "1 2"))));
            assertThat(copies.take(file, when)).isEmpty();
            return file.camp();
        }
    }

    @Test
    void aCopyIsTheCampWithItsHistory() {
        Camp wanted = evening(1, EVENING);
        Copy copy = copies.of(camp).getFirst();
        assertThat(copy.taken()).isEqualTo(EVENING);
        try (CampFile file = opened(CampFile.open(copy.file()))) {
            assertThat(file.camp()).isEqualTo(wanted);
            assertThat(saved(file.undo().orElseThrow()).drills().size()).isZero();
        }
    }

    @Test
    void openingsThatChangeNothingPushNoCopyOut() {
        evening(1, EVENING);
        for (int i = 1; i < 15; i++) {
            try (CampFile file = opened(CampFile.open(camp))) {
                assertThat(copies.take(file, EVENING.plusHours(i))).isEmpty();
            }
        }
        assertThat(copies.of(camp)).extracting(Copy::taken).containsExactly(EVENING.plusHours(14));
    }

    @Test
    void theLastTenAndOneAWeekAreKept() {
        for (int day = 0; day < 60; day++) {
            evening(day, EVENING.plusDays(day));
        }
        List<Copy> kept = copies.of(camp);
        for (int day = 50; day < 60; day++) {
            assertThat(kept).extracting(Copy::taken).contains(EVENING.plusDays(day));
        }
        // 60 days from a Thursday touch nine weeks and a half; the last two of them are among the ten.
        assertThat(kept.size()).isBetween(10 + 7, 10 + 9);
        assertThat(kept.getLast().taken()).isBefore(EVENING.plusWeeks(1));
    }

    @Test
    void aCopyIsPutBackAndWhatStoodThereIsKept() {
        Camp first = evening(1, EVENING);
        Camp second = evening(2, EVENING.plusDays(1));
        Copy old = copies.of(camp).getLast();
        assertThat(copies.restore(old, camp, EVENING.plusDays(2))).isEmpty();
        try (CampFile file = opened(CampFile.open(camp))) {
            assertThat(file.camp()).isEqualTo(first);
        }
        Copy newest = copies.of(camp).getFirst();
        assertThat(newest.taken()).isEqualTo(EVENING.plusDays(2));
        try (CampFile file = opened(CampFile.open(newest.file()))) {
            assertThat(file.camp()).isEqualTo(second);
        }
    }

    /// What a database that died left beside the old file would be written into the one put back.
    @Test
    void aCopyPutBackIsNotSpoiltByWhatLayBesideTheOldCamp() throws IOException {
        Camp first = evening(1, EVENING);
        Files.write(camp, new byte[] {1, 2, 3});
        Files.write(camp.resolveSibling("a.onebeat-journal"), new byte[2_000]);
        assertThat(copies.restore(copies.of(camp).getFirst(), camp, EVENING.plusDays(1)))
                .isEmpty();
        assertThat(camp.resolveSibling("a.onebeat-journal")).doesNotExist();
        try (CampFile file = opened(CampFile.open(camp))) {
            assertThat(file.camp()).isEqualTo(first);
        }
    }

    @Test
    void aCopyIsLaidBesideUnderANameOfItsOwn() {
        evening(1, EVENING);
        Path beside = copies.layBeside(copies.of(camp).getFirst(), camp).orElseThrow();
        assertThat(beside.getFileName()).hasToString("a of 2027-03-04 18.00.00.onebeat");
        opened(CampFile.open(beside)).close();
    }

    @Test
    void campsOfOneNameHaveCopiesOfTheirOwn() {
        assertThat(copies.folder(folder.resolve("x/camp.onebeat")))
                .isNotEqualTo(copies.folder(folder.resolve("y/camp.onebeat")));
    }

    @Test
    void aFolderThatCannotBeMadeIsASentence() throws IOException {
        Copies nowhere = new Copies(Files.writeString(folder.resolve("file"), "no folder"));
        try (CampFile file = opened(CampFile.open(camp))) {
            assertThat(nowhere.take(file, EVENING).orElseThrow()).contains("The camp itself is safe");
        }
    }
}
