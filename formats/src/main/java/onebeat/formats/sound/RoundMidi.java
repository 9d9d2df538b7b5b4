package onebeat.formats.sound;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.function.UnaryOperator;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Event.Kind;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Schedule.Stretch;

/// A round as a Standard MIDI File (type 1): a tempo, a click on the percussion channel for each beat, and
/// a marker for each bell, call, cue, burst and last minute.
public final class RoundMidi {

    /// Ticks to a beat: at 300 beats a minute a tick is a fifth of a millisecond.
    static final int TICKS = 960;

    private static final int TEMPO = 0x51;
    private static final int MARKER = 0x06;
    private static final int PERCUSSION = 9;
    private static final int TYPE = 1;

    /// General MIDI percussion: high wood block for the first beat, low wood block for the others.
    private static final int ACCENT = 76;

    private static final int CLICK = 77;

    /// Side stick.
    private static final int HALF = 37;

    /// Closed hi-hat.
    private static final int PAUSE = 42;

    private static final int LOUD = 120;

    private RoundMidi() {}

    /// A round of a schedule as a file.
    ///
    /// @param round from 0
    /// @param words says a call in words, for the markers
    /// @throws IOException if it cannot be written
    public static byte[] of(Schedule schedule, int round, UnaryOperator<String> words) throws IOException {
        Stretch stretch = schedule.rounds().get(round);
        int bpm = stretch.part().plan().bpm();
        try {
            Sequence sequence = new Sequence(Sequence.PPQ, TICKS);
            Track tempo = sequence.createTrack();
            tempo.add(new MidiEvent(tempo(bpm), 0));
            Track clicks = sequence.createTrack();
            for (Event event : schedule.events()) {
                if (event.round() != round) {
                    continue;
                }
                long tick = Math.round((event.ms() - stretch.startMs()) * (double) bpm * TICKS / 60_000);
                if (event.kind() == Kind.CLICK) {
                    int note = note(event);
                    clicks.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, PERCUSSION, note, LOUD), tick));
                    clicks.add(new MidiEvent(
                            new ShortMessage(ShortMessage.NOTE_OFF, PERCUSSION, note, 0), tick + TICKS / 8));
                } else {
                    tempo.add(new MidiEvent(
                            marker((event.kind().word() + " " + words.apply(event.text())).strip()), tick));
                }
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            MidiSystem.write(sequence, TYPE, out);
            return out.toByteArray();
        } catch (InvalidMidiDataException e) {
            throw new IOException("the click track cannot be made: " + e.getMessage(), e);
        }
    }

    private static int note(Event click) {
        return switch (Sound.of(click).orElse(Sound.CLICK)) {
            case ACCENT -> ACCENT;
            case HALF -> HALF;
            case PAUSE -> PAUSE;
            default -> CLICK;
        };
    }

    /// Microseconds to a beat, three bytes, the highest first (Standard MIDI Files 1.0, "Set Tempo").
    private static MetaMessage tempo(int bpm) throws InvalidMidiDataException {
        long micros = Math.round(60_000_000.0 / bpm);
        byte[] data = {(byte) (micros >> 16), (byte) (micros >> 8), (byte) micros};
        return new MetaMessage(TEMPO, data, data.length);
    }

    private static MetaMessage marker(String text) throws InvalidMidiDataException {
        byte[] data = text.getBytes(StandardCharsets.UTF_8);
        return new MetaMessage(MARKER, data, data.length);
    }
}
