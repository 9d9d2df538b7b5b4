package onebeat.media;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.formats.out.OutFiles;

/// Writes a cut as one MP4 file, beside its place first and there only when it is whole.
public final class CutWriter {

    /// Pictures a second.
    private static final int FPS = 30;

    /// What is seen slow runs at this share of its speed.
    private static final double SLOW = 0.5;

    /// What is seen slow begins so long before the moment and ends so long after it, in seconds.
    private static final double SLOW_AROUND_S = 0.7;

    /// It is held where it lands, in seconds.
    private static final double HELD_S = 0.9;

    private static final double TITLE_S = 2.5;
    private static final long KEPT = 64L << 20;

    /// From films at least so tall a larger cut is made, in pixels.
    private static final int TALL_FILM = 700;

    private final Cut cut;
    private final ReadProgress progress;
    private final CutPicture canvas;
    private final double whole;
    private double doneS;

    private CutWriter(Cut cut, ReadProgress progress) {
        this.cut = cut;
        this.progress = progress;
        FilmInfo first = cut.moments().getFirst().film().info();
        boolean upright = first.uprightHeight() > first.uprightWidth();
        boolean large = Math.min(first.width(), first.height()) >= TALL_FILM;
        int wide = large ? 1280 : 960;
        int tall = large ? 720 : 540;
        canvas = new CutPicture(upright ? tall : wide, upright ? wide : tall);
        whole = seconds(cut);
    }

    /// How long a cut runs, in seconds.
    public static double seconds(Cut cut) {
        double title = cut.title().isEmpty() ? 0 : TITLE_S;
        double one = Cut.LEAD_S + Cut.AFTER_S + 2 * SLOW_AROUND_S / SLOW + HELD_S;
        return title + cut.moments().size() * one;
    }

    /// What became of a cut.
    public sealed interface Result {}

    /// It is there.
    ///
    /// @param moments how many are in it
    public record Written(Path path, int moments, double seconds) implements Result {}

    /// It is not, and why.
    public record NotWritten(String sentence) implements Result {}

    /// Writes a cut.
    ///
    /// @param progress can stop it: then nothing is left of it
    public static Result write(Cut cut, Path to, OutFiles files, OutFiles.Taken taken, ReadProgress progress) {
        if (cut.moments().isEmpty()) {
            return new NotWritten("There is nothing to cut: no exchange of these has a film. Nothing was written.");
        }
        Path making;
        try {
            Path folder = to.toAbsolutePath().getParent();
            if (folder != null) {
                Files.createDirectories(folder);
            }
            files.mustBeFree(to, taken);
            making = OutFiles.making(folder);
        } catch (OutFiles.TakenException e) {
            return taken(e);
        } catch (IOException _) {
            return new NotWritten(Sentences.cannotWrite(to));
        }
        try {
            new CutWriter(cut, progress).writeTo(making);
            Path place = files.write(to, out -> Files.copy(making, out), taken);
            return new Written(place, cut.moments().size(), seconds(cut));
        } catch (MediaTrouble e) {
            return new NotWritten(e.sentence());
        } catch (OutFiles.TakenException e) {
            return taken(e);
        } catch (IOException _) {
            return new NotWritten(Sentences.cannotWrite(to));
        } finally {
            try {
                Files.deleteIfExists(making);
            } catch (IOException _) {
                // A hidden file of ours stays; nothing else can be done about it.
            }
        }
    }

    private static NotWritten taken(OutFiles.TakenException why) {
        return new NotWritten(why.getMessage() + ". Nothing was written.");
    }

