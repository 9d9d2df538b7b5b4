package onebeat.media;

import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_unref;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_flush_buffers;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_frame;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_packet;
import static org.bytedeco.ffmpeg.global.avutil.AV_NOPTS_VALUE;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_unref;

import java.util.Optional;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/// Reads single frames of a film, exactly the one that is asked for, and keeps what it decoded on the way as far as it
/// may. To be used by one thread.
public final class FrameReader implements AutoCloseable {

    private final FilmFile film;
    private final Container container;
    private final int stream;
    private final AVCodecContext decoder;
    private final AVPacket packet = av_packet_alloc();
    private final AVFrame decoded = av_frame_alloc();
    private final KeptFrames kept;
    private final UprightPicture upright;

    /// The frame that was decoded last; -1 right after a jump.
    private int last = -1;

    /// Whether what is read on from here is known, so that going on is worth while.
    private boolean placed;

    private boolean draining;

    FrameReader(FilmFile film, long keptBytes) throws MediaTrouble {
        this.film = film;
        container = new Container(film.path());
        try {
            stream = container.picture().orElseThrow(() -> new MediaTrouble(Sentences.noPicture(film.path())));
            container.only(stream);
            decoder = container.decoder(stream);
        } catch (MediaTrouble e) {
            container.close();
            throw e;
        }
        kept = new KeptFrames(keptBytes);
        upright = new UprightPicture(film.info().rotation());
    }

    /// The frame, upright and as large as it fits.
    ///
    /// @param frame from 0; one beyond the ends is the first or the last
    /// @param width that there is room for, in pixels
    /// @param height that there is room for, in pixels
    /// @return empty where the film cannot be read there any more
    public Optional<FilmPicture> picture(int frame, int width, int height) {
        int wanted = Math.clamp(frame, 0, film.times().frames() - 1);
        return read(wanted)
                .flatMap(found ->
                        upright.of(found.decoded(), found.frame(), film.times().timeS(found.frame()), width, height));
    }

    /// Whether showing this frame needs no decoding.
    public boolean isKept(int frame) {
        return kept.get(frame).isPresent();
    }

    /// Decodes what lies before a frame, so that going back from it does not wait.
    ///
    /// @param frames how many
    /// @param going is asked after each frame whether to go on
    public void prepare(int frame, int frames, ReadProgress going) {
        int from = Math.max(0, frame - frames);
        for (int next = from; next < frame; next++) {
            if (!going.at((next - from) / (double) frames) || read(next).isEmpty()) {
                return;
            }
        }
    }

    private Optional<KeptFrames.Kept> read(int wanted) {
        Optional<KeptFrames.Kept> known = kept.get(wanted);
        if (known.isPresent()) {
            return known;
        }
        kept.around(wanted);
        FrameTimes times = film.times();
        int from = times.keyFor(wanted);
        boolean goesOn = placed && last < wanted && times.key(from) <= last + 1;
        if (goesOn) {
            Optional<KeptFrames.Kept> found = decodeTo(wanted);
            if (found.isPresent()) {
                return found;
            }
        }
        // A jump may land late where a film's own list is wrong: then it is tried from farther back.
        for (int back = from; ; back = Math.min(back - 1, back / 2)) {
            jump(back);
            Optional<KeptFrames.Kept> found = decodeTo(wanted);
            if (found.isPresent() || back < 0) {
                return found.or(() -> kept.nearestTo(wanted));
            }
        }
    }

    private void jump(int key) {
        boolean went = container.seek(stream, film.times().keyRead(key));
        avcodec_flush_buffers(decoder);
        draining = false;
        last = -1;
        placed = went;
    }

    /// Decodes on until the frame is there; empty where it was passed by or the film ends before it.
    private Optional<KeptFrames.Kept> decodeTo(int wanted) {
        while (nextDecoded()) {
            long at = decoded.best_effort_timestamp();
            if (at == AV_NOPTS_VALUE) {
                at = decoded.pts();
            }
            int exact = film.times().shownAt(at);
            int frame = exact >= 0 ? exact : film.times().nearestShown(at);
            boolean first = last < 0;
            last = frame;
            KeptFrames.Kept now = kept.keep(frame, decoded);
            av_frame_unref(decoded);
            if (frame == wanted) {
                return Optional.of(now);
            }
            if (frame > wanted) {
                // Where nothing was skipped by a jump, the film has no such frame: the one after it is what is seen.
                return first ? Optional.empty() : Optional.of(now);
            }
        }
        placed = false;
        return Optional.empty();
    }

    private boolean nextDecoded() {
        while (true) {
            if (avcodec_receive_frame(decoder, decoded) >= 0) {
                return true;
            }
            if (draining) {
                return false;
            }
            if (!sendNext()) {
                draining = true;
                avcodec_send_packet(decoder, (AVPacket) null);
            }
        }
    }

    private boolean sendNext() {
        while (container.next(packet)) {
            boolean ours = packet.stream_index() == stream;
            if (ours) {
                // A packet that is spoilt is left out; the frames around it are still seen.
                avcodec_send_packet(decoder, packet);
            }
            av_packet_unref(packet);
            if (ours) {
                return true;
            }
        }
        return false;
    }

    @Override
    public void close() {
        kept.close();
        upright.close();
        av_frame_free(decoded);
        av_packet_free(packet);
        Container.free(decoder);
        container.close();
    }
}
