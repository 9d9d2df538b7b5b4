package onebeat.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import onebeat.core.film.FollowUps;
import onebeat.core.film.FollowUps.After;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;
import onebeat.formats.film.FilmCsv;
import onebeat.formats.film.FilmFile;
import onebeat.formats.film.HabitsJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `habits`: what somebody does after what, counted over a film file.
@Command(
        name = "habits",
        description =
                "Counts habits over a film file. Exit code 0: counted, 1: some rows were rejected, 2: not a film file.",
        mixinStandardHelpOptions = true)
final class HabitsCommand implements Callable<Integer> {

    private static final int COUNTED = 0;
    private static final int SOME_REJECTED = 1;
    private static final int NO_FILM = 2;

    @Spec
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private CommandSpec spec;

    @Option(names = "--json", description = "Write JSON.")
    private boolean json;

    @Option(names = "--who", description = "Whose habits: ${COMPLETION-CANDIDATES}.", defaultValue = "PARTNER")
    private Who who = Who.PARTNER;

    @Parameters(paramLabel = "FILM", description = "A film log, CSV or JSON.")
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private Path file;

    @Override
    public Integer call() {
        FilmCsv.Film film;
        switch (FilmFile.read(file, Vocabulary.standard(), _ -> true)) {
            case FilmFile.Log log -> film = log.film();
            case FilmFile.NoLog no -> {
                spec.commandLine().getErr().println(no.sentence());
                return NO_FILM;
            }
        }
        List<After> habits = FollowUps.of(film.exchanges(), who, Vocabulary.standard());
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(HabitsJson.of(film, habits));
        } else {
            print(film, habits, out);
        }
        out.flush();
        return film.rejected().isEmpty() ? COUNTED : SOME_REJECTED;
    }

    private static void print(FilmCsv.Film film, List<After> habits, PrintWriter out) {
        out.printf(
                "%d exchanges, %d rows rejected%n",
                film.exchanges().size(), film.rejected().size());
        film.rejected().forEach(r -> out.printf("  line %d, %s: %s%n", r.line(), r.column(), r.reason()));
        for (After after : habits) {
            for (FollowUps.FollowUp next : after.responses()) {
                out.printf(
                        Locale.ROOT,
                        "%-10s -> %-12s %3d of %3d  %3.0f %% (%.0f to %.0f)%n",
                        after.stimulus(),
                        next.response(),
                        next.share().n(),
                        next.share().of(),
                        100 * next.share().share(),
                        100 * next.share().low(),
                        100 * next.share().high());
            }
        }
    }
}
