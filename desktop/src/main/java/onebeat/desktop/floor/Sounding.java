package onebeat.desktop.floor;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.LongSupplier;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Event.Kind;
import onebeat.core.rounds.Schedule;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.floor.Run.State;
import onebeat.desktop.sound.Sounds;
import onebeat.desktop.text.Texts;
import onebeat.formats.sound.Dispatch;
import onebeat.formats.sound.SaidCalls;
import onebeat.formats.sound.SaidCalls.Scheme;
import onebeat.formats.sound.Sound;
import onebeat.formats.sound.Voice;
import org.jspecify.annotations.Nullable;

/// What is heard on the floor: the sounds of a schedule at their times, and what is said by whose voice to
/// whom.
final class Sounding {

    private static final String CALLS = "floor calls";

    private final CampSession app;
    private final Sounds sounds;
    private final LongSupplier clockMs;
    private final Voice voice;
    private volatile SaidCalls calls;
    private volatile Sounds.To saidTo = Sounds.To.NOBODY;
    private @Nullable Dispatch dispatch;

    /// @param clockMs a monotonic clock in milliseconds
    Sounding(CampSession app, Sounds sounds, LongSupplier clockMs) {
        this.app = app;
        this.sounds = sounds;
        this.clockMs = clockMs;
        this.voice = new Voice(app.folder().resolve(Texts.of("floor.voice.folder")));
        this.calls = new SaidCalls(voice, scheme());
    }

    /// How long calls take, for laying out a session.
    SaidCalls calls() {
        return calls;
    }

    /// From here on the sounds come from where the run is, on a thread of their own, as long as it runs.
    void follow(@Nullable Run run) {
        quiet();
        if (run != null && run.state() == State.RUNNING) {
            Schedule schedule = run.schedule();
            dispatch = new Dispatch(
                    schedule.events(),
                    run.atMs() == 0 ? -1 : run.atMs(),
                    () -> TimeUnit.MILLISECONDS.toNanos(clockMs.getAsLong()),
                    event -> sound(schedule, event));
        }
    }

    void quiet() {
        if (dispatch != null) {
            dispatch.close();
            dispatch = null;
        }
    }

    /// One event of the schedule is heard. Not on the interface's thread.
    private void sound(Schedule schedule, Event event) {
        Sound.of(event).ifPresent(sounds::play);
        if (event.kind() == Kind.CALL) {
            sounds.say(calls.words(schedule, event), voice, saidTo);
        }
    }

    /// What is said of the sound on the screen: why there is none, which words have no clip, or who hears them.
    String words() {
        return sounds.silentBecause().or(this::missing).orElseGet(() -> Texts.of("floor.said." + saidTo));
    }

    /// Words that cannot be said; the round runs on.
    private Optional<String> missing() {
        return saidTo == Sounds.To.NOBODY || voice.missing().isEmpty()
                ? Optional.empty()
                : Optional.of(Texts.of("sound.word.none", String.join(", ", voice.missing())));
    }

    private Scheme scheme() {
        return app.draft(CALLS).equals(Scheme.NUMBERS.name()) ? Scheme.NUMBERS : Scheme.NAMES;
    }

    /// Whether punches are called by number.
    boolean isByNumber() {
        return scheme() == Scheme.NUMBERS;
    }

    /// Strikes are called by number or by name.
    Scheme nextScheme() {
        Scheme other = scheme() == Scheme.NAMES ? Scheme.NUMBERS : Scheme.NAMES;
        app.keepDraft(CALLS, other.name());
        calls = new SaidCalls(voice, other);
        return other;
    }

    void nextSaidTo() {
        saidTo = switch (saidTo) {
            case NOBODY -> Sounds.To.BOTH;
            case BOTH -> Sounds.To.FEEDER;
            case FEEDER -> Sounds.To.NOBODY;
        };
    }

    /// Takes a recording of the coach's own in, by the name of its file.
    ///
    /// @return what came of it, in words
    String take(Path file) {
        String name = String.valueOf(file.getFileName());
        String word = Voice.clip(name.replaceFirst("(?i)\\.wav$", ""));
        if (!SaidCalls.canSay(word, app.camp().vocabulary())) {
            return Texts.of("floor.voice.unknown", word);
        }
        try {
            voice.take(word, file);
            // The call takes another time now, so what was laid out with it no longer holds.
            calls = new SaidCalls(voice, scheme());
            return Texts.of("floor.voice.taken", word);
        } catch (IOException e) {
            return Texts.of("floor.voice.not", name, String.valueOf(e.getMessage()));
        }
    }
}
