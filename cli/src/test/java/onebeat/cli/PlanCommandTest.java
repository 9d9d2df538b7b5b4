package onebeat.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import onebeat.core.camp.Card;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.KeptRound;
import onebeat.core.camp.Place;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.store.CampFile;
import onebeat.store.Opening;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class PlanCommandTest {

    private static final LocalDate FIRST = SmallCamp.FIRST;

    @TempDir
    private Path folder;

    private StringWriter out = new StringWriter();
    private StringWriter err = new StringWriter();

    private int run(String... arguments) {
        out = new StringWriter();
        err = new StringWriter();
        CommandLine commandLine = Main.commandLine();
        commandLine.setOut(new PrintWriter(out));
        commandLine.setErr(new PrintWriter(err));
        return commandLine.execute(arguments);
    }

    private Path camp() {
        return SmallCamp.in(folder);
    }

    @Test
    void aCampIsPlannedTheSameTwiceAndIsNotChanged() throws Exception {
        Path camp = camp();
        byte[] before = Files.readAllBytes(camp);
        String[] asked = {"plan", "--json", "--from", FIRST.toString(), "--seconds", "1", camp.toString()};
        assertThat(run(asked)).as(err.toString()).isZero();
        String first = out.toString();
        assertThat(run(asked)).isZero();
        assertThat(out.toString()).isEqualTo(first);
        assertThat(Files.readAllBytes(camp)).isEqualTo(before);
        JsonNode json = JsonMapper.builder().build().readTree(first);
        assertThat(json.path("by").asString()).isEqualTo("solver");
        assertThat(json.path("value").asInt())
                .isLessThanOrEqualTo(json.path("bound").asInt());
        assertThat(json.path("sessions").get(0).path("date").asString()).isEqualTo("2026-10-12");
        assertThat(json.path("sessions")
                        .get(0)
                        .path("rounds")
                        .get(0)
                        .path("name")
                        .asString())
                .as("what stands in the other comes first")
                .isEqualTo("Two hands");
    }

    @Test
    void aPlanThatIsTakenStandsInTheCampAndIsRemadeFromThere() throws Exception {
        Path camp = camp();
        String[] take = {"plan", "--take", "--from", FIRST.toString(), "--seconds", "1", camp.toString()};
        assertThat(run(take)).as(err.toString()).isZero();
        List<KeptRound> kept;
        try (CampFile file = ((Opening.Opened) CampFile.open(camp)).file()) {
            kept = List.copyOf(file.camp().keptRounds().all());
        }
        assertThat(kept).isNotEmpty().allMatch(round -> round.partnerId().equals("p"));
        assertThat(run(take)).isZero();
        try (CampFile file = ((Opening.Opened) CampFile.open(camp)).file()) {
            assertThat(file.camp().keptRounds().all())
                    .as("nothing is another since")
                    .containsExactlyInAnyOrderElementsOf(kept);
        }
    }

    @Test
    void aLongCampIsPlannedForItsNextDaysAndSaysSo() {
        String early = FIRST.minusDays(200).toString();
        assertThat(run("plan", "--from", early, "--seconds", "1", camp().toString()))
                .as(err.toString())
                .isZero();
        assertThat(out.toString()).contains("Only the next 112 days are planned.");
    }

    @Test
    void whoHoldsForAnotherAthleteHoldsLessHere() throws Exception {
        Path other = folder.resolve("weeks.json");
        String round = "{\"partner\": \"sunniva\"}, {\"partner\": \"Unknown\"}";
        Files.writeString(
                other,
                "{\"camp\": \"Maud's camp\", \"sessions\": [{\"date\": \"" + FIRST + "\", \"rounds\": ["
                        + String.join(", ", Collections.nCopies(6, round)) + "]}]}");
        Path camp = camp();
        String[] asked = {
            "plan",
            "--json",
            "--beside",
            other.toString(),
            "--from",
            FIRST.toString(),
            "--seconds",
            "1",
            camp.toString()
        };
        assertThat(run(asked)).as(err.toString()).isZero();
        assertThat(JsonMapper.builder()
                        .build()
                        .readTree(out.toString())
                        .path("sessions")
                        .get(0)
                        .path("date")
                        .asString())
                .as("the only partner holds all that one may on the first day for somebody else")
                .isNotEqualTo(FIRST.toString());
        Files.writeString(other, "{\"camp\": 3");
        assertThat(run(asked)).isEqualTo(2);
        assertThat(out.toString()).contains("not JSON");
    }

    @Test
    void aPlanIsToldInWordsAndWrittenAsACalendar() throws Exception {
        Path ics = folder.resolve("camp.ics");
        assertThat(run(
                        "plan",
                        "--from",
                        FIRST.toString(),
                        "--seconds",
                        "1",
                        "--ics",
                        ics.toString(),
                        camp().toString()))
                .as(err.toString())
                .isZero();
        assertThat(out.toString())
                .contains("Two hands")
                .contains("Sunniva")
                .contains("points")
                .contains("clear nobody to train");
        assertThat(Files.readString(ics)).startsWith("BEGIN:VCALENDAR").contains("SUMMARY:Ilka:");
    }

    @Test
    void whatCannotBePlannedIsSaidInASentence() throws Exception {
        Path camp = camp();
        assertThat(run("plan", "--from", FIRST.plusDays(21).toString(), camp.toString()))
                .isEqualTo(2);
        assertThat(err.toString()).contains("there is no day left");
        assertThat(run("plan", "--json", "--from", FIRST.plusDays(30).toString(), camp.toString()))
                .isEqualTo(2);
        assertThat(JsonMapper.builder()
                        .build()
                        .readTree(out.toString())
                        .path("error")
                        .asString())
                .contains("Fight night");
        assertThat(run("plan", "--seconds", "0", camp.toString())).isEqualTo(2);
        Path none = Files.writeString(folder.resolve("none.onebeat"), "no camp");
        assertThat(run("plan", none.toString())).isEqualTo(2);
    }

    @Test
    void aCampWithoutPartnersIsNotPlannedAndSaysWhatIsMissing() {
        Path file = folder.resolve("alone.onebeat");
        Card card = new Card(
                "Saltlight",
                Fighter.usual("Ilka", Stance.ORTHODOX),
                Fighter.usual("Noor", Stance.SOUTHPAW),
                FIRST,
                FIRST.plusDays(21));
        try (CampFile made = ((Opening.Opened) CampFile.create(file, card, _ -> {})).file()) {
            made.save(Edit.add(Place.DRILLS, new Drill("a", "Two hands", "1 2", 60, FIRST, "")));
        }
        assertThat(run("plan", "--from", FIRST.toString(), file.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("1 lines and 0 partners");
    }
}
