package onebeat.desktop.floor;

import java.util.List;
import java.util.Map;
import javafx.scene.input.KeyCode;
import onebeat.desktop.command.KeyPress;
import onebeat.desktop.command.OwnKeys;

/// The keys of a pedal or clicker as camps kept them before they held for all camps: `CLEAN=PAGE_DOWN LATE=B`.
final class TaughtPedal {

    private static final Map<String, String> IDS = Map.of(
            "BELL", "floor.bell",
            "CLEAN", "floor.clean",
            "LATE", "floor.late",
            "WRONG", "floor.wrong",
            "STOPPED", "floor.stopped");

    private TaughtPedal() {}

    /// These keys beside those that are there; nothing changes where a pedal is known already.
    static OwnKeys with(OwnKeys known, String kept) {
        boolean taught = IDS.values().stream().anyMatch(id -> known.of(id).isPresent());
        OwnKeys all = known;
        for (String word : taught ? List.<String>of() : List.of(kept.split(" ", -1))) {
            int at = word.indexOf('=');
            String id = at < 0 ? null : IDS.get(word.substring(0, at));
            for (KeyCode code : KeyCode.values()) {
                if (id != null && code.name().equals(word.substring(at + 1))) {
                    all = all.with(id, new KeyPress(code, false, false, false));
                }
            }
        }
        return all;
    }
}
