package onebeat.cli;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import onebeat.core.book.OneBeatGap;
import onebeat.core.hearing.HeardRepetition;
import onebeat.core.hearing.HeardTotals;
import onebeat.core.hearing.PlannedRound;
import onebeat.core.hearing.RecordedRound;
import onebeat.core.hearing.Rhythm;
import onebeat.core.notation.Misread;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.review.Context;
import onebeat.formats.hearing.HeardSound;
import onebeat.formats.hearing.HearingJson;
import onebeat.formats.hearing.SoundSource;
import onebeat.formats.hearing.WavSource;
import onebeat.formats.out.IoWords;
import onebeat.formats.sound.RoundWav;
import onebeat.media.FilmFile;
import onebeat.media.FilmOpening;
import onebeat.media.FilmSoundSource;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.json.JsonMapper;

/// `hear`: what is heard in a recording of pad work, alone or held against a round.
@Command(
        name = "hear",
        description =
                "Hears pad work in a WAV file or a film: hits and rhythm; with --line the repetitions of its round."
                        + " Exit code 0: heard, 1: neither the round nor the line is heard in the recording, 2: no line, no step"
                        + " or no recording.",
        mixinStandardHelpOptions = true)
final class HearCommand implements Callable<Integer> {

    private static final int HEARD = 0;
    private static final int NOT_PLACED = 1;
    private static final int NOT_READ = 2;
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    @Spec
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private CommandSpec spec;

    @Mixin
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private Fighters fighters;

    @Option(names = "--json", description = "Write JSON.")
    private boolean json;

    @Option(
            names = "--line",
            paramLabel = "LINE",
            description = "What was drilled: the recording is placed on its round, or where none is heard, the line is"
                    + " looked for in the hits. Without it only hits and rhythm.")
    private @Nullable String line;

    @Mixin
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private RoundOptions round;

    @Parameters(paramLabel = "FILE", description = "A WAV file, or a film with sound.")
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private Path file;

    @Override
    public Integer call() {
        RoundLayout.Asked asked = round.asked(spec.commandLine(), fighters.saysTempo(spec.commandLine()));
        if (line == null) {
            return heard(Optional.empty());
        }
        Context context = fighters.context(spec.commandLine());
        return switch (Notation.read(line, context.vocabulary())) {
            case Misread misread -> refuse(misread.sentence());
            case Read read -> {
                try {
                    yield RoundLayout.of(read, context, asked, new RoundWav().calls())
                            .map(layout -> heard(Optional.of(PlannedRound.of(layout.schedule(), 0))))
                            .orElseGet(() -> refuse(RoundLayout.noStep(context)));
                } catch (IOException e) {
                    yield refuse(String.valueOf(e.getMessage()));
                }
            }
        };
    }

    private int heard(Optional<PlannedRound> planned) {
        try (SoundSource source = source();
                TerminalProgress progress =
                        new TerminalProgress(spec.commandLine().getErr(), "hearing")) {
            HeardSound sound = HeardSound.in(source, seconds -> {
                progress.tell(String.format(Locale.ROOT, "%.1f min", seconds / 60));
                return true;
            });
            Optional<RecordedRound> done =
                    planned.flatMap(plan -> RecordedRound.of(plan, sound.onsets(), sound.seconds()));
            PrintWriter out = spec.commandLine().getOut();
            if (json) {
                out.println(HearingJson.of(sound, done));
            } else {
                tell(out, sound, done);
            }
            out.flush();
            if (planned.isPresent() && done.isEmpty()) {
                spec.commandLine()
                        .getErr()
                        .println("The recording fits the round nowhere, or in more than one place, and no repetition of"
                                + " the line is heard in it. Give the line as it was drilled; a round needs its bell or"
                                + " clicks in the recording.");
                return NOT_PLACED;
            }
            return HEARD;
        } catch (IOException e) {
            return refuse(file + " cannot be heard: " + IoWords.of(e));
        }
    }

