package onebeat.formats.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import onebeat.core.book.RoundRun;
import onebeat.core.camp.Camp;
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
import onebeat.core.plan.CampPlan;
import onebeat.core.plan.HardRule;
import onebeat.core.plan.HeldElsewhere;
import onebeat.core.plan.PlanFilling;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlanProblems;
import onebeat.core.plan.PlanRules;
import onebeat.core.plan.PlanSettings;
import onebeat.core.plan.PlanValue;
import onebeat.core.plan.PlannedDay;
import onebeat.core.plan.PlannedRound;
import onebeat.core.plan.RuleConflict;
import onebeat.core.plan.SolvedPlan;
import onebeat.core.rounds.Scheme;
import onebeat.core.rounds.Session;
import onebeat.core.timing.Rung;
import onebeat.formats.CoveredGlyphs;
import onebeat.formats.cards.Sheet;
import onebeat.formats.cards.SheetPdf;
import onebeat.formats.cards.WeeksCard;
import onebeat.formats.out.OutFiles;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// A plan as JSON and as a calendar, and the gym's calendar as days with time. The camp is invented.
class PlanFilesTest {

    private static final LocalDate FIRST = LocalDate.of(2026, 10, 12);
    private static final Camp CAMP = camp();
    private static final PlanProblem PROBLEM = PlanProblems.of(CAMP, PlanRules.usual(), FIRST, Map.of("a", 1));

    private static Camp camp() {
        Card card = new Card(
                "Saltlight",
                new Fighter("Ilka", Stance.ORTHODOX, 168, 170),
                new Fighter("Noor", Stance.SOUTHPAW, 177, 182),
                FIRST,
                FIRST.plusDays(28));
        Camp camp = Camp.empty(card);
        Partner partner = new Partner(
                "p",
                new Fighter("Sunniva", Stance.ORTHODOX, 170, 172),
                true,
                Set.copyOf(Gear.all()),
                JabSchool.STRAIGHT,
                Set.of(),
                Set.of(Family.HAND, Family.LEG),
                Rung.LIVE);
        return Edit.together(
                        Edit.add(Place.PARTNERS, partner),
                        Edit.add(Place.DRILLS, new Drill("a", "Three hands", "1 2 3 circle-lead", 60, FIRST, "")),
                        Edit.add(Place.DRILLS, new Drill("b", "Two hands", "1 2", 60, FIRST, "")))
                .applyTo(camp);
    }

    private static SolvedPlan filled(List<RuleConflict> conflicts) {
        CampPlan plan = PlanFilling.of(PROBLEM);
        int value = PlanValue.of(PROBLEM, plan).sum();
        return new SolvedPlan(plan, value, OptionalDouble.of(2.0 * value), false, SolvedPlan.By.FILLING, conflicts);
    }

    @Test
    void aPlanIsWrittenWithItsKeysAndItsReasons() {
        RuleConflict conflict = new RuleConflict(Set.of(HardRule.PINNED, HardRule.TIME), Set.of(HardRule.TIME));
        JsonNode json = JsonMapper.builder().build().readTree(PlanJson.of(CAMP, PROBLEM, filled(List.of(conflict))));
        assertThat(json.propertyNames())
                .containsExactly(
                        "program",
                        "camp",
                        "value",
                        "bound",
                        "gap",
                        "proven",
                        "by",
                        "sessions",
                        "weeks",
                        "forecast",
                        "conflicts");
        assertThat(json.path("gap").asDouble()).isEqualTo(0.5);
        JsonNode session = json.path("sessions").get(0);
        assertThat(session.propertyNames()).containsExactly("date", "minutes", "effort", "load", "rounds");
        assertThat(session.path("load").asDouble())
                .isEqualTo(session.path("effort").asDouble()
                        * session.path("minutes").asInt());
        JsonNode round = session.path("rounds").get(0);
        assertThat(round.propertyNames())
                .containsExactly("line", "name", "step", "partner", "minutes", "contact", "head", "holderHead", "why");
        assertThat(round.path("partner").asString()).isEqualTo("Sunniva");
        assertThat(round.path("why")).isNotEmpty();
        assertThat(json.path("weeks").get(0).propertyNames()).containsExactly("from", "load", "monotony", "strain");
        JsonNode point = json.path("forecast").get(0).path("points").get(0);
        assertThat(point.propertyNames()).containsExactly("date", "rounds", "slow", "likely", "quick");
        assertThat(Rung.of(point.path("slow").asString()).orElseThrow())
                .isLessThanOrEqualTo(Rung.of(point.path("quick").asString()).orElseThrow());
        assertThat(json.path("conflicts").get(0).path("rules").valueStream().map(JsonNode::asString))
                .containsExactly("TIME", "PINNED");
        assertThat(json.path("conflicts").get(0).path("text").asString()).contains("Loosen");
    }

