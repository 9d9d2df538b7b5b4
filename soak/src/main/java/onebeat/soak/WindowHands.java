package onebeat.soak;

import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import javafx.scene.input.KeyCode;
import onebeat.core.camp.Camp;
import onebeat.soak.HoldWatch.Hold;
import onebeat.store.CampFile;

/// A hundred random keys on the real window of the demo camp, over all stations. Nothing unexpected happens, nothing is
/// left unsaved, and the file holds what the window showed.
final class WindowHands implements Part {

    private static final int ACTIONS = 100;
    private static final String WORDS = "1 2 3 rlow (1) catch+2 parry [1 2]*3 { (1): 2 | (none): 3 } circle-lead ~2 6b";

    /// Keys that stations give a meaning, and those that move about.
    private static final List<KeyCode> KEYS = List.of(
            KeyCode.A,
            KeyCode.B,
            KeyCode.C,
            KeyCode.D,
            KeyCode.E,
            KeyCode.F,
            KeyCode.G,
            KeyCode.H,
            KeyCode.I,
            KeyCode.J,
            KeyCode.K,
            KeyCode.L,
            KeyCode.M,
            KeyCode.N,
            KeyCode.O,
            KeyCode.P,
            KeyCode.Q,
            KeyCode.R,
            KeyCode.S,
            KeyCode.T,
            KeyCode.U,
            KeyCode.V,
            KeyCode.W,
            KeyCode.X,
            KeyCode.Y,
            KeyCode.Z,
            KeyCode.UP,
            KeyCode.DOWN,
            KeyCode.LEFT,
            KeyCode.RIGHT,
            KeyCode.ENTER,
            KeyCode.ESCAPE,
            KeyCode.SPACE,
            KeyCode.DELETE,
            KeyCode.BACK_SPACE,
            KeyCode.PAGE_UP,
            KeyCode.PAGE_DOWN,
            KeyCode.HOME,
            KeyCode.END,
            KeyCode.F1,
            KeyCode.F2,
            KeyCode.F3,
            KeyCode.F4,
            KeyCode.F5,
            KeyCode.SLASH,
            KeyCode.PLUS,
            KeyCode.MINUS,
            KeyCode.OPEN_BRACKET,
            KeyCode.CLOSE_BRACKET,
            KeyCode.TAB,
            KeyCode.DIGIT1,
            KeyCode.DIGIT2,
            KeyCode.DIGIT3,
            KeyCode.DIGIT4,
            KeyCode.DIGIT5);

    private final Path folder;
    private final Map<String, Hold> heldUp = new TreeMap<>();
    private long first = Long.MAX_VALUE;

    WindowHands(Path folder) {
        this.folder = folder;
    }

    @Override
    public String name() {
        return "window";
    }

    @Override
    public int usually() {
        return 100;
    }

    @Override
    public void attempt(long seed) throws Exception {
        first = Math.min(first, seed);
        Random random = new Random(seed);
        Path path = CampWindow.demo(folder, "window.onebeat");
        Camp shown;
        try (CampWindow window = CampWindow.open(path)) {
            for (int i = 0; i < ACTIONS; i++) {
                act(window, random, seed);
            }
            Part.must(!window.app.isUnsaved(), "something is unsaved");
            shown = window.app.camp();
        }
        try (CampFile file = Camps.opened(CampFile.open(path))) {
            Part.must(file.setAside().isEmpty(), "set aside: " + file.setAside());
            Part.must(file.camp().equals(shown), "the file holds another camp than the window showed");
        }
    }

    private void act(CampWindow window, Random random, long seed) throws Exception {
        window.clockMs.addAndGet(random.nextInt(3_000));
        Hold hold;
        String what;
        if (random.nextInt(12) == 0) {
            int from = random.nextInt(WORDS.length());
            String text = WORDS.substring(from, Math.min(WORDS.length(), from + 1 + random.nextInt(30)));
            what = "the line " + text;
            hold = CampWindow.timed(() -> window.shell.callLine().set(text));
            CampWindow.mustBeExpected();
        } else if (random.nextInt(10) == 0) {
            KeyCode station = KeyCode.getKeyCode(String.valueOf(1 + random.nextInt(5)));
            what = "station " + station;
            hold = window.press(station, false, true, false);
        } else {
            KeyCode key = KEYS.get(random.nextInt(KEYS.size()));
            boolean shift = random.nextInt(6) == 0;
            boolean control = random.nextInt(6) == 0;
            boolean alt = random.nextInt(6) == 0;
            what = key + (shift ? " shift" : "") + (control ? " control" : "") + (alt ? " alt" : "") + " on "
                    + window.shell.here();
            hold = window.press(key, shift, control, alt);
        }
        // The first window of a program is slower than all others.
        if (seed > first) {
            heldUp.merge(what.replaceAll("the line .*", "a line"), hold, Hold::longer);
        }
    }

    @Override
    public String measured() {
        return ACTIONS + " actions a try; what held the interface up longest: "
                + heldUp.entrySet().stream()
                        .sorted(Map.Entry.comparingByValue(
                                Comparator.comparingDouble(Hold::ms).reversed()))
                        .limit(LONGEST)
                        .map(e -> e.getKey() + " " + e.getValue())
                        .collect(Collectors.joining(", "));
    }

    private static final int LONGEST = 12;
}
