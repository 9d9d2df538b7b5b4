package onebeat.soak;

import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import javax.xml.parsers.DocumentBuilderFactory;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Card;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.exchange.Fighter;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.StationName;
import onebeat.formats.film.Subtitles;
import org.xml.sax.InputSource;

/// Names of every kind for athletes, lines and sessions: right to left, combining, beyond the basic plane, markup, dots
/// and slashes, very long. What is printed from them is there, in its folder, and other programs can read it.
final class AnyNames implements Part {

    private static final List<String> PIECES = List.of(
            "Noor",
            "Ünal Ø",
            "नूर",
            "نور",
            "努爾",
            "e\u0301",
            "👊🏽",
            "<b>&amp;",
            "\"';--",
            "../..",
            "/",
            "\\",
            "%s{0}",
            "-->",
            "\u2067x\u2069",
            "\u200b",
            "CON",
            ".",
            " ",
            "|*?:",
            "$(x)",
            "\ud83e\udd4a");
    private static final int LONGEST = 200;
    private static final long PATIENCE_MS = 60_000;

    private final Path folder;
    private long written;

    AnyNames(Path folder) {
        this.folder = folder;
    }

    @Override
    public String name() {
        return "names";
    }

    @Override
    public int usually() {
        return 25;
    }

    private static String any(Random random) {
        StringBuilder name = new StringBuilder();
        int pieces = random.nextInt(8) == 0 ? LONGEST : 1 + random.nextInt(4);
        while (pieces-- > 0 && name.length() < LONGEST) {
            name.append(PIECES.get(random.nextInt(PIECES.size())));
        }
        String stripped = name.toString().strip();
        return stripped.isEmpty() ? "x" : stripped;
    }

    @Override
    public void attempt(long seed) throws Exception {
        Random random = new Random(seed);
        Path inner = Files.createTempDirectory(folder, "names");
        Path camp = CampWindow.demo(inner, "names.onebeat");
        try (CampWindow window = CampWindow.open(camp)) {
            CampWindow.onFx(() -> {
                rename(window.app, random);
                return true;
            });
            for (StationName station : List.of(StationName.BENCH, StationName.ROUNDS)) {
                CampWindow.timed(() -> window.shell.go(station));
                print(window);
            }
        }
        List<Path> files = files(inner.resolve("cards"));
        Part.must(files.size() >= 5, "printed only " + files);
        for (Path file : files) {
            look(file);
        }
        written += files.size();
        subtitles(random);
        try (Stream<Path> all = Files.walk(inner)) {
            all.sorted(Comparator.reverseOrder())
                    .forEach(path -> Part.must(path.toFile().delete(), path + " stays"));
        }
    }

    private static void rename(CampSession app, Random random) {
        Camp camp = app.camp();
        Card card = camp.card();
        Edit names = new Edit.OfCard(
                card,
                new Card(
                        any(random),
                        named(card.athlete(), random),
                        named(card.opponent(), random),
                        card.firstDay(),
                        card.fightNight(),
                        card.school(),
                        ""));
        List<Edit> edits = new ArrayList<>(List.of(names));
        for (Drill drill : camp.drills().all()) {
            edits.add(Edit.change(
                    Place.DRILLS,
                    drill,
                    new Drill(
                            drill.id(),
                            any(random),
                            drill.line(),
                            drill.bpm(),
                            drill.made(),
                            drill.source(),
                            drill.odds(),
                            drill.rung(),
                            drill.overruled())));
        }
        Part.must(app.save(new Edit.Together(edits)), "names that are not taken");
    }

    private static Fighter named(Fighter fighter, Random random) {
        return new Fighter(any(random), fighter.stance(), fighter.heightCm(), fighter.spanCm());
    }

    private static void print(CampWindow window) throws Exception {
        CampWindow.onFx(() -> {
            window.app.say("");
            return true;
        });
        window.press(KeyCode.P, false, false, true);
        long end = System.currentTimeMillis() + PATIENCE_MS;
        while (CampWindow.onFx(() -> window.app.noticeProperty().get().text().isEmpty())) {
            Part.must(System.currentTimeMillis() < end, "nothing is printed on " + window.shell.here());
            Thread.sleep(20);
        }
        CampSession.Notice told =
                CampWindow.onFx(() -> window.app.noticeProperty().get());
        Part.must(!told.wrong(), told.text());
    }

    private static List<Path> files(Path folder) throws Exception {
        try (Stream<Path> all = Files.list(folder)) {
            return all.toList();
        }
    }

    /// Another program can read what was written.
    private static void look(Path file) throws Exception {
        String name = file.getFileName().toString();
        if (name.endsWith(".pdf")) {
            String bytes = Files.readString(file, StandardCharsets.ISO_8859_1);
            Part.must(bytes.startsWith("%PDF-") && bytes.strip().endsWith("%%EOF"), name + " is no whole PDF");
        } else if (name.endsWith(".svg")) {
            DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(new InputSource(new StringReader(Files.readString(file))));
        } else {
            String text = Files.readString(file, StandardCharsets.UTF_8);
            Part.must(!text.contains("<b>&amp;amp"), name + " escapes twice");
            Part.must(!name.endsWith(".html") || !text.contains("<b>&amp;"), name + " lets markup through");
        }
    }

    private static void subtitles(Random random) {
        List<Subtitles.Cue> cues = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            cues.add(new Subtitles.Cue(i * 3, i * 3 + 2, any(random) + "\n\n" + any(random)));
        }
        for (String text : List.of(Subtitles.vtt(cues), Subtitles.srt(cues))) {
            long arrows = text.lines().filter(line -> line.contains("-->")).count();
            Part.must(arrows == cues.size(), arrows + " cues of " + cues.size());
        }
    }

    @Override
    public String measured() {
        return written + " files were read back";
    }
}
