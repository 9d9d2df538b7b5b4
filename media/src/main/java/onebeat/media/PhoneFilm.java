package onebeat.media;

import java.io.IOException;
import java.nio.file.Path;

/// Sound as a phone's film keeps it: coded as AAC at a low rate, beside a picture in which nothing is to be seen. To
/// try out how well pad work is heard through it.
public final class PhoneFilm {

    /// Samples a second that are coded.
    public static final int RATE = Mp4Writer.SOUND_RATE;

    private static final int SIDE = 64;
    private static final int FPS = 5;

    private PhoneFilm() {}

    /// Writes a film with this sound.
    ///
    /// @param sound of [#RATE] samples a second, full scale 1
    /// @param bits of sound a second
    /// @throws IOException with a sentence if it cannot be written
    public static void write(Path path, float[] sound, int bits) throws IOException {
        try (Mp4Writer out = new Mp4Writer(path, SIDE, SIDE, FPS, bits)) {
            int[] grey = new int[SIDE * SIDE];
            short[] part = new short[RATE / FPS];
            for (int from = 0; from < sound.length; from += part.length) {
                int count = Math.min(part.length, sound.length - from);
                for (int i = 0; i < count; i++) {
                    part[i] = (short) Math.round(Math.clamp(sound[from + i], -1, 1) * Short.MAX_VALUE);
                }
                out.picture(grey);
                out.sound(part, count);
            }
            out.end();
        } catch (MediaTrouble trouble) {
            throw new IOException(trouble.getMessage(), trouble);
        }
    }
}
