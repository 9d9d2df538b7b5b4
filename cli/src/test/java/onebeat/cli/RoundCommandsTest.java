package onebeat.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.EnumSet;
import javax.sound.midi.MidiSystem;
import javax.sound.sampled.AudioSystem;
import onebeat.core.book.Judgement;
import onebeat.core.book.Note;
import onebeat.core.book.Repetition;
import onebeat.core.camp.Card;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.holding.Gear;
import onebeat.core.holding.JabSchool;
import onebeat.core.holding.Partner;
import onebeat.core.holding.SoreSpot;
import onebeat.core.timing.Rung;
import onebeat.store.CampFile;
import onebeat.store.Opening;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// `round`, `ladder` and `export` as they are called.
class RoundCommandsTest {

    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String... arguments) {
        CommandLine commandLine = Main.commandLine();
        commandLine.setOut(new PrintWriter(out));
        commandLine.setErr(new PrintWriter(err));
        return commandLine.execute(arguments);
    }

    private JsonNode json() {
        return JsonMapper.builder().build().readTree(out.toString());
    }

    @Test
    void aRoundIsLaidOutFromItsBell() {
        assertThat(run(
                        "round",
                        "--json",
                        "--line",
                        "(1) catch+1",
                        "--tempo",
                        "60",
                        "--seconds",
                        "120",
                        "--bursts",
                        "1"))
                .isZero();
        JsonNode events = json().get("events");
        assertThat(events.get(0).get("kind").asString()).isEqualTo("bell");
        assertThat(events.get(0).get("ms").asLong()).isZero();
        assertThat(events.get(events.size() - 1).get("kind").asString()).isEqualTo("end");
        assertThat(events.get(events.size() - 1).get("ms").asLong()).isEqualTo(120_000);
        assertThat(events.valueStream().map(e -> e.get("kind").asString()))
                .contains("call", "cue", "click", "burst", "last-minute", "last-ten");
        assertThat(events.valueStream()
                        .filter(e -> e.get("kind").asString().equals("call"))
                        .count())
                .isEqualTo(json().get("repetitions").asLong());
        assertThat(events.valueStream()
                        .filter(e -> e.get("kind").asString().equals("cue"))
                        .map(e -> e.get("who").asString() + " " + e.get("text").asString())
                        .distinct())
                .containsExactly("partner 1");
    }

    @Test
    void theSameSeedGivesTheSameRoundAndAnotherAnother() {
        String[] with = {"round", "--json", "--line", "{ (1): parry 2 | (3): block 3 }", "--seed", "7"};
        assertThat(run(with)).isZero();
        String first = out.toString();
        out.getBuffer().setLength(0);
        run(with);
        assertThat(out.toString()).isEqualTo(first);
        out.getBuffer().setLength(0);
        with[5] = "8";
        run(with);
        assertThat(out.toString()).isNotEqualTo(first);
    }

    @Test
    void aRoundIsWrittenAsSoundAndAsClickTrack() throws Exception {
        Path wav = folder.resolve("round.wav");
        Path midi = folder.resolve("round.mid");
        assertThat(run(
                        "round",
                        "--line",
                        "1 2",
                        "--tempo",
                        "97",
                        "--seconds",
                        "60",
                        "--wav",
                        wav.toString(),
                        "--midi",
                        midi.toString()))
                .isZero();
        try (var sound = AudioSystem.getAudioInputStream(wav.toFile())) {
            assertThat(sound.getFormat().getSampleSizeInBits()).isEqualTo(16);
            assertThat(sound.getFrameLength() / sound.getFormat().getFrameRate())
                    .isBetween(60f, 63f);
        }
        assertThat(MidiSystem.getSequence(midi.toFile()).getMicrosecondLength() / 1_000)
                .isBetween(58_000L, 60_100L);
    }

    @Test
    void aStepOfTheLadderIsLaidOut() {
        assertThat(run("round", "--json", "--line", "(1) catch+1 2 3", "--step", "reads"))
                .isZero();
        assertThat(json().get("events")
                        .valueStream()
                        .filter(e -> e.get("kind").asString().equals("call"))
                        .findFirst()
                        .orElseThrow()
                        .get("text")
                        .asString())
                .startsWith("{ (1): catch+1 2 3 | ");
        assertThat(run("round", "--line", "(1) 2", "--step", "reads")).isEqualTo(1);
        assertThat(err.toString()).contains("no step reads");
    }

    @Test
    void badCallsAreTold() {
        assertThat(run("round", "--line", "1 zap")).isEqualTo(2);
        assertThat(err.toString()).contains("At character 3");
        assertThat(run("round", "--seconds", "5")).isEqualTo(2);
        assertThat(run("round", "--wav", folder.resolve("no/where.wav").toString()))
                .isEqualTo(2);
        assertThat(err.toString()).contains("Nothing was written");
    }

    @Test
    void aLineIsGrown() {
        assertThat(run("ladder", "--json", "1 2 3 rlow")).isZero();
        JsonNode steps = json().get("steps");
        assertThat(steps.get(0).get("step").asString()).isEqualTo("parts");
        assertThat(steps.get(steps.size() - 1).get("step").asString()).isEqualTo("live");
        double before = 0;
        for (JsonNode step : steps) {
            assertThat(step.get("difficulty").asDouble()).isGreaterThanOrEqualTo(before);
            before = step.get("difficulty").asDouble();
            assertThat(step.get("tempo").asInt()).isPositive();
        }
        assertThat(run("ladder", "(1) 2")).isEqualTo(1);
        assertThat(run("ladder", "1 zap")).isEqualTo(2);
    }

    @Test
    void aCampIsWrittenInOpenFormats() throws Exception {
        LocalDate day = LocalDate.of(2027, 3, 4);
        Card card = new Card(
                "Saltlight",
                Fighter.usual("Ilka", Stance.ORTHODOX),
                Fighter.usual("Noor", Stance.SOUTHPAW),
                day,
                day.plusWeeks(8));
        Path file = folder.resolve("camp.onebeat");
        try (CampFile camp = ((Opening.Opened) CampFile.create(file, card, _ -> {})).file()) {
            camp.save(Edit.add(Place.DRILLS, new Drill("d1", "=Hands", "1 2", 60, day, "")));
            camp.save(Edit.add(Place.REPETITIONS, new Repetition("p1", "r1", "d1", day, 60, 1, Judgement.CLEAN)));
        }
        try (CampFile camp = ((Opening.Opened) CampFile.open(file)).file()) {
            camp.save(Edit.add(
                    Place.PARTNERS,
                    new Partner(
                            "k1",
                            Fighter.usual("Jonas Y", Stance.ORTHODOX),
                            true,
                            EnumSet.of(Gear.MITTS),
                            JabSchool.STRAIGHT,
                            EnumSet.noneOf(SoreSpot.class),
                            EnumSet.of(Family.PUNCH),
                            Rung.LIVE)));
            camp.save(Edit.add(Place.NOTES, new Note("b1", "d1", day.plusDays(1), "=late, hip first", "")));
            camp.save(Edit.add(
                    Place.REPETITIONS,
                    new Repetition("p2", "r1", "d1", day, 60, 1, Judgement.LATE, Rung.WHOLE, "", "k1")));
        }
        Path open = folder.resolve("open");
        int code = run("export", file.toString(), "--out", open.toString());
        assertThat(code).as(err.toString()).isZero();
        assertThat(Files.readString(open.resolve("book.csv")))
                .contains("'=Hands,1 2,2027-03-04,whole,60,0,0,1,1,0,0,0,");
        assertThat(JsonMapper.builder()
                        .build()
                        .readTree(open.resolve("book.json").toFile())
                        .get("days")
                        .get(0)
                        .get("clean")
                        .asInt())
                .isEqualTo(1);
        assertThat(Files.readString(open.resolve("notes.csv")))
                .as("a note is no formula, and is there though nothing was done that day")
                .contains("'=Hands,2027-03-05,\"'=late, hip first\"");
        assertThat(JsonMapper.builder()
                        .build()
                        .readTree(open.resolve("book.json").toFile())
                        .at("/notes/0/text")
                        .asString())
                .isEqualTo("=late, hip first");
        assertThat(Files.readString(open.resolve("book-jonas-y.csv")))
                .as("they have a book of their own")
                .contains("2027-03-04,whole,60,0,0,1,0,1,0,0,");
        assertThat(open.resolve("film.csv")).exists();
        assertThat(open.resolve("film.json")).exists();
        assertThat(run("export", folder.resolve("none.onebeat").toString())).isEqualTo(2);
    }

    @Test
    void twoOutputsOnOnePathAreRefused() {
        String file = folder.resolve("round.wav").toString();
        String same = folder.resolve(".").resolve("round.wav").toString();
        assertThat(run("round", "--seconds", "20", "--wav", file, "--midi", same))
                .isEqualTo(2);
        assertThat(err.toString()).contains("same file");
        assertThat(folder.resolve("round.wav")).doesNotExist();
    }

    @Test
    void aFileOfSomebodyElseIsNotWrittenOver() throws IOException {
        Path file = Files.writeString(folder.resolve("round.mid"), "the coach's own");
        assertThat(run("round", "--seconds", "20", "--midi", file.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("Nothing was written").contains("--overwrite");
        assertThat(file).hasContent("the coach's own");
        assertThat(run("round", "--seconds", "20", "--midi", file.toString(), "--overwrite"))
                .isZero();
        assertThat(run("round", "--seconds", "40", "--midi", file.toString())).isZero();
        assertThat(Files.size(file)).isGreaterThan(100);
    }
}
