package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.FollowUps;
import onebeat.core.film.FollowUps.After;
import onebeat.core.film.Outcome;
import onebeat.core.film.Reel;
import onebeat.core.film.Sightings;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;
import onebeat.core.review.Review;
import onebeat.core.wording.Wording;
import onebeat.desktop.app.LineWords;
import onebeat.desktop.app.StationName;
import onebeat.desktop.text.Texts;
import onebeat.formats.film.FilmCsv;
import onebeat.formats.film.FilmFile;
import onebeat.media.FilmOpening;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/// Film as the coach uses it, without leaving the keyboard.
class FilmWindowTest extends DemoWindow {

    private List<Exchange> all() {
        return List.copyOf(coach.app.camp().exchanges().all());
    }

    private Exchange last() {
        return all().getLast();
    }

    private void toReel(String id) {
        for (int i = 0;
                i < coach.app.camp().reels().size()
                        && !coach.app.reelProperty().get().equals(Optional.of(id));
                i++) {
            coach.press(KeyCode.PAGE_DOWN, KeyCode.ALT);
        }
        assertThat(coach.app.reelProperty().get()).contains(id);
    }

    @Test
    void tenExchangesAreLoggedByKeyboardAlone() {
        List<String> seen = List.of(
                "1 (parry)",
                "1b (low) 3",
                "(1 2) parry parry out (chase)",
                "2 3 (lean) rlow",
                "inlow (check)",
                "1 (2) slip-in",
                "3 (block)",
                "1b (low) 2",
                "(1) parry out (none)",
                "inlow (none)");
        KeyCode[] outcomes = {
            KeyCode.B, KeyCode.C, KeyCode.N, KeyCode.C, KeyCode.B, KeyCode.X, KeyCode.B, KeyCode.P, KeyCode.N, KeyCode.C
        };
        int before = all().size();
        coach.press(KeyCode.SPACE, KeyCode.CONTROL);
        coach.press(KeyCode.SLASH);
        for (int i = 0; i < seen.size(); i++) {
            coach.type(seen.get(i)).press(KeyCode.ENTER);
            int now = before + i + 1;
            coach.await("logged " + seen.get(i), () -> all().size() == now);
            coach.press(outcomes[i]);
            coach.await("judged " + seen.get(i), () -> coach.shows("Outcome: "));
            coach.press(KeyCode.RIGHT, KeyCode.ALT, KeyCode.SHIFT).press(KeyCode.SPACE, KeyCode.CONTROL);
        }
        List<Exchange> logged = all().subList(before, before + seen.size());
        assertThat(logged.stream().map(Exchange::line)).containsExactlyElementsOf(seen);
        assertThat(logged.stream().map(Exchange::outcome))
                .containsExactly(
                        Outcome.BLOCKED,
                        Outcome.CLEAN,
                        Outcome.NONE,
                        Outcome.CLEAN,
                        Outcome.BLOCKED,
                        Outcome.COUNTERED,
                        Outcome.BLOCKED,
                        Outcome.PARTIAL,
                        Outcome.NONE,
                        Outcome.CLEAN);
        assertThat(logged.stream().map(Exchange::timeS)).isSorted().doesNotHaveDuplicates();
        assertThat(logged).allMatch(e -> e.partnerStance() == Stance.SOUTHPAW);
        assertThat(coach.shell.callLine().isTyping()).as("the cursor stays").isTrue();
    }

    @Test
    void whatWasLoggedIsMendedMovedAndSaidAgain() {
        coach.press(KeyCode.DOWN).press(KeyCode.DOWN);
        Exchange third = coach.app.camp().exchangesOn("harbour-hall").get(2);
        coach.press(KeyCode.A, KeyCode.ALT);
        coach.await("the old line", () -> coach.shell.callLine().text().equals(third.line()));
        coach.press(KeyCode.A, KeyCode.CONTROL).type("1b (parry) 2").press(KeyCode.ENTER);
        coach.await("mended", () -> one(third.id()).line().equals("1b (parry) 2"));
        assertThat(one(third.id()).timeS()).isEqualTo(third.timeS());

        coach.press(KeyCode.ESCAPE).press(KeyCode.PERIOD);
        coach.await("a tenth later", () -> one(third.id()).timeS() > third.timeS() + 0.05);
        coach.press(KeyCode.S);
        coach.await("orthodox", () -> one(third.id()).partnerStance() == Stance.ORTHODOX);
        coach.press(KeyCode.G);
        coach.await("another range", () -> !one(third.id()).range().equals(third.range()));
        int before = all().size();
        coach.press(KeyCode.R);
        coach.await("again", () -> all().size() == before + 1);
        assertThat(last().line()).isEqualTo("1b (parry) 2");
    }

