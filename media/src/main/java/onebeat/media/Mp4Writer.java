package onebeat.media;

import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_FLAG_GLOBAL_HEADER;
import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_ID_AAC;
import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_ID_MPEG4;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_rescale_ts;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_encoder;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_encoder_by_name;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_from_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_packet;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_frame;
import static org.bytedeco.ffmpeg.global.avformat.AVIO_FLAG_WRITE;
import static org.bytedeco.ffmpeg.global.avformat.av_interleaved_write_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_write_trailer;
import static org.bytedeco.ffmpeg.global.avformat.avformat_alloc_output_context2;
import static org.bytedeco.ffmpeg.global.avformat.avformat_free_context;
import static org.bytedeco.ffmpeg.global.avformat.avformat_new_stream;
import static org.bytedeco.ffmpeg.global.avformat.avformat_write_header;
import static org.bytedeco.ffmpeg.global.avformat.avio_closep;
import static org.bytedeco.ffmpeg.global.avformat.avio_open;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_BGRA;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P;
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_FLTP;
import static org.bytedeco.ffmpeg.global.avutil.av_channel_layout_default;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_get_buffer;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_make_writable;
import static org.bytedeco.ffmpeg.global.swscale.SWS_FAST_BILINEAR;
import static org.bytedeco.ffmpeg.global.swscale.sws_freeContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_scale;

import java.nio.file.Path;
import java.util.Arrays;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avformat.AVOutputFormat;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.avutil.AVRational;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.ffmpeg.swscale.SwsFilter;
import org.bytedeco.javacpp.DoublePointer;
import org.bytedeco.javacpp.FloatPointer;
import org.jspecify.annotations.Nullable;

/// Writes pictures and sound as an MP4 file: H.264 where an encoder for it is there, MPEG-4 otherwise, and AAC. To be
/// used by one thread.
final class Mp4Writer implements AutoCloseable {

    static final int SOUND_RATE = 48_000;

    private static final double BITS_PER_PIXEL = 0.12;
    private static final int SOUND_BITS = 96_000;

    private final int height;
    private final AVFormatContext file = new AVFormatContext(null);
    private final AVCodecContext picture;
    private final AVCodecContext sound;
    private final AVStream pictures;
    private final AVStream sounds;
    private final AVPacket packet = av_packet_alloc();
    private final AVFrame frame = av_frame_alloc();
    private final AVFrame heard = av_frame_alloc();
    private final SwsContext scaler;
    private final PixelBuffer pixels;
    private final float[] waiting;
    private int waits;
    private long frames;
    private long samples;
    private boolean ended;

    /// @param width even, in pixels
    /// @param height even, in pixels
    /// @param fps pictures a second
    Mp4Writer(Path path, int width, int height, int fps) throws MediaTrouble {
        this(path, width, height, fps, SOUND_BITS);
    }

    /// The same with so many bits of sound a second.
    Mp4Writer(Path path, int width, int height, int fps, int soundBits) throws MediaTrouble {
        this.height = height;
        must(avformat_alloc_output_context2(file, (AVOutputFormat) null, "mp4", path.toString()), path);
        AVCodec h264 = avcodec_find_encoder_by_name("libopenh264");
        AVCodec coder = h264 == null ? avcodec_find_encoder(AV_CODEC_ID_MPEG4) : h264;
        picture = avcodec_alloc_context3(coder);
        picture.width(width);
        picture.height(height);
        picture.pix_fmt(AV_PIX_FMT_YUV420P);
        picture.time_base(rational(1, fps));
        picture.framerate(rational(fps, 1));
        picture.bit_rate((long) (width * height * fps * BITS_PER_PIXEL));
        picture.gop_size(fps);
        pictures = opened(picture, coder, path);
        AVCodec aac = avcodec_find_encoder(AV_CODEC_ID_AAC);
        sound = avcodec_alloc_context3(aac);
        sound.sample_fmt(AV_SAMPLE_FMT_FLTP);
        sound.sample_rate(SOUND_RATE);
        av_channel_layout_default(sound.ch_layout(), 1);
        sound.bit_rate(soundBits);
        sound.time_base(rational(1, SOUND_RATE));
        sounds = opened(sound, aac, path);
        AVIOContext out = new AVIOContext(null);
        must(avio_open(out, "file:" + path.toAbsolutePath(), AVIO_FLAG_WRITE), path);
        file.pb(out);
        must(avformat_write_header(file, (AVDictionary) null), path);
        frame.format(AV_PIX_FMT_YUV420P);
        frame.width(width);
        frame.height(height);
        must(av_frame_get_buffer(frame, 0), path);
        waiting = new float[sound.frame_size()];
        heard.format(AV_SAMPLE_FMT_FLTP);
        heard.sample_rate(SOUND_RATE);
        heard.nb_samples(waiting.length);
        av_channel_layout_default(heard.ch_layout(), 1);
        must(av_frame_get_buffer(heard, 0), path);
        scaler = sws_getContext(
                width,
                height,
                AV_PIX_FMT_BGRA,
                width,
                height,
                AV_PIX_FMT_YUV420P,
                SWS_FAST_BILINEAR,
                (SwsFilter) null,
                (SwsFilter) null,
                (DoublePointer) null);
        pixels = new PixelBuffer(width, height);
    }

