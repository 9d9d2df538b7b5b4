package onebeat.media;

import static org.bytedeco.ffmpeg.global.avutil.AVCOL_RANGE_JPEG;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_SPC_UNSPECIFIED;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_BGRA;
import static org.bytedeco.ffmpeg.global.swscale.SWS_CS_DEFAULT;
import static org.bytedeco.ffmpeg.global.swscale.SWS_CS_ITU709;
import static org.bytedeco.ffmpeg.global.swscale.SWS_FAST_BILINEAR;
import static org.bytedeco.ffmpeg.global.swscale.sws_freeContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getCachedContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getCoefficients;
import static org.bytedeco.ffmpeg.global.swscale.sws_scale;
import static org.bytedeco.ffmpeg.global.swscale.sws_setColorspaceDetails;

import java.nio.IntBuffer;
import java.util.Optional;
import java.util.function.BiFunction;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.avutil.AVRational;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.ffmpeg.swscale.SwsFilter;
import org.bytedeco.javacpp.DoublePointer;
import org.bytedeco.javacpp.IntPointer;
import org.jspecify.annotations.Nullable;

/// Turns a decoded frame into pixels: scaled into a room, its pixels made square, turned upright.
final class UprightPicture implements AutoCloseable {

    /// Films without a word about their colours are taken for high definition from this height on, as is common
    /// practice.
    private static final int HIGH_DEFINITION = 720;

    /// What `sws_setColorspaceDetails` takes for 1.
    private static final int UNIT = 1 << 16;

    private final int rotation;
    private final BiFunction<Integer, Integer, PixelBuffer> buffers;
    private @Nullable SwsContext scaler;
    private @Nullable PixelBuffer room;

    /// @param rotation clockwise, in degrees
    UprightPicture(int rotation) {
        this(rotation, PixelBuffer::new);
    }

    /// @param buffers gives memory for a picture of so many pixels across and down
    UprightPicture(int rotation, BiFunction<Integer, Integer, PixelBuffer> buffers) {
        this.rotation = rotation;
        this.buffers = buffers;
    }

    /// The picture; empty where its kind of pixels cannot be turned into ours.
    Optional<FilmPicture> of(AVFrame frame, int number, double timeS, int width, int height) {
        boolean side = rotation % 180 != 0;
        double aspect = aspect(frame);
        double fullWidth = frame.width() * Math.max(1, aspect);
        double fullHeight = frame.height() / Math.min(1, aspect);
        double scale = Math.min(1, Math.min((side ? height : width) / fullWidth, (side ? width : height) / fullHeight));
        int wide = Math.max(1, (int) Math.round(fullWidth * scale));
        int tall = Math.max(1, (int) Math.round(fullHeight * scale));
        return scaled(frame, wide, tall)
                .map(stored -> turned(stored, wide, tall, rotation))
                .map(turned ->
                        new FilmPicture(number, timeS, side ? tall : wide, side ? wide : tall, IntBuffer.wrap(turned)));
    }

    /// How much wider than tall a pixel is.
    private static double aspect(AVFrame frame) {
        AVRational ratio = frame.sample_aspect_ratio();
        return ratio.num() > 0 && ratio.den() > 0 ? ratio.num() / (double) ratio.den() : 1;
    }

    private Optional<int[]> scaled(AVFrame frame, int wide, int tall) {
        SwsContext now = sws_getCachedContext(
                scaler,
                frame.width(),
                frame.height(),
                frame.format(),
                wide,
                tall,
                AV_PIX_FMT_BGRA,
                SWS_FAST_BILINEAR,
                (SwsFilter) null,
                (SwsFilter) null,
                (DoublePointer) null);
        if (now == null || now.isNull()) {
            scaler = null;
            return Optional.empty();
        }
        scaler = now;
        colours(now, frame);
        PixelBuffer to = roomFor(wide, tall);
        sws_scale(now, frame.data(), frame.linesize(), 0, frame.height(), to.planes(), to.strides());
        return Optional.of(to.pixels());
    }

    private PixelBuffer roomFor(int wide, int tall) {
        PixelBuffer now = room;
        if (now == null || !now.is(wide, tall)) {
            if (now != null) {
                now.close();
            }
            now = buffers.apply(wide, tall);
            room = now;
        }
        return now;
    }

    private static void colours(SwsContext scaler, AVFrame frame) {
        int space = frame.colorspace();
        int known = space != AVCOL_SPC_UNSPECIFIED
                ? space
                : frame.height() >= HIGH_DEFINITION ? SWS_CS_ITU709 : SWS_CS_DEFAULT;
        IntPointer from = sws_getCoefficients(known);
        IntPointer to = sws_getCoefficients(SWS_CS_DEFAULT);
        int full = frame.color_range() == AVCOL_RANGE_JPEG ? 1 : 0;
        sws_setColorspaceDetails(scaler, from, full, to, 1, 0, UNIT, UNIT);
    }

    private static int[] turned(int[] pixels, int wide, int tall, int rotation) {
        return switch (rotation) {
            case 90 -> quarter(pixels, wide, tall);
            case 180 -> half(pixels);
            case 270 -> half(quarter(pixels, wide, tall));
            default -> pixels;
        };
    }

    private static int[] quarter(int[] pixels, int wide, int tall) {
        int[] turned = new int[pixels.length];
        for (int y = 0; y < tall; y++) {
            for (int x = 0; x < wide; x++) {
                turned[x * tall + tall - 1 - y] = pixels[y * wide + x];
            }
        }
        return turned;
    }

    private static int[] half(int[] pixels) {
        int[] turned = new int[pixels.length];
        for (int i = 0; i < pixels.length; i++) {
            turned[pixels.length - 1 - i] = pixels[i];
        }
        return turned;
    }

    @Override
    public void close() {
        if (scaler != null) {
            sws_freeContext(scaler);
            scaler = null;
        }
        if (room != null) {
            room.close();
            room = null;
        }
    }
}
