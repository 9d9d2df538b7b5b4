package onebeat.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.core.film.Share;
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
import onebeat.formats.film.Subtitles;
import onebeat.formats.out.OutFiles;
import onebeat.media.Cut;
import onebeat.media.CutWriter;
import onebeat.media.FilmOpening;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/// `cut`: the exchanges of a film, or those of one habit, as one short film with words, and as subtitles.
@Command(
        name = "cut",
        description =
                "Cuts the logged exchanges of a film into one. Exit code 0: written, 2: nothing to cut, or not written.",
        mixinStandardHelpOptions = true)
final class CutCommand implements Callable<Integer> {

    private static final int WRITTEN = 0;
    private static final int NOT_WRITTEN = 2;
    private static final String ARROW = "->";
    private static final int PERCENT = 100;

    @Spec
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private CommandSpec spec;

    @Option(names = "--film", paramLabel = "FILE", required = true, description = "A film file.")
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private Path film;

    @Option(names = "--log", paramLabel = "FILM", required = true, description = "Its film log, CSV or JSON.")
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private Path log;

    @Option(names = "--reel", paramLabel = "NAME", description = "The reel of the log that the film file is.")
    private String reel = "";

    @Option(names = "--subject", paramLabel = "NAME", description = "Only what studies this one.")
    private String subject = "";

    @Option(
            names = "--habit",
            paramLabel = "HABIT",
            description = "Only what belongs to this habit, such as \"3 -> lean\".")
    private String habit = "";

    @Option(names = "--out", paramLabel = "CUT", required = true, description = "Write the cut here, an MP4 file.")
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private Path out;

    @Option(names = "--vtt", paramLabel = "FILE", description = "Write the words of the whole film as WebVTT.")
    private @Nullable Path vtt;

    @Option(names = "--srt", paramLabel = "FILE", description = "Write the words of the whole film as SRT.")
    private @Nullable Path srt;

    @Option(names = "--overwrite", description = "Replace files of these names that One Beat did not write.")
    private boolean overwrite;

    @Override
    public Integer call() {
        FilmCsv.Film all;
        switch (FilmFile.read(log, Vocabulary.standard(), _ -> true)) {
            case FilmFile.Log read -> all = read.film();
            case FilmFile.NoLog no -> {
                return refuse(no.sentence());
            }
        }
        FilmCsv.Film own = subject.isEmpty() ? all : all.of(subject);
        if (subject.isEmpty() && own.subjects().size() > 1) {
            return refuse(log + " mixes film of " + String.join(", ", own.subjects()) + ". Choose one with --subject.");
        }
        Optional<String> name = reelOf(own);
        if (name.isEmpty()) {
            return refuse("Which reel of " + log + " is " + film + "? Say it with --reel. There are: "
                    + own.exchanges().stream().map(Exchange::reelId).distinct().collect(Collectors.joining(", ")));
        }
        return switch (opening()) {
            case FilmOpening.Refused(String sentence) -> refuse(sentence);
            case FilmOpening.Opened(onebeat.media.FilmFile opened) -> cut(opened, own, name.get());
        };
    }

    private FilmOpening opening() {
        try (TerminalProgress told = new TerminalProgress(spec.commandLine().getErr(), "reading")) {
            return onebeat.media.FilmFile.open(film, told);
        }
    }

    private int refuse(String sentence) {
        spec.commandLine().getErr().println(sentence);
        return NOT_WRITTEN;
    }

    /// The reel that the film file is: the one that was named, the one that names it, or the only one.
    private Optional<String> reelOf(FilmCsv.Film own) {
        List<String> names =
                own.exchanges().stream().map(Exchange::reelId).distinct().toList();
        if (!reel.isEmpty()) {
            return names.stream().filter(reel::equals).findFirst();
        }
        String file = String.valueOf(film.getFileName());
        Optional<String> named = own.reels().stream()
                .filter(r -> r.file().endsWith(file))
                .map(Reel::id)
                .filter(names::contains)
                .findFirst();
        return named.isPresent() ? named : names.size() == 1 ? Optional.of(names.getFirst()) : Optional.empty();
    }