    @Test
    void twoExchangesOfOneSecondAreBothReached() {
        Exchange first = coach.app.camp().exchangesOn("harbour-hall").getFirst();
        coach.press(KeyCode.DOWN).press(KeyCode.UP);
        coach.await("the first", () -> coach.shows(Texts.filmTime(first.timeS())));
        coach.press(KeyCode.SLASH).type("1 (catch)").press(KeyCode.ENTER);
        coach.await("logged", () -> last().line().equals("1 (catch)"));
        coach.press(KeyCode.N).press(KeyCode.ESCAPE);
        assertThat(last().timeS()).isEqualTo(first.timeS());
        coach.press(KeyCode.A);
        coach.await(
                "the new one is at hand", () -> coach.shell.callLine().text().equals("1 (catch)"));
        coach.press(KeyCode.ESCAPE).press(KeyCode.UP).press(KeyCode.A);
        coach.await("and the other", () -> coach.shell.callLine().text().equals(first.line()));
    }

    private Exchange one(String id) {
        return coach.app.camp().exchanges().get(id).orElseThrow();
    }

    @Test
    void stancesAndRangeAreCarriedOverFromTheLastOfTheReel() {
        toReel("ferry-shed");
        coach.press(KeyCode.SLASH).type("2 (block)").press(KeyCode.ENTER);
        coach.await("logged", () -> last().line().equals("2 (block)"));
        assertThat(last().partnerStance()).isEqualTo(Stance.ORTHODOX);
        assertThat(last().range()).isPresent();
        assertThat(coach.app.camp().studied()).doesNotContain(last());
    }

    @Test
    void theFigureAtHandTellsWhatStandsBehindItAndPlaysIt() {
        coach.press(KeyCode.DOWN, KeyCode.SHIFT)
                .press(KeyCode.DOWN, KeyCode.SHIFT)
                .press(KeyCode.DOWN, KeyCode.SHIFT);
        for (int i = 0; i < 12 && !coach.shows("Jab to the body, then both hands drop: "); i++) {
            coach.press(KeyCode.DOWN, KeyCode.SHIFT);
        }
        coach.await("a body jab", () -> coach.shows("Jab to the body, then both hands drop: 12 of 15"));
        coach.await("beside others", () -> coach.shows("Unlike others: 12 of 15 against 6 of 19"));
        coach.press(KeyCode.E);
        coach.await("in a row", () -> coach.shows("in a row: 1 of 12"));
        coach.press(KeyCode.SPACE);
        coach.await("still", () -> coach.shows("still"));
    }

    @Test
    void whatFollowsAnOwnStrikeOfTheOpponentsIsShown() {
        coach.press(KeyCode.T);
        coach.await("after an own strike", () -> coach.shows("What follows Noor's own strikes"));
        After first = FollowUps.of(Sightings.ofOwn(
                        coach.app.camp().studied(),
                        Who.PARTNER,
                        coach.app.camp().vocabulary()))
                .getFirst();
        LineWords words = coach.app.wordsOnFilm();
        String then = words.of("(" + first.responses().getFirst().response() + ")");
        String told = words.of(first.stimulus()) + ", then " + Wording.within(then, "Noor") + ": ";
        coach.await("the one seen most", () -> coach.shows(told));
        int drills = coach.app.camp().drills().size();
        coach.press(KeyCode.F2);
        assertThat(coach.app.camp().drills().size()).isEqualTo(drills);
        coach.press(KeyCode.T);
        coach.await("and back", () -> coach.shows("What Noor does after …"));
    }

    @Test
    void marksAreRunBetween() {
        coach.press(KeyCode.OPEN_BRACKET);
        for (int i = 0; i < 12; i++) {
            coach.press(KeyCode.RIGHT);
        }
        coach.press(KeyCode.CLOSE_BRACKET).press(KeyCode.L);
        coach.await("the marks", () -> coach.shows("marks 00:00.0 to 00:01.2"));
        coach.press(KeyCode.SPACE);
        coach.await("loop", () -> coach.shows("playing · loop between the marks"));
    }