    private SoundSource source() throws IOException {
        if (Files.exists(file) && !Files.isRegularFile(file)) {
            throw new IOException("it is a folder or a device. Give a WAV file or a film");
        }
        byte[] first;
        try (InputStream in = Files.newInputStream(file)) {
            first = in.readNBytes(4);
        }
        String magic = new String(first, StandardCharsets.ISO_8859_1);
        if (magic.equals("RIFF") || magic.equals("RIFX")) {
            return new WavSource(file);
        }
        FilmOpening opening;
        try (TerminalProgress progress = new TerminalProgress(spec.commandLine().getErr(), "reading")) {
            opening = FilmFile.open(file, progress);
        }
        return switch (opening) {
            case FilmOpening.Refused(String sentence) -> throw new IOException(sentence);
            case FilmOpening.Opened(FilmFile film) ->
                FilmSoundSource.of(film).orElseThrow(() -> new IOException("the film has no sound"));
        };
    }

    private int refuse(String sentence) {
        if (json) {
            spec.commandLine().getOut().println(MAPPER.writeValueAsString(Map.of("error", sentence)));
            spec.commandLine().getOut().flush();
        } else {
            spec.commandLine().getErr().println(sentence);
        }
        return NOT_READ;
    }

    private static void tell(PrintWriter out, HeardSound sound, Optional<RecordedRound> done) {
        Rhythm rhythm = Rhythm.of(sound.onsets(), sound.seconds());
        out.printf(
                Locale.ROOT,
                "%.1f s, %d hits, bursts: %d, longest pause %.1f s%n",
                sound.seconds(),
                rhythm.hits(),
                rhythm.bursts(),
                rhythm.longestPauseS());
        done.ifPresent(round -> {
            placed(out, round);
            round.heard().repetitions().forEach(one -> repetition(out, one));
            totals(out, round.totals());
        });
    }

    private static void placed(PrintWriter out, RecordedRound round) {
        if (round.isPlaced()) {
            out.printf(
                    Locale.ROOT,
                    "the bell is at %.2f s, the clock is off by %.0f millionths%n",
                    round.heard().placed().offsetMs() / 1000,
                    round.heard().placed().driftPpm());
        } else {
            out.println("no round is heard in it; the line was looked for in its hits");
        }
    }

    private static void repetition(PrintWriter out, HeardRepetition one) {
        out.printf(
                Locale.ROOT,
                "%3d  %6.1f s  %d of %d heard  %-10s %-8s %3.0f %% sure%n",
                one.number() + 1,
                one.startMs() / 1000,
                one.heard(),
                one.contacts().size(),
                one.oneBeatMs().map(HearCommand::gap).orElse(""),
                one.judged().map(j -> j.name().toLowerCase(Locale.ROOT)).orElse("-"),
                100 * one.sure());
    }

    /// What is nearer than two hits are told apart is told as that.
    private static String gap(double ms) {
        return ms < OneBeatGap.RESOLUTION_MS
                ? String.format(Locale.ROOT, "under %.0f ms", OneBeatGap.RESOLUTION_MS)
                : String.format(Locale.ROOT, "%.0f ms", ms);
    }

    private static void totals(PrintWriter out, HeardTotals totals) {
        totals.gap()
                .ifPresent(gap -> out.printf(
                        Locale.ROOT,
                        "feed to answer: %s at the median of %d (95 %%: %s to %s)%n",
                        gap(gap.medianMs()),
                        gap.heard(),
                        gap(gap.lowMs()),
                        gap(gap.highMs())));
        totals.reactionMs()
                .ifPresent(ms -> out.printf(Locale.ROOT, "cue to the first own contact: %s at the median%n", gap(ms)));
        out.printf(
                Locale.ROOT,
                "contacts heard: %d of %d, left out: %d, pauses kept: %d of %d%n",
                totals.contacts(),
                totals.planned(),
                totals.skipped(),
                totals.pausesKept(),
                totals.pauses());
        if (!totals.bursts().isEmpty()) {
            out.printf(Locale.ROOT, "hits in bursts: %s%n", totals.bursts());
        }
        totals.tempo().ifPresent(bpm -> out.printf(Locale.ROOT, "tempo %.0f a minute%n", bpm));
        totals.unevenMs().ifPresent(ms -> out.printf(Locale.ROOT, "off an even beat by %.0f ms%n", ms));
    }
}