    private static AVRational rational(int top, int bottom) {
        return new AVRational().num(top).den(bottom);
    }

    private AVStream opened(AVCodecContext coder, AVCodec by, Path path) throws MediaTrouble {
        coder.flags(coder.flags() | AV_CODEC_FLAG_GLOBAL_HEADER);
        must(avcodec_open2(coder, by, (AVDictionary) null), path);
        AVStream stream = avformat_new_stream(file, null);
        avcodec_parameters_from_context(stream.codecpar(), coder);
        stream.time_base(coder.time_base());
        return stream;
    }

    private static void must(int code, Path path) throws MediaTrouble {
        if (code < 0) {
            throw new MediaTrouble(Sentences.cannotWrite(path));
        }
    }

    /// The next picture, row by row from the top, as ARGB.
    void picture(int[] argb) throws MediaTrouble {
        pixels.put(argb);
        av_frame_make_writable(frame);
        sws_scale(scaler, pixels.planes(), pixels.strides(), 0, height, frame.data(), frame.linesize());
        frame.pts(frames++);
        code(picture, frame, pictures);
    }

    /// The next samples, one ear.
    void sound(short[] part, int count) throws MediaTrouble {
        for (int i = 0; i < count; i++) {
            waiting[waits++] = part[i] / (float) Short.MAX_VALUE;
            if (waits == waiting.length) {
                sound();
            }
        }
    }

    private void sound() throws MediaTrouble {
        av_frame_make_writable(heard);
        new FloatPointer(heard.data(0)).put(waiting, 0, waiting.length);
        heard.pts(samples);
        samples += waiting.length;
        waits = 0;
        code(sound, heard, sounds);
    }

    /// Codes a frame, or what is left where there is none.
    private void code(AVCodecContext coder, @Nullable AVFrame what, AVStream to) throws MediaTrouble {
        if (avcodec_send_frame(coder, what) < 0) {
            throw new MediaTrouble(Sentences.CODER);
        }
        while (avcodec_receive_packet(coder, packet) >= 0) {
            av_packet_rescale_ts(packet, coder.time_base(), to.time_base());
            packet.stream_index(to.index());
            if (av_interleaved_write_frame(file, packet) < 0) {
                throw new MediaTrouble(Sentences.NO_ROOM);
            }
        }
    }

    /// Ends the film: what was coded and not written yet is written.
    void end() throws MediaTrouble {
        if (waits > 0) {
            Arrays.fill(waiting, waits, waiting.length, 0);
            sound();
        }
        code(picture, null, pictures);
        code(sound, null, sounds);
        ended = av_write_trailer(file) >= 0;
        if (!ended) {
            throw new MediaTrouble(Sentences.NO_ROOM);
        }
    }

    @Override
    public void close() {
        sws_freeContext(scaler);
        pixels.close();
        av_frame_free(frame);
        av_frame_free(heard);
        av_packet_free(packet);
        avcodec_free_context(picture);
        avcodec_free_context(sound);
        if (file.pb() != null) {
            avio_closep(file.pb());
        }
        avformat_free_context(file);
    }
}
