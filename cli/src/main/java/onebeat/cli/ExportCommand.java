package onebeat.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.function.UnaryOperator;
import onebeat.core.camp.Camp;
import onebeat.core.film.Reel;
import onebeat.formats.book.BookOut;
import onebeat.formats.film.FilmCsv;
import onebeat.formats.film.FilmJson;
import onebeat.store.CampFile;
import onebeat.store.Opening;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `export`: a camp in open formats.
@Command(
        name = "export",
        description = "Writes a camp's film and book as CSV and JSON. Exit code 0: written, 2: not a camp, or no room.",
        mixinStandardHelpOptions = true)
final class ExportCommand implements Callable<Integer> {

    private static final int WRITTEN = 0;
    private static final int NOT_WRITTEN = 2;

    @Spec
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private CommandSpec spec;

    @Option(names = "--out", paramLabel = "DIR", description = "Into this folder.", defaultValue = ".")
    private Path out = Path.of(".");

    @Parameters(paramLabel = "CAMP", description = "A camp file.")
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private Path file;

    @Override
    public Integer call() {
        return switch (CampFile.open(file)) {
            case Opening.Refused refused -> {
                spec.commandLine().getErr().println(refused.sentence());
                yield NOT_WRITTEN;
            }
            case Opening.Opened opened -> {
                try (CampFile camp = opened.file()) {
                    yield write(camp.camp());
                }
            }
        };
    }

    private int write(Camp camp) {
        UnaryOperator<String> reelName =
                id -> camp.reels().get(id).map(Reel::name).orElse(id);
        try {
            Files.createDirectories(out);
            try (Writer csv = Files.newBufferedWriter(out.resolve("film.csv"))) {
                FilmCsv.write(csv, camp.exchanges().all(), reelName);
            }
            Files.writeString(
                    out.resolve("film.json"), FilmJson.write(camp.exchanges().all(), reelName));
            String books = String.join(", ", BookOut.write(camp, out));
            PrintWriter told = spec.commandLine().getOut();
            told.printf("film.csv, film.json, %s are in %s%n", books, out);
            told.flush();
            return WRITTEN;
        } catch (IOException e) {
            spec.commandLine().getErr().println("Nothing more was written into " + out + ": " + e.getMessage());
            return NOT_WRITTEN;
        }
    }
}
