package onebeat.media;

import static org.bytedeco.ffmpeg.global.avutil.av_frame_clone;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_image_get_buffer_size;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/// Decoded frames, as many as there is room for; what lies farthest from where the film is goes first. They share the
/// decoder's own memory, so keeping one copies nothing.
final class KeptFrames implements AutoCloseable {

    /// A decoded frame.
    record Kept(int frame, AVFrame decoded) {}

    private final long room;
    private final TreeMap<Integer, AVFrame> frames = new TreeMap<>();
    private long bytes;
    private int around;

    /// @param room for so many bytes; at least one frame is kept
    KeptFrames(long room) {
        this.room = room;
    }

    /// The film is here now.
    void around(int frame) {
        around = frame;
    }

    Optional<Kept> get(int frame) {
        return Optional.ofNullable(frames.get(frame)).map(found -> new Kept(frame, found));
    }

    /// The frame that is seen where this one is missing.
    Optional<Kept> nearestTo(int frame) {
        Map.Entry<Integer, AVFrame> before = frames.floorEntry(frame);
        Map.Entry<Integer, AVFrame> found = before == null ? frames.ceilingEntry(frame) : before;
        return Optional.ofNullable(found).map(entry -> new Kept(entry.getKey(), entry.getValue()));
    }

    Kept keep(int frame, AVFrame decoded) {
        AVFrame known = frames.get(frame);
        if (known != null) {
            return new Kept(frame, known);
        }
        AVFrame copy = av_frame_clone(decoded);
        frames.put(frame, copy);
        bytes += size(copy);
        while (bytes > room && frames.size() > 1) {
            drop(farthest(frame));
        }
        return new Kept(frame, copy);
    }

    /// The one that is farthest from where the film is, but never the newest.
    private int farthest(int newest) {
        int first = frames.firstKey();
        int last = frames.lastKey();
        boolean early = around - first >= last - around;
        int farthest = early ? first : last;
        return farthest == newest ? (early ? last : first) : farthest;
    }

    private void drop(int frame) {
        AVFrame gone = frames.remove(frame);
        if (gone != null) {
            bytes -= size(gone);
            av_frame_free(gone);
        }
    }

    private static long size(AVFrame frame) {
        return Math.max(1, av_image_get_buffer_size(frame.format(), frame.width(), frame.height(), 1));
    }

    @Override
    public void close() {
        frames.values().forEach(org.bytedeco.ffmpeg.global.avutil::av_frame_free);
        frames.clear();
        bytes = 0;
    }
}
