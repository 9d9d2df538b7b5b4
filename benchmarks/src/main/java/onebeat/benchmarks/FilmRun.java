package onebeat.benchmarks;

import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_unref;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_decoder;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_to_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_frame;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_packet;
import static org.bytedeco.ffmpeg.global.avformat.av_read_frame;
import static org.bytedeco.ffmpeg.global.avformat.avformat_close_input;
import static org.bytedeco.ffmpeg.global.avformat.avformat_find_stream_info;
import static org.bytedeco.ffmpeg.global.avformat.avformat_open_input;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_unref;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import onebeat.formats.out.OutFiles;
import onebeat.media.Cut;
import onebeat.media.CutWriter;
import onebeat.media.FilmFile;
import onebeat.media.FilmOpening;
import onebeat.media.FrameReader;
import onebeat.media.ReadProgress;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.ffmpeg;
import org.bytedeco.javacpp.Loader;

/// Film: decoding beside the plain decoder, steps back, cold jumps, a cut beside its own length, and memory.
final class FilmRun {

    private static final int SECONDS = 20;
    private static final int FPS = 30;
    private static final int JUMPS = 60;
    private static final int STEPS = 30;
    private static final int EXCHANGES = 20;
    private static final long KEPT = 96L << 20;
    private static final int WIDE = 960;
    private static final int TALL = 540;
    private static final double MS = 1e6;

    private FilmRun() {}

