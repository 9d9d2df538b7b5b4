package onebeat.cli;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import javax.imageio.ImageIO;
import onebeat.formats.out.OutFiles;
import onebeat.media.FilmFile;
import onebeat.media.FilmInfo;
import onebeat.media.FilmOpening;
import onebeat.media.FilmPicture;
import onebeat.media.FrameReader;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.json.JsonMapper;

/// `film`: what a film file holds, and single frames of it as pictures.
@Command(
        name = "film",
        description = "Tells what a film file holds. Exit code 0: told, 2: no film, or the picture was not written.",
        mixinStandardHelpOptions = true)
final class FilmCommand implements Callable<Integer> {

    private static final int TOLD = 0;
    private static final int NO_FILM = 2;
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    @Spec
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private CommandSpec spec;

    @Option(names = "--json", description = "Write JSON.")
    private boolean json;

    @Option(
            names = "--frame",
            paramLabel = "N",
            description = "This frame, from 0, in the order in which they are seen.")
    private int frame;

    @Option(names = "--png", paramLabel = "OUT", description = "Write the frame as a PNG, upright.")
    private @Nullable Path png;

    @Option(names = "--overwrite", description = "Replace a file of this name that One Beat did not write.")
    private boolean overwrite;

    @Parameters(paramLabel = "FILE", description = "A film file.")
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private Path file;

    @Override
    public Integer call() {
        return switch (opening()) {
            case FilmOpening.Refused(String sentence) -> refuse(sentence);
            case FilmOpening.Opened(FilmFile film) -> {
                Optional<String> wrong = png == null ? Optional.empty() : write(film, png);
                yield wrong.isPresent() ? refuse(wrong.get()) : tell(film.info());
            }
        };
    }

    private FilmOpening opening() {
        try (TerminalProgress told = new TerminalProgress(spec.commandLine().getErr(), "reading")) {
            return FilmFile.open(file, told);
        }
    }

    private int refuse(String sentence) {
        if (json) {
            spec.commandLine().getOut().println(MAPPER.writeValueAsString(Map.of("error", sentence)));
            spec.commandLine().getOut().flush();
        } else {
            spec.commandLine().getErr().println(sentence);
        }
        return NO_FILM;
    }

    private int tell(FilmInfo info) {
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(MAPPER.writeValueAsString(values(info)));
        } else {
            out.printf(
                    Locale.ROOT,
                    "%d by %d pixels, turned by %d, %s%n%d frames in %.3f s, %.3f a second%n%s%n",
                    info.width(),
                    info.height(),
                    info.rotation(),
                    info.codec(),
                    info.frames(),
                    info.seconds(),
                    info.fps(),
                    info.sound()
                            .map(s -> "sound: " + s.rate() + " samples a second, channels: " + s.channels())
                            .orElse("no sound"));
        }
        out.flush();
        return TOLD;
    }

    private static Map<String, @Nullable Object> values(FilmInfo info) {
        Map<String, @Nullable Object> values = new LinkedHashMap<>();
        values.put("width", info.width());
        values.put("height", info.height());
        values.put("rotation", info.rotation());
        values.put("frames", info.frames());
        values.put("seconds", info.seconds());
        values.put("fps", info.fps());
        values.put(
                "sound",
                info.sound()
                        .map(s -> Map.of("rate", s.rate(), "channels", s.channels()))
                        .orElse(null));
        values.put("codec", info.codec());
        return values;
    }

    /// Writes the frame.
    ///
    /// @return what is wrong; empty where it is written
    private Optional<String> write(FilmFile film, Path to) {
        int frames = film.info().frames();
        if (frame < 0 || frame >= frames) {
            return Optional.of(file + " has the frames 0 to " + (frames - 1) + ", and no frame " + frame + ".");
        }
        Optional<FilmPicture> picture = film.frames(0).flatMap(reader -> {
            try (FrameReader open = reader) {
                return open.picture(frame, Integer.MAX_VALUE, Integer.MAX_VALUE);
            }
        });
        if (picture.isEmpty()) {
            return Optional.of("Frame " + frame + " of " + file + " cannot be decoded.");
        }
        try {
            // Coded in memory: the coder keeps its own file otherwise, and ends in a fault where the disk is full.
            ByteArrayOutputStream coded = new ByteArrayOutputStream();
            ImageIO.setUseCache(false);
            ImageIO.write(image(picture.get()), "png", coded);
            Outputs.files().write(to, coded::writeTo, overwrite ? OutFiles.Taken.REPLACE : OutFiles.Taken.REFUSE);
            return Optional.empty();
        } catch (IOException e) {
            return Optional.of(Outputs.failed(List.of(), e));
        }
    }

    private static BufferedImage image(FilmPicture picture) {
        BufferedImage image = new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_INT_RGB);
        image.setRGB(0, 0, picture.width(), picture.height(), picture.argb().array(), 0, picture.width());
        return image;
    }
}
