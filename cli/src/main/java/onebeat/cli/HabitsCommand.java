package onebeat.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import onebeat.core.exchange.Stance;
import onebeat.core.film.FollowUps;
import onebeat.core.film.FollowUps.After;
import onebeat.core.film.Habit;
import onebeat.core.film.Runs;
import onebeat.core.film.Sighting;
import onebeat.core.film.Sightings;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;
import onebeat.core.wording.Scheme;
import onebeat.core.wording.Wording;
import onebeat.formats.film.FilmCsv;
import onebeat.formats.film.FilmFile;
import onebeat.formats.film.HabitsJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
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

    @Option(
            names = "--by",
            paramLabel = "CONTEXT",
            description = "Splits each habit by pairing, range or round where the count allows.")
    private String by = "";

    @Option(
            names = "--subject",
            paramLabel = "NAME",
            description = "Only film that studies this one; needed where a log mixes several.")
    private String subject = "";

    @Option(names = "--runs", description = "Tells what follows two and three things in a row, seen twice or more.")
    private boolean runs;

    @Option(
            names = "--after",
            paramLabel = "WHOSE",
            description = "other: what somebody does after what the other does; own: after their own strike.",
            defaultValue = "other")
    private String after = "other";

    @Parameters(paramLabel = "FILM", description = "A film log, CSV or JSON, or - for standard input.")
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private Path file;

    @Override
    public Integer call() {
        FilmCsv.Film film;
        switch (read()) {
            case FilmFile.Log log -> film = log.film();
            case FilmFile.NoLog no -> {
                spec.commandLine().getErr().println(no.sentence());
                return NO_FILM;
            }
        }
        List<String> subjects = film.subjects();
        if (subject.isEmpty() && subjects.size() > 1) {
            return refuse(file + " mixes film of " + String.join(", ", subjects)
                    + ". What they do would be counted as one. Choose one with --subject.");
        }
        if (!subject.isEmpty()) {
            if (subjects.stream().noneMatch(subject::equalsIgnoreCase)) {
                return refuse(
                        subjects.isEmpty()
                                ? file + " does not tell whom it studies. Leave --subject out."
                                : "Nothing in " + file + " studies " + subject + ". It studies "
                                        + String.join(", ", subjects) + ".");
            }
            film = film.of(subject);
        }
        if (!CONTEXTS.contains(by)) {
            throw new ParameterException(spec.commandLine(), "--by must be pairing, range or round, not " + by);
        }
        if (!List.of("own", "other").contains(after)) {
            throw new ParameterException(spec.commandLine(), "--after must be own or other, not " + after);
        }
        List<Sighting> sightings = after.equals("own")
                ? Sightings.ofOwn(film.exchanges(), who, Vocabulary.standard())
                : Sightings.of(film.exchanges(), who, Vocabulary.standard());
        List<After> habits = FollowUps.of(sightings);
        HabitsJson.HabitDetail detail = new HabitDetail(sightings);
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(HabitsJson.of(film, habits, detail));
        } else {
            print(film, habits, detail, out);
        }
        out.flush();
        return film.rejected().isEmpty() ? COUNTED : SOME_REJECTED;
    }

    private FilmFile.Reading read() {
        return file.toString().equals(StandardLines.STANDARD_INPUT)
                ? FilmFile.read(System.in, "standard input", Vocabulary.standard())
                : FilmFile.read(file, Vocabulary.standard(), _ -> true);
    }

    private int refuse(String sentence) {
        spec.commandLine().getErr().println(sentence);
        return NO_FILM;
    }

    private static final List<String> CONTEXTS = List.of("", "pairing", "range", "round");

    private static final int LONGEST_RUN = 3;

    /// What is looked at beyond the counts.
    private final class HabitDetail implements HabitsJson.HabitDetail {

        private final List<Sighting> sightings;

        HabitDetail(List<Sighting> sightings) {
            this.sightings = sightings;
        }

        @Override
        public Optional<Habit> habit(String stimulus, String response) {
            return Habit.of(sightings, List.of(), stimulus, response);
        }

        @Override
        public String by() {
            return by;
        }

        @Override
        public List<Runs> runs() {
            List<Runs> all = new ArrayList<>();
            for (int length = 2; runs && length <= LONGEST_RUN; length++) {
                Runs.of(sightings, length).stream()
                        .filter(r -> r.share().n() > 1)
                        .forEach(all::add);
            }
            return all;
        }
    }

    private static void writeDetail(Habit habit, String by, PrintWriter out) {
        new TreeMap<>(habit.contexts()).forEach((name, share) -> {
            if (!by.isEmpty() && name.startsWith(by + " ")) {
                out.printf(
                        Locale.ROOT,
                        "    %-22s %3d of %3d  (%.0f to %.0f %%)%n",
                        name.toLowerCase(Locale.ROOT),
                        share.n(),
                        share.of(),
                        100 * share.low(),
                        100 * share.high());
            }
        });
        habit.change()
                .ifPresent(change -> out.printf(
                        Locale.ROOT,
                        "    early %d of %d, late %d of %d (p %.2f)%n",
                        change.here().n(),
                        change.here().of(),
                        change.there().n(),
                        change.there().of(),
                        change.p()));
    }

    /// A habit in words. Who stood how differs from row to row, so sides are told by lead and rear.
    private static String said(String stimulus, String response) {
        Wording wording = Wording.of(Scheme.LEAD_REAR, Stance.ORTHODOX, Stance.ORTHODOX);
        return said(wording, stimulus) + "; "
                + said(wording, "(" + response + ")").toLowerCase(Locale.ROOT);
    }

    private static String said(Wording wording, String line) {
        return Notation.read(line) instanceof Read read ? wording.of(read.line()) : line;
    }

    private static void print(FilmCsv.Film film, List<After> habits, HabitsJson.HabitDetail detail, PrintWriter out) {
        out.printf(
                "%d exchanges, %d rows rejected%n",
                film.exchanges().size(), film.rejected().size());
        film.rejected().forEach(r -> out.printf("  line %d, %s: %s%n", r.line(), r.column(), r.reason()));
        for (After after : habits) {
            for (FollowUps.FollowUp next : after.responses()) {
                out.printf(
                        Locale.ROOT,
                        "%-10s -> %-12s %3d of %3d  %3.0f %% (%.0f to %.0f)  %s%n",
                        after.stimulus(),
                        next.response(),
                        next.share().n(),
                        next.share().of(),
                        100 * next.share().share(),
                        100 * next.share().low(),
                        100 * next.share().high(),
                        said(after.stimulus(), next.response()));
                detail.habit(after.stimulus(), next.response())
                        .ifPresent(habit -> writeDetail(habit, detail.by(), out));
            }
        }
        for (Runs run : detail.runs()) {
            out.printf(
                    "%s -> %s  %d of %d%n",
                    run.words(), run.response(), run.share().n(), run.share().of());
        }
    }
}