    @Test
    void theCalendarKeepsItsUidsAndIsReadAgain() throws IOException {
        CampPlan plan = filled(List.of()).plan();
        String text = PlanCalendarFile.text(CAMP, PROBLEM, plan);
        assertThat(text).isEqualTo(PlanCalendarFile.text(CAMP, PROBLEM, plan));
        assertThat(text.lines().filter(line -> line.startsWith("UID:")).distinct())
                .hasSize((int)
                        plan.rounds().stream().map(r -> r.day()).distinct().count());
        assertThat(text).contains("DTSTART:20261012T180000").contains("TRIGGER:-PT1H");
        assertThat(text.lines()).as("RFC 5545, 3.1: at most 75 octets a line").allMatch(line -> line.length() <= 75);
        Map<LocalDate, PlanRules.Time> again =
                GymCalendar.days(text, FIRST, FIRST.plusDays(28), ZoneId.of("Europe/Oslo"), () -> false);
        assertThat(again.get(FIRST).start()).isEqualTo(LocalTime.of(18, 0));
    }

    private static final String GYM = String.join(
            "\r\n",
            "BEGIN:VCALENDAR",
            "VERSION:2.0",
            "PRODID:-//invented//gym//EN",
            "BEGIN:VTIMEZONE",
            "TZID:Europe/Oslo",
            "BEGIN:DAYLIGHT",
            "TZOFFSETFROM:+0100",
            "TZOFFSETTO:+0200",
            "DTSTART:19810329T020000",
            "RRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=-1SU",
            "TZNAME:CEST",
            "END:DAYLIGHT",
            "BEGIN:STANDARD",
            "TZOFFSETFROM:+0200",
            "TZOFFSETTO:+0100",
            "DTSTART:19961027T030000",
            "RRULE:FREQ=YEARLY;BYMONTH=10;BYDAY=-1SU",
            "TZNAME:CET",
            "END:STANDARD",
            "END:VTIMEZONE",
            "BEGIN:VEVENT",
            "UID:1@invented",
            "DTSTAMP:20261001T000000Z",
            "DTSTART;TZID=Europe/Oslo:20261013T190000",
            "DTEND;TZID=Europe/Oslo:20261013T203000",
            "RRULE:FREQ=WEEKLY;BYDAY=TU,TH",
            "EXDATE;TZID=Europe/Oslo:20261022T190000",
            "SUMMARY:Mats",
            "END:VEVENT",
            "BEGIN:VEVENT",
            "UID:2@invented",
            "DTSTAMP:20261001T000000Z",
            "DTSTART:20261024T090000Z",
            "DTEND:20261024T100000Z",
            "SUMMARY:Open",
            "END:VEVENT",
            "END:VCALENDAR",
            "");

