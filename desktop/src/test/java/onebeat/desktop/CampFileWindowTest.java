package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.desktop.app.StationName;
import onebeat.desktop.shell.CampFileForm;
import onebeat.desktop.shell.ProgramAction;
import onebeat.desktop.text.Texts;
import onebeat.store.CampFile;
import onebeat.store.Copies;
import onebeat.store.Opening.Opened;
import org.junit.jupiter.api.Test;

/// What the window says of the camp's file: that something is not saved, what is kept from before, what comes in.
class CampFileWindowTest extends DemoWindow {

    private boolean unsavedIsShown() {
        return coach.shell.root().lookup("#unsaved").isVisible();
    }

    private void click(String key) {
        Driver.onFx(() -> {
            coach.shell.root().lookupAll(".button").stream()
                    .map(Button.class::cast)
                    .filter(b -> b.getText().equals(Texts.of(key)))
                    .findFirst()
                    .orElseThrow()
                    .fire();
            return true;
        });
        coach.settle();
    }

    private Path path() {
        return coach.app.path();
    }

    @Test
    void whatIsNotSavedIsSaidOnEveryStationUntilTheFileIsBack() throws IOException {
        int before = coach.app.camp().rounds().size();
        go(StationName.ROUNDS);
        Path away = folder.resolve("away");
        Files.move(path(), away);
        coach.press(KeyCode.ENTER);
        coach.await("it is said", this::unsavedIsShown);
        assertThat(coach.app.camp().rounds().size()).as("and kept").isEqualTo(before + 1);
        for (StationName name : List.of(StationName.FLOOR, StationName.BOOK, StationName.FILM, StationName.BENCH)) {
            go(name);
            coach.await("it is said on " + name, () -> unsavedIsShown() && coach.shows("is not there any more"));
        }
        coach.press(KeyCode.S, KeyCode.CONTROL);
        coach.await("it is still not saved", this::unsavedIsShown);
        Files.move(away, path());
        coach.press(KeyCode.S, KeyCode.CONTROL);
        coach.await("it is saved", () -> !unsavedIsShown());
        Path path = path();
        Camp shown = coach.app.camp();
        coach.close();
        try (CampFile file = ((Opened) CampFile.open(path)).file()) {
            assertThat(file.camp()).isEqualTo(shown);
        }
        coach = Driver.open(path, clockMs::get);
    }

    @Test
    void aCampThatWasDeletedIsWrittenAnewAndOneThatWasReplacedBeside() throws IOException {
        go(StationName.ROUNDS);
        Files.delete(path());
        coach.press(KeyCode.ENTER);
        coach.await("it is said", this::unsavedIsShown);
        click("unsaved.anew");
        coach.await("it is saved", () -> !unsavedIsShown() && Files.exists(path()));
        coach.press(KeyCode.ENTER);
        assertThat(coach.app.isUnsaved()).isFalse();
        Files.writeString(path(), "somebody's own");
        Path replaced = path();
        coach.press(KeyCode.ENTER);
        coach.await("it is said again", this::unsavedIsShown);
        Path beside = folder.resolve("beside.onebeat");
        coach.choosing(beside);
        click("unsaved.beside");
        coach.await("it goes on beside", () -> !unsavedIsShown() && path().equals(beside));
        assertThat(replaced).hasContent("somebody's own");
    }

    @Test
    void theCampsFileAndItsCopiesAreShownAndACopyIsSaved() {
        coach.press(KeyCode.O, KeyCode.CONTROL);
        coach.await("the form", () -> coach.shows("The camp file") && coach.shows("onebeat-0.log"));
        Path copy = folder.resolve("kept.onebeat");
        coach.choosing(copy);
        click("copies.save");
        coach.await("it is there", () -> coach.shows("A copy was written"));
        try (CampFile file = ((Opened) CampFile.open(copy)).file()) {
            assertThat(file.camp()).isEqualTo(coach.app.camp());
        }
        for (Path taken : List.of(copy, path())) {
            coach.press(KeyCode.O, KeyCode.CONTROL);
            coach.choosing(taken);
            click("copies.save");
            coach.await("it is left", () -> coach.shows("It was left as it is"));
        }
        go(StationName.ROUNDS);
        coach.press(KeyCode.ENTER);
        assertThat(coach.app.isUnsaved())
                .as("the open camp is still its own file")
                .isFalse();
    }

    /// A camp that cannot be written is shown; the bar says what that means, and what is changed is kept once it is
    /// written elsewhere.
    @Test
    void aCampThatIsOpenedForReadingSaysSoAndIsWrittenBeside() throws IOException {
        Path path = path();
        coach.close();
        byte[] before = Files.readAllBytes(path);
        coach = Driver.onFx(() -> Driver.of(CampFile.read(path), clockMs::get));
        coach.await("it is said", () -> unsavedIsShown() && coach.shows("opened for reading"));
        assertThat(coach.app.isUnsaved()).as("nothing would be lost").isFalse();
        int rounds = coach.app.camp().rounds().size();
        go(StationName.ROUNDS);
        coach.press(KeyCode.ENTER);
        coach.await("it is changed in memory", () -> coach.app.camp().rounds().size() == rounds + 1);
        assertThat(coach.app.isUnsaved()).isTrue();
        assertThat(unsavedIsShown() && coach.shows("opened for reading")).isTrue();
        Path beside = folder.resolve("beside.onebeat");
        coach.choosing(beside);
        click("unsaved.beside");
        coach.await("it goes on beside", () -> !unsavedIsShown() && path().equals(beside));
        assertThat(coach.app.camp().rounds().size()).isEqualTo(rounds + 1);
        assertThat(Files.readAllBytes(path)).isEqualTo(before);
    }