    private void writeTo(Path making) throws MediaTrouble {
        Map<Path, FrameReader> readers = new HashMap<>();
        try (Mp4Writer out = new Mp4Writer(making, canvas.width(), canvas.height(), FPS)) {
            if (!cut.title().isEmpty()) {
                hold(out, canvas.title(cut.title()), TITLE_S);
            }
            for (Cut.Moment moment : cut.moments()) {
                FrameReader reader = readers.get(moment.film().path());
                if (reader == null) {
                    Optional<FrameReader> made = moment.film().frames(KEPT);
                    if (made.isEmpty()) {
                        throw new MediaTrouble(Sentences.missing(moment.film().path()));
                    }
                    reader = made.get();
                    readers.put(moment.film().path(), reader);
                }
                moment(out, moment, reader);
            }
            out.end();
        } finally {
            readers.values().forEach(FrameReader::close);
        }
    }

    private void moment(Mp4Writer out, Cut.Moment moment, FrameReader reader) throws MediaTrouble {
        double from = moment.atS() - Cut.LEAD_S;
        run(out, moment, reader, from, Cut.LEAD_S + Cut.AFTER_S, 1, moment.words());
        sound(out, moment, from, Cut.LEAD_S + Cut.AFTER_S);
        double slowS = SLOW_AROUND_S / SLOW;
        run(out, moment, reader, moment.atS() - SLOW_AROUND_S, slowS, SLOW, moment.words());
        silence(out, slowS);
        hold(out, drawn(reader, frameAt(moment, moment.atS()), moment.words()), HELD_S);
        run(out, moment, reader, moment.atS(), slowS, SLOW, moment.words());
        silence(out, slowS);
    }

    private void run(
            Mp4Writer out,
            Cut.Moment moment,
            FrameReader reader,
            double fromS,
            double lastsS,
            double speed,
            List<String> words)
            throws MediaTrouble {
        int count = (int) Math.round(lastsS * FPS);
        int shown = -1;
        int[] pixels = {};
        for (int i = 0; i < count; i++) {
            int frame = frameAt(moment, fromS + i * speed / FPS);
            // Where it runs slowly most pictures stand there for several of the cut's.
            if (frame != shown) {
                pixels = drawn(reader, frame, words);
                shown = frame;
            }
            out.picture(pixels);
            step(1.0 / FPS);
        }
    }

    private static int frameAt(Cut.Moment moment, double atS) {
        return moment.film().times().frameAt(atS);
    }

    private int[] drawn(FrameReader reader, int frame, List<String> words) {
        Optional<FilmPicture> picture = reader.picture(frame, canvas.width(), canvas.height());
        return canvas.film(picture, words);
    }

    private void hold(Mp4Writer out, int[] pixels, double lastsS) throws MediaTrouble {
        int count = (int) Math.round(lastsS * FPS);
        for (int i = 0; i < count; i++) {
            out.picture(pixels);
            step(1.0 / FPS);
        }
        silence(out, (double) count / FPS);
    }

    private void step(double seconds) throws MediaTrouble {
        doneS += seconds;
        if (!progress.at(Math.clamp(doneS / whole, 0.0, 1.0))) {
            throw new MediaTrouble("The cut was stopped. Nothing was written.");
        }
    }

    private static void sound(Mp4Writer out, Cut.Moment moment, double fromS, double lastsS) throws MediaTrouble {
        short[] part = new short[(int) Math.round(lastsS * FPS) * Mp4Writer.SOUND_RATE / FPS];
        Optional<SoundReader> made = moment.film().sound(Mp4Writer.SOUND_RATE, 1);
        if (made.isPresent()) {
            try (SoundReader reader = made.get()) {
                // Before the film begins there is nothing to hear.
                int early = Math.clamp(Math.round(-fromS * Mp4Writer.SOUND_RATE), 0, part.length);
                reader.seek(Math.max(0, fromS));
                short[] heard = new short[part.length - early];
                int count = reader.read(heard);
                System.arraycopy(heard, 0, part, early, count);
            }
        }
        out.sound(part, part.length);
    }

    private static void silence(Mp4Writer out, double lastsS) throws MediaTrouble {
        short[] part = new short[(int) Math.round(lastsS * FPS) * Mp4Writer.SOUND_RATE / FPS];
        Arrays.fill(part, (short) 0);
        out.sound(part, part.length);
    }
}
