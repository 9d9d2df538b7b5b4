package onebeat.desktop.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import onebeat.core.book.Judgement;
import onebeat.core.book.Repetition;
import onebeat.core.book.RoundRun;
import onebeat.core.camp.Card;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Reel;
import onebeat.core.holding.Gear;
import onebeat.core.holding.JabSchool;
import onebeat.core.holding.Odds;
import onebeat.core.holding.Partner;
import onebeat.core.holding.SoreSpot;
import onebeat.core.notation.Vocabulary;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Scheme;
import onebeat.core.rounds.Session;
import onebeat.core.timing.Rung;
import onebeat.desktop.app.FilesOut;
import onebeat.formats.film.FilmCsv;
import onebeat.formats.out.OutFiles;
import onebeat.store.CampFile;
import onebeat.store.Opening;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/// Puts the demo camp into a file.
public final class DemoCamp {

    private static final int DAYS_LEFT = 29;
    private static final int DAYS_DONE = 27;
    private static final int GAP_BEATS = 4;
    private static final int ROUND_S = 180;

    /// A few exchanges drawn by `scripts/make-clip.sh`.
    private static final String CLIP = "ring-apron.mp4";

    private DemoCamp() {}

    /// The demo camp in this file, made where it is missing. Days are counted from `today`, so that
    /// tonight's session is always tonight's.
    public static Opening openOrCreate(Path path, LocalDate today) {
        layClip(path.toAbsolutePath().resolveSibling(CLIP));
        return Files.exists(path)
                ? CampFile.open(path)
                : CampFile.create(path, card(today), filling -> edits(today).forEach(filling::add));
    }

    /// The short clip lies beside the camp, as any film may. Without it the reel is drawn.
    private static void layClip(Path clip) {
        try (InputStream in = DemoCamp.class.getResourceAsStream("/onebeat/desktop/demo/" + CLIP)) {
            if (in != null && !Files.exists(clip)) {
                Files.createDirectories(clip.resolveSibling("."));
                FilesOut.files().write(clip, in::transferTo, OutFiles.Taken.REFUSE);
            }
        } catch (IOException e) {
            System.err.println("The demo's film clip could not be laid at " + clip + ": " + e.getMessage());
        }
    }

    private static Card card(LocalDate today) {
        return new Card(
                "Saltlight",
                new Fighter("Ilka", Stance.ORTHODOX, 168, 170),
                new Fighter("Noor", Stance.SOUTHPAW, 177, 182),
                today.minusDays(DAYS_DONE),
                today.plusDays(DAYS_LEFT));
    }

    private static List<Edit> edits(LocalDate today) {
        List<Edit> edits = new ArrayList<>();
        film(edits);
        partners(edits);
        Map<String, Integer> tempo = drills(edits, today);
        sessions(edits, today, tempo);
        return edits;
    }

    private static void partners(List<Edit> edits) {
        for (CSVRecord row : rows("partners.csv")) {
            edits.add(Edit.add(
                    Place.PARTNERS,
                    new Partner(
                            row.get("id"),
                            new Fighter(
                                    row.get("name"),
                                    Stance.valueOf(row.get("stance").toUpperCase(Locale.ROOT)),
                                    Double.parseDouble(row.get("height_cm")),
                                    Double.parseDouble(row.get("span_cm"))),
                            true,
                            several(row, "gear", word -> Gear.of(word).orElseThrow()),
                            JabSchool.valueOf(row.get("jab").toUpperCase(Locale.ROOT)),
                            several(row, "sore", word -> SoreSpot.of(word).orElseThrow()),
                            several(row, "feeds", word -> Family.valueOf(word.toUpperCase(Locale.ROOT))),
                            Rung.of(row.get("up_to")).orElseThrow())));
        }
    }

    private static <T> Set<T> several(CSVRecord row, String column, Function<String, T> of) {
        return Arrays.stream(row.get(column).split(" ", -1))
                .filter(word -> !word.isEmpty())
                .map(of)
                .collect(Collectors.toSet());
    }

