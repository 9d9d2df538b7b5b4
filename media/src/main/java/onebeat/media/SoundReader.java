package onebeat.media;

import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_unref;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_flush_buffers;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_frame;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_packet;
import static org.bytedeco.ffmpeg.global.avutil.AV_NOPTS_VALUE;
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_S16;
import static org.bytedeco.ffmpeg.global.avutil.av_channel_layout_default;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_unref;
import static org.bytedeco.ffmpeg.global.avutil.av_q2d;
import static org.bytedeco.ffmpeg.global.swresample.swr_alloc_set_opts2;
import static org.bytedeco.ffmpeg.global.swresample.swr_convert;
import static org.bytedeco.ffmpeg.global.swresample.swr_free;
import static org.bytedeco.ffmpeg.global.swresample.swr_get_out_samples;
import static org.bytedeco.ffmpeg.global.swresample.swr_init;

import java.util.Arrays;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avutil.AVChannelLayout;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.swresample.SwrContext;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.PointerPointer;
import org.bytedeco.javacpp.ShortPointer;
import org.jspecify.annotations.Nullable;

/// Reads the sound of a film as 16-bit samples, on the film's own clock: time 0 is its first frame. Where the film has
/// no sound yet there is silence. To be used by one thread.
public final class SoundReader implements AutoCloseable {

    /// Sound is decoded from so long before a place, so that it is right when the place comes, in seconds.
    private static final double LEAD_S = 0.2;

    private final Container container;
    private final int stream;
    private final int rate;
    private final int channels;
    private final double originS;
    private final double unitS;
    private final AVCodecContext decoder;
    private final AVPacket packet = av_packet_alloc();
    private final AVFrame decoded = av_frame_alloc();
    private @Nullable SwrContext converter;
    private @Nullable SoundKind converts;
    private short[] ready = new short[0];
    private int readyAt;

    /// The next sample of the film to be given, counted from time 0.
    private long next;

    private boolean placed;
    private boolean draining;

    /// What a converter is made for.
    private record SoundKind(int format, int rate, int channels) {}

    SoundReader(FilmFile film, int rate, int channels) throws MediaTrouble {
        this.rate = rate;
        this.channels = channels;
        originS = film.times().originS();
        container = new Container(film.path());
        try {
            stream = container.sound().orElseThrow(() -> new MediaTrouble(Sentences.noDecoder(film.path())));
            container.only(stream);
            decoder = container.decoder(stream);
        } catch (MediaTrouble e) {
            container.close();
            throw e;
        }
        unitS = av_q2d(container.stream(stream).time_base());
    }

    /// The samples a second that it gives.
    public int rate() {
        return rate;
    }

    /// Goes to a time of the film, in seconds.
    public void seek(double timeS) {
        next = Math.max(0, Math.round(timeS * rate));
        double from = Math.max(0, timeS - LEAD_S) + originS;
        container.seek(stream, (long) Math.floor(from / unitS));
        avcodec_flush_buffers(decoder);
        dropConverter();
        ready = new short[0];
        readyAt = 0;
        draining = false;
        placed = false;
    }

    /// Gives the next samples, the channels one after the other.
    ///
    /// @return how many shorts were given; less than there was room for only at the film's end
    public int read(short[] into) {
        int given = 0;
        while (given < into.length) {
            if (readyAt == ready.length && !decodeMore()) {
                break;
            }
            int part = Math.min(into.length - given, ready.length - readyAt);
            System.arraycopy(ready, readyAt, into, given, part);
            readyAt += part;
            given += part;
        }
        next += given / channels;
        return given;
    }

    private boolean decodeMore() {
        while (true) {
            if (avcodec_receive_frame(decoder, decoded) >= 0) {
                boolean any = take();
                av_frame_unref(decoded);
                if (any) {
                    return true;
                }
            } else if (draining) {
                return false;
            } else {
                send();
            }
        }
    }

    private void send() {
        boolean ours = false;
        while (!ours && container.next(packet)) {
            ours = packet.stream_index() == stream;
            if (ours) {
                avcodec_send_packet(decoder, packet);
            }
            av_packet_unref(packet);
        }
        if (!ours) {
            draining = true;
            avcodec_send_packet(decoder, (AVPacket) null);
        }
    }

    /// Takes what was decoded; what lies before the wanted place is dropped, and a gap before it is silence.
    private boolean take() {
        short[] samples = converted();
        int from = 0;
        int silence = 0;
        if (!placed && samples.length > 0) {
            long at = decoded.best_effort_timestamp() == AV_NOPTS_VALUE
                    ? next
                    : Math.round((decoded.best_effort_timestamp() * unitS - originS) * rate);
            long early = next - at;
            if (early >= samples.length / channels) {
                return false;
            }
            from = (int) Math.max(0, early) * channels;
            silence = (int) Math.min(MOST_SILENCE_S * rate, Math.max(0, -early)) * channels;
            placed = true;
        }
        short[] whole = new short[silence + samples.length - from];
        System.arraycopy(samples, from, whole, silence, samples.length - from);
        ready = whole;
        readyAt = 0;
        return whole.length > 0;
    }

    /// A sound that begins later than this after the picture is not waited for.
    private static final long MOST_SILENCE_S = 600;

    private short[] converted() {
        SwrContext now = converter();
        if (now == null) {
            return new short[0];
        }
        int most = Math.max(1, swr_get_out_samples(now, decoded.nb_samples()));
        try (ShortPointer out = new ShortPointer((long) most * channels + VECTOR);
                PointerPointer<BytePointer> planes = new PointerPointer<>(1L)) {
            planes.put(0, out);
            int count = swr_convert(now, planes, most, decoded.extended_data(), decoded.nb_samples());
            short[] samples = new short[Math.max(0, count) * channels];
            out.get(samples);
            return samples;
        }
    }

    /// The converter works in whole vectors: behind the last sample there is room for one more.
    private static final int VECTOR = 64;

    /// The converter for what was decoded last. Where a film's sound changes its kind on the way, there is a new one:
    /// the old one would read samples that are not there.
    private @Nullable SwrContext converter() {
        SoundKind kind = new SoundKind(
                decoded.format(), decoded.sample_rate(), decoded.ch_layout().nb_channels());
        if (converter == null || !kind.equals(converts)) {
            dropConverter();
            SwrContext made = new SwrContext(null);
            try (AVChannelLayout layout = new AVChannelLayout()) {
                av_channel_layout_default(layout, channels);
                int code = swr_alloc_set_opts2(
                        made,
                        layout,
                        AV_SAMPLE_FMT_S16,
                        rate,
                        decoded.ch_layout(),
                        decoded.format(),
                        decoded.sample_rate(),
                        0,
                        null);
                if (code < 0 || swr_init(made) < 0) {
                    swr_free(made);
                    return null;
                }
            }
            converter = made;
            converts = kind;
        }
        return converter;
    }

    private void dropConverter() {
        if (converter != null) {
            swr_free(converter);
            converter = null;
        }
    }

    /// The whole sound from here on, at most so long.
    ///
    /// @param mostS in seconds
    public short[] rest(double mostS) {
        short[] all = new short[0];
        short[] part = new short[rate * channels];
        while (all.length < mostS * rate * channels) {
            int count = read(part);
            if (count == 0) {
                break;
            }
            all = Arrays.copyOf(all, all.length + count);
            System.arraycopy(part, 0, all, all.length - count, count);
        }
        return all;
    }

    @Override
    public void close() {
        dropConverter();
        av_frame_free(decoded);
        av_packet_free(packet);
        Container.free(decoder);
        container.close();
    }
}
