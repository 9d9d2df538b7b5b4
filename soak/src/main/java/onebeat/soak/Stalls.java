package onebeat.soak;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.film.Exchange;
import onebeat.core.notation.OwnLine;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Session;
import onebeat.desktop.app.StationName;
import onebeat.soak.HoldWatch.Hold;
import onebeat.store.CampFile;

/// Camps that no coach has: own lines that stand in one another a hundred deep, a line of two hundred strikes, three
/// thousand rounds tonight, a film of a hundred thousand exchanges. For how long each station holds the interface up
/// when it is entered first and again is told and not judged: the first of all loads the classes as well.
final class Stalls implements Part {

    private static final int OWN_LINES = 100;
    private static final int ROUNDS = 3_000;
    private static final int EXCHANGES = 100_000;
    private static final int KINDS = 4;

    private final Path folder;
    private final Map<String, Hold> held = new TreeMap<>();

    Stalls(Path folder) {
        this.folder = folder;
    }

    @Override
    public String name() {
        return "stalls";
    }

    @Override
    public int usually() {
        return KINDS;
    }

    @Override
    public void attempt(long seed) throws Exception {
        Path path = CampWindow.demo(folder, "stalls.onebeat");
        int kind = (int) Math.floorMod(seed - 1, (long) KINDS);
        String what = List.of("own lines", "long line", "rounds", "film").get(kind);
        try (CampFile file = Camps.opened(CampFile.open(path))) {
            file.save(
                    switch (kind) {
                        case 0 -> chained();
                        case 1 -> longLine();
                        case 2 -> manyRounds(file);
                        default -> longFilm(new Random(seed));
                    });
        }
        try (CampWindow window = CampWindow.open(path)) {
            for (int round = 0; round < 2; round++) {
                for (StationName station : StationName.values()) {
                    Hold hold = CampWindow.timed(() -> window.shell.go(station), LOOK_MS);
                    held.merge(what + " " + station + (round == 0 ? " first" : ""), hold, Hold::longer);
                    CampWindow.mustBeExpected();
                }
            }
            CampWindow.timed(() -> window.shell.go(StationName.BENCH), LOOK_MS);
            String line = kind == 1 ? "[1 2]*98" : "1 2 3";
            held.put(
                    what + " typed",
                    CampWindow.timed(() -> window.shell.callLine().set(line)));
            Thread.sleep(SETTLES_MS);
            Hold most = new Hold(0, "");
            for (int i = 0; i < FRAMES; i++) {
                most = Hold.longer(most, CampWindow.timed(() -> {}));
                Thread.sleep(FRAME_MS);
            }
            held.put(what + " settling", most);
        }
    }

    /// What a station draws after it was entered comes in this time.
    private static final long LOOK_MS = 700;

    private static final long SETTLES_MS = 20;
    private static final long FRAME_MS = 10;
    private static final int FRAMES = 200;

    private static Edit chained() {
        List<Edit> edits = new ArrayList<>();
        for (int i = 0; i < OWN_LINES; i++) {
            edits.add(Edit.add(Place.OWN_LINES, new OwnLine("own" + i, i == 0 ? "1 2" : "\"own" + (i - 1) + "\" 3")));
        }
        return new Edit.Together(edits);
    }

    private static Edit longLine() {
        return Edit.add(Place.DRILLS, new Drill("d99", "long", "[1 2]*99", 60, Camps.DAY, ""));
    }

    private static Edit manyRounds(CampFile file) {
        Session tonight = file.camp().sessionOn(Camps.DAY).orElseThrow();
        Drill drill = file.camp().drills().all().iterator().next();
        List<Edit> edits = new ArrayList<>();
        for (int i = 0; i < ROUNDS; i++) {
            edits.add(Edit.add(Place.ROUNDS, new RoundPlan("r" + (900 + i), tonight.id(), 10 + i, drill.id(), 60, 4)));
        }
        return new Edit.Together(edits);
    }

    private static Edit longFilm(Random random) {
        List<Edit> edits = new ArrayList<>();
        edits.add(Edit.add(Place.REELS, Camps.reel("r90")));
        for (int i = 0; i < EXCHANGES; i++) {
            Exchange one = Camps.exchange(random, "x" + (1_000 + i), "r90");
            edits.add(Edit.add(Place.EXCHANGES, one.at(i * 0.4, 1)));
        }
        return new Edit.Together(edits);
    }

    @Override
    public String measured() {
        return held.entrySet().stream()
                .filter(e -> e.getValue().ms() > TOLD_MS)
                .map(e -> String.format(Locale.ROOT, "%n    %-24s %s", e.getKey(), e.getValue()))
                .collect(Collectors.joining());
    }

    private static final double TOLD_MS = 100;
}
