package onebeat.soak;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.bytedeco.javacpp.Loader;

/// Films of any width and height, each shown by a program of its own: what is spoilt in native memory ends a process.
final class FilmSizes implements Part {

    private static final long PATIENCE_S = 60;
    private static final int[][] KNOWN = {
        {170, 96}, {2, 2}, {8, 2}, {90, 160}, {106, 60}, {426, 240}, {568, 320}, {360, 640}, {478, 850}, {1080, 1920}
    };
    private static final List<String> CODECS = List.of("mpeg4", "mjpeg", "ffv1");

    private final Path folder;
    private final String ffmpeg = Loader.load(org.bytedeco.ffmpeg.ffmpeg.class);

    FilmSizes(Path folder) {
        this.folder = folder;
    }

    @Override
    public String name() {
        return "film-sizes";
    }

    @Override
    public int usually() {
        return 60;
    }

    @Override
    public void attempt(long seed) throws Exception {
        Random random = new Random(seed);
        int known = (int) Math.floorMod(seed - 1, 4L * KNOWN.length);
        int width = known < KNOWN.length ? KNOWN[known][0] : 2 * (1 + random.nextInt(700));
        int height = known < KNOWN.length ? KNOWN[known][1] : 2 * (1 + random.nextInt(500));
        Path film = folder.resolve("size.mkv");
        Path png = folder.resolve("size.png");
        Files.deleteIfExists(png);
        String size = width + "x" + height;
        String source = "testsrc=size=" + size + ":rate=25:duration=0.4";
        String codec = CODECS.get(random.nextInt(CODECS.size()));
        Part.must(
                run(
                                ffmpeg,
                                "-loglevel",
                                "error",
                                "-y",
                                "-f",
                                "lavfi",
                                "-i",
                                source,
                                "-pix_fmt",
                                codec.equals("mjpeg") ? "yuvj420p" : "yuv420p",
                                "-c:v",
                                codec,
                                film.toString())
                        == 0,
                "no film of " + size + " by " + codec + " to try it with");
        int code = run(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "--enable-native-access=ALL-UNNAMED",
                "-Donebeat.folder=" + System.getProperty("onebeat.folder"),
                "-cp",
                System.getProperty("java.class.path"),
                "onebeat.cli.Main",
                "film",
                film.toString(),
                "--frame",
                "1",
                "--png",
                png.toString());
        Part.must(code == 0 && Files.size(png) > 0, size + " by " + codec + " ends with " + code);
    }

    private static int run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        if (!process.waitFor(PATIENCE_S, TimeUnit.SECONDS)) {
            process.destroyForcibly();
            throw new IllegalStateException("no answer in " + PATIENCE_S + " s");
        }
        return process.exitValue();
    }
}