    /// Clocks go back on 25 October 2026 in Oslo (European summer time, Directive 2000/84/EC).
    @Test
    void aRepeatedEveningStaysAtItsHourWhenClocksChange() throws IOException {
        Map<LocalDate, PlanRules.Time> days =
                GymCalendar.days(GYM, FIRST, FIRST.plusDays(28), ZoneId.of("Europe/Oslo"), () -> false);
        assertThat(days.keySet())
                .containsExactly(
                        LocalDate.of(2026, 10, 13),
                        LocalDate.of(2026, 10, 15),
                        LocalDate.of(2026, 10, 20),
                        LocalDate.of(2026, 10, 24),
                        LocalDate.of(2026, 10, 27),
                        LocalDate.of(2026, 10, 29),
                        LocalDate.of(2026, 11, 3),
                        LocalDate.of(2026, 11, 5));
        assertThat(days.get(LocalDate.of(2026, 10, 20))).isEqualTo(days.get(LocalDate.of(2026, 10, 27)));
        assertThat(days.get(LocalDate.of(2026, 10, 27)).start()).isEqualTo(LocalTime.of(19, 0));
        assertThat(days.get(LocalDate.of(2026, 10, 27)).minutes()).isEqualTo(90);
        assertThat(days.get(LocalDate.of(2026, 10, 24)).start())
                .as("in UTC in the file")
                .isEqualTo(LocalTime.of(11, 0));
    }

    @Test
    void whatIsNoCalendarIsSaidSo() {
        assertThatThrownBy(
                        () -> GymCalendar.days("name,time\n", FIRST, FIRST.plusDays(7), ZoneId.of("UTC"), () -> false))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("no calendar");
    }

