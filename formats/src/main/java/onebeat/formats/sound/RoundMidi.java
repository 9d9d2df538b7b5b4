package onebeat.formats.sound;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
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

/// A round as a Standard MIDI File (type 1): a tempo, a time signature that makes a bar of each repetition where
/// it is a whole number of beats, a click on the percussion channel for each beat, and a marker for each bell,
/// call, cue, burst and last minute. Both tracks end at the closing bell.
public final class RoundMidi {

    /// Ticks to a beat: at 300 beats a minute a tick is a fifth of a millisecond.
    static final int TICKS = 960;

    private static final int TEMPO = 0x51;
    private static final int MARKER = 0x06;
    private static final int SIGNATURE = 0x58;
    private static final int END_OF_TRACK = 0x2F;
    private static final int USUAL_BEATS = 4;
    private static final int MOST_BEATS = 32;
    private static final double MS_PER_MINUTE = 60_000;
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
            tempo.add(new MidiEvent(signature(schedule, round, bpm), 0));
            long end = tick(stretch.lengthMs(), bpm);
            Track clicks = sequence.createTrack();
            for (Event event : schedule.events()) {
                if (event.round() != round) {
                    continue;
                }
                long tick = tick(event.ms() - stretch.startMs(), bpm);
                if (event.kind() == Kind.CLICK) {
                    int note = note(event);
                    clicks.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, PERCUSSION, note, LOUD), tick));
                    clicks.add(new MidiEvent(
                            new ShortMessage(ShortMessage.NOTE_OFF, PERCUSSION, note, 0),
                            Math.min(end, tick + TICKS / 8)));
                } else {
                    tempo.add(new MidiEvent(
                            marker((event.kind().word() + " " + words.apply(event.text())).strip()), tick));
                }
            }
            tempo.add(new MidiEvent(new MetaMessage(END_OF_TRACK, new byte[0], 0), end));
            clicks.add(new MidiEvent(new MetaMessage(END_OF_TRACK, new byte[0], 0), end));
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

    private static long tick(long ms, int bpm) {
        return Math.round(ms * (double) bpm * TICKS / MS_PER_MINUTE);
    }

    /// So many quarters to a bar (Standard MIDI Files 1.0, "Time Signature": beats, the power of two of the note
    /// that is a beat, MIDI clocks to a click, 32nd notes to a quarter).
    private static MetaMessage signature(Schedule schedule, int round, int bpm) throws InvalidMidiDataException {
        byte[] data = {(byte) beatsOfARepetition(schedule, round, bpm), 2, 24, 8};
        return new MetaMessage(SIGNATURE, data, data.length);
    }

    /// From the first beat of a repetition to that of the next, where it is a whole number; else four.
    private static int beatsOfARepetition(Schedule schedule, int round, int bpm) {
        List<Long> firsts = schedule.events().stream()
                .filter(e -> e.round() == round && e.kind() == Kind.CLICK && e.beat() == 0)
                .map(Event::ms)
                .limit(2)
                .toList();
        if (firsts.size() < 2) {
            return USUAL_BEATS;
        }
        double beats = (firsts.get(1) - firsts.get(0)) * bpm / MS_PER_MINUTE;
        long whole = Math.round(beats);
        boolean isWhole = Math.abs(beats - whole) < 0.02 && whole >= 1 && whole <= MOST_BEATS;
        return isWhole ? (int) whole : USUAL_BEATS;
    }

    private static MetaMessage marker(String text) throws InvalidMidiDataException {
        byte[] data = text.getBytes(StandardCharsets.UTF_8);
        return new MetaMessage(MARKER, data, data.length);
    }
}
