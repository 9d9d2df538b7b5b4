package onebeat.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.Outcome;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;
import onebeat.formats.film.FilmCsv;
import onebeat.formats.film.FilmCsv.Film;
import onebeat.formats.film.FilmFile;
import onebeat.formats.film.FilmFile.Log;
import onebeat.formats.film.FilmFile.NoLog;
import onebeat.formats.film.FilmFile.Reading;
import onebeat.formats.film.FilmJson;
import onebeat.formats.film.ReelTable;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FilmFileTest {

    private static final String HEADER =
            "reel,time_s,round,starter,athlete_stance,partner_stance,range,line,outcome,note\r\n";
    private static final String ROW = "hall,5,1,athlete,orthodox,southpaw,long,1 (low) 3,clean,Noor said “low”\r\n";

    @TempDir
    Path folder;

    private static Exchange seen(String line, String note) {
        return new Exchange(
                "x1",
                "hall",
                12.4,
                1,
                Who.ATHLETE,
                Stance.ORTHODOX,
                Stance.SOUTHPAW,
                Optional.of(Band.MID),
                line,
                Outcome.PARTIAL,
                note);
    }

    private Reading read(byte[] bytes) throws IOException {
        Path file = Files.write(folder.resolve("film.csv"), bytes);
        return FilmFile.read(file, Vocabulary.standard(), _ -> true);
    }

    private static String csv(List<Exchange> exchanges) throws IOException {
        StringBuilder out = new StringBuilder();
        FilmCsv.write(out, exchanges, ReelTable.NONE);
        return out.toString();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "plain", "=1+2", "+44", "-4", "@home", "'=1", "'quoted'", "two\nlines", "say \"low\", now"})
    void whatIsWrittenIsReadBack(String note) throws IOException {
        for (String line : List.of("@mid 1 2", "(1) catch+2", "[1 2]*2", "~2 3")) {
            Exchange one = seen(line, note);
            Film again = FilmCsv.read(new StringReader(csv(List.of(one))), Vocabulary.standard());
            assertThat(again.rejected()).isEmpty();
            assertThat(again.exchanges()).containsExactly(one);
            Film json = FilmJson.read(FilmJson.write(List.of(one), ReelTable.NONE), Vocabulary.standard(), _ -> true)
                    .orElseThrow();
            assertThat(json.exchanges()).containsExactly(one);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"=HYPERLINK(\"x\")", "+1", "-1", "@SUM(A1)", "\t=1", "\r=1"})
    @DisplayName("OWASP, CSV Injection: no cell begins with = + - @ tab or carriage return")
    void formulasAreMadeHarmless(String note) throws IOException {
        String text = csv(List.of(seen("@mid 1", note)));
        for (CSVRecord row : CSVFormat.RFC4180.parse(new StringReader(text))) {
            row.forEach(cell -> assertThat(cell).doesNotContainPattern("^[=+\\-@\t\r]"));
        }
    }

    @Test
    @DisplayName("RFC 4180, section 2: lines end with CR LF, and the header has a name for each column")
    void linesEndAsTheStandardSays() throws IOException {
        String text = csv(List.of(seen("1", "")));
        assertThat(text)
                .startsWith(HEADER.strip() + ",subject,film,film_s,round_s,round_starts,contact_s\r\n")
                .endsWith("\r\n");
        assertThat(text.replace("\r\n", "")).doesNotContain("\n");
    }

    @Test
    void utf16AndTheMarkOfUtf8AreRead() throws IOException {
        for (Charset charset : List.of(StandardCharsets.UTF_16, StandardCharsets.UTF_8)) {
            assertThat(read(("\uFEFF" + HEADER + ROW).getBytes(charset)))
                    .isInstanceOfSatisfying(
                            Log.class, log -> assertThat(log.film().exchanges()).hasSize(1));
        }
    }

    @Test
    void anotherEncodingIsTold() throws IOException {
        byte[] latin = (HEADER + "hall,5,1,athlete,orthodox,southpaw,long,1,clean,gar\u00e7on\r\n")
                .getBytes(StandardCharsets.ISO_8859_1);
        assertThat(read(latin))
                .isInstanceOfSatisfying(
                        NoLog.class, no -> assertThat(no.sentence()).contains("film.csv", "UTF-8", "Save it"));
    }

    @Test
    void aFieldOfTenMegabytesIsToldInOneLine() throws IOException {
        String huge = HEADER + "hall,5,1,athlete,orthodox,southpaw,long,\"" + "1 ".repeat(5_242_880) + "\",clean,\r\n";
        assertThat(read((huge + ROW).getBytes(StandardCharsets.UTF_8))).isInstanceOfSatisfying(Log.class, log -> {
            assertThat(log.film().exchanges()).hasSize(1);
            assertThat(log.film().rejected()).singleElement().satisfies(r -> {
                assertThat(r.line()).isEqualTo(2);
                assertThat(r.column()).isEqualTo("line");
                assertThat(r.reason()).contains("10,485,760").hasSizeLessThan(200);
            });
        });
    }

    @Test
    void whatIsNoLogIsTold() throws IOException {
        for (String text : List.of("", "shopping,list\r\nmilk,2\r\n", "{\"a\": 1}", "{\"exchanges\": 3}", "{")) {
            assertThat(read(text.getBytes(StandardCharsets.UTF_8))).as(text).isInstanceOf(NoLog.class);
        }
        assertThat(FilmFile.read(folder.resolve("nowhere.csv"), Vocabulary.standard(), _ -> true))
                .isInstanceOf(NoLog.class);
    }

    @Test
    void readingTellsHowFarItIsAndStops() throws IOException {
        Path file = Files.writeString(folder.resolve("many.csv"), HEADER + ROW.repeat(1_000));
        List<Long> told = new ArrayList<>();
        Log log = (Log) FilmFile.read(file, Vocabulary.standard(), n -> {
            told.add(n);
            return n < 300;
        });
        assertThat(told).hasSize(300).startsWith(1L, 2L).endsWith(300L);
        assertThat(log.film().exchanges()).hasSize(300);
    }

    @Test
    void rowsAreToldByTheLineTheyBeginOn() throws IOException {
        String text = HEADER + ROW.replace("Noor said “low”", "\"one\ntwo\"") + ROW.replace("1 (low) 3", "1 zap");
        Log log = (Log) read(text.getBytes(StandardCharsets.UTF_8));
        assertThat(log.film().rejected().getFirst().line()).isEqualTo(4);
    }

    @Test
    void aPathThatNeverAnswersEnds() throws IOException, InterruptedException {
        Path fifo = folder.resolve("pipe.csv");
        assumeTrue(new ProcessBuilder("mkfifo", fifo.toString()).start().waitFor() == 0);
        assertThat(FilmFile.read(fifo, Vocabulary.standard(), _ -> true))
                .isInstanceOfSatisfying(
                        NoLog.class, no -> assertThat(no.sentence()).contains("pipe.csv"));
    }

    @Test
    void noSentenceNamesAClass() {
        assertThat(FilmFile.read(folder.resolve("none").resolve("film.csv"), Vocabulary.standard(), _ -> true))
                .isInstanceOfSatisfying(
                        NoLog.class, no -> assertThat(no.sentence()).doesNotContain("Exception", "java."));
        assertThat(FilmFile.read(folder, Vocabulary.standard(), _ -> true))
                .isInstanceOfSatisfying(
                        NoLog.class, no -> assertThat(no.sentence()).doesNotContain("Exception", "java."));
    }
}
