package onebeat.media;

import java.util.Optional;
import onebeat.formats.hearing.SoundSource;

/// The sound of a film, to be heard.
public final class FilmSoundSource implements SoundSource {

    private static final int RATE = 44_100;

    private final SoundReader reader;
    private short[] samples = new short[0];

    private FilmSoundSource(SoundReader reader) {
        this.reader = reader;
        reader.seek(0);
    }

    /// Opens the sound of a film; empty where it has none.
    public static Optional<FilmSoundSource> of(FilmFile film) {
        return film.sound(RATE, 1).map(FilmSoundSource::new);
    }

    @Override
    public int rate() {
        return RATE;
    }

    @Override
    public int read(float[] into) {
        if (samples.length != into.length) {
            samples = new short[into.length];
        }
        int count = reader.read(samples);
        for (int i = 0; i < count; i++) {
            into[i] = samples[i] / 32_768f;
        }
        return count;
    }

    @Override
    public void close() {
        reader.close();
    }
}
