package onebeat.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import onebeat.core.camp.Camp;
import onebeat.formats.book.BookOut;
import onebeat.formats.film.FilmOutFiles;
import onebeat.formats.film.ReelTable;
import onebeat.formats.out.OutFiles;
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

    @Option(
            names = "--overwrite",
            description = "Replace files of these names that One Beat did not write, or that were changed since.")
    private boolean overwrite;

    @Parameters(paramLabel = "CAMP", description = "A camp file.")
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private Path file;

    @Override
    public Integer call() {
        return switch (CampFile.read(file)) {
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
        List<String> written = new ArrayList<>();
        OutFiles.Taken taken = overwrite ? OutFiles.Taken.REPLACE : OutFiles.Taken.REFUSE;
        try {
            Files.createDirectories(out);
            FilmOutFiles.write(camp.exchanges().all(), ReelTable.of(camp), out, Outputs.files(), taken, written);
            BookOut.write(camp, out, Outputs.files(), taken, written);
            PrintWriter told = spec.commandLine().getOut();
            told.printf("%s are in %s%n", String.join(", ", written), out);
            told.flush();
            return WRITTEN;
        } catch (IOException e) {
            spec.commandLine().getErr().println(Outputs.failed(written, e));
            return NOT_WRITTEN;
        }
    }
}