    private static void film(List<Edit> edits) {
        for (CSVRecord row : rows("reels.csv")) {
            edits.add(Edit.add(
                    Place.REELS,
                    new Reel(
                            row.get("id"),
                            row.get("name"),
                            Double.parseDouble(row.get("seconds")),
                            Double.parseDouble(row.get("round_seconds")),
                            row.get("subject"),
                            row.get("file"))));
        }
        try (Reader file = open("film.csv")) {
            FilmCsv.read(file, Vocabulary.standard())
                    .exchanges()
                    .forEach(exchange -> edits.add(Edit.add(Place.EXCHANGES, exchange)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Map<String, Integer> drills(List<Edit> edits, LocalDate today) {
        Map<String, Integer> tempo = new HashMap<>();
        for (CSVRecord row : rows("drills.csv")) {
            int bpm = Integer.parseInt(row.get("bpm"));
            tempo.put(row.get("id"), bpm);
            edits.add(Edit.add(
                    Place.DRILLS,
                    new Drill(
                            row.get("id"),
                            row.get("name"),
                            row.get("line"),
                            bpm,
                            today.minusDays(DAYS_DONE),
                            "",
                            Odds.parse(row.get("odds")))));
        }
        return tempo;
    }

    private static void sessions(List<Edit> edits, LocalDate today, Map<String, Integer> tempo) {
        Map<Integer, String> sessions = new HashMap<>();
        Map<String, Integer> positions = new HashMap<>();
        int repetition = 0;
        for (CSVRecord row : rows("sessions.csv")) {
            int ago = Integer.parseInt(row.get("days_ago"));
            LocalDate day = today.minusDays(ago);
            String session = sessions.computeIfAbsent(ago, _ -> {
                String id = "s" + (sessions.size() + 1);
                Session evening =
                        new Session(id, day, row.get("session"), Scheme.usual().id());
                String effort = row.get("effort");
                edits.add(Edit.add(
                        Place.SESSIONS, effort.isEmpty() ? evening : evening.withEffort(Integer.parseInt(effort))));
                return id;
            });
            if (row.get("drill").isEmpty()) {
                continue;
            }
            int position = positions.merge(session, 1, Integer::sum) - 1;
            String round = session + "-" + (position + 1);
            int bpm = row.get("bpm").isEmpty()
                    ? tempo.getOrDefault(row.get("drill"), 60)
                    : Integer.parseInt(row.get("bpm"));
            edits.add(
                    Edit.add(Place.ROUNDS, new RoundPlan(round, session, position, row.get("drill"), bpm, GAP_BEATS)));
            String marks = row.get("judged");
            if (!marks.isEmpty()) {
                edits.add(Edit.add(
                        Place.RUNS,
                        new RoundRun("n" + round, round, row.get("drill"), day, bpm, ROUND_S, marks.length())));
            }
            for (char mark : marks.toCharArray()) {
                repetition++;
                edits.add(Edit.add(
                        Place.REPETITIONS, repetition(repetition, round, row.get("drill"), day, bpm, judgement(mark))));
            }
        }
    }

    private static Repetition repetition(
            int number, String round, String drill, LocalDate day, int bpm, Judgement judgement) {
        return new Repetition("p" + number, round, drill, day, bpm, number * 1000L, judgement);
    }

    private static Judgement judgement(char mark) {
        return switch (mark) {
            case 'c' -> Judgement.CLEAN;
            case 'l' -> Judgement.LATE;
            case 'w' -> Judgement.WRONG;
            case 's' -> Judgement.STOPPED;
            default -> throw new IllegalStateException("no judgement for " + mark);
        };
    }

    private static List<CSVRecord> rows(String name) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (Reader file = open(name)) {
            return format.parse(file).getRecords();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Reader open(String name) {
        InputStream in = DemoCamp.class.getResourceAsStream("/onebeat/desktop/demo/" + name);
        if (in == null) {
            throw new IllegalStateException("not shipped: " + name);
        }
        return new InputStreamReader(in, StandardCharsets.UTF_8);
    }
}