    @Test
    void ideasAndThePlanAreOneKeyFromTheBench() {
        coach.press(KeyCode.I);
        coach.await("ideas", () -> coach.shows("worth at least"));
        coach.press(KeyCode.E);
        coach.await("what stands behind the first", () -> coach.shows("in a row: 1 of 8"));
        coach.press(KeyCode.DOWN, KeyCode.SHIFT).press(KeyCode.E);
        coach.await("and behind the second", () -> coach.shows("in a row: 1 of 7"));
        coach.press(KeyCode.DOWN, KeyCode.SHIFT).press(KeyCode.E);
        coach.await("playing keeps the choice", () -> coach.shows("in a row: 1 of 12"));
        coach.press(KeyCode.SPACE).press(KeyCode.F);
        coach.await("the plan", () -> coach.shows("Stay away from") && coach.shows("If both hands drop: "));
        coach.await("the naked hook", () -> coach.shows("Left hook with no set-up: cross comes"));
        for (int i = 0; i < 3; i++) {
            coach.press(KeyCode.DOWN, KeyCode.SHIFT);
        }
        coach.press(KeyCode.E);
        coach.await("Noor punished it five times", () -> coach.shows("in a row: 1 of 5"));
        coach.press(KeyCode.SPACE);
        int drills = coach.app.camp().drills().size();
        coach.press(KeyCode.F2);
        coach.await("the bench", () -> coach.shell.here() == StationName.BENCH);
        assertThat(coach.app.camp().drills().size()).isEqualTo(drills + 1);
        String line = coach.app.drill().orElseThrow().line();
        Review review =
                Review.withoutMends((Read) Notation.read(line), coach.app.camp().againstOpponent());
        assertThat(review.hasStop()).isFalse();
    }

