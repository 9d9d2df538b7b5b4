package onebeat.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import onebeat.core.book.Judgement;
import onebeat.core.book.Note;
import onebeat.core.book.Repetition;
import onebeat.core.book.RoundRun;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Card;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.KeptRound;
import onebeat.core.camp.Place;
import onebeat.core.camp.PlanSetting;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.Outcome;
import onebeat.core.film.Reel;
import onebeat.core.holding.Draw;
import onebeat.core.holding.Gear;
import onebeat.core.holding.JabSchool;
import onebeat.core.holding.Odds;
import onebeat.core.holding.Partner;
import onebeat.core.holding.SoreSpot;
import onebeat.core.notation.OwnLine;
import onebeat.core.play.Who;
import onebeat.core.program.ProgramVersion;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Session;
import onebeat.core.timing.Rung;
import onebeat.store.Opening.Opened;
import onebeat.store.Opening.Reason;
import onebeat.store.Opening.Refused;
import onebeat.store.Saving.NotSaved;
import onebeat.store.Saving.Saved;
import onebeat.store.Saving.Waiting;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CampFileTest {

    static final LocalDate DAY = LocalDate.of(2027, 3, 4);
    static final Card CARD = new Card(
            "Saltlight",
            new Fighter("Ilka", Stance.ORTHODOX, 168, 170),
            new Fighter("Noor", Stance.SOUTHPAW, 177, 182),
            DAY,
            DAY.plusWeeks(8));

    @TempDir
    Path folder;

    /// A text that the window could not lay out is not saved, and told.
    @Test
    void aMarkThatTurnsTheDirectionOfWritingIsNotSaved() {
        try (CampFile file = opened(CampFile.create(folder.resolve("turned.onebeat"), CARD, _ -> {}))) {
            Drill turned = new Drill("d1", "left \u202ehook", "1", 60, CARD.firstDay(), "");
            assertThat(file.save(Edit.add(Place.DRILLS, turned)))
                    .isInstanceOfSatisfying(
                            Saving.NotSaved.class,
                            no -> assertThat(no.sentence()).contains("direction of writing"));
            Drill fromTheRight = new Drill("d1", "خطاف", "1", 60, CARD.firstDay(), "");
            saved(file.save(Edit.add(Place.DRILLS, fromTheRight)));
        }
    }

    static Drill drill(String id, String line) {
        return new Drill(id, "name \"of\" " + id + " ’é", line, 60, DAY, "");
    }

    /// One thing of every kind.
    static List<Edit> oneOfEach() {
        return List.of(
                Edit.add(Place.REELS, new Reel("reel", "second reel", 540.5, 180, "", "", List.of(12.25, 252.0))),
                Edit.add(
                        Place.EXCHANGES,
                        new Exchange(
                                "x1",
                                "reel",
                                12.3,
                                1,
                                Who.PARTNER,
                                Stance.ORTHODOX,
                                Stance.SOUTHPAW,
                                Optional.of(Band.LONG),
                                "(1) parry 2",
                                Outcome.CLEAN,
                                "a note, with 'quotes'",
                                Optional.of(12.6667))),
                Edit.add(
                        Place.EXCHANGES,
                        new Exchange(
                                "x2",
                                "reel",
                                20,
                                1,
                                Who.ATHLETE,
                                Stance.ORTHODOX,
                                Stance.SOUTHPAW,
                                Optional.empty(),
                                "1 (none)",
                                Outcome.NONE,
                                "")),
                Edit.add(Place.DRILLS, drill("d1", "1 2 3")),
                Edit.add(Place.OWN_LINES, new OwnLine("doorstep", "(1) catch+1 2")),
                Edit.add(Place.SESSIONS, new Session("s1", DAY, "Tonight", "kickboxing")),
                Edit.add(Place.ROUNDS, new RoundPlan("r1", "s1", 0, "d1", 66, 4)),
                Edit.add(Place.RUNS, new RoundRun("n1", "r1", "d1", DAY, 66, 180, 17)),
                Edit.add(Place.REPETITIONS, new Repetition("p1", "r1", "d1", DAY, 66, 14_000, Judgement.LATE)));
    }

    CampFile create(String name) {
        return opened(CampFile.create(folder.resolve(name), CARD, filling -> {}));
    }

    static CampFile opened(Opening opening) {
        return switch (opening) {
            case Opened opened -> opened.file();
            case Refused refused -> throw new AssertionError(refused.sentence());
        };
    }

    static Refused refused(Opening opening) {
        return switch (opening) {
            case Opened _ -> throw new AssertionError("was opened");
            case Refused refused -> refused;
        };
    }

    static Camp saved(Saving saving) {
        return switch (saving) {
            case Saved saved -> saved.camp();
            case Waiting waits -> throw new AssertionError(waits.sentence());
            case NotSaved not -> throw new AssertionError(not.sentence());
        };
    }

    @Test
    void everyKindOfThingComesBackAsItWas() {
        Path path = folder.resolve("a.onebeat");
        Camp before;
        try (CampFile file = create("a.onebeat")) {
            oneOfEach().forEach(edit -> saved(file.save(edit)));
            before = file.camp();
        }
        try (CampFile again = opened(CampFile.open(path))) {
            assertThat(again.camp()).isEqualTo(before);
            assertThat(again.camp().exchanges().size()).isEqualTo(2);
        }
    }

    @Test
    void undoAndRedoWorkAcrossRestarts() {
        Path path = folder.resolve("a.onebeat");
        List<Camp> states = new ArrayList<>();
        try (CampFile file = create("a.onebeat")) {
            states.add(file.camp());
            oneOfEach().forEach(edit -> states.add(saved(file.save(edit))));
        }
        for (int i = states.size() - 2; i >= 0; i--) {
            try (CampFile file = opened(CampFile.open(path))) {
                assertThat(saved(file.undo().orElseThrow())).isEqualTo(states.get(i));
            }
        }
        try (CampFile file = opened(CampFile.open(path))) {
            assertThat(file.undo()).isEmpty();
        }
        for (int i = 1; i < states.size(); i++) {
            try (CampFile file = opened(CampFile.open(path))) {
                assertThat(saved(file.redo().orElseThrow())).isEqualTo(states.get(i));
            }
        }
        try (CampFile file = opened(CampFile.open(path))) {
            assertThat(file.redo()).isEmpty();
        }
    }

    @Test
    void changesTakenBackAndDoneAgain() {
        try (CampFile file = create("a.onebeat")) {
            Drill first = drill("d1", "1 2");
            file.save(Edit.add(Place.DRILLS, first));
            file.save(Edit.change(Place.DRILLS, first, first.withLine("1 2 3")));
            file.save(Edit.remove(Place.DRILLS, first.withLine("1 2 3")));
            assertThat(file.camp().drills().size()).isZero();
            file.undo();
            assertThat(file.camp().drills().get("d1").orElseThrow().line()).isEqualTo("1 2 3");
            file.undo();
            assertThat(file.camp().drills().get("d1").orElseThrow().line()).isEqualTo("1 2");
            file.redo();
            assertThat(file.camp().drills().get("d1").orElseThrow().line()).isEqualTo("1 2 3");
        }
    }

    /// An edit that is mistaken about what stands there is taken back to what did, from memory and from the file.
    @Test
    void whatAnEditDidNotKnowOfComesBackToo() {
        Path path = folder.resolve("a.onebeat");
        List<Edit> mistaken = List.of(
                Edit.add(Place.DRILLS, drill("d1", "3")),
                Edit.change(Place.DRILLS, drill("d1", "4"), drill("d1", "3")),
                Edit.together(Edit.add(Place.DRILLS, drill("d1", "3")), Edit.add(Place.DRILLS, drill("d2", "3"))),
                Edit.remove(Place.DRILLS, drill("d1", "4")));
        CampFile file = create("a.onebeat");
        Camp before = saved(file.save(Edit.add(Place.DRILLS, drill("d1", "1 2"))));
        for (Edit edit : mistaken) {
            Camp after = saved(file.save(edit));
            assertThat(after).isNotEqualTo(before);
            assertThat(saved(file.undo().orElseThrow())).isEqualTo(before);
            assertThat(saved(file.redo().orElseThrow())).isEqualTo(after);
            file.close();
            file = opened(CampFile.open(path));
            assertThat(saved(file.undo().orElseThrow())).isEqualTo(before);
        }
        file.close();
    }

    @Test
    void whatComesAndChangesOrGoesInOneStepIsTakenBackWhole() {
        Path path = folder.resolve("a.onebeat");
        Drill came = drill("d1", "1 2");
        List<Edit> steps = List.of(
                Edit.together(Edit.add(Place.DRILLS, came), Edit.remove(Place.DRILLS, came)),
                Edit.together(Edit.add(Place.DRILLS, came), Edit.change(Place.DRILLS, came, came.withLine("3"))));
        CampFile file = create("a.onebeat");
        Camp before = saved(file.save(Edit.add(Place.DRILLS, drill("d2", "2"))));
        for (Edit step : steps) {
            Camp after = saved(file.save(step));
            for (int i = 0; i < 2; i++) {
                file.close();
                file = opened(CampFile.open(path));
                assertThat(saved(file.undo().orElseThrow())).isEqualTo(before);
                file.close();
                file = opened(CampFile.open(path));
                assertThat(saved(file.redo().orElseThrow())).isEqualTo(after);
            }
            file.undo();
        }
        file.close();
    }

    /// The history knows what came by its key alone until it is taken back: then all that was done to it since is
    /// taken back too.
    @Test
    void whatCameIsDoneAgainAsItCame() {
        Path path = folder.resolve("a.onebeat");
        Drill came = drill("d1", "1 2");
        try (CampFile file = create("a.onebeat")) {
            file.save(Edit.together(Edit.add(Place.DRILLS, came), Edit.add(Place.DRILLS, drill("d2", "3"))));
            file.save(Edit.change(Place.DRILLS, came, came.withLine("1 2 3")));
            file.save(Edit.remove(Place.DRILLS, came.withLine("1 2 3")));
            file.undo();
            file.undo();
            file.undo();
            assertThat(file.camp().drills().size()).isZero();
        }
        try (CampFile file = opened(CampFile.open(path))) {
            assertThat(saved(file.redo().orElseThrow()).drills().all()).containsExactly(came, drill("d2", "3"));
            file.redo();
            assertThat(file.camp().drills().get("d1")).contains(came.withLine("1 2 3"));
        }
        try (CampFile file = opened(CampFile.open(path))) {
            file.undo();
            assertThat(saved(file.undo().orElseThrow()).drills().size()).isZero();
        }
    }

    /// What could not be written had the number of what had been taken back, which is done again all the same.
    @Test
    void whatWasStoppedIsNotDoneAgainForWhatWasTakenBack() {
        try (CampFile file = create("a.onebeat")) {
            Camp one = saved(file.save(Edit.add(Place.DRILLS, drill("d1", "1 2"))));
            file.undo();
            assertThat(file.save(Edit.add(Place.DRILLS, drill("d2", "3")), (_, _) -> false))
                    .isInstanceOf(NotSaved.class);
            assertThat(saved(file.redo().orElseThrow())).isEqualTo(one);
        }
    }

    @Test
    void whatChangesNothingLeavesNothingToTakeBack() {
        try (CampFile file = create("a.onebeat")) {
            Camp empty = file.camp();
            Camp one = saved(file.save(Edit.add(Place.DRILLS, drill("d1", "1 2"))));
            assertThat(saved(file.save(Edit.remove(Place.DRILLS, drill("d9", "1")))))
                    .isEqualTo(one);
            assertThat(saved(file.undo().orElseThrow())).isEqualTo(empty);
            assertThat(saved(file.redo().orElseThrow())).isEqualTo(one);
        }
    }

    @Test
    void whatIsTakenBackStandsWhereItStood() {
        Path path = folder.resolve("a.onebeat");
        try (CampFile file = create("a.onebeat")) {
            for (int i = 1; i < 6; i++) {
                file.save(Edit.add(Place.DRILLS, drill("d" + i, "1 2")));
            }
            Camp before = file.camp();
            file.save(Edit.together(
                    Edit.remove(Place.DRILLS, drill("d2", "1 2")), Edit.remove(Place.DRILLS, drill("d5", "1 2"))));
            file.save(Edit.add(Place.DRILLS, drill("d6", "1 2")));
            file.undo();
            file.undo();
            assertThat(file.camp()).isEqualTo(before);
            assertThat(file.camp().drills().all()).extracting(Drill::id).containsExactly("d1", "d2", "d3", "d4", "d5");
        }
        try (CampFile file = opened(CampFile.open(path))) {
            assertThat(file.camp().drills().all()).extracting(Drill::id).containsExactly("d1", "d2", "d3", "d4", "d5");
        }
    }

    @Test
    void aLongChangeCanBeStoppedAndThenNothingWasChanged() {
        List<Edit> many = new ArrayList<>();
        for (int i = 0; i < 5_000; i++) {
            many.add(Edit.add(Place.DRILLS, drill("d" + i, "1 2")));
        }
        List<Long> told = new ArrayList<>();
        try (CampFile file = create("a.onebeat")) {
            Camp before = file.camp();
            assertThat(file.save(new Edit.Together(many), (done, all) -> {
                        told.add(done);
                        assertThat(all).isEqualTo(5_000);
                        return told.size() < 3;
                    }))
                    .isInstanceOfSatisfying(
                            NotSaved.class, not -> assertThat(not.sentence()).contains("Nothing was changed"));
            assertThat(told).hasSize(3).isSorted();
            assertThat(file.camp()).isEqualTo(before);
            assertThat(file.undo()).isEmpty();
            Camp after = saved(file.save(new Edit.Together(many)));
            assertThat(saved(file.undo().orElseThrow())).isEqualTo(before);
            assertThat(saved(file.redo().orElseThrow())).isEqualTo(after);
        }
    }

    @Test
    void aNewChangeAfterUndoEndsTheRedo() {
        try (CampFile file = create("a.onebeat")) {
            file.save(Edit.add(Place.DRILLS, drill("d1", "1")));
            file.undo();
            file.save(Edit.add(Place.DRILLS, drill("d2", "2")));
            assertThat(file.redo()).isEmpty();
            assertThat(file.camp().drills().all()).extracting(Drill::id).containsExactly("d2");
        }
    }

    @Test
    void severalChangesAreOneStep() {
        try (CampFile file = create("a.onebeat")) {
            Camp before = file.camp();
            Drill one = drill("d1", "1");
            file.save(Edit.together(
                    Edit.add(Place.DRILLS, one),
                    Edit.change(Place.DRILLS, one, one.withBpm(90)),
                    Edit.add(Place.SESSIONS, new Session("s1", DAY, "Tonight", "boxing"))));
            Camp after = file.camp();
            assertThat(saved(file.undo().orElseThrow())).isEqualTo(before);
            assertThat(saved(file.redo().orElseThrow())).isEqualTo(after);
        }
    }

    @Test
    void theCardChangesAndComesBack() {
        Path path = folder.resolve("a.onebeat");
        Card other = new Card("Other", CARD.athlete(), CARD.opponent(), DAY, DAY.plusWeeks(6));
        try (CampFile file = create("a.onebeat")) {
            file.save(new Edit.OfCard(CARD, other));
        }
        try (CampFile file = opened(CampFile.open(path))) {
            assertThat(file.camp().card()).isEqualTo(other);
            file.undo();
            assertThat(file.camp().card()).isEqualTo(CARD);
        }
    }

    @Test
    void draftsAreKeptAndAreNoChanges() {
        Path path = folder.resolve("a.onebeat");
        try (CampFile file = create("a.onebeat")) {
            assertThat(file.draft("BENCH")).isEmpty();
            file.keepDraft("BENCH", "1 2 ro");
            file.keepDraft("BENCH", "1 2 rol");
        }
        try (CampFile file = opened(CampFile.open(path))) {
            assertThat(file.draft("BENCH")).isEqualTo("1 2 rol");
            assertThat(file.undo()).isEmpty();
        }
    }

    /// The interface asks for them at each key, and a long change takes seconds.
    @Test
    void draftsDoNotWaitForALongChangeAndAreWrittenAfterIt() {
        Path path = folder.resolve("a.onebeat");
        try (CampFile file = create("a.onebeat")) {
            file.keepDraft("BENCH", "1 2");
            List<String> meanwhile = new ArrayList<>();
            file.save(Edit.add(Place.DRILLS, drill("d1", "1 2")), (_, _) -> {
                meanwhile.add(CompletableFuture.supplyAsync(() -> {
                            file.keepDraft("BENCH", file.draft("BENCH") + " rol");
                            return file.draft("BENCH");
                        })
                        .orTimeout(5, TimeUnit.SECONDS)
                        .join());
                return true;
            });
            assertThat(meanwhile).containsExactly("1 2 rol");
        }
        try (CampFile file = opened(CampFile.open(path))) {
            assertThat(file.draft("BENCH")).isEqualTo("1 2 rol");
        }
    }

    /// Seeded: any row of edits, undos and redos leaves the file and the value in step.
    @Test
    void fileAndValueStayInStep() {
        Random random = new Random(5);
        Path path = folder.resolve("a.onebeat");
        CampFile file = create("a.onebeat");
        for (int i = 0; i < 150; i++) {
            switch (random.nextInt(6)) {
                case 0 -> file.undo();
                case 1 -> file.redo();
                case 2 -> {
                    file.close();
                    Camp before = file.camp();
                    file = opened(CampFile.open(path));
                    assertThat(file.camp()).isEqualTo(before);
                }
                default -> file.save(randomEdit(random, file.camp()));
            }
        }
        Camp last = file.camp();
        file.close();
        try (CampFile again = opened(CampFile.open(path))) {
            assertThat(again.camp()).isEqualTo(last);
        }
    }

    private static Edit randomEdit(Random random, Camp camp) {
        List<Drill> all = List.copyOf(camp.drills().all());
        if (all.isEmpty() || random.nextInt(3) == 0) {
            return Edit.add(Place.DRILLS, drill(camp.drills().nextId("d"), "1 2"));
        }
        Drill one = all.get(random.nextInt(all.size()));
        return random.nextBoolean()
                ? Edit.remove(Place.DRILLS, one)
                : Edit.change(Place.DRILLS, one, one.withBpm(20 + random.nextInt(200)));
    }

    private Refused refusedUnchanged(String name, byte[] content) throws IOException {
        Path path = folder.resolve(name);
        Files.write(path, content);
        Refused refused = refused(CampFile.open(path));
        assertThat(Files.readAllBytes(path)).as("left as it was").isEqualTo(content);
        assertThat(refused.sentence()).contains(name).endsWith(".");
        return refused;
    }

    @Test
    void noiseAndForeignFilesAreNeverTouched() throws IOException {
        byte[] noise = new byte[5000];
        new Random(1).nextBytes(noise);
        assertThat(refusedUnchanged("noise.onebeat", noise).reason()).isEqualTo(Reason.NOT_A_CAMP);
        assertThat(refusedUnchanged("empty.onebeat", new byte[0]).reason()).isEqualTo(Reason.NOT_A_CAMP);
        assertThat(refusedUnchanged("text.onebeat", "1 2 3".getBytes(StandardCharsets.UTF_8))
                        .reason())
                .isEqualTo(Reason.NOT_A_CAMP);
        byte[] foreign = camp();
        ByteBuffer.wrap(foreign).putInt(68, 12345);
        assertThat(refusedUnchanged("foreign.onebeat", foreign).reason()).isEqualTo(Reason.NOT_A_CAMP);
    }

    @Test
    void aNewerCampIsNeverTouched() throws IOException {
        byte[] newer = camp();
        ByteBuffer.wrap(newer).putInt(60, Header.NEWEST + 1);
        Refused refused = refusedUnchanged("newer.onebeat", newer);
        assertThat(refused.reason()).isEqualTo(Reason.NEWER);
        assertThat(refused.sentence()).contains("newer", "this is One Beat " + ProgramVersion.text());
    }

    @Test
    void aNewerCampTellsWhichProgramWroteIt() throws Exception {
        Path path = folder.resolve("far" + CampFile.ENDING);
        ((Opened) CampFile.create(path, CARD, _ -> {})).file().close();
        try (Connection connection = Sqlite.connect(path, false);
                Statement statement = connection.createStatement()) {
            statement.execute("UPDATE program SET version = '7.3.0'");
            statement.execute("PRAGMA user_version = " + (Header.NEWEST + 1));
        }
        assertThat(((Refused) CampFile.open(path)).sentence()).contains("Open it with One Beat 7.3.0 or newer.");
    }

    @Test
    void aSpoiltCampIsNeverTouched() throws IOException {
        byte[] spoilt = camp();
        Random random = new Random(2);
        for (int i = 4096; i < spoilt.length; i++) {
            spoilt[i] = (byte) random.nextInt();
        }
        assertThat(refusedUnchanged("spoilt.onebeat", spoilt).reason()).isEqualTo(Reason.SPOILT);
        byte[] cut = Arrays.copyOf(camp(), 6000);
        assertThat(refusedUnchanged("cut.onebeat", cut).reason()).isEqualTo(Reason.SPOILT);
    }

    private byte[] camp() throws IOException {
        Path path = folder.resolve("good" + System.nanoTime() + ".onebeat");
        opened(CampFile.create(path, CARD, filling -> oneOfEach().forEach(filling::add)))
                .close();
        return Files.readAllBytes(path);
    }

    @Test
    void aSecondProgramIsToldAndTheFirstGoesOn() {
        Path path = folder.resolve("a.onebeat");
        try (CampFile first = create("a.onebeat")) {
            Refused refused = refused(CampFile.open(path));
            assertThat(refused.reason()).isEqualTo(Reason.IN_USE);
            assertThat(refused.sentence()).contains("another");
            saved(first.save(Edit.add(Place.DRILLS, drill("d1", "1"))));
        }
        try (CampFile later = opened(CampFile.open(path))) {
            assertThat(later.camp().drills().size()).isEqualTo(1);
        }
    }

    @Test
    void aMissingFileAndATakenNameAreTold() throws IOException {
        assertThat(refused(CampFile.open(folder.resolve("gone.onebeat"))).reason())
                .isEqualTo(Reason.MISSING);
        create("a.onebeat").close();
        byte[] before = Files.readAllBytes(folder.resolve("a.onebeat"));
        Refused refused = refused(CampFile.create(folder.resolve("a.onebeat"), CARD, filling -> {}));
        assertThat(refused.reason()).isEqualTo(Reason.CANNOT_WRITE);
        assertThat(Files.readAllBytes(folder.resolve("a.onebeat"))).isEqualTo(before);
    }

    /// As an administrator a read-only mode does not bite, so the folder is a path under a regular file.
    @Test
    void aFolderThatCannotBeWrittenIsTold() throws IOException {
        Path file = Files.writeString(folder.resolve("file"), "not a folder");
        Refused refused = refused(CampFile.create(file.resolve("camp.onebeat"), CARD, filling -> {}));
        assertThat(refused.reason()).isEqualTo(Reason.CANNOT_WRITE);
        assertThat(refused.sentence()).contains("Nothing was written");
        assertThat(Files.readString(file)).isEqualTo("not a folder");
    }

    @Test
    void partnersOddsAndDrawsComeBackAsTheyWere() {
        Partner partner = new Partner(
                "p1",
                new Fighter("Jonas", Stance.ORTHODOX, 180.5, 185),
                true,
                EnumSet.of(Gear.KICKPADS, Gear.GUARDS),
                JabSchool.CROSSING,
                EnumSet.of(SoreSpot.LEFT_LEG),
                EnumSet.of(Family.PUNCH, Family.KICK),
                Rung.RANDOM);
        Drill drill = drill("d1", "{ (1): catch+2 | (none): 1 2 } off").with(Odds.parse("3:1"));
        RoundPlan round =
                new RoundPlan("r1", "s1", 0, "d1", 66, 4).on(Rung.READS).with(new Draw(-7, 2, 3));
        Path path = folder.resolve("partners" + CampFile.ENDING);
        try (CampFile file = ((Opened) CampFile.create(path, CARD, _ -> {})).file()) {
            file.save(Edit.together(
                    Edit.add(Place.PARTNERS, partner),
                    Edit.add(Place.DRILLS, drill),
                    Edit.add(Place.SESSIONS, new Session("s1", DAY, "Tonight", "kickboxing")),
                    Edit.add(Place.ROUNDS, round),
                    new Edit.OfCard(CARD, CARD.withPartner("p1"))));
        }
        try (CampFile file = ((Opened) CampFile.open(path)).file()) {
            assertThat(file.camp().partner()).contains(partner);
            assertThat(file.camp().drills().get("d1")).contains(drill);
            assertThat(file.camp().rounds().get("r1")).contains(round);
            file.undo();
            assertThat(file.camp().partner()).isEmpty();
            file.redo();
            assertThat(file.camp().partners().get("p1")).contains(partner);
        }
    }

    @Test
    void theNewestSchemaIsThatOfTheLastMigration() throws Exception {
        Path migrations = Path.of("src/main/resources/onebeat/store/migration");
        try (Stream<Path> files = Files.list(migrations)) {
            assertThat(files.map(file -> file.getFileName().toString())
                            .map(name -> Integer.parseInt(name.substring(1, name.indexOf("__"))))
                            .max(Comparator.naturalOrder()))
                    .contains(Header.NEWEST);
        }
    }

    @Test
    void aCampOfTheSchemaBeforeTheWeeksIsBroughtUpToDate() throws Exception {
        Path path = folder.resolve("before" + CampFile.ENDING);
        try (CampFile file = ((Opened) CampFile.create(path, CARD, _ -> {})).file()) {
            file.save(Edit.add(Place.SESSIONS, new Session("s1", DAY, "Tonight", "boxing")));
        }
        try (Connection file = DriverManager.getConnection("jdbc:sqlite:" + path);
                Statement statement = file.createStatement()) {
            for (String sql : List.of(
                    "DROP TABLE program",
                    "DROP TABLE plan_setting",
                    "DROP TABLE kept_round",
                    "ALTER TABLE session DROP COLUMN effort",
                    "ALTER TABLE history DROP COLUMN thing",
                    "DELETE FROM flyway_schema_history WHERE version IN ('10', '11', '12')",
                    "PRAGMA user_version = 9")) {
                statement.executeUpdate(sql);
            }
        }
        try (CampFile file = ((Opened) CampFile.open(path)).file()) {
            Session session = file.camp().sessions().get("s1").orElseThrow();
            assertThat(session.effort()).isEmpty();
            file.save(Edit.change(Place.SESSIONS, session, session.withEffort(6)));
        }
        try (CampFile file = ((Opened) CampFile.open(path)).file()) {
            assertThat(file.camp().sessions().get("s1").orElseThrow().effort()).hasValue(6);
        }
    }

    @Test
    void thePlanOfTheWeeksComesBackAndWhatPointsNowhereLiesAside() throws Exception {
        KeptRound kept = new KeptRound("k1", DAY, "d1", "p1");
        PlanSetting setting = new PlanSetting("number.HEAD", "40");
        Path path = folder.resolve("weeks" + CampFile.ENDING);
        try (CampFile file = ((Opened) CampFile.create(path, CARD, _ -> {})).file()) {
            file.save(Edit.together(
                    Edit.add(Place.DRILLS, drill("d1", "1 2")),
                    Edit.add(Place.KEPT_ROUNDS, kept),
                    Edit.add(Place.PLAN_SETTINGS, setting)));
        }
        try (Connection file = DriverManager.getConnection("jdbc:sqlite:" + path);
                Statement statement = file.createStatement()) {
            statement.executeUpdate(
                    "INSERT INTO kept_round (id, date, drill_id, partner_id) VALUES ('k2', '9999-99-99', 'd1', 'p1'),"
                            + " ('k3', '2027-03-04', 'gone', 'p1')");
        }
        Opened opened = (Opened) CampFile.open(path);
        try (CampFile file = opened.file()) {
            assertThat(file.camp().keptRounds().all()).containsExactly(kept);
            assertThat(file.camp().planSettings().all()).containsExactly(setting);
        }
    }

    @Test
    void filmLadderAndEveningComeBackAsTheyWere() {
        Reel reel = new Reel("r9", "ring apron", 15, 180, "Maud", "film/ring-apron.mp4");
        Drill drill = drill("d1", "1 2 3").at(Rung.BROKEN, 96).overruledOn(DAY, "again at 96, and the book said up");
        Session session = new Session("s1", DAY, "Tonight", "boxing", "half-hour", 45).withEffort(7);
        RoundPlan round = new RoundPlan("r1", "s1", 0, "d1", 66, 4)
                .on(Rung.SLOW, 2)
                .withBursts(2)
                .by("p7");
        RoundRun run = new RoundRun("n1", "r1", "d1", DAY, 66, 180, 17, Rung.SLOW, "p7");
        Repetition one = new Repetition("p1", "r1", "d1", DAY, 66, 14_000, Judgement.LATE, Rung.SLOW, "dropped", "p7")
                .heard(Optional.of(63.5), true);
        Note note = new Note("b1", "d1", DAY, "elbow \"in\"; later; harder", "");
        Path path = folder.resolve("ladder" + CampFile.ENDING);
        try (CampFile file = ((Opened) CampFile.create(path, CARD, _ -> {})).file()) {
            file.save(Edit.together(
                    Edit.add(Place.REELS, reel),
                    Edit.add(Place.DRILLS, drill),
                    Edit.add(Place.SESSIONS, session),
                    Edit.add(Place.ROUNDS, round),
                    Edit.add(Place.RUNS, run),
                    Edit.add(Place.NOTES, note),
                    Edit.add(Place.REPETITIONS, one)));
        }
        try (CampFile file = ((Opened) CampFile.open(path)).file()) {
            assertThat(file.camp().notes().get("b1")).contains(note);
            assertThat(file.camp().reels().get("r9")).contains(reel);
            assertThat(file.camp().drills().get("d1")).contains(drill);
            assertThat(file.camp().sessions().get("s1")).contains(session);
            assertThat(file.camp().rounds().get("r1")).contains(round);
            assertThat(file.camp().runs().get("n1")).contains(run);
            assertThat(file.camp().repetitions().get("p1")).contains(one);
            file.undo();
            assertThat(file.camp().reels().size()).isZero();
            file.redo();
            assertThat(file.camp().repetitions().get("p1")).contains(one);
            assertThat(file.camp().reels().get("r9")).contains(reel);
        }
    }
}
