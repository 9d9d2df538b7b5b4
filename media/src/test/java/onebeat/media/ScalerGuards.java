package onebeat.media;

import static org.bytedeco.ffmpeg.global.avutil.AV_LOG_QUIET;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_NV12;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P10;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV422P;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUVJ420P;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_get_buffer;
import static org.bytedeco.ffmpeg.global.avutil.av_log_set_level;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.Pointer;

/// Scales pictures of many sizes into memory with guard bytes before and behind it, and tells where a guard was
/// overwritten. A program of its own, since what it looks for ends the process.
final class ScalerGuards {

    private static final int GUARD = 8192;
    private static final byte MARK = (byte) 0xa5;

    /// Small and tall ones, even and odd, and those of phones held upright.
    private static final int[][] KNOWN = {
        {2, 2},
        {8, 2},
        {90, 160},
        {106, 60},
        {170, 96},
        {426, 240},
        {568, 320},
        {360, 640},
        {478, 850},
        {1080, 1920},
        {1, 1},
        {3, 5},
        {8192, 16},
        {8191, 3},
        {16, 8192},
        {4096, 2160},
        {1919, 1079},
    };

    private static final int[] KINDS = {
        AV_PIX_FMT_YUV420P, AV_PIX_FMT_YUVJ420P, AV_PIX_FMT_NV12, AV_PIX_FMT_YUV420P10, AV_PIX_FMT_YUV422P
    };

    private final List<BytePointer> guarded = new ArrayList<>();

    private ScalerGuards() {}

    /// Runs it.
    ///
    /// @param args how many sizes
    public static void main(String[] args) {
        av_log_set_level(AV_LOG_QUIET);
        ScalerGuards guards = new ScalerGuards();
        Random random = new Random(20_270_304);
        int sizes = Integer.parseInt(args[0]);
        for (int i = 0; i < sizes; i++) {
            int width = i < KNOWN.length ? KNOWN[i][0] : 2 + random.nextInt(i % 10 == 0 ? 3000 : 700);
            int height = i < KNOWN.length ? KNOWN[i][1] : 2 + random.nextInt(i % 10 == 0 ? 2000 : 500);
            for (int kind : KINDS) {
                guards.scale(width, height, kind, width, height);
                guards.scale(width, height, kind, 1 + random.nextInt(width), 1 + random.nextInt(height));
            }
        }
        System.out.println("sizes " + sizes);
    }

    private void scale(int width, int height, int kind, int wide, int tall) {
        AVFrame frame = av_frame_alloc();
        frame.format(kind);
        frame.width(width);
        frame.height(height);
        if (av_frame_get_buffer(frame, 0) < 0) {
            throw new IllegalStateException("no memory for a frame of " + width + " by " + height);
        }
        long over;
        try (UprightPicture upright = new UprightPicture(0, this::buffer)) {
            Optional<FilmPicture> picture = upright.of(frame, 0, 0, wide, tall);
            if (picture.isEmpty()) {
                throw new IllegalStateException("no picture of " + width + " by " + height + ", kind " + kind);
            }
            // Its memory goes with it.
            over = guarded.stream().mapToLong(ScalerGuards::overwritten).sum();
        }
        guarded.clear();
        av_frame_free(frame);
        if (over > 0) {
            System.out.printf("%d by %d to %d by %d, kind %d: %d bytes%n", width, height, wide, tall, kind, over);
        }
    }

    private PixelBuffer buffer(int wide, int tall) {
        return new PixelBuffer(wide, tall, size -> {
            BytePointer all = new BytePointer(size + 2 * GUARD);
            Pointer.memset(all, MARK, size + 2 * GUARD);
            guarded.add(all);
            return new BytePointer(all).position(GUARD);
        });
    }

    private static long overwritten(BytePointer all) {
        long end = all.capacity();
        long over = 0;
        for (long i = 0; i < GUARD; i++) {
            over += all.get(i) == MARK ? 0 : 1;
            over += all.get(end - 1 - i) == MARK ? 0 : 1;
        }
        return over;
    }
}