    private int cut(onebeat.media.FilmFile opened, FilmCsv.Film own, String name) {
        List<Exchange> chosen = own.exchanges();
        List<String> title = new ArrayList<>();
        if (!habit.isEmpty()) {
            List<Sighting> sightings = Sightings.of(own.exchanges(), Who.PARTNER, Vocabulary.standard());
            String[] parts = habit.split(ARROW, 2);
            if (parts.length < 2) {
                return refuse("--habit is one thing " + ARROW + " another, such as \"3 -> lean\", not " + habit);
            }
            List<Sighting> seen = sightings.stream()
                    .filter(s -> s.stimulus().equals(parts[0].strip()))
                    .toList();
            List<Sighting> of = seen.stream()
                    .filter(s -> s.response().equals(parts[1].strip()))
                    .toList();
            if (of.isEmpty()) {
                return refuse("Nobody answers " + parts[0].strip() + " with " + parts[1].strip() + " in " + log
                        + ". `habits` tells what there is.");
            }
            chosen = of.stream().map(Sighting::exchange).distinct().toList();
            title.add(said(parts[0].strip()) + " → " + said("(" + parts[1].strip() + ")"));
            Share share = Share.of(of.size(), seen.size());
            title.add(String.format(
                    Locale.ROOT,
                    "%d of %d, likely %.0f to %.0f %%",
                    share.n(),
                    share.of(),
                    PERCENT * share.low(),
                    PERCENT * share.high()));
        }
        List<Cut.Moment> moments = chosen.stream()
                .filter(e -> e.reelId().equals(name))
                .map(e -> new Cut.Moment(opened, e.momentS(), words(e)))
                .toList();
        return write(new Cut(title, moments), own, name);
    }

    private static String said(String line) {
        return Notation.read(line) instanceof Read read
                ? Wording.of(Scheme.LEAD_REAR, Stance.ORTHODOX, Stance.ORTHODOX).of(read.line())
                : line;
    }

    private static List<String> words(Exchange exchange) {
        String what = Notation.read(exchange.line()) instanceof Read read
                ? Wording.of(Scheme.LEAD_REAR, exchange.athleteStance(), exchange.partnerStance())
                        .of(read.line())
                : exchange.line();
        long seconds = (long) exchange.timeS();
        return List.of(
                what,
                String.format(
                        Locale.ROOT,
                        "round %d, %d:%02d · %s",
                        exchange.round(),
                        seconds / 60,
                        seconds % 60,
                        exchange.outcome().word()));
    }

    private int write(Cut cut, FilmCsv.Film own, String name) {
        OutFiles.Taken taken = overwrite ? OutFiles.Taken.REPLACE : OutFiles.Taken.REFUSE;
        CutWriter.Result result;
        try (TerminalProgress told = new TerminalProgress(spec.commandLine().getErr(), "cutting")) {
            result = CutWriter.write(cut, out, Outputs.files(), taken, told);
        }
        return switch (result) {
            case CutWriter.NotWritten(String sentence) -> refuse(sentence);
            case CutWriter.Written written -> {
                Optional<String> wrong = subtitles(own, name, taken);
                if (wrong.isPresent()) {
                    yield refuse(wrong.get());
                }
                spec.commandLine()
                        .getOut()
                        .printf(
                                Locale.ROOT,
                                "%d exchanges are in %s, %.0f s%n",
                                cut.moments().size(),
                                written.path(),
                                written.seconds());
                spec.commandLine().getOut().flush();
                yield WRITTEN;
            }
        };
    }

    private Optional<String> subtitles(FilmCsv.Film own, String name, OutFiles.Taken taken) {
        List<Subtitles.Cue> cues = own.exchanges().stream()
                .filter(e -> e.reelId().equals(name))
                .map(e ->
                        new Subtitles.Cue(e.timeS() - Cut.LEAD_S, e.timeS() + Cut.AFTER_S, String.join("\n", words(e))))
                .toList();
        List<String> done = new ArrayList<>(List.of(out.toString()));
        try {
            if (vtt != null) {
                done.add(Outputs.files()
                        .writeText(vtt, Subtitles.vtt(cues), taken)
                        .toString());
            }
            if (srt != null) {
                done.add(Outputs.files()
                        .writeText(srt, Subtitles.srt(cues), taken)
                        .toString());
            }
            return Optional.empty();
        } catch (IOException e) {
            return Optional.of(Outputs.failed(done, e));
        }
    }
}
