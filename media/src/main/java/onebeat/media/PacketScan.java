package onebeat.media;

import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_DISCARD;
import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_FLAG_KEY;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_unref;
import static org.bytedeco.ffmpeg.global.avutil.AV_NOPTS_VALUE;
import static org.bytedeco.ffmpeg.global.avutil.av_q2d;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVStream;

/// Reads through a film without decoding it, to learn when each frame is shown. Nothing else tells that exactly for
/// films of varying rate and for those whose frames are stored in another order than they are seen in.
final class PacketScan {

    private static final double USUAL_FRAME_S = 1 / 30.0;

    /// A frame as it is stored.
    private record Stored(long shown, long read, boolean key) {}

    private PacketScan() {}

    /// Reads through a film.
    ///
    /// @param going is asked now and then whether to go on
    static FrameTimes scan(Container film, int stream, ReadProgress going) throws MediaTrouble {
        film.only(stream);
        List<Stored> all = new ArrayList<>();
        long lastUnits = 0;
        AVStream of = film.stream(stream);
        double unitS = av_q2d(of.time_base());
        double whole = of.duration() > 0 ? of.duration() : 0;
        AVPacket packet = av_packet_alloc();
        try {
            while (film.next(packet)) {
                if (packet.stream_index() == stream && (packet.flags() & AV_PKT_FLAG_DISCARD) == 0) {
                    long read = packet.dts() == AV_NOPTS_VALUE ? packet.pts() : packet.dts();
                    long shown = packet.pts() == AV_NOPTS_VALUE ? read : packet.pts();
                    if (shown != AV_NOPTS_VALUE) {
                        all.add(new Stored(shown, read, (packet.flags() & AV_PKT_FLAG_KEY) != 0));
                        lastUnits = packet.duration();
                    }
                }
                av_packet_unref(packet);
                if (!going.at(whole > 0 && !all.isEmpty() ? Math.clamp(all.getLast().read / whole, 0.0, 1.0) : 0)) {
                    throw new MediaTrouble(Sentences.stopped(film.path()));
                }
            }
        } finally {
            av_packet_free(packet);
        }
        if (all.isEmpty()) {
            throw new MediaTrouble(Sentences.noPicture(film.path()));
        }
        return times(all, unitS, lastUnits * unitS);
    }

    private static FrameTimes times(List<Stored> all, double unitS, double lastS) {
        List<Stored> seen = new ArrayList<>(all);
        seen.sort(Comparator.comparingLong(Stored::shown));
        long[] shown = seen.stream().mapToLong(Stored::shown).distinct().toArray();
        int[] keys = new int[seen.size()];
        long[] read = new long[seen.size()];
        int count = 0;
        for (Stored one : seen) {
            int frame = Arrays.binarySearch(shown, one.shown);
            if (one.key && (count == 0 || keys[count - 1] != frame)) {
                keys[count] = frame;
                read[count] = one.read;
                count++;
            }
        }
        double last = lastS > 0
                ? lastS
                : shown.length > 1 ? (shown[shown.length - 1] - shown[0]) * unitS / (shown.length - 1) : USUAL_FRAME_S;
        return new FrameTimes(shown, Arrays.copyOf(keys, count), Arrays.copyOf(read, count), unitS, last);
    }
}
