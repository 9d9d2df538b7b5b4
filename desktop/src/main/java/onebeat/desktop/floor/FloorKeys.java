package onebeat.desktop.floor;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.input.KeyCode;

/// Which key does what on the floor. A clicker or pedal that sends another key can be taught: it is pressed
/// for each thing in turn.
final class FloorKeys {

    /// What can be taught, in the order in which it is asked for.
    enum Does {
        BELL(KeyCode.SPACE),
        CLEAN(KeyCode.C),
        LATE(KeyCode.L),
        WRONG(KeyCode.W),
        STOPPED(KeyCode.S);

        private final KeyCode usual;

        Does(KeyCode usual) {
            this.usual = usual;
        }
    }

    private final Map<Does, KeyCode> taught;

    private FloorKeys(Map<Does, KeyCode> taught) {
        this.taught = new EnumMap<>(taught);
    }

    /// The keys that words name, for example `CLEAN=PAGE_DOWN`; what cannot be read is as usual.
    static FloorKeys of(String words) {
        Map<Does, KeyCode> all = new EnumMap<>(Does.class);
        for (String word : words.split(" ", -1)) {
            int at = word.indexOf('=');
            for (Does does : Does.values()) {
                if (at > 0 && does.name().equals(word.substring(0, at))) {
                    for (KeyCode code : KeyCode.values()) {
                        if (code.name().equals(word.substring(at + 1))) {
                            all.put(does, code);
                        }
                    }
                }
            }
        }
        return new FloorKeys(all);
    }

    /// As words.
    String words() {
        List<String> words = new ArrayList<>();
        taught.forEach((does, code) -> words.add(does.name() + "=" + code.name()));
        return String.join(" ", words);
    }

    FloorKeys with(Does does, KeyCode code) {
        Map<Does, KeyCode> more = new EnumMap<>(taught);
        more.put(does, code);
        return new FloorKeys(more);
    }

    /// What a key does. The usual keys stay, so that nobody is locked out.
    Optional<Does> of(KeyCode code) {
        for (Does does : Does.values()) {
            if (code == taught.get(does)) {
                return Optional.of(does);
            }
        }
        for (Does does : Does.values()) {
            if (code == does.usual) {
                return Optional.of(does);
            }
        }
        return Optional.empty();
    }
}
