package onebeat.formats.hearing;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import onebeat.formats.hearing.PadSounds.Surface;

/// The hits that ship as clips: three for each surface, made by `PadClipMaker`, not recorded. No number of the
/// hearing was set on them.
public final class PadClips {

    private static final int OF_EACH = 3;
    private static final double SPREAD_DB = 2.5;

    private final Map<Surface, List<Samples>> clips;

    /// Reads the clips.
    ///
    /// @throws UncheckedIOException if one is not shipped: a fault of the build
    public PadClips() {
        this(shipped());
    }

    /// Other clips.
    ///
    /// @param clips some for each surface
    public PadClips(Map<Surface, List<Samples>> clips) {
        this.clips = new EnumMap<>(clips);
    }

    private static Map<Surface, List<Samples>> shipped() {
        Map<Surface, List<Samples>> all = new EnumMap<>(Surface.class);
        for (Surface surface : Surface.values()) {
            List<Samples> some = new ArrayList<>();
            for (int i = 1; i <= OF_EACH; i++) {
                some.add(read("pads/" + surface.name().toLowerCase(Locale.ROOT) + "-" + i + ".wav"));
            }
            all.put(surface, some);
        }
        return all;
    }

    private static Samples read(String name) {
        try (InputStream in = PadClips.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IOException("sound not shipped: " + name);
            }
            try (AudioInputStream sound = AudioSystem.getAudioInputStream(new BufferedInputStream(in))) {
                ByteBuffer bytes = ByteBuffer.wrap(sound.readAllBytes()).order(ByteOrder.LITTLE_ENDIAN);
                float[] values = new float[bytes.remaining() / 2];
                for (int i = 0; i < values.length; i++) {
                    values[i] = bytes.getShort() / 32_768f;
                }
                return new Samples(Math.round(sound.getFormat().getSampleRate()), values);
            }
        } catch (UnsupportedAudioFileException e) {
            throw new UncheckedIOException(new IOException(name, e));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /// One hit; no two are as loud or as high.
    public Samples hit(Surface on, int rate, Random random) {
        List<Samples> some = Objects.requireNonNull(clips.get(on));
        Samples clip = some.get(random.nextInt(some.size()));
        double pitch = 0.85 + 0.3 * random.nextDouble();
        Samples struck = new Samples((int) Math.round(clip.rate() * pitch), clip.values()).at(rate, rate);
        double loud = on.loudness() * Math.pow(10, SPREAD_DB * random.nextGaussian() / 20);
        Samples heard = Samples.silence(rate, struck.seconds());
        heard.lay(struck, 0, LOUD * loud);
        return heard;
    }

    private static final double LOUD = 0.4;
}
