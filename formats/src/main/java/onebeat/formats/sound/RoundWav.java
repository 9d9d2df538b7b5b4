package onebeat.formats.sound;

import java.io.IOException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Schedule.Stretch;

/// A round as sound, from its opening bell to the end of the closing one: bells, calls, clicks with an
/// accent on the first beat of a repetition. Every sound begins on the sample of its event.
public final class RoundWav {

    private final Voice voice = new Voice();
    private final SaidCalls calls = new SaidCalls(voice);
    private final Map<Sound, Pcm> sounds = new EnumMap<>(Sound.class);

    /// @throws IOException if a sound is not shipped: a fault of the build
    public RoundWav() throws IOException {
        for (Sound sound : Sound.values()) {
            sounds.put(sound, Pcm.shipped(sound));
        }
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

    /// The same as samples: 48 000 a second, full scale 1.
    ///
    /// @throws IOException if a sound is not shipped: a fault of the build
    public float[] samples(Schedule schedule, int round) throws IOException {
        return pcm(schedule, round).floats();
    }

    Pcm pcm(Schedule schedule, int round) throws IOException {
        Stretch stretch = schedule.rounds().get(round);
        Mix all = new Mix((int) stretch.lengthMs() * Pcm.SAMPLES_A_MS
                + of(Optional.of(Sound.END)).length());
        for (Event event : schedule.events()) {
            if (event.round() == round) {
                all.lay(sound(event, schedule), (int) (event.ms() - stretch.startMs()) * Pcm.SAMPLES_A_MS);
            }
        }
        return all.pcm();
    }

    /// What is said of a call stands in place of its signal; where there is no word for it the signal stays.
    private Pcm sound(Event event, Schedule schedule) throws IOException {
        byte[] spoken = event.kind() == Event.Kind.CALL ? voice.said(calls.words(schedule, event), false) : new byte[0];
        return spoken.length > 0 ? Pcm.of(spoken, Voice.STEREO) : of(Sound.of(event));
    }

    private Pcm of(Optional<Sound> sound) {
        return sound.flatMap(s -> Optional.ofNullable(sounds.get(s))).orElse(Pcm.silence(0));
    }

    /// Words that had no clip.
    public List<String> missing() {
        return List.copyOf(voice.missing());
    }
}