    @Test
    void thePlanIsPrintedOnOnePage() throws IOException {
        coach.press(KeyCode.F).press(KeyCode.P, KeyCode.ALT);
        coach.await("printed", () -> coach.shows("Printed"));
        Path pdf = coach.app.folder().resolve("cards").resolve("Noor-fight-plan.pdf");
        try (var document = Loader.loadPDF(pdf.toFile())) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains(
                            "Ilka against Noor",
                            "If both hands drop: ",
                            "Left hook with no set-up: cross comes, 5 of 16 times");
        }
    }

    @Test
    void whatIsWrittenOutComesInAgainWithoutDoubles() throws IOException {
        coach.press(KeyCode.X);
        coach.await("written", () -> coach.shows("film.csv, film.json"));
        Path csv = coach.app.folder().resolve("film").resolve("film.csv");
        var log = (FilmFile.Log) FilmFile.read(csv, Vocabulary.standard(), _ -> true);
        assertThat(log.film().rejected()).isEmpty();
        assertThat(log.film().exchanges()).hasSize(all().size());
        coach.choosing(csv);
        coach.press(KeyCode.O);
        coach.await("known", () -> coach.shows("0 exchanges can be imported, " + all().size() + " are here already"));
    }

    @Test
    void aThousandRowsTakeTheGoodOnesOrNone() throws IOException {
        StringBuilder text = new StringBuilder(String.join(",", FilmCsv.COLUMNS)).append("\r\n");
        for (int i = 0; i < 1_000; i++) {
            String line = i % 100 == 50 ? "1 zap" : "1 (parry)";
            text.append("dock,")
                    .append(i)
                    .append(",1,athlete,orthodox,southpaw,long,")
                    .append(line)
                    .append(",none,\r\n");
        }
        Path csv = Files.writeString(coach.app.folder().resolve("dock.csv"), text, StandardCharsets.UTF_8);
        int before = all().size();
        coach.choosing(csv);
        coach.press(KeyCode.O);
        coach.await(
                "read", () -> coach.shows("990 exchanges can be imported") && coach.shows("10 rows cannot be read"));
        assertThat(coach.shows("line 52, line: ")).isTrue();
        coach.press(KeyCode.ESCAPE);
        coach.await("none", () -> coach.shows("Nothing was imported."));
        assertThat(all()).hasSize(before);
        coach.press(KeyCode.O);
        coach.await("read again", () -> coach.shows("990 exchanges can be imported"));
        coach.press(KeyCode.ENTER);
        coach.await("taken", () -> all().size() == before + 990);
        coach.press(KeyCode.Z, KeyCode.CONTROL);
        coach.await("taken out again", () -> all().size() == before);
    }

    @Test
    void aFilmFileIsPlayedWhereItLies() {
        toReel("ring-apron");
        coach.await("the clip", () -> coach.shows("from the ring apron"));
        coach.press(KeyCode.DOWN).press(KeyCode.DOWN);
        coach.await("its second exchange", () -> coach.shows(Texts.filmTime(6.2)));
        coach.press(KeyCode.SPACE);
        coach.await("it runs", () -> coach.shows("playing"));
        coach.await(
                "its time goes on",
                () -> coach.hears(h -> h.startsWith("SLIDER ") && h.contains("exchanges"))
                        && !coach.hears(h -> h.startsWith("SLIDER ") && h.contains(Texts.filmTime(6.2))));
    }

    @Test
    void theHitsOfAFilmAreGoneToAndItsPicturesAreSteppedThrough() {
        toReel("ring-apron");
        coach.await("the clip", () -> coach.shows("from the ring apron"));
        coach.await("its hits", () -> coach.count(".sharp-sound") == 7 && coach.count(".time-moment") == 3);
        coach.press(KeyCode.K);
        coach.await("the first hit", () -> Math.abs(timeS() - 2) < 1e-6);
        coach.press(KeyCode.K);
        coach.await("the second", () -> Math.abs(timeS() - 2.5) < 0.03);
        double second = Driver.onFx(this::timeS);
        coach.press(KeyCode.RIGHT);
        coach.await("a picture on", () -> Math.abs(timeS() - second - 0.04) < 1e-6);
        coach.press(KeyCode.LEFT).press(KeyCode.LEFT);
        coach.await("two back", () -> Math.abs(timeS() - second + 0.04) < 1e-6);
        coach.press(KeyCode.K, KeyCode.SHIFT);
        coach.await("the first hit again", () -> Math.abs(timeS() - 2) < 1e-6);
        coach.press(KeyCode.RIGHT, KeyCode.ALT);
        coach.await("five seconds on", () -> Math.abs(timeS() - 7) < 0.03);
        coach.press(KeyCode.MINUS).press(KeyCode.MINUS).press(KeyCode.M).press(KeyCode.Z);
        coach.await("as it is looked at", () -> coach.shows("still · quarter speed · 1.5 times as large · mirrored"));
        coach.press(KeyCode.EQUALS).press(KeyCode.M).press(KeyCode.Z, KeyCode.SHIFT);
        coach.await("and again", () -> coach.shows("still · half speed"));
    }

    @Test
    void whatIsBehindAHabitIsCutIntoOneFilm() throws IOException {
        toReel("ring-apron");
        coach.await("the habits", () -> coach.shows("8 of 16"));
        coach.press(KeyCode.V);
        Path cut = coach.app.folder().resolve("film").resolve("cut.mp4");
        coach.await("it is there", () -> Files.exists(cut) && coach.shows("have a film and are in"));
        FilmOpening opening = onebeat.media.FilmFile.open(cut);
        assertThat(opening)
                .isInstanceOfSatisfying(
                        FilmOpening.Opened.class,
                        opened -> assertThat(opened.file().info().sound()).isPresent());
        coach.press(KeyCode.X);
        coach.await("written out", () -> coach.shows("exchanges are written into"));
        Path words = coach.app.folder().resolve("film").resolve("from-the-ring-apron-short-clip.vtt");
        assertThat(Files.readString(words)).startsWith("WEBVTT").contains("00:00:00.800 --> 00:00:03.800");
    }

    /// Where the film stands, as the axis tells it to those who hear it.
    private double timeS() {
        return coach.timeOfFilm(
                coach.app.camp().reels().get("ring-apron").orElseThrow().seconds());
    }

    @Test
    void aFilmThatMovedIsToldAndFoundAgain() throws IOException {
        Path clip = coach.app.folder().resolve("ring-apron.mp4");
        Path moved =
                Files.createDirectories(coach.app.folder().resolve("archive")).resolve("ring-apron.mp4");
        Files.move(clip, moved);
        toReel("ring-apron");
        coach.await("told", () -> coach.shows("The film is not at"));
        coach.choosing(moved);
        coach.press(KeyCode.O);
        coach.await("found", () -> coach.shows("is found again"));
        Reel reel = coach.app.camp().reels().get("ring-apron").orElseThrow();
        assertThat(reel.file()).isEqualTo("archive/ring-apron.mp4");
        coach.await("nothing wrong", () -> !coach.shows("The film is not at"));
    }

    @Test
    void aFilmThatMovedAndGotAnotherNameIsFoundInAFolderAndTakenAlong() throws IOException {
        toReel("ring-apron");
        coach.await("it was opened once", () -> coach.count(".time-moment") == 3);
        coach.await(
                "and is known",
                () -> !coach.app.draft("film print ring-apron.mp4").isEmpty());
        Path clip = coach.app.folder().resolve("ring-apron.mp4");
        Path card = Files.createDirectories(coach.app.folder().resolve("card").resolve("100CAM"));
        Files.move(clip, card.resolve("MVI_0042.MP4"));
        coach.choosing(coach.app.folder().resolve("card"));
        coach.press(KeyCode.Y);
        coach.await("found", () -> coach.shows("1 of 1 missing films are found"));
        assertThat(file("ring-apron")).isEqualTo("card/100CAM/MVI_0042.MP4");
        coach.press(KeyCode.Y);
        coach.await("nothing is missing", () -> coach.shows("No film is missing."));
        coach.press(KeyCode.Y, KeyCode.SHIFT);
        coach.await("along", () -> coach.shows("1 films lie beside the camp"));
        assertThat(file("ring-apron")).isEqualTo("film/MVI_0042.MP4");
        assertThat(coach.app.folder().resolve("film/MVI_0042.MP4")).isRegularFile();
        coach.press(KeyCode.Z, KeyCode.CONTROL);
        coach.await("taken back", () -> file("ring-apron").equals("card/100CAM/MVI_0042.MP4"));
    }

    @Test
    void tenExchangesAreLoggedInAMinuteByTheKeyboard() {
        toReel("ring-apron");
        coach.await("its hits", () -> coach.count(".sharp-sound") == 7);
        int before = all().size();
        int keys = 0;
        String[] seen = {"1b (low) 3", "", "2 3 (lean)", "", "jab cross (parry)"};
        for (int i = 0; i < 10; i++) {
            String line = seen[i % seen.length];
            coach.press(KeyCode.K);
            if (line.isEmpty()) {
                coach.press(KeyCode.R);
                keys += 2;
            } else {
                coach.press(KeyCode.SLASH).type(line).press(KeyCode.ENTER);
                keys += 3 + line.length();
            }
            int count = before + i + 1;
            coach.await("logged", () -> all().size() == count);
            coach.press(KeyCode.C);
            coach.await("judged", () -> last().outcome() == Outcome.CLEAN);
            keys++;
            if (!line.isEmpty()) {
                coach.press(KeyCode.ESCAPE);
                keys++;
            }
            if (i == 6) {
                // Seven hits are on the clip; the rest are logged from its beginning again.
                coach.press(KeyCode.LEFT, KeyCode.ALT, KeyCode.SHIFT);
                keys++;
            }
        }
        assertThat(all()).hasSize(before + 10);
        assertThat(keys)
                .as("two keys a second, which is slow typing, are 120 in a minute")
                .isLessThan(120);
        coach.press(KeyCode.RIGHT).press(KeyCode.D, KeyCode.SHIFT);
        double here = Driver.onFx(this::timeS);
        coach.await("on the very picture", () -> all().stream().anyMatch(e -> Math.abs(e.timeS() - here) < 2e-4));
    }

    @Test
    void whoWasHurtOnFilmHasTheirPlaceInThePlan() {
        toReel("ring-apron");
        coach.press(KeyCode.SLASH).type("2 3").press(KeyCode.ENTER);
        coach.await("asked", () -> coach.shows("H hurt"));
        coach.press(KeyCode.H);
        coach.await("judged", () -> last().outcome() == Outcome.HURT);
        coach.press(KeyCode.ESCAPE).press(KeyCode.F);
        coach.await(
                "finish or wait",
                () -> coach.shows("When they are hurt: finish or wait")
                        && coach.shows("Noor was visibly shaken on film, times: 1")
                        && coach.shows("Too little is on film to say"));
    }

    private String file(String reel) {
        return coach.app.camp().reels().get(reel).orElseThrow().file();
    }

    @Test
    void aTextThatCallsItselfAFilmIsToldAndLoggingGoesOn() throws IOException {
        Path text = Files.writeString(coach.app.folder().resolve("notes.mp4"), "Noor parries low\n".repeat(200));
        coach.choosing(text);
        coach.press(KeyCode.O);
        coach.await("told", () -> coach.shows("notes.mp4 is no film"));
        int before = all().size();
        coach.press(KeyCode.SLASH).type("1 (parry)").press(KeyCode.ENTER);
        coach.await("logged", () -> all().size() == before + 1);
        assertThat(last().range()).isEqualTo(Optional.<Band>empty());
    }

    @Test
    void aReelSaysWhomItStudies() {
        coach.press(KeyCode.W);
        coach.await("the form", () -> coach.shows("Fighter studied"));
        coach.press(KeyCode.TAB).type("runa").press(KeyCode.ENTER);
        coach.await(
                "kept",
                () -> coach.app
                        .camp()
                        .reels()
                        .get("harbour-hall")
                        .orElseThrow()
                        .subject()
                        .equals("runa"));
        coach.await("said", () -> coach.shows("runa is studied"));
    }
}
