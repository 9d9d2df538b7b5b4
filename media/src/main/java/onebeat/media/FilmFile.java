package onebeat.media;

import static org.bytedeco.ffmpeg.global.avcodec.avcodec_get_name;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.OptionalInt;
import onebeat.media.FilmInfo.SoundInfo;
import onebeat.media.FilmOpening.Opened;
import onebeat.media.FilmOpening.Refused;
import org.bytedeco.ffmpeg.avcodec.AVCodecParameters;

/// A film file that was read through once: what is in it and when each frame is shown. The file is only ever read. It
/// holds nothing open; frames and sound are read through readers of their own, each by one thread.
public final class FilmFile {

    private final Path path;
    private final FilmInfo info;
    private final FrameTimes times;

    private FilmFile(Path path, FilmInfo info, FrameTimes times) {
        this.path = path;
        this.info = info;
        this.times = times;
    }

    /// Opens a film.
    public static FilmOpening open(Path path) {
        return open(path, ReadProgress.NONE);
    }

    /// The same for a long film, which can be stopped on the way.
    public static FilmOpening open(Path path, ReadProgress progress) {
        Optional<String> wrong = wrong(path);
        if (wrong.isPresent()) {
            return new Refused(wrong.get());
        }
        try (Container film = new Container(path)) {
            OptionalInt picture = film.picture();
            if (picture.isEmpty()) {
                return new Refused(Sentences.noPicture(path));
            }
            // A film of an unknown kind is refused before it is read through.
            Container.free(film.decoder(picture.getAsInt()));
            Optional<SoundInfo> sound = sound(film);
            FrameTimes times = PacketScan.scan(film, picture.getAsInt(), progress);
            FilmFile opened = new FilmFile(path, info(film, picture.getAsInt(), times, sound), times);
            return opened.shows() ? new Opened(opened) : new Refused(Sentences.noFilm(path));
        } catch (MediaTrouble e) {
            return new Refused(e.sentence());
        } catch (UnsatisfiedLinkError e) {
            return new Refused(Sentences.noLibrary(e));
        }
    }

    private static Optional<String> wrong(Path path) {
        if (!Files.exists(path)) {
            return Optional.of(Sentences.missing(path));
        }
        if (!Files.isRegularFile(path)) {
            return Optional.of(Sentences.notAFile(path));
        }
        try {
            if (Files.size(path) == 0) {
                return Optional.of(Sentences.empty(path));
            }
        } catch (IOException _) {
            return Optional.of(Sentences.cannotRead(path));
        }
        return Files.isReadable(path) ? Optional.empty() : Optional.of(Sentences.cannotRead(path));
    }

    private static FilmInfo info(Container film, int picture, FrameTimes times, Optional<SoundInfo> sound) {
        AVCodecParameters of = film.stream(picture).codecpar();
        return new FilmInfo(
                of.width(),
                of.height(),
                film.rotation(picture),
                times.frames(),
                times.seconds(),
                times.perSecond(),
                sound,
                avcodec_get_name(of.codec_id()).getString());
    }

    private static Optional<SoundInfo> sound(Container film) {
        OptionalInt number = film.sound();
        if (number.isEmpty()) {
            return Optional.empty();
        }
        AVCodecParameters of = film.stream(number.getAsInt()).codecpar();
        int channels = of.ch_layout().nb_channels();
        return of.sample_rate() > 0 && channels > 0
                ? Optional.of(new SoundInfo(of.sample_rate(), channels))
                : Optional.empty();
    }

    /// Whether its first frame can be decoded: a file that only begins like a film shows nothing.
    private boolean shows() throws MediaTrouble {
        try (FrameReader reader = new FrameReader(this, 0)) {
            return reader.picture(0, SMALL, SMALL).isPresent();
        }
    }

    private static final int SMALL = 16;

    public Path path() {
        return path;
    }

    public FilmInfo info() {
        return info;
    }

    public FrameTimes times() {
        return times;
    }

    /// A reader of its frames; empty where the file has gone meanwhile.
    ///
    /// @param keptBytes how much decoded film it may keep in memory
    public Optional<FrameReader> frames(long keptBytes) {
        try {
            return Optional.of(new FrameReader(this, keptBytes));
        } catch (MediaTrouble _) {
            return Optional.empty();
        }
    }

    /// A reader of its sound; empty where it has none or the file has gone meanwhile.
    ///
    /// @param rate of the samples it gives, per second
    /// @param channels of the samples it gives, 1 or 2
    public Optional<SoundReader> sound(int rate, int channels) {
        try {
            return info.sound().isPresent() ? Optional.of(new SoundReader(this, rate, channels)) : Optional.empty();
        } catch (MediaTrouble _) {
            return Optional.empty();
        }
    }
}
