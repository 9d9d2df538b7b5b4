package onebeat.desktop.film;

import java.util.Optional;
import java.util.OptionalDouble;
import onebeat.desktop.sound.StreamedSound;
import onebeat.media.FilmFile;
import onebeat.media.SoundReader;
import org.jspecify.annotations.Nullable;

/// Lets a film that runs at its own speed be heard, on a thread of its own. Without a sound card or without sound it is
/// silent, and the film runs all the same.
final class FilmSound {

    private static final int PART = StreamedSound.RATE / 50 * StreamedSound.CHANNELS;

    private final StreamedSound out;
    private volatile @Nullable Run run;

    FilmSound(StreamedSound out) {
        this.out = out;
    }

    /// Begins to be heard from a time of the film, in seconds.
    void begin(FilmFile film, double fromS) {
        end();
        if (film.info().sound().isEmpty()) {
            return;
        }
        Run next = new Run(film, fromS);
        run = next;
        Thread.ofPlatform().daemon().name("sound of the film").start(next::play);
    }

    void end() {
        Run was = run;
        run = null;
        if (was != null) {
            was.over = true;
        }
    }

    /// Where in the film what is heard now lies, in seconds; empty where nothing is heard.
    OptionalDouble heardS() {
        Run now = run;
        StreamedSound.Line line = now == null ? null : now.line;
        return now == null || line == null || now.over
                ? OptionalDouble.empty()
                : OptionalDouble.of(now.fromS + line.heard() / (double) StreamedSound.RATE);
    }

    private final class Run {

        private final FilmFile film;
        private final double fromS;
        private volatile boolean over;
        private volatile StreamedSound.@Nullable Line line;

        Run(FilmFile film, double fromS) {
            this.film = film;
            this.fromS = fromS;
        }

        void play() {
            Optional<StreamedSound.Line> opened = out.open();
            Optional<SoundReader> reader =
                    opened.isPresent() ? film.sound(StreamedSound.RATE, StreamedSound.CHANNELS) : Optional.empty();
            try {
                if (opened.isPresent() && reader.isPresent()) {
                    reader.get().seek(fromS);
                    line = opened.get();
                    write(reader.get(), opened.get());
                }
            } finally {
                over = true;
                reader.ifPresent(SoundReader::close);
                opened.ifPresent(StreamedSound.Line::close);
            }
        }

        private void write(SoundReader reader, StreamedSound.Line to) {
            short[] part = new short[PART];
            while (!over) {
                int count = reader.read(part);
                if (count == 0) {
                    return;
                }
                to.write(part, count);
            }
        }
    }
}
