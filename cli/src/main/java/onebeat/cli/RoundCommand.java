package onebeat.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import onebeat.core.notation.Misread;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.core.review.Severity;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Schedule;
import onebeat.formats.out.OutFiles;
import onebeat.formats.rounds.RoundJson;
import onebeat.formats.sound.RoundMidi;
import onebeat.formats.sound.RoundWav;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/// `round`: everything that happens in a round, and the round as sound.
@Command(
        name = "round",
        description =
                "Lays out a round; writes it as sound and as a click track."
                        + " Exit code 0: laid out, 1: the line has no such ladder step, 2: not a line, or a file cannot be written.",
        mixinStandardHelpOptions = true)
final class RoundCommand implements Callable<Integer> {

    private static final int LAID_OUT = 0;
    private static final int NO_STEP = 1;
    private static final int NOT_A_LINE = 2;

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
            description = "What is drilled, or - for lines from standard input.",
            defaultValue = "1 2")
    private String line = "1 2";

    @Mixin
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private RoundOptions round;

    @Option(names = "--wav", paramLabel = "FILE", description = "Write the round as sound.")
    private @Nullable Path wav;

    @Option(names = "--midi", paramLabel = "FILE", description = "Write a click track with markers.")
    private @Nullable Path midi;

    @Option(
            names = "--overwrite",
            description = "Replace a file that One Beat did not write, or that was changed since.")
    private boolean overwrite;

    @Override
    public Integer call() throws IOException {
        if (wav != null && midi != null && Outputs.isOne(wav, midi)) {
            throw new ParameterException(spec.commandLine(), "--wav and --midi name the same file: " + wav);
        }
        if (line.equals(StandardLines.STANDARD_INPUT) && (wav != null || midi != null)) {
            throw new ParameterException(
                    spec.commandLine(), "Lines from standard input would all go into one file. Give one line.");
        }
        RoundLayout.Asked asked = round.asked(spec.commandLine(), fighters.saysTempo(spec.commandLine()));
        Context context = fighters.context(spec.commandLine());
        return StandardLines.each(line, one -> layOut(one, context, asked));
    }

    private int layOut(String text, Context context, RoundLayout.Asked asked) {
        return switch (Notation.read(text, context.vocabulary())) {
            case Misread misread -> {
                new LineErrors(spec, json, line).tell(misread);
                yield NOT_A_LINE;
            }
            case Read read -> laidOut(read, context, asked);
        };
    }

    private int laidOut(Read read, Context context, RoundLayout.Asked asked) {
        List<String> written = new ArrayList<>();
        try {
            RoundWav sound = new RoundWav();
            Optional<RoundLayout> layout = RoundLayout.of(read, context, asked, sound.calls());
            if (layout.isEmpty()) {
                new LineErrors(spec, json, line).tell(RoundLayout.noStep(context));
                return NO_STEP;
            }
            warn(read, context);
            Schedule schedule = layout.get().schedule();
            write(wav, out -> out.write(sound.of(schedule, 0)), written);
            write(midi, out -> out.write(RoundMidi.of(schedule, 0, call -> fighters.words(call, context))), written);
            tell(schedule, fighters.words(layout.get().drilled().canonical(), context));
            return LAID_OUT;
        } catch (IOException e) {
            spec.commandLine().getErr().println(Outputs.failed(written, e));
            return NOT_A_LINE;
        } catch (OutOfMemoryError _) {
            spec.commandLine()
                    .getErr()
                    .println(
                            Outputs.failed(written, new IOException("there is not enough memory for so long a round")));
            return NOT_A_LINE;
        }
    }

    /// A line that has a stop, such as one that the rules forbid, is laid out as it was asked for, but not in
    /// silence.
    private void warn(Read read, Context context) {
        Review.withoutMends(read, context).findings().stream()
                .filter(finding -> finding.severity() == Severity.STOP)
                .forEach(finding ->
                        spec.commandLine().getErr().println(finding.severity().word() + ": " + finding.text()));
    }

    /// Nothing is worked out for a file that nobody asked for.
    private void write(@Nullable Path file, OutFiles.Content content, List<String> written) throws IOException {
        if (file != null) {
            OutFiles.Taken taken = overwrite ? OutFiles.Taken.REPLACE : OutFiles.Taken.REFUSE;
            written.add(Outputs.files().write(file, content, taken).toString());
        }
    }

    private void tell(Schedule schedule, String inWords) {
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(RoundJson.of(schedule, 0));
        } else {
            long start = schedule.rounds().getFirst().startMs();
            out.println(inWords);
            out.printf("%d repetitions%n", schedule.rounds().getFirst().repetitions());
            for (Event event : schedule.events()) {
                if (event.kind() != Event.Kind.CLICK) {
                    out.printf(
                            "%7d ms  %-11s %s%n",
                            event.ms() - start, event.kind().word(), event.text());
                }
            }
        }
        out.flush();
    }
}
