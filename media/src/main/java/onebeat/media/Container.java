package onebeat.media;

import static org.bytedeco.ffmpeg.global.avcodec.AVDISCARD_ALL;
import static org.bytedeco.ffmpeg.global.avcodec.AVDISCARD_DEFAULT;
import static org.bytedeco.ffmpeg.global.avcodec.AV_PKT_DATA_DISPLAYMATRIX;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_side_data_get;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_decoder;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_to_context;
import static org.bytedeco.ffmpeg.global.avformat.AVIO_FLAG_READ;
import static org.bytedeco.ffmpeg.global.avformat.AVSEEK_FLAG_BACKWARD;
import static org.bytedeco.ffmpeg.global.avformat.av_find_best_stream;
import static org.bytedeco.ffmpeg.global.avformat.av_read_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_seek_frame;
import static org.bytedeco.ffmpeg.global.avformat.avformat_alloc_context;
import static org.bytedeco.ffmpeg.global.avformat.avformat_close_input;
import static org.bytedeco.ffmpeg.global.avformat.avformat_find_stream_info;
import static org.bytedeco.ffmpeg.global.avformat.avformat_open_input;
import static org.bytedeco.ffmpeg.global.avformat.avio_closep;
import static org.bytedeco.ffmpeg.global.avformat.avio_open2;
import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_AUDIO;
import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_VIDEO;
import static org.bytedeco.ffmpeg.global.avutil.AV_LOG_QUIET;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_free;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_set;
import static org.bytedeco.ffmpeg.global.avutil.av_display_rotation_get;
import static org.bytedeco.ffmpeg.global.avutil.av_log_set_level;

import java.nio.file.Path;
import java.time.Duration;
import java.util.OptionalInt;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVCodecParameters;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avcodec.AVPacketSideData;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.javacpp.IntPointer;

/// A film file as FFmpeg reads it. To be used by one thread.
final class Container implements AutoCloseable {

    private static final long FULL_TURN = 360;
    private static final int QUARTER = 90;

    /// What holds film and sound in one file, by FFmpeg's names. Lists that name other files, pictures by pattern and
    /// descriptions of streams are no part of it.
    static final String CONTAINERS =
            "mov,matroska,avi,mpegts,mpeg,asf,flv,ogg,mxf,dv,ivf,h264,hevc,mpegvideo,m4v,mjpeg";

    /// A disk that answers at all does so long before.
    private static final Duration LIMIT = Duration.ofSeconds(15);

    /// No camera's picture is larger; a spoilt file may claim any size.
    private static final long MOST_PIXELS = 8192L * 8192;

    private final Path path;
    private final NativeReadLimit limit;
    private final AVIOContext input = new AVIOContext(null);
    private final AVFormatContext context;
    private boolean open = true;

    static {
        // What is wrong is told in sentences of ours.
        av_log_set_level(AV_LOG_QUIET);
    }

    /// Opens a file that is there. Nothing but this file is read, whatever it asks for itself: only containers are
    /// taken, no lists of other files, and FFmpeg may open nothing further.
    Container(Path path) throws MediaTrouble {
        this(path, LIMIT);
    }

    /// The same with another limit for each native read.
    Container(Path path, Duration each) throws MediaTrouble {
        this.path = path;
        limit = new NativeReadLimit(each);
        AVDictionary options = new AVDictionary(null);
        try {
            av_dict_set(options, "protocol_whitelist", "file", 0);
            String name = "file:" + path.toAbsolutePath();
            if (avio_open2(input, name, AVIO_FLAG_READ, limit.callback(), options) < 0) {
                throw new MediaTrouble(Sentences.cannotRead(path));
            }
            av_dict_set(options, "protocol_whitelist", "none", 0);
            av_dict_set(options, "format_whitelist", CONTAINERS, 0);
            AVFormatContext made = avformat_alloc_context();
            made.pb(input);
            made.interrupt_callback(limit.callback());
            limit.begin();
            if (avformat_open_input(made, name, null, options) < 0) {
                throw new MediaTrouble(limit.isOver() ? Sentences.tooSlow(path) : Sentences.noFilm(path));
            }
            context = made;
            limit.begin();
            if (avformat_find_stream_info(context, (AVDictionary) null) < 0) {
                avformat_close_input(context);
                throw new MediaTrouble(limit.isOver() ? Sentences.tooSlow(path) : Sentences.noFilm(path));
            }
        } catch (MediaTrouble e) {
            avio_closep(input);
            limit.close();
            throw e;
        } finally {
            av_dict_free(options);
        }
    }

    Path path() {
        return path;
    }

    OptionalInt picture() {
        return best(AVMEDIA_TYPE_VIDEO);
    }

    OptionalInt sound() {
        return best(AVMEDIA_TYPE_AUDIO);
    }

    private OptionalInt best(int kind) {
        int found = av_find_best_stream(context, kind, -1, -1, (AVCodec) null, 0);
        return found < 0 ? OptionalInt.empty() : OptionalInt.of(found);
    }

    AVStream stream(int number) {
        return context.streams(number);
    }

    /// Only this stream is read from here on.
    void only(int number) {
        for (int i = 0; i < context.nb_streams(); i++) {
            context.streams(i).discard(i == number ? AVDISCARD_DEFAULT : AVDISCARD_ALL);
        }
    }

    /// Reads the next packet, whichever stream it is of.
    ///
    /// @return whether there was one
    boolean next(AVPacket packet) {
        limit.begin();
        return av_read_frame(context, packet) >= 0;
    }

    /// Goes to a time of a stream, or a little before.
    ///
    /// @param units in the stream's own time
    boolean seek(int stream, long units) {
        limit.begin();
        return av_seek_frame(context, stream, units, AVSEEK_FLAG_BACKWARD) >= 0;
    }

    /// A decoder for a stream, to be freed with [#free].
    AVCodecContext decoder(int number) throws MediaTrouble {
        AVCodecParameters parameters = stream(number).codecpar();
        AVCodec codec = avcodec_find_decoder(parameters.codec_id());
        AVCodecContext decoder = codec == null ? null : avcodec_alloc_context3(codec);
        if (decoder == null) {
            throw new MediaTrouble(Sentences.noDecoder(path));
        }
        avcodec_parameters_to_context(decoder, parameters);
        decoder.pkt_timebase(stream(number).time_base());
        decoder.thread_count(0);
        decoder.max_pixels(MOST_PIXELS);
        if (avcodec_open2(decoder, codec, (AVDictionary) null) < 0) {
            free(decoder);
            throw new MediaTrouble(Sentences.noDecoder(path));
        }
        return decoder;
    }

    static void free(AVCodecContext decoder) {
        avcodec_free_context(decoder);
    }

    /// By how much the picture is turned clockwise to stand upright, in degrees.
    int rotation(int number) {
        AVCodecParameters parameters = stream(number).codecpar();
        AVPacketSideData data = av_packet_side_data_get(
                parameters.coded_side_data(), parameters.nb_coded_side_data(), AV_PKT_DATA_DISPLAYMATRIX);
        if (data == null || data.isNull()) {
            return 0;
        }
        double turned = av_display_rotation_get(new IntPointer(data.data()));
        return Double.isNaN(turned) ? 0 : (int) Math.floorMod(QUARTER * Math.round(-turned / QUARTER), FULL_TURN);
    }

    @Override
    public void close() {
        if (open) {
            open = false;
            avformat_close_input(context);
            avio_closep(input);
            limit.close();
        }
    }
}
