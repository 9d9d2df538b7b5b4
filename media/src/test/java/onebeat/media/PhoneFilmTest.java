package onebeat.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import onebeat.core.hearing.Onset;
import onebeat.formats.hearing.Background;
import onebeat.formats.hearing.HeardSound;
import onebeat.formats.hearing.HearingScore;
import onebeat.formats.hearing.PadClips;
import onebeat.formats.hearing.PadScene;
import onebeat.formats.hearing.PadScene.Hit;
import onebeat.formats.hearing.PadScene.Through;
import onebeat.formats.hearing.PadSounds;
import onebeat.formats.hearing.PadSounds.Surface;
import onebeat.formats.hearing.Samples;
import onebeat.formats.hearing.SoundSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PhoneFilmTest {

    private static final double[] TIMES_S = {1, 1.7, 2.5};

    @TempDir
    private Path folder;

    /// Coding takes nothing away of when hits come: the delay of the coder is taken out again.
    @Test
    void hitsAreHeardWhenTheyComeThroughTheSoundOfAFilm() throws IOException {
        Samples sound = Samples.silence(PhoneFilm.RATE, 4);
        Random random = new Random(3);
        for (double time : TIMES_S) {
            sound.lay(PadSounds.hit(Surface.MITT, PhoneFilm.RATE, random), (int) (time * PhoneFilm.RATE), 1);
        }
        Path film = folder.resolve("phone.mp4");
        PhoneFilm.write(film, sound.values(), 64_000);
        FilmFile opened = ((FilmOpening.Opened) FilmFile.open(film)).file();
        try (SoundSource source = FilmSoundSource.of(opened).orElseThrow()) {
            double[] heard = HeardSound.in(source, _ -> true).onsets().stream()
                    .filter(onset -> onset.kind().isHit())
                    .mapToDouble(Onset::timeS)
                    .toArray();
            assertThat(heard).hasSize(TIMES_S.length);
            for (int i = 0; i < heard.length; i++) {
                assertThat(heard[i]).isCloseTo(TIMES_S[i], within(0.01));
            }
        }
    }

    /// Few bits smear beginnings and leave holes.
    @Test
    void hitsOfAnotherMakeAreHeardThroughFewBits() throws IOException {
        HearingScore all = HearingScore.NONE;
        Path film = folder.resolve("few-bits.mp4");
        PadClips clips = new PadClips();
        for (int seed = 201; seed < 203; seed++) {
            Through through = new Through(20, Background.HISS, seed % 2 == 0 ? 0.5 : 0, 1, PhoneFilm.RATE);
            PadScene scene = PadScene.atRandom(20, 80, through, seed, clips::hit);
            PhoneFilm.write(film, scene.sound().values(), 24_000);
            FilmFile opened = ((FilmOpening.Opened) FilmFile.open(film)).file();
            try (SoundSource source = FilmSoundSource.of(opened).orElseThrow()) {
                List<Double> heard = HeardSound.in(source, _ -> true).onsets().stream()
                        .filter(onset -> onset.kind().isHit())
                        .map(Onset::timeS)
                        .toList();
                List<Double> truth = scene.hits().stream().map(Hit::timeS).toList();
                all = all.plus(HearingScore.of(heard, truth, 0.05));
            }
        }
        assertThat(all.f()).isGreaterThanOrEqualTo(0.97);
    }

    @Test
    void whereItCannotBeWrittenASentenceSaysSo() {
        Path nowhere = folder.resolve("no such folder").resolve("phone.mp4");
        assertThatThrownBy(() -> PhoneFilm.write(nowhere, new float[PhoneFilm.RATE], 64_000))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("phone.mp4");
    }

    @Test
    void silenceHasNoHits() throws IOException {
        Path film = folder.resolve("silence.mp4");
        PhoneFilm.write(film, new float[2 * PhoneFilm.RATE], 24_000);
        FilmFile opened = ((FilmOpening.Opened) FilmFile.open(film)).file();
        try (SoundSource source = FilmSoundSource.of(opened).orElseThrow()) {
            HeardSound heard = HeardSound.in(source, _ -> true);
            assertThat(heard.seconds()).isCloseTo(2, within(0.1));
            assertThat(heard.onsets()).noneMatch(onset -> onset.kind().isHit());
        }
    }
}
