package onebeat.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.holding.Gear;
import onebeat.core.holding.JabSchool;
import onebeat.core.holding.Odds;
import onebeat.core.holding.Partner;
import onebeat.core.holding.Script;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Setting;
import onebeat.core.review.Context;
import onebeat.core.review.Limits;
import onebeat.core.review.Review;
import onebeat.core.rounds.Calls;
import onebeat.core.rounds.Part;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Scheme;
import onebeat.core.rounds.Session;
import onebeat.core.timing.Rung;
import onebeat.formats.cards.Cards;
import onebeat.formats.cards.Drawing;
import onebeat.formats.cards.SampleDrawing;
import onebeat.formats.cards.Sheet;
import onebeat.formats.cards.SheetPdf;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The cards, read back with a PDF reader that is not the writer.
class CardsTest {

    private static final Fighter ATHLETE = new Fighter("Ilka", Stance.ORTHODOX, 168, 170);
    private static final Fighter OPPONENT = new Fighter("Noor", Stance.SOUTHPAW, 177, 182);
    private static final Partner PARTNER = new Partner(
            "p1",
            new Fighter("Jonas", Stance.ORTHODOX, 180, 184),
            true,
            EnumSet.of(Gear.KICKPADS, Gear.GUARDS, Gear.BELLY),
            JabSchool.STRAIGHT,
            EnumSet.noneOf(onebeat.core.holding.SoreSpot.class),
            EnumSet.of(Family.PUNCH),
            Rung.LIVE);

    private static final Drawing DRAWING = SampleDrawing.saying("one beat");

    private static Cards.For what(String line) {
        Setting setting = new Setting(ATHLETE, PARTNER.playing(OPPONENT));
        Read read = (Read) Notation.read(line);
        Review review = Review.of(read, Context.of(setting).with(PARTNER.holder()));
        return new Cards.For("Answer the jab", "Ilka", "Jonas", review, 0, Optional.of(DRAWING), "Jab comes: catch");
    }

    private static Sheet partnerCard(String line) {
        Cards.For what = what(line);
        Review review = what.review();
        Script script = Script.of(new Script.For(
                review.read().line(),
                review.played().ways().getFirst(),
                review.plan(0),
                review.context().rung(),
                review.context().bpm(),
                review.context().setting().partner(),
                Optional.of(PARTNER)));
        return Cards.partner(what, script, Script.choices(review.read().line(), Odds.parse("2:1")));
    }

    private record Page(String text, List<PDFont> fonts, int pages, SheetPdf.Made made, List<String> covered) {}

