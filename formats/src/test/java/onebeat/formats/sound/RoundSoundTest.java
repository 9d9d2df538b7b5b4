package onebeat.formats.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.BufferedInputStream;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import onebeat.core.holding.Holder;
import onebeat.core.holding.Odds;
import onebeat.core.notation.Notation;
import onebeat.core.notation.OwnLine;
import onebeat.core.notation.Read;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.rounds.Block;
import onebeat.core.rounds.Calls;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Event.Kind;
import onebeat.core.rounds.Part;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.timing.Reaction;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RoundSoundTest {

    private static Schedule schedule(String line, int bpm, int gap, Calls calls) {
        Part part = part((Read) Notation.read(line), bpm, gap);
        return Schedule.of(List.of(new Block(Block.Kind.ROUND, 180, List.of())), List.of(part), calls);
    }

    private static Part part(Read read, int bpm, int gap) {
        return Part.of(
                new RoundPlan("r", "s", 0, "d", bpm, gap),
                "name",
                read.line(),
                new Part.With(Setting.usual(), Holder.usual(), Odds.even(), 180));
    }

    private static short[] samples(byte[] wav) throws Exception {
        try (AudioInputStream in =
                AudioSystem.getAudioInputStream(new BufferedInputStream(new ByteArrayInputStream(wav)))) {
            assertThat(in.getFormat().getSampleRate()).isEqualTo(48_000);
            assertThat(in.getFormat().getSampleSizeInBits()).isEqualTo(16);
            byte[] bytes = in.readAllBytes();
            short[] samples = new short[bytes.length / 2];
            for (int i = 0; i < samples.length; i++) {
                samples[i] = (short) ((bytes[2 * i] & 0xFF) | (bytes[2 * i + 1] << 8));
            }
            return samples;
        }
    }

    private static boolean stands(short[] all, Pcm sound, long at) {
        for (int i = 0; i < sound.length(); i++) {
            if (all[(int) at + i] != sound.at(i)) {
                return false;
            }
        }
        return true;
    }

    @ParameterizedTest
    @ValueSource(ints = {30, 66, 97, 143, 240, 300})
    @DisplayName("every click begins on the sample of its event, over a whole round, read by javax.sound.sampled")
    void clicksAreExactToTheSample(int bpm) throws Exception {
        RoundWav wav = new RoundWav();
        Schedule schedule = schedule("1 2", bpm, 2, Calls.NONE);
        long start = schedule.rounds().getFirst().startMs();
        short[] all = samples(wav.of(schedule, 0));
        Pcm click = Pcm.shipped(Sound.CLICK);
        List<Event> clicks = schedule.events().stream()
                .filter(e -> e.kind() == Kind.CLICK && e.beat() == 1)
                .toList();
        long bells = start + 2_500;
        int checked = 0;
        for (Event event : clicks) {
            boolean alone = schedule.events().stream()
                    .filter(e -> e.kind() != Kind.CUE && e.kind() != Kind.CLICK && e.kind() != Kind.CALL)
                    .noneMatch(e -> Math.abs(e.ms() - event.ms()) < 2_500);
            boolean spoken = schedule.events().stream()
                    .anyMatch(e -> e.kind() == Kind.CALL && e.ms() > event.ms() - 2_000 && e.ms() < event.ms() + 40);
            if (alone && !spoken && event.ms() > bells) {
                assertThat(stands(all, click, (event.ms() - start) * 48))
                        .as("click at %s", event)
                        .isTrue();
                assertThat(stands(all, click, (event.ms() - start) * 48 + 1)).isFalse();
                checked++;
            }
        }
        if (bpm <= 66) {
            assertThat(checked).isPositive();
        }
        assertThat(all.length).isEqualTo(180 * 48_000 + Pcm.shipped(Sound.END).length());
    }

    @ParameterizedTest
    @ValueSource(ints = {30, 97, 300})
    @DisplayName("clicks alone: where nothing is said, each stands in the file at its own sample from bell to bell")
    void everyClickOfARoundWithoutWords(int bpm) throws Exception {
        Schedule schedule = schedule("(1)/catch _", bpm, 2, Calls.NONE);
        long start = schedule.rounds().getFirst().startMs();
        Mix mix = new Mix(180 * 48_000 + Pcm.shipped(Sound.END).length());
        for (Event event : schedule.events()) {
            Optional<Sound> sound = switch (event.kind()) {
                case BELL -> Optional.of(Sound.BELL);
                case END -> Optional.of(Sound.END);
                case LAST_MINUTE, LAST_TEN -> Optional.of(Sound.LAST_TEN);
                case CLICK ->
                    Optional.of(event.beat() == 0 ? Sound.ACCENT : event.beat() == 0.5 ? Sound.HALF : Sound.PAUSE);
                case CALL, BURST -> Optional.of(Sound.CALL);
                case CUE -> Optional.empty();
            };
            if (sound.isPresent()) {
                mix.lay(Pcm.shipped(sound.get()), (int) (event.ms() - start) * 48);
            }
        }
        Pcm expected = mix.pcm();
        short[] all = samples(new RoundWav().of(schedule, 0));
        for (int i = 0; i < all.length; i++) {
            if (all[i] != expected.at(i)) {
                throw new AssertionError("sample " + i + " is " + all[i] + ", not " + expected.at(i));
            }
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {30, 77, 143, 300})
    @DisplayName("the click track's times, read by javax.sound.midi, are the schedule's within a millisecond")
    void midiTimesAreTheSchedules(int bpm) throws Exception {
        Schedule schedule = schedule("1 2 3 rlow", bpm, 2, Calls.NONE);
        long start = schedule.rounds().getFirst().startMs();
        Sequence sequence = MidiSystem.getSequence(
                new ByteArrayInputStream(RoundMidi.of(schedule, 0, call -> call.isEmpty() ? "" : "said " + call)));
        double microsAQuarter = 0;
        List<Double> heard = new ArrayList<>();
        List<String> markers = new ArrayList<>();
        for (Track track : sequence.getTracks()) {
            for (int i = 0; i < track.size(); i++) {
                MidiEvent event = track.get(i);
                if (event.getMessage() instanceof MetaMessage meta && meta.getType() == 0x51) {
                    byte[] d = meta.getData();
                    microsAQuarter = ((d[0] & 0xFF) << 16) | ((d[1] & 0xFF) << 8) | (d[2] & 0xFF);
                } else if (event.getMessage() instanceof MetaMessage meta && meta.getType() == 0x06) {
                    markers.add(new String(meta.getData(), StandardCharsets.UTF_8));
                } else if (event.getMessage() instanceof ShortMessage note
                        && note.getCommand() == ShortMessage.NOTE_ON
                        && note.getData2() > 0) {
                    heard.add(event.getTick() * microsAQuarter / sequence.getResolution() / 1_000);
                }
            }
        }
        assertThat(microsAQuarter).isEqualTo(60_000_000.0 / bpm, within(0.5));
        assertThat(sequence.getMicrosecondLength() / 1_000.0)
                .as("it ends at the closing bell")
                .isEqualTo(180_000.0, within(1.0));
        List<Event> clicks =
                schedule.events().stream().filter(e -> e.kind() == Kind.CLICK).toList();
        assertThat(heard).hasSameSizeAs(clicks);
        for (int i = 0; i < clicks.size(); i++) {
            assertThat(heard.get(i)).isEqualTo((double) (clicks.get(i).ms() - start), within(1.0));
        }
        assertThat(markers).contains("bell", "last-minute", "last-ten", "end").contains("call said 1 2 3 rlow");
    }

    @Test
    @DisplayName("a bar of the click track is a repetition: four beats and a gap of two are 6/4")
    void aBarIsARepetition() throws Exception {
        Schedule schedule = schedule("1 2 3 rlow", 90, 2, Calls.NONE);
        Sequence sequence = MidiSystem.getSequence(new ByteArrayInputStream(RoundMidi.of(schedule, 0, call -> call)));
        List<byte[]> signatures = new ArrayList<>();
        Track track = sequence.getTracks()[0];
        for (int i = 0; i < track.size(); i++) {
            if (track.get(i).getMessage() instanceof MetaMessage meta && meta.getType() == 0x58) {
                signatures.add(meta.getData());
            }
        }
        assertThat(signatures).hasSize(1);
        assertThat(signatures.getFirst()).containsExactly(6, 2, 24, 8);
    }

    @ParameterizedTest
    @CsvSource({"1 2, 120", "1 2 3 rlow, 240", "(1)/catch _ 2 3, 300", "1 2/3, 60"})
    @DisplayName("no sample clips and no peak is over -1 dBTP (ITU-R BS.1770-4: the peak between samples)")
    void nothingIsTooLoud(String line, int bpm) throws Exception {
        SaidCalls calls = new SaidCalls(new Voice());
        float[] all = new RoundWav().samples(schedule(line, bpm, 2, calls), 0);
        double ceiling = Math.pow(10, -1.0 / 20);
        double highest = 0;
        for (int i = 40; i < all.length - 40; i++) {
            if (Math.abs(all[i]) > 0.7 * ceiling) {
                highest = Math.max(highest, between(all, i));
            }
        }
        assertThat(highest).isPositive().isLessThanOrEqualTo(ceiling);
    }

    /// The largest value in the sample after this one, at eight places, by a long sinc.
    private static double between(float[] all, int at) {
        double largest = Math.abs(all[at]);
        for (int place = 1; place < 8; place++) {
            double sum = 0;
            for (int j = at - 39; j <= at + 40; j++) {
                double x = place / 8.0 - (j - at);
                sum += all[j] * Math.sin(Math.PI * x) / (Math.PI * x) * (1 + Math.cos(Math.PI * x / 41)) / 2;
            }
            largest = Math.max(largest, Math.abs(sum));
        }
        return largest;
    }

    @ParameterizedTest
    @ValueSource(ints = {20, 60, 97, 180, 300})
    @DisplayName("no beat clicks while a bell is struck: a quarter of a second is the bell's")
    void noClickOnTheBell(int bpm) {
        for (String line : List.of("1", "1 2", "(1)/catch 2 3", "[1 2]*4")) {
            Schedule schedule = schedule(line, bpm, 1, Calls.NONE);
            List<Event> bells = schedule.events().stream()
                    .filter(e -> e.kind() == Kind.BELL || e.kind() == Kind.END)
                    .toList();
            assertThat(schedule.events())
                    .filteredOn(e -> e.kind() == Kind.CLICK)
                    .noneMatch(click ->
                            bells.stream().anyMatch(b -> click.ms() >= b.ms() && click.ms() < b.ms() + 250));
        }
    }

    @Test
    @DisplayName("General MIDI percussion tells the first beat, beats, half beats and pauses apart")
    void clicksOfTheTrackAreToldApart() throws Exception {
        Schedule schedule = schedule("1/2 _ 3", 60, 1, Calls.NONE);
        Sequence sequence = MidiSystem.getSequence(
                new ByteArrayInputStream(RoundMidi.of(schedule, 0, call -> call.isEmpty() ? "" : "said " + call)));
        List<Integer> notes = new ArrayList<>();
        for (Track track : sequence.getTracks()) {
            for (int i = 0; i < track.size(); i++) {
                if (track.get(i).getMessage() instanceof ShortMessage note
                        && note.getCommand() == ShortMessage.NOTE_ON
                        && note.getData2() > 0) {
                    notes.add(note.getData1());
                }
            }
        }
        assertThat(notes.subList(0, 8)).containsExactly(76, 37, 42, 77, 76, 37, 42, 77);
    }

    @ParameterizedTest
    @ValueSource(ints = {40, 60, 120, 240})
    @DisplayName("a call is said and heard before its first beat")
    void callsEndBeforeTheirFirstBeat(int bpm) throws IOException {
        Voice voice = new Voice();
        SaidCalls calls = new SaidCalls(voice);
        Schedule schedule = schedule("1 2 3 rlow", bpm, 4, calls);
        Part part = schedule.rounds().getFirst().part();
        double room = 4 * 60_000.0 / bpm;
        double said = voice.lengthMs(calls.words(part.turn(1), room));
        assertThat(said).isPositive();
        for (Event call : schedule.events()) {
            if (call.opensRepetition() && call.repetition() > 0) {
                Event first = schedule.events().stream()
                        .filter(e -> e.kind() == Kind.CLICK && e.repetition() == call.repetition())
                        .findFirst()
                        .orElseThrow();
                assertThat(first.ms() - call.ms() + 1.0).isGreaterThanOrEqualTo(said + Reaction.HEARD_MS);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {60, 120, 240})
    @DisplayName("in a burst too: what is said is what there is time for")
    void callsInABurstAreShort(int bpm) {
        Voice voice = new Voice();
        SaidCalls calls = new SaidCalls(voice);
        Read read = (Read) Notation.read("1 2 3 rlow");
        Part part = Part.of(
                new RoundPlan("r", "s", 0, "d", bpm, 8).withBursts(2),
                "name",
                read.line(),
                new Part.With(Setting.usual(), Holder.usual(), Odds.even(), 180));
        Schedule schedule = Schedule.of(List.of(new Block(Block.Kind.ROUND, 180, List.of())), List.of(part), calls);
        boolean cut = false;
        for (Event call : schedule.events()) {
            if (call.opensRepetition() && call.repetition() > 0) {
                List<String> words = calls.words(part.turn(call.repetition()), schedule.roomMs(call));
                assertThat(voice.lengthMs(words) + Reaction.HEARD_MS)
                        .as("%s at %s", words, call)
                        .isLessThanOrEqualTo(schedule.roomMs(call) + 1.0);
                cut |= words.size() == 1;
            }
        }
        assertThat(cut).as("without a gap only the first word is said").isTrue();
    }

    @ParameterizedTest
    @CsvSource({"1 2 3 rlow, 60", "1 _ 2 3b 3 2, 50", "(1) catch 2 3 2 rmid 2, 40", "2 3b 3 2/5 6, 45"})
    @DisplayName("without a gap each strike is called, heard before its beat, and no call runs into another")
    void strikeByStrike(String line, int bpm) {
        Voice voice = new Voice();
        SaidCalls calls = new SaidCalls(voice);
        Schedule schedule = schedule(line, bpm, 0, calls);
        double beatMs = 60_000.0 / bpm;
        List<Event> all = schedule.events().stream()
                .filter(e -> e.kind() == Kind.CALL && e.repetition() > 0)
                .toList();
        Part part = schedule.rounds().getFirst().part();
        long strikes = part.turn(0)
                .way()
                .strikesOf(Who.ATHLETE)
                .map(Step::beat)
                .distinct()
                .count();
        boolean halves = line.contains("/");
        long repetitions = all.stream().filter(Event::opensRepetition).count();
        assertThat(all).hasSize((int) (halves ? repetitions : repetitions * strikes));
        double endMs = 0;
        for (Event call : all) {
            double said = voice.lengthMs(calls.words(schedule, call));
            assertThat(said).isPositive();
            assertThat(call.ms() + 1.0).as("%s after the one before", call).isGreaterThanOrEqualTo(endMs);
            endMs = call.ms() + said;
            double ownBeat = Math.max(0, call.beat());
            double firstMs = firstClick(schedule, call.repetition());
            assertThat(endMs + Reaction.HEARD_MS).isLessThanOrEqualTo(firstMs + ownBeat * beatMs + 1.0);
        }
    }

    private static double firstClick(Schedule schedule, int repetition) {
        return schedule.events().stream()
                .filter(e -> e.kind() == Kind.CLICK && e.repetition() == repetition)
                .mapToDouble(Event::ms)
                .findFirst()
                .orElseThrow();
    }

    @Test
    @DisplayName("what is said strike by strike at 60 is too long for 240: only the first is called")
    void tooFastForWords() {
        SaidCalls calls = new SaidCalls(new Voice());
        Schedule slow = schedule("1 2 3 rlow", 60, 0, calls);
        assertThat(slow.events().stream().filter(e -> e.kind() == Kind.CALL && e.repetition() == 2))
                .extracting(Event::text)
                .containsExactly("1 2 3 rlow", "2", "3", "rlow");
        Schedule fast = schedule("1 2 3 rlow", 240, 0, calls);
        assertThat(fast.events()).filteredOn(e -> e.kind() == Kind.CALL).allMatch(Event::opensRepetition);
    }

    @Test
    void whereTheLineDoesNotFitIntoTheGapItsFirstWordIsSaid() {
        SaidCalls calls = new SaidCalls(new Voice());
        Part part =
                schedule("1 2 3 rlow", 60, 4, Calls.NONE).rounds().getFirst().part();
        assertThat(calls.words(part.turn(0), 20_000)).containsExactly("jab", "cross", "lead-hook", "rear-low-kick");
        assertThat(calls.words(part.turn(0), 500)).containsExactly("jab");
    }

    @Test
    void strikesAreCalledByTheirGymNumbers() {
        SaidCalls calls = new SaidCalls(new Voice(), SaidCalls.Scheme.NUMBERS);
        Part part = schedule("1 3b rlow", 60, 4, Calls.NONE).rounds().getFirst().part();
        assertThat(calls.words(part.turn(0), 20_000)).containsExactly("number-1", "number-3", "body", "rear-low-kick");
        Voice voice = new Voice();
        for (int number = 1; number <= 6; number++) {
            assertThat(voice.lengthMs(List.of("number-" + number))).isBetween(150.0, 900.0);
        }
        assertThat(voice.missing()).isEmpty();
    }

    @Test
    void aCoachsOwnRecordingIsTakenAndABrokenOneIsTold(@TempDir Path folder) throws IOException {
        short[] own = new short[48_000];
        for (int i = 12_000; i < 24_000; i++) {
            own[i] = (short) (i % 2 == 0 ? 4_000 : -4_000);
        }
        Files.write(folder.resolve("jab.wav"), new Pcm(own).wav());
        Files.writeString(folder.resolve("cross.wav"), "no sound");
        Voice voice = new Voice(folder);
        double shipped = new Voice().lengthMs(List.of("jab"));
        assertThat(voice.lengthMs(List.of("jab"))).as("silence is cut off").isBetween(250.0, 360.0);
        assertThat(voice.lengthMs(List.of("jab"))).isNotEqualTo(shipped);
        assertThat(voice.lengthMs(List.of("cross")))
                .as("the shipped word stands in")
                .isEqualTo(new Voice().lengthMs(List.of("cross")));
        assertThat(voice.missing()).containsExactly("cross.wav");
        assertThat(voice.said(List.of("no-such-word"), false)).isEmpty();
        assertThat(voice.missing()).contains("no-such-word");
    }

    @Test
    @DisplayName("an own line is called by its own recorded word, once, and by its strikes where there is none")
    void anOwnLineIsCalledByItsWord(@TempDir Path folder) throws IOException {
        Vocabulary own = Vocabulary.standard().with(List.of(new OwnLine("The doorstep", "1 2 3b")));
        Part part = part((Read) Notation.read("\"The doorstep\" rlow \"The doorstep\"", own), 60, 8);
        SaidCalls before = new SaidCalls(new Voice(folder));
        assertThat(before.words(part.turn(0), 20_000)).startsWith("jab", "cross", "lead-hook", "body", "rear-low-kick");
        short[] word = new short[16_000];
        Arrays.fill(word, 4_000, 12_000, (short) 9_000);
        Files.write(folder.resolve("the-doorstep.wav"), new Pcm(word).wav());
        SaidCalls after = new SaidCalls(new Voice(folder));
        assertThat(after.words(part.turn(0), 20_000)).containsExactly("the-doorstep", "rear-low-kick", "the-doorstep");
        assertThat(after.words(part.turn(0), 0)).containsExactly("the-doorstep");
    }

    @Test
    void aRecordingIsTakenInAndSaidFromThenOn(@TempDir Path folder) throws IOException {
        short[] quiet = new short[96_000];
        Arrays.fill(quiet, 30_000, 54_000, (short) 2_000);
        Path file = Files.write(folder.resolve("My Jab.wav"), new Pcm(quiet).wav());
        Voice voice = new Voice(folder.resolve("voice"));
        double before = voice.lengthMs(List.of("jab"));
        voice.take("jab", file);
        assertThat(voice.hasOwn("jab")).isTrue();
        assertThat(voice.lengthMs(List.of("jab"))).isNotEqualTo(before).isBetween(550.0, 580.0);
        assertThat(new Voice(folder.resolve("voice")).lengthMs(List.of("jab")))
                .as("it is there the next time")
                .isEqualTo(voice.lengthMs(List.of("jab")));
        Path silent = Files.write(folder.resolve("cross.wav"), new Pcm(new short[4_800]).wav());
        assertThatThrownBy(() -> voice.take("cross", silent)).hasMessageContaining("nothing is heard");
        Path text = Files.writeString(folder.resolve("hook.wav"), "no sound");
        assertThatThrownBy(() -> voice.take("lead-hook", text)).hasMessageContaining("not a WAV file");
        assertThat(voice.hasOwn("cross") || voice.hasOwn("lead-hook")).isFalse();
        try (Stream<Path> kept = Files.list(folder.resolve("voice"))) {
            assertThat(kept.map(f -> f.getFileName().toString())).containsExactly("jab.wav");
        }
    }

    @Test
    void onlyWhatIsCalledCanBeRecorded() {
        Vocabulary own = Vocabulary.standard().with(List.of(new OwnLine("The doorstep", "1 2 3b")));
        assertThat(SaidCalls.canSay("lead-hook", own)).isTrue();
        assertThat(SaidCalls.canSay("number-3", own)).isTrue();
        assertThat(SaidCalls.canSay(Voice.clip("The doorstep"), own)).isTrue();
        assertThat(SaidCalls.canSay("hallelujah", own)).isFalse();
        assertThat(SaidCalls.canSay("", own)).isFalse();
    }

    @Test
    void aClipIsTrimmedAndLevelled() {
        short[] quiet = new short[1_000];
        quiet[400] = 500;
        quiet[401] = -1_000;
        Pcm clip = new Pcm(quiet).trimmedAndLevelled(100);
        assertThat(clip.length()).isEqualTo(2);
        assertThat((int) clip.at(1)).isEqualTo(-23_197);
    }

    @Test
    void aBrokenWavIsTold() {
        assertThatThrownBy(() -> Pcm.read(new ByteArrayInputStream("no sound".getBytes(StandardCharsets.UTF_8))))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("not a WAV file");
    }

    private static byte[] wav(float rate, int channels, int frames) throws IOException {
        AudioFormat format = new AudioFormat(rate, 16, channels, true, false);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] samples = new byte[frames * format.getFrameSize()];
        AudioSystem.write(
                new AudioInputStream(new ByteArrayInputStream(samples), format, frames),
                AudioFileFormat.Type.WAVE,
                out);
        return out.toByteArray();
    }

    @ParameterizedTest
    @ValueSource(floats = {4_000, 11_025, 44_100, 96_000, 384_000})
    void recordingsOfAnyUsualRateAreRead(float rate) throws IOException {
        assertThat(Pcm.read(new ByteArrayInputStream(wav(rate, 2, (int) rate / 2)))
                        .length())
                .isBetween(24_000 - 200, 24_000 + 200);
    }

    @Test
    void whatNoRecordingHasIsToldBeforeItIsReadIntoMemory() throws IOException {
        assertThatThrownBy(() -> Pcm.read(new ByteArrayInputStream(wav(400_000, 1, 10))))
                .hasMessageContaining("samples a second");
        assertThatThrownBy(() -> Pcm.read(new ByteArrayInputStream(wav(1_000, 1, 10))))
                .hasMessageContaining("samples a second");
        assertThatThrownBy(() -> Pcm.read(new ByteArrayInputStream(wav(8_000, 12, 10))))
                .hasMessageContaining("channels");
        assertThatThrownBy(() -> Pcm.read(new ByteArrayInputStream(wav(4_000, 1, 4_000 * 61))))
                .hasMessageContaining("longer than 60 seconds");
        byte[] liar = wav(8_000, 1, 800);
        // The chunk says that it holds two gigabytes.
        ByteBuffer.wrap(liar).order(ByteOrder.LITTLE_ENDIAN).putInt(40, Integer.MAX_VALUE);
        assertThat(Pcm.read(new ByteArrayInputStream(liar)).length()).isBetween(4_600, 5_000);
    }
}