    @Test
    void theLoadGoesOutDoneAndPlanned() throws IOException {
        Session session =
                new Session("s", FIRST.minusDays(3), "", Scheme.usual().id(), "", 70);
        Camp camp = Edit.together(
                        Edit.add(Place.SESSIONS, session.withEffort(6)),
                        Edit.add(Place.RUNS, new RoundRun("n1", "r", "a", FIRST.minusDays(3), 60, 180, 12)),
                        Edit.add(Place.RUNS, new RoundRun("n2", "r", "a", FIRST.minusDays(1), 60, 180, 12)))
                .applyTo(CAMP);
        CampPlan plan = filled(List.of()).plan();
        List<CSVRecord> rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(PlanOut.load(camp, PROBLEM, plan)))
                .getRecords();
        assertThat(rows.get(0).toMap())
                .containsEntry("date", FIRST.minusDays(3).toString())
                .containsEntry("what", "done")
                .containsEntry("minutes", "70")
                .containsEntry("effort", "6")
                .containsEntry("load", "420");
        assertThat(rows.get(1).get("load")).as("nobody said how hard").isEmpty();
        assertThat(rows.subList(2, rows.size()))
                .hasSize(PlannedDay.of(PROBLEM, plan).size())
                .allSatisfy(row -> assertThat(row.get("what")).isEqualTo("planned"));
    }

    @Test
    void aPlanThatGoesOutIsReadByTheOtherCamp(@TempDir Path folder) throws IOException {
        List<String> written = new ArrayList<>();
        OutFiles out = new OutFiles(folder.resolve("written"));
        CampPlan plan = filled(List.of()).plan();
        PlanOut.write(CAMP, PROBLEM, plan, folder.resolve("weeks"), out, OutFiles.Taken.NUMBER, written);
        assertThat(written).containsExactly("weeks.ics", "weeks.json", "load.csv");
        Path file = folder.resolve("weeks").resolve("weeks.json");
        Camp other = new Edit.OfCard(CAMP.card(), named(CAMP.card(), "Other")).applyTo(CAMP);
        OtherPlan read = OtherPlan.read(file, other);
        assertThat(read.camp()).isEqualTo("Saltlight");
        assertThat(read.unknown()).isEmpty();
        assertThat(read.held()).hasSameSizeAs(plan.rounds()).allSatisfy(held -> {
            assertThat(held.who()).isEqualTo("p");
            assertThat(held.camp()).isEqualTo("Saltlight");
        });
        Camp knows = HeldElsewhere.known(other, read.camp(), read.held()).applyTo(other);
        PlanProblem problem = PlanProblems.of(knows, PlanSettings.of(knows), FIRST, Map.of("a", 1));
        int held = problem.elsewhere().values().stream()
                .mapToInt(Integer::intValue)
                .sum();
        assertThat(held).isEqualTo(plan.rounds().size());
        assertThatThrownBy(() -> OtherPlan.read(file, CAMP))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("this very camp");
        CampPlan here = PlanFilling.of(problem);
        for (PlannedRound round : here.rounds()) {
            int both = here.on(round.day()).size() + plan.on(round.day()).size();
            assertThat(both)
                    .as("one partner, both camps")
                    .isLessThanOrEqualTo(PlanRules.usual().value(HardRule.PARTNER_ROUNDS));
        }
    }

    /// Who is the athlete of one camp may hold in another one: their head is the same.
    @Test
    void whatTouchesTheAthletesHeadElsewhereCountsHere(@TempDir Path folder) throws IOException {
        LocalDate day = FIRST.plusDays(2);
        Path file = Files.writeString(folder.resolve("weeks.json"), """
                {"camp": "Maud's camp", "sessions": [{"date": "%s", "rounds": [
                  {"partner": "%s", "holderHead": 30}, {"partner": "%s", "holderHead": 12}, {"partner": "Nobody"}]}]}
                """.formatted(
                        day, CAMP.card().athlete().name(), CAMP.card().athlete().name()));
        OtherPlan read = OtherPlan.read(file, CAMP);
        assertThat(read.unknown()).containsExactly("Nobody");
        Camp knows = HeldElsewhere.known(CAMP, read.camp(), read.held()).applyTo(CAMP);
        PlanProblem problem = PlanProblems.of(knows, PlanSettings.of(knows), FIRST, Map.of());
        int usual = PlanRules.usual().value(HardRule.HEAD);
        assertThat(problem.mostHead(problem.week(2))).isEqualTo(usual - 42);
        assertThat(problem.mostHead(problem.week(2) + 1)).isEqualTo(usual);
    }

    private static Card named(Card card, String name) {
        return new Card(name, card.athlete(), card.opponent(), card.firstDay(), card.fightNight());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "nonsense | not JSON",
                "[] | no plan of a camp",
                "{\"camp\": \"X\"} | no plan of a camp",
                "{\"camp\": \"\", \"sessions\": []} | no plan of a camp",
                "{\"camp\": \"X\", \"sessions\": [{\"date\": \"soon\"}]} | has no day"
            })
    void whatIsNoPlanOfACampIsSaidSo(String text, String said, @TempDir Path folder) throws IOException {
        Path file = Files.writeString(folder.resolve("weeks.json"), text);
        assertThatThrownBy(() -> OtherPlan.read(file, CAMP))
                .isInstanceOf(IOException.class)
                .hasMessageContaining(said);
    }

    @Test
    void theWeekAndTheCampStandOnAPageEach() throws IOException {
        WeeksCard card = new WeeksCard(CAMP, PROBLEM, filled(List.of()).plan());
        Sheet week = card.week(FIRST.plusDays(2));
        assertThat(week.title()).isEqualTo("Week of Mon 12 Oct");
        assertThat(week.rows()).isNotEmpty().allSatisfy(row -> {
            assertThat(row.mark()).as("marks are short").hasSizeLessThanOrEqualTo(3);
            assertThat(row.detail()).contains("Sunniva holds");
        });
        assertThat(week.rows().getFirst().call()).startsWith("12 Oct, 18:00: ").contains("effort");
        assertThat(week.cautions()).contains("clear nobody to train");
        Sheet camp = card.camp();
        assertThat(camp.rows().subList(0, 4)).extracting(Sheet.Row::mark).containsExactly("1", "2", "3", "4");
        assertThat(camp.rows()).extracting(Sheet.Row::call).contains("Two hands");
        assertThat(camp.after()).containsExactly("28 days are left. Steps are a forecast from the athlete's own book.");
        for (Sheet sheet : List.of(week, camp)) {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            SheetPdf.write(sheet, out);
            try (PDDocument document = Loader.loadPDF(out.toByteArray())) {
                assertThat(document.getNumberOfPages()).isEqualTo(1);
                assertThat(CoveredGlyphs.on(document)).isEmpty();
            }
        }
        assertThat(card.week(FIRST.plusYears(1)).rows()).isEmpty();
        assertThat(card.week(FIRST.plusYears(1)).after()).containsExactly("Nothing is planned in this week.");
    }
}