    @Test
    void aCopyIsPutBackOnlyAfterAQuestion() {
        AtomicInteger done = new AtomicInteger();
        Copies copies = new Copies(folder.resolve("copies"));
        assertThat(copies.take(
                        ((Opened) CampFile.create(
                                        folder.resolve("one.onebeat"),
                                        coach.app.camp().card(),
                                        _ -> {}))
                                .file(),
                        TestDay.TODAY.atStartOfDay()))
                .isEmpty();
        CampFileForm form = Driver.onFx(() -> {
            CampFileForm made = new CampFileForm(
                    folder.resolve("one.onebeat"), false, copies, folder.resolve("log"), new CampFileForm.Deeds() {
                        @Override
                        public void open() {
                            // Not asked here.
                        }

                        @Override
                        public void create() {
                            // Not asked here.
                        }

                        @Override
                        public void saveCopy() {
                            // Not asked here.
                        }

                        @Override
                        public void putBack(Copies.Copy copy) {
                            done.incrementAndGet();
                        }

                        @Override
                        public void openBeside(Copies.Copy copy) {
                            // Not asked here.
                        }
                    });
            coach.shell.open(made);
            return made;
        });
        click("copies.back");
        assertThat(done).as("it is asked first").hasValue(0);
        coach.await("and told what becomes of the camp", () -> coach.shows("can be put back in the same way"));
        click("copies.sure.no");
        assertThat(done).hasValue(0);
        click("copies.back");
        click("copies.sure.yes");
        assertThat(done).hasValue(1);
        assertThat(form.isVisible()).isTrue();
    }

    @Test
    void aLongLogComesInBesideTheWindowAndGoesOutAgain() throws IOException {
        int before = coach.app.camp().exchanges().size();
        List<String> rows = new ArrayList<>(
                List.of("reel,time_s,round,starter,athlete_stance,partner_stance,range,line,outcome,note"));
        for (int i = 0; i < 5_000; i++) {
            rows.add(String.format(Locale.ROOT, "hall,%d,1,athlete,orthodox,southpaw,long,1 (parry),none,", i));
        }
        Path log = Files.write(folder.resolve("long.csv"), rows);
        coach.choosing(log);
        coach.press(KeyCode.O);
        coach.await("it is read", () -> coach.shows("5,000 exchanges can be imported"));
        coach.press(KeyCode.ENTER);
        coach.await("it is in", () -> coach.app.camp().exchanges().size() == before + 5_000);
        coach.await("and counted", () -> coach.shows("Ctrl+Z undoes it"));
        coach.press(KeyCode.Z, KeyCode.CONTROL);
        coach.await("it is out", () -> coach.app.camp().exchanges().size() == before);
    }

    /// All that would wait for the file says so instead; what stands half written is at hand.
    @Test
    void theWindowDoesNotWaitForALongChange() {
        int before = coach.app.camp().drills().size();
        List<Edit> many = new ArrayList<>();
        for (int i = 0; i < 3_000; i++) {
            many.add(drill("long" + i, "Long " + i, "1 2"));
        }
        Path copy = folder.resolve("meanwhile.onebeat");
        List<Runnable> tries = List.of(
                () -> coach.app.save(drill("no", "No", "1")),
                () -> coach.app.saveAgain(),
                () -> coach.app.undo(),
                () -> coach.app.saveCopy(copy),
                () -> coach.app.writeAnew(copy));
        Driver.onFx(() -> {
            coach.app.saveBeside(new Edit.Together(many), _ -> {}, _ -> {});
            for (Runnable each : tries) {
                coach.app.say("");
                each.run();
                assertThat(coach.app.noticeProperty().get().text()).isEqualTo(Texts.of("saving.busy"));
            }
            coach.app.keepDraft("here", "1 2 rol");
            assertThat(coach.app.draft("here")).isEqualTo("1 2 rol");
            return true;
        });
        coach.await("all of it is in", () -> coach.app.camp().drills().size() == before + many.size());
        assertThat(copy).doesNotExist();
        assertThat(coach.app.camp().drills().get("no")).isEmpty();
    }

    @Test
    void linesOfAnotherCampAreTakenAndOneUndoTakesThemBack() throws IOException {
        Path other = folder.resolve("pier.onebeat");
        String first = coach.app.camp().drills().all().iterator().next().line();
        ((Opened) CampFile.create(other, coach.app.camp().card(), filling -> {
                    filling.add(drill("d1", "The same", first));
                    filling.add(drill("d2", "Pier hook", "(1) slip-in+3b 3"));
                }))
                .file()
                .close();
        byte[] bytes = Files.readAllBytes(other);
        int before = coach.app.camp().drills().size();
        coach.choosing(other);
        Driver.onFx(() -> {
            coach.shell.dispatch(ProgramAction.Do.TAKE_FROM);
            return true;
        });
        coach.await("what it has", () -> coach.shows("Pier hook") && coach.shows("here already"));
        coach.press(KeyCode.ENTER);
        coach.await("it is taken", () -> coach.app.camp().drills().size() == before + 1);
        assertThat(Files.readAllBytes(other))
                .as("the other camp stays as it is")
                .isEqualTo(bytes);
        coach.press(KeyCode.Z, KeyCode.CONTROL);
        coach.await("one undo", () -> coach.app.camp().drills().size() == before);
    }

    private static Edit drill(String id, String name, String line) {
        return Edit.add(Place.DRILLS, new Drill(id, name, line, 60, LocalDate.of(2027, 3, 1), ""));
    }

    @Test
    void aCampIsNoFilm() {
        coach.choosing(path());
        int before = coach.app.camp().reels().size();
        coach.press(KeyCode.O);
        coach.await("it is told", () -> coach.shows("is a camp, and no film"));
        assertThat(coach.app.camp().reels().size()).isEqualTo(before);
    }
}
