package onebeat.formats.sound;

import java.io.IOException;
import java.util.Optional;
import onebeat.core.rounds.Clicks;
import onebeat.core.rounds.Event;

/// The sounds that ship, and by which of them an event of a schedule is heard.
public enum Sound {
    BELL("bell.wav"),
    END("end.wav"),
    CALL("call.wav"),
    CLICK("click.wav"),
    ACCENT("accent.wav"),
    HALF("half.wav"),
    PAUSE("pause.wav"),
    LAST_TEN("last-ten.wav");

    private final String file;

    Sound(String file) {
        this.file = file;
    }

    /// Where it lies among the resources.
    public String path() {
        return "/onebeat/formats/sound/" + file;
    }

    /// The sound itself, 48 000 samples a second, full scale 1.
    ///
    /// @throws IOException if it is not shipped: a fault of the build
    public float[] samples() throws IOException {
        return Pcm.shipped(this).floats();
    }

    /// The sound of an event; empty where it is seen or only said.
    public static Optional<Sound> of(Event event) {
        return switch (event.kind()) {
            case BELL -> Optional.of(BELL);
            case END -> Optional.of(END);
            case LAST_MINUTE, LAST_TEN -> Optional.of(LAST_TEN);
            case BURST -> Optional.of(CALL);
            case CALL -> event.opensRepetition() ? Optional.of(CALL) : Optional.empty();
            case CLICK -> Optional.of(click(event));
            case CUE -> Optional.empty();
        };
    }

    private static Sound click(Event event) {
        return switch (event.text()) {
            case Clicks.HALF -> HALF;
            case Clicks.PAUSE -> PAUSE;
            default -> event.beat() == 0 ? ACCENT : CLICK;
        };
    }
}