    static void print() throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("onebeat-film");
        try {
            Path small = made(folder.resolve("hd.mp4"), "1280x720", SECONDS, FPS);
            Path large = made(folder.resolve("full-hd.mp4"), "1920x1080", 3 * SECONDS, FPS);
            Path hour = made(folder.resolve("hour.mp4"), "320x180", 3600, 10);
            System.out.printf(Locale.ROOT, "%n%-44s %10s %12s%n", "film", "", "bound");
            memory(film(hour), "an hour");
            memory(film(large), "1920x1080");
            decoding(film(small));
            stepsBack(film(small));
            jumps(film(large));
            cut(film(small), folder);
        } finally {
            try (Stream<Path> all = Files.list(folder)) {
                for (Path one : all.toList()) {
                    Files.delete(one);
                }
            }
            Files.delete(folder);
        }
    }

    /// A film of a moving test picture.
    private static Path made(Path to, String size, int seconds, int fps) throws IOException, InterruptedException {
        String program = Loader.load(ffmpeg.class);
        String picture = "testsrc2=s=" + size + ":r=" + fps + ":d=" + seconds;
        Process process = new ProcessBuilder(
                        program,
                        "-loglevel",
                        "error",
                        "-y",
                        "-f",
                        "lavfi",
                        "-i",
                        picture,
                        "-c:v",
                        "libopenh264",
                        "-g",
                        "60",
                        "-b:v",
                        "4M",
                        "-pix_fmt",
                        "yuv420p",
                        to.toString())
                .inheritIO()
                .start();
        if (process.waitFor() != 0) {
            throw new IOException("no film was made");
        }
        return to;
    }

    private static FilmFile film(Path path) {
        return switch (FilmFile.open(path)) {
            case FilmOpening.Opened(FilmFile film) -> film;
            case FilmOpening.Refused(String sentence) -> throw new IllegalStateException(sentence);
        };
    }

    private static void row(String what, double value, String bound) {
        System.out.printf(Locale.ROOT, "%-44s %10.2f %12s%n", what, value, bound);
    }

    private static void decoding(FilmFile film) {
        double plain = Double.MAX_VALUE;
        double ours = Double.MAX_VALUE;
        for (int turn = 0; turn < 3; turn++) {
            long begun = System.nanoTime();
            int frames = plain(film.path());
            plain = Math.min(plain, (System.nanoTime() - begun) / MS);
            begun = System.nanoTime();
            try (FrameReader reader = film.frames(0).orElseThrow()) {
                reader.prepare(frames, frames, ReadProgress.NONE);
            }
            ours = Math.min(ours, (System.nanoTime() - begun) / MS);
        }
        row("1280x720, frames a second", film.info().frames() / ours * 1000, "");
        row("decode rate to the plain decoder's", plain / ours, ">= 0.8");
        PerformanceTable.row("film decoded, 1280x720", "ms", ours, "plain FFmpeg decoder", plain, "<= 1.25");
    }

    private static int plain(Path path) {
        AVFormatContext context = new AVFormatContext(null);
        avformat_open_input(context, path.toString(), null, null);
        avformat_find_stream_info(context, (AVDictionary) null);
        AVCodec codec = avcodec_find_decoder(context.streams(0).codecpar().codec_id());
        AVCodecContext decoder = avcodec_alloc_context3(codec);
        avcodec_parameters_to_context(decoder, context.streams(0).codecpar());
        decoder.thread_count(0);
        avcodec_open2(decoder, codec, (AVDictionary) null);
        AVPacket packet = av_packet_alloc();
        AVFrame frame = av_frame_alloc();
        int count = 0;
        boolean more = true;
        while (more) {
            more = av_read_frame(context, packet) >= 0;
            avcodec_send_packet(decoder, more ? packet : null);
            while (avcodec_receive_frame(decoder, frame) >= 0) {
                count++;
                av_frame_unref(frame);
            }
            av_packet_unref(packet);
        }
        av_frame_free(frame);
        av_packet_free(packet);
        avcodec_free_context(decoder);
        avformat_close_input(context);
        return count;
    }

    private static void stepsBack(FilmFile film) {
        List<Double> all = new ArrayList<>();
        try (FrameReader reader = film.frames(KEPT).orElseThrow()) {
            for (int from = 100; from < 500; from += 100) {
                reader.picture(from, WIDE, TALL);
                reader.prepare(from, STEPS, ReadProgress.NONE);
                for (int frame = from - 1; frame > from - STEPS; frame--) {
                    long begun = System.nanoTime();
                    reader.picture(frame, WIDE, TALL);
                    all.add((System.nanoTime() - begun) / MS);
                }
            }
        }
        row("step back in a cached second, 95 %, ms", percent95(all), "< 16.7");
    }

    private static void jumps(FilmFile film) {
        List<Double> all = new ArrayList<>();
        Random random = new Random(1);
        try (FrameReader reader = film.frames(0).orElseThrow()) {
            for (int i = 0; i < JUMPS; i++) {
                int frame = random.nextInt(film.info().frames());
                long begun = System.nanoTime();
                reader.picture(frame, WIDE, TALL);
                all.add((System.nanoTime() - begun) / MS);
            }
        }
        row("cold jump in 1920x1080, 95 %, ms", percent95(all), "< 250");
    }

    private static double percent95(List<Double> all) {
        double[] sorted = all.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        return sorted[(int) Math.ceil(0.95 * sorted.length) - 1];
    }

    private static void cut(FilmFile film, Path folder) {
        Cut cut = new Cut(
                List.of("A habit", "12 of 15"),
                IntStream.range(0, EXCHANGES)
                        .mapToObj(i -> new Cut.Moment(film, 1 + i * 0.9, List.of("Jab; Noor parries", "round 1")))
                        .toList());
        long begun = System.nanoTime();
        CutWriter.Result result = CutWriter.write(
                cut,
                folder.resolve("cut.mp4"),
                new OutFiles(folder.resolve("written")),
                OutFiles.Taken.REPLACE,
                ReadProgress.NONE);
        if (result instanceof CutWriter.NotWritten(String sentence)) {
            throw new IllegalStateException(sentence);
        }
        row("cut of 20 exchanges to its own length", (System.nanoTime() - begun) / 1e9 / CutWriter.seconds(cut), "< 1");
    }

    /// What an open film adds to the process, with all that may be kept of it. Pictures that nobody needs any
    /// more are collected before both readings.
    private static void memory(FilmFile film, String what) throws IOException {
        System.gc();
        long bareKb = residentKb();
        try (FrameReader reader = film.frames(KEPT).orElseThrow()) {
            int apart = Math.max(1, film.info().frames() / 300);
            for (int i = 0; i < 300; i++) {
                reader.picture(i * apart, WIDE, TALL);
            }
            System.gc();
            row("memory over none, " + what + ", MB", (residentKb() - bareKb) / 1024.0, "<= 300");
        }
    }

    private static long residentKb() throws IOException {
        Path status = Path.of("/proc/self/status");
        if (!Files.exists(status)) {
            return 0;
        }
        return Files.readAllLines(status).stream()
                .filter(line -> line.startsWith("VmRSS:"))
                .map(line -> Arrays.stream(line.split("\\s+")).toList().get(1))
                .mapToLong(Long::parseLong)
                .findFirst()
                .orElse(0);
    }
}
