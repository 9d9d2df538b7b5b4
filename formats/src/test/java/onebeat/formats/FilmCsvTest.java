package onebeat.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.Outcome;
import onebeat.core.film.Reel;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;
import onebeat.formats.film.FilmCsv;
import onebeat.formats.film.FilmCsv.Film;
import onebeat.formats.film.FilmCsv.Rejected;
import onebeat.formats.film.FilmJson;
import onebeat.formats.film.ReelTable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FilmCsvTest {

    private static final String HEADER =
            "reel,time_s,round,starter,athlete_stance,partner_stance,range,line,outcome,note\n";

    private static Film read(String rows) {
        return FilmCsv.read(new StringReader(HEADER + rows), Vocabulary.standard());
    }

    @Test
    void readsAnExchange() {
        Film film = read("hall,12.4,1,partner,orthodox,southpaw,long,(1)  parry 2,clean,\"low, \"\"rear\"\" hand\"\n");
        assertThat(film.rejected()).isEmpty();
        Exchange one = film.exchanges().getFirst();
        assertThat(one.reelId()).isEqualTo("hall");
        assertThat(one.timeS()).isEqualTo(12.4);
        assertThat(one.starter()).isEqualTo(Who.PARTNER);
        assertThat(one.partnerStance()).isEqualTo(Stance.SOUTHPAW);
        assertThat(one.range()).contains(Band.LONG);
        assertThat(one.line()).isEqualTo("(1) parry 2");
        assertThat(one.outcome()).isEqualTo(Outcome.CLEAN);
        assertThat(one.note()).isEqualTo("low, \"rear\" hand");
    }

    @Test
    void noRangeIsNoRange() {
        assertThat(read("hall,1,1,athlete,orthodox,orthodox,,1 2,none,\n")
                        .exchanges()
                        .getFirst()
                        .range())
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "hall,soon,1,athlete,orthodox,southpaw,long,1,none, > time_s",
                "hall,-4,1,athlete,orthodox,southpaw,long,1,none, > time_s",
                "hall,NaN,1,athlete,orthodox,southpaw,long,1,none, > time_s",
                "hall,4,x,athlete,orthodox,southpaw,long,1,none, > round",
                "hall,4,1,Noor,orthodox,southpaw,long,1,none, > starter",
                "hall,4,1,athlete,goofy,southpaw,long,1,none, > athlete_stance",
                "hall,4,1,athlete,orthodox,southpaw,far,1,none, > range",
                "hall,4,1,athlete,orthodox,southpaw,long,1 zap,none, > line",
                "hall,4,1,athlete,orthodox,southpaw,long,1,great, > outcome",
                "hall,4,1 > starter"
            })
    void aBadRowIsToldByLineAndColumnAndTheOthersAreTaken(String row, String column) {
        Film film = read(row + "\nhall,5,1,athlete,orthodox,southpaw,long,1 2,none,ok\n");
        assertThat(film.exchanges()).hasSize(1);
        Rejected rejected = film.rejected().getFirst();
        assertThat(rejected.line()).isEqualTo(2);
        assertThat(rejected.column()).isEqualTo(column);
        assertThat(rejected.reason()).isNotBlank();
    }

    @Test
    void aMissingColumnIsTold() {
        Film film = FilmCsv.read(new StringReader("reel,line\nhall,1 2\n"), Vocabulary.standard());
        assertThat(film.rejected().getFirst().column()).isEqualTo("time_s");
    }

    @Test
    void aQuoteTooManyCostsItsOwnRowOnly() {
        String good = "hall,%d,1,athlete,orthodox,southpaw,long,1 2,none,\n";
        Film film = read(good.formatted(1)
                + "hall,2,1,athlete,orthodox,southpaw,long,1 2,none,\"open\n"
                + good.formatted(3)
                + "hall,4,1,athlete,orthodox,southpaw,long,\"1\"2,none,\n"
                + good.formatted(5));
        assertThat(film.exchanges()).extracting(Exchange::timeS).containsExactly(1.0, 3.0, 5.0);
        assertThat(film.rejected()).extracting(Rejected::line).containsExactly(3L, 5L);
        assertThat(film.rejected()).allSatisfy(r -> assertThat(r.reason()).contains("quote"));
    }

    @Test
    void aNoteOfSeveralLinesIsOneRow() {
        Film film = read("hall,1,1,athlete,orthodox,southpaw,long,1 2,none,\"one\ntwo\r\nthree\"\n");
        assertThat(film.exchanges()).singleElement().extracting(Exchange::note).isEqualTo("one\ntwo\r\nthree");
    }

    @Test
    void aSpreadsheetOfAnotherCountryIsRead() {
        String text = """
                Reel;Time_s;Round;Starter;Athlete_Stance;Partner_Stance;Range;Line;Outcome
                hall;17,3;1;athlete;orthodox;southpaw;long;1 (parry);blocked
                hall;0:31;1;athlete;orthodox;southpaw;;1 2;none
                hall;1:02,5;1;athlete;orthodox;southpaw;;1 2;none
                hall;1:01:05;21;athlete;orthodox;southpaw;;1 2;none
                """;
        Film film = FilmCsv.read(new StringReader("\uFEFF" + text), Vocabulary.standard());
        assertThat(film.rejected()).isEmpty();
        assertThat(film.exchanges()).extracting(Exchange::timeS).containsExactly(17.3, 31.0, 62.5, 3665.0);
        assertThat(film.exchanges()).extracting(Exchange::note).containsOnly("");
        assertThat(film.reels()).isEmpty();
    }

    @Test
    void aClockThatIsNoneIsTold() {
        assertThat(read("hall,1:75,1,athlete,orthodox,southpaw,long,1 2,none,\n")
                        .rejected())
                .singleElement()
                .satisfies(r -> assertThat(r.column()).isEqualTo("time_s"));
        assertThat(read("hall,30:00:00,1,athlete,orthodox,southpaw,long,1 2,none,\n")
                        .rejected())
                .singleElement()
                .satisfies(r -> assertThat(r.reason()).contains("later than a day"));
    }

    @Test
    void aLogTellsWhoseFilmItIsAndGivesOnlyThat() {
        String header = HEADER.strip() + ",subject,film,film_s,round_s\n";
        Film film = FilmCsv.read(
                new StringReader(header
                        + "hall,1,1,athlete,orthodox,southpaw,long,1 2,none,,Noor,films/hall.mov,540.0,120\n"
                        + "shed,2,1,athlete,orthodox,southpaw,long,1 2,none,,Maud,,420,\n"
                        + "pier,2,1,athlete,orthodox,southpaw,long,1 2,none,,,,,\n"),
                Vocabulary.standard());
        assertThat(film.rejected()).isEmpty();
        assertThat(film.subjects()).containsExactly("Noor", "Maud");
        assertThat(film.of("noor").exchanges()).extracting(Exchange::reelId).containsExactly("hall");
        assertThat(film.reels())
                .containsExactly(
                        new Reel("hall", "hall", 540, 120, "Noor", "films/hall.mov"),
                        new Reel("shed", "shed", 420, 180, "Maud", ""));
    }

    @Test
    void marksOfRoundsAndContactsComeBackAsTheyWere() throws Exception {
        Reel reel = new Reel("hall", "hall", 540, 120, "Noor", "", List.of(12.0, 252.5));
        Exchange lands = new Exchange(
                        "x1",
                        "hall",
                        30.1,
                        1,
                        Who.ATHLETE,
                        Stance.ORTHODOX,
                        Stance.SOUTHPAW,
                        Optional.empty(),
                        "1 2",
                        Outcome.CLEAN,
                        "")
                .withContact(Optional.of(30.4334));
        StringBuilder out = new StringBuilder();
        FilmCsv.write(out, List.of(lands), new ReelTable(Map.of("hall", reel), "Noor"));
        Film back = FilmCsv.read(new StringReader(out.toString()), Vocabulary.standard());
        assertThat(back.rejected()).isEmpty();
        assertThat(back.reels()).containsExactly(reel);
        assertThat(back.exchanges()).containsExactly(lands);
        String json = FilmJson.write(List.of(lands), new ReelTable(Map.of("hall", reel), "Noor"));
        Film read = FilmJson.read(json, Vocabulary.standard(), _ -> true).orElseThrow();
        assertThat(read.reels()).containsExactly(reel);
        assertThat(read.exchanges()).containsExactly(lands);
        Film bad = FilmCsv.read(
                new StringReader(out.toString().replace("252.5", "later").replace("30.4334", "never")),
                Vocabulary.standard());
        assertThat(bad.rejected()).extracting(Rejected::column).containsExactly("contact_s");
    }
}