    private static Page written(Sheet sheet) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        SheetPdf.Made made = SheetPdf.write(sheet, out);
        String folder = System.getProperty("onebeat.cards");
        if (folder != null) {
            Files.write(Path.of(folder, sheet.title().replaceAll("\\W+", "-") + ".pdf"), out.toByteArray());
        }
        try (PDDocument document = Loader.loadPDF(out.toByteArray())) {
            List<PDFont> fonts = new ArrayList<>();
            var resources = document.getPage(0).getResources();
            for (COSName name : resources.getFontNames()) {
                fonts.add(resources.getFont(name));
            }
            return new Page(
                    new PDFTextStripper().getText(document),
                    fonts,
                    document.getNumberOfPages(),
                    made,
                    CoveredGlyphs.on(document));
        }
    }

    private static void isWhole(Page page) {
        assertThat(page.pages).isEqualTo(1);
        assertThat(page.covered).isEmpty();
        assertThat(page.fonts).isNotEmpty().allMatch(PDFont::isEmbedded);
        assertThat(page.text.replaceAll("\\s+", " "))
                .contains("Partners control power")
                .contains("licensed medical professional")
                .contains("This card clears nobody to train");
    }

    @Test
    void thePartnersCardTellsWhatToDo() throws IOException {
        Page page = written(partnerCard("(1) catch+2 3 (2) parry 2 3 rlow circle-lead"));
        isWhole(page);
        assertThat(page.text.replaceAll("\\s+", " "))
                .contains("Partner: Jonas")
                .contains("(1) catch+2 3 (2) parry 2 3 rlow circle-lead")
                .contains("THROW JAB, RIGHT HAND")
                .contains("right foot in front")
                .contains("HOLD")
                .contains("one beat");
        assertThat(page.made.isReadable())
                .as("rows of %s points", page.made.rowPoints())
                .isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "(1) catch+2 3 off",
                "{ (1): catch+2 3 | (none): 1 2 3 } rlow circle-lead",
                "1 2 3 rlow off",
                "(1 2) catch parry 2 3b 3 rlow circle-lead",
                "[2 3b 3 2 5 6 elbow relbow switch]*2"
            })
    void everyCardIsOnePage(String line) throws IOException {
        isWhole(written(partnerCard(line)));
        isWhole(written(Cards.athlete(what(line))));
    }

    @Test
    void whatOnePageCannotHoldGoesOnWithTheCautionsOnEach() throws IOException {
        Page page = written(partnerCard("[2 3b 3 2 5 6 elbow relbow switch]*9"));
        assertThat(page.pages).isGreaterThan(1);
        assertThat(page.covered).isEmpty();
        assertThat(page.text.replaceAll("\\s+", " ").split("clears nobody to train", -1))
                .hasSize(page.pages + 1);
        assertThat(page.made.isReadable()).isFalse();
    }

    @Test
    void lettersThatAFaceLacksAreTakenFromAnotherAndWhatNoneHasIsABox() throws IOException {
        Sheet keys = new Sheet(
                "Łucja Ørnsdóttir",
                "In brackets what the partner does. ".repeat(12).strip(),
                "",
                Optional.empty(),
                List.of(),
                List.of(
                        new Sheet.Row("Shift+→", "Later", "", Sheet.Whose.BOTH, Sheet.Set.TOLD),
                        new Sheet.Row("↑", "Line above, Δ and 拳", "", Sheet.Whose.BOTH, Sheet.Set.TOLD)),
                2,
                List.of(),
                "");
        Page page = written(keys);
        assertThat(page.covered).isEmpty();
        assertThat(page.text.replaceAll("\\s+", " "))
                .contains("Łucja Ørnsdóttir")
                .contains("Shift+→")
                .contains("↑")
                .contains("Line above, Δ and □")
                .contains(keys.under());
    }

    @Test
    void theAthletesCardMarksTheOneBeat() throws IOException {
        Page page = written(Cards.athlete(what("(1) catch+2 3 off")));
        assertThat(page.text).contains("Athlete: Ilka").contains("LEAD HOOK").contains("one beat");
    }

    @Test
    void theSessionsSheetTellsWhoWorksAndWhatIsDoneBetween() throws IOException {
        List<Part> parts = new ArrayList<>();
        for (String worker : List.of("", "p1", "", "p1")) {
            parts.add(Part.of(
                    new RoundPlan("r" + parts.size(), "s", parts.size(), "d", 60, 4).by(worker),
                    "Line",
                    ((Read) Notation.read("(1) catch+2 3 off")).line(),
                    new Part.With(new Setting(ATHLETE, OPPONENT), PARTNER.holder(), Odds.even(), 180)));
        }
        Session session = new Session("s", LocalDate.of(2027, 3, 4), "Tonight", "kickboxing", "half-hour", 30);
        Schedule schedule = Schedule.of(session.blocks(4), parts, Calls.NONE);
        Page page = written(Cards.session(
                session,
                schedule,
                "Ilka",
                "Jonas",
                plan -> plan.isAthletes() ? "Ilka works." : "Jonas works.",
                line -> line,
                List.of()));
        isWhole(page);
        String text = page.text.replaceAll("\\s+", " ");
        assertThat(text).contains("30:00 with rests").contains("Ilka works.").contains("Jonas works.");
        assertThat(text).contains("WARM-UP").contains("FEET").contains("TRUNK").contains("Plank 1:00");
        assertThat(text.indexOf("WARM-UP")).as("in their order").isLessThan(text.indexOf("Ilka works."));
    }

    @Test
    void theSessionsSheetAddsUpAndNamesWhatIsTooMuch() throws IOException {
        List<Part> parts = new ArrayList<>();
        for (String line :
                List.of("(1) catch+2 3 off", "1 2 3 rlow circle-lead", "{ (1): catch+2 | (2): parry 2 } off")) {
            parts.add(Part.of(
                    new RoundPlan("r" + parts.size(), "s", parts.size(), "d", 60, 4),
                    "Line " + (parts.size() + 1),
                    ((Read) Notation.read(line)).line(),
                    new Part.With(new Setting(ATHLETE, OPPONENT), PARTNER.holder(), Odds.even(), 180)));
        }
        Schedule schedule = Schedule.of(Scheme.usual(), parts);
        Limits limits = Limits.none().with(Limits.Of.HEAD, Limits.In.SESSION, 5);
        Page page = written(Cards.session(
                new Session(
                        "s", LocalDate.of(2027, 3, 4), "Tonight", Scheme.usual().id()),
                schedule,
                "Ilka",
                "Jonas",
                _ -> "",
                line -> line.startsWith("(1)") ? "Jab comes" : line,
                limits.passedBy(schedule.contact(), Limits.In.SESSION)));
        isWhole(page);
        assertThat(page.text.replaceAll("\\s+", " "))
                .contains("LINE 1")
                .contains("Jab comes ((1) catch+2 3 off) · 60 a minute")
                .contains("11:00 with rests")
                .contains("1 2 3 rlow circle-lead · 60 a minute · "
                        + schedule.rounds().get(1).repetitions())
                .contains(schedule.contact().onHeads() + " strikes to a head in the session, and you allow 5.");
    }
}
