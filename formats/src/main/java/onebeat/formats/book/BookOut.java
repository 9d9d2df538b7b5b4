package onebeat.formats.book;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import onebeat.core.book.Judgement;
import onebeat.core.book.Ledger.Day;
import onebeat.core.book.Note;
import onebeat.core.book.OneBeatGap;
import onebeat.core.book.Repetition;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Turns;
import onebeat.core.film.Share;
import onebeat.core.holding.Partner;
import onebeat.core.program.ProgramVersion;
import onebeat.formats.PlainName;
import onebeat.formats.film.Harmless;
import onebeat.formats.out.OutFiles;
import onebeat.formats.out.OutFiles.Taken;
import org.apache.commons.csv.CSVFormat;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Writes the book: one row for each drill, day and ladder step.
///
/// CSV follows RFC 4180; text that a spreadsheet would take for a formula is made [Harmless].
public final class BookOut {

    private static final List<String> COLUMNS = List.of(
            "drill",
            "line",
            "date",
            "step",
            "tempo_bpm",
            "floor_s",
            "called",
            "judged",
            "clean",
            "late",
            "wrong",
            "stopped",
            "clean_low",
            "clean_high",
            "faults",
            "heard",
            "one_beat_ms",
            "one_beat_low",
            "one_beat_high");

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private BookOut() {}

    /// Writes the athlete's book into a folder, and that of each partner who worked: `book.csv`,
    /// `book.json` and
    /// `notes.csv`, and for example `book-jonas.csv`.
    ///
    /// @param written the names of the files are added to it as they are written
    /// @throws IOException if one cannot be written
    public static void write(Camp camp, Path folder, OutFiles out, Taken taken, List<String> written)
            throws IOException {
        Files.createDirectories(folder);
        for (Map.Entry<String, Camp> book : books(camp).entrySet()) {
            StringBuilder days = new StringBuilder();
            csv(book.getValue(), days);
            StringBuilder notes = new StringBuilder();
            notes(book.getValue(), notes);
            Map<String, CharSequence> files = new LinkedHashMap<>();
            files.put("book" + book.getKey() + ".csv", days);
            files.put("book" + book.getKey() + ".json", json(book.getValue()));
            files.put("notes" + book.getKey() + ".csv", notes);
            for (Map.Entry<String, CharSequence> file : files.entrySet()) {
                Path place = out.writeText(folder.resolve(file.getKey()), file.getValue(), taken);
                written.add(String.valueOf(place.getFileName()));
            }
        }
    }

    /// The books by what their files' names end in.
    private static Map<String, Camp> books(Camp camp) {
        Map<String, Camp> books = new LinkedHashMap<>();
        books.put("", camp);
        List<Partner> partners = List.copyOf(camp.partners().all());
        List<String> names = PlainName.each(partners.stream().map(Partner::name).toList(), "partner");
        for (int i = 0; i < partners.size(); i++) {
            String id = partners.get(i).id();
            if (!camp.repetitionsOf(id).isEmpty()) {
                String ending = "-" + names.get(i).toLowerCase(Locale.ROOT);
                Turns.workedBy(camp, id).ifPresent(book -> books.put(ending, book));
            }
        }
        return books;
    }

    /// Writes a camp's book as CSV.
    ///
    /// @throws IOException if `out` fails
    public static void csv(Camp camp, Appendable out) throws IOException {
        CSVFormat.RFC4180.printRecord(out, COLUMNS.toArray());
        for (Drill drill : camp.drills().all()) {
            for (Day day : camp.ledger(drill.id()).days()) {
                Optional<Share> clean = day.clean();
                List<Repetition> done = done(camp, drill, day);
                Optional<OneBeatGap> gap = gap(done);
                CSVFormat.RFC4180.printRecord(
                        out,
                        Harmless.text(drill.name()),
                        Harmless.text(drill.line()),
                        day.date(),
                        day.rung().id(),
                        day.bpm(),
                        day.seconds(),
                        day.called(),
                        day.judged(),
                        day.count(Judgement.CLEAN),
                        day.count(Judgement.LATE),
                        day.count(Judgement.WRONG),
                        day.count(Judgement.STOPPED),
                        clean.map(s -> "" + s.low()).orElse(""),
                        clean.map(s -> "" + s.high()).orElse(""),
                        Harmless.text(faults(day.faults())),
                        done.stream().filter(Repetition::heard).count(),
                        gap.map(g -> "" + g.medianMs()).orElse(""),
                        gap.map(g -> "" + g.lowMs()).orElse(""),
                        gap.map(g -> "" + g.highMs()).orElse(""));
            }
        }
    }

    private static List<Repetition> done(Camp camp, Drill drill, Day day) {
        return camp.repetitionsOf("").stream()
                .filter(one ->
                        one.drillId().equals(drill.id()) && one.date().equals(day.date()) && one.rung() == day.rung())
                .toList();
    }

    private static Optional<OneBeatGap> gap(List<Repetition> done) {
        return OneBeatGap.of(
                done.stream().flatMap(one -> one.oneBeatMs().stream()).toList());
    }

    /// Writes what was written down, by date as it came.
    private static void notes(Camp camp, Appendable out) throws IOException {
        CSVFormat.RFC4180.printRecord(out, "drill", "date", "note");
        for (Note note : camp.notesOn("")) {
            CSVFormat.RFC4180.printRecord(
                    out, Harmless.text(drill(camp, note)), note.date(), Harmless.text(note.text()));
        }
    }

    private static String drill(Camp camp, Note note) {
        return camp.drills().get(note.drillId()).map(Drill::name).orElse("");
    }

    private static String faults(Map<String, Integer> faults) {
        return new TreeMap<>(faults)
                .entrySet().stream().map(e -> e.getKey() + " " + e.getValue()).collect(Collectors.joining("; "));
    }

    /// A camp's book as one JSON object, `{days [{…}], notes [{drill, date, text}]}`, with the columns of
    /// the CSV as keys and the faults as an object.
    public static String json(Camp camp) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("program", ProgramVersion.program());
        ArrayNode list = root.putArray("days");
        for (Drill drill : camp.drills().all()) {
            for (Day day : camp.ledger(drill.id()).days()) {
                ObjectNode node = list.addObject();
                node.put("drill", drill.name());
                node.put("line", drill.line());
                node.put("date", day.date().toString());
                node.put("step", day.rung().id());
                node.put("tempo_bpm", day.bpm());
                node.put("floor_s", day.seconds());
                node.put("called", day.called());
                node.put("judged", day.judged());
                node.put("clean", day.count(Judgement.CLEAN));
                node.put("late", day.count(Judgement.LATE));
                node.put("wrong", day.count(Judgement.WRONG));
                node.put("stopped", day.count(Judgement.STOPPED));
                day.clean().ifPresent(s -> node.put("clean_low", s.low()).put("clean_high", s.high()));
                List<Repetition> done = done(camp, drill, day);
                node.put("heard", done.stream().filter(Repetition::heard).count());
                gap(done)
                        .ifPresent(g -> node.put("one_beat_ms", g.medianMs())
                                .put("one_beat_low", g.lowMs())
                                .put("one_beat_high", g.highMs()));
                ObjectNode faults = node.putObject("faults");
                new TreeMap<>(day.faults()).forEach(faults::put);
            }
        }
        ArrayNode notes = root.putArray("notes");
        for (Note note : camp.notesOn("")) {
            notes.addObject()
                    .put("drill", drill(camp, note))
                    .put("date", note.date().toString())
                    .put("text", note.text());
        }
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }
}
