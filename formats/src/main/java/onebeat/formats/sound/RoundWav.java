package onebeat.formats.sound;

import java.io.IOException;
import java.util.List;
import onebeat.core.rounds.Clicks;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Schedule.Stretch;

/// A round as sound, from its opening bell to the end of the closing one: bells, calls, clicks with an
/// accent on the first beat of a repetition. Every sound begins on the sample of its event.
public final class RoundWav {

    private final Voice voice = new Voice();
    private final SaidCalls calls = new SaidCalls(voice);
    private final Pcm bell;
    private final Pcm end;
    private final Pcm call;
    private final Pcm click;
    private final Pcm accent;
    private final Pcm half;
    private final Pcm pause;
    private final Pcm lastTen;

    /// @throws IOException if a sound is not shipped: a fault of the build
    public RoundWav() throws IOException {
        bell = Pcm.shipped("bell.wav");
        end = Pcm.shipped("end.wav");
        call = Pcm.shipped("call.wav");
        click = Pcm.shipped("click.wav");
        accent = Pcm.shipped("accent.wav");
        half = Pcm.shipped("half.wav");
        pause = Pcm.shipped("pause.wav");
        lastTen = Pcm.shipped("last-ten.wav");
    }

    /// How long calls take, for laying out the round.
    public SaidCalls calls() {
        return calls;
    }

    /// A round of a schedule as a WAV file: 48 kHz, 16 bit, mono.
    ///
    /// @param round from 0
    public byte[] of(Schedule schedule, int round) throws IOException {
        return pcm(schedule, round).wav();
    }

    Pcm pcm(Schedule schedule, int round) throws IOException {
        Stretch stretch = schedule.rounds().get(round);
        Pcm all = Pcm.silence((int) stretch.lengthMs() * Pcm.SAMPLES_A_MS + end.length());
        for (Event event : schedule.events()) {
            if (event.round() == round) {
                all.lay(sound(event, schedule), (int) (event.ms() - stretch.startMs()) * Pcm.SAMPLES_A_MS);
            }
        }
        return all;
    }

    private Pcm sound(Event event, Schedule schedule) throws IOException {
        return switch (event.kind()) {
            case BELL -> bell;
            case END -> end;
            case LAST_MINUTE, LAST_TEN -> lastTen;
            case BURST -> call;
            case CLICK -> click(event);
            case CALL -> said(event, schedule);
            case CUE -> Pcm.silence(0);
        };
    }

    private Pcm click(Event event) {
        return switch (event.text()) {
            case Clicks.HALF -> half;
            case Clicks.PAUSE -> pause;
            default -> event.beat() == 0 ? accent : click;
        };
    }

    private Pcm said(Event event, Schedule schedule) throws IOException {
        List<String> words = calls.words(schedule, event);
        byte[] spoken = voice.said(words, false);
        if (spoken.length == 0) {
            return event.opensRepetition() ? call : Pcm.silence(0);
        }
        return Pcm.of(spoken, Voice.STEREO);
    }

    /// Words that had no clip.
    public List<String> missing() {
        return List.copyOf(voice.missing());
    }
}
