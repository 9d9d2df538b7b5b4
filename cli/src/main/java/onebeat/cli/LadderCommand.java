package onebeat.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.util.Locale;
import java.util.concurrent.Callable;
import onebeat.core.ladder.Ladder;
import onebeat.core.ladder.Stage;
import onebeat.core.notation.Misread;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.review.Context;
import onebeat.formats.rounds.LadderJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `ladder`: how a line is grown, step by step.
@Command(
        name = "ladder",
        description = "Grows a line from its parts to live. Exit code 0: grown, 1: the line has a stop, 2: not a line.",
        mixinStandardHelpOptions = true)
final class LadderCommand implements Callable<Integer> {

    private static final int GROWN = 0;
    private static final int HAS_STOP = 1;
    private static final int NOT_A_LINE = 2;

    @Spec
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private CommandSpec spec;

    @Mixin
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private Fighters fighters;

    @Option(names = "--json", description = "Write JSON.")
    private boolean json;

    @Parameters(paramLabel = "LINE", description = "A call line, or - for lines from standard input.")
    private String line = "";

    @Override
    public Integer call() throws IOException {
        Context context = fighters.context(spec.commandLine());
        return StandardLines.each(line, one -> grow(one, context));
    }

    private int grow(String text, Context context) {
        return switch (Notation.read(text, context.vocabulary())) {
            case Misread misread -> {
                new LineErrors(spec, json, line).tell(misread);
                yield NOT_A_LINE;
            }
            case Read read -> told(Ladder.of(read, Ladder.With.usual(context)));
        };
    }

    private int told(Ladder ladder) {
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(LadderJson.of(ladder));
        } else {
            for (Stage stage : ladder.stages()) {
                out.printf(
                        Locale.ROOT,
                        "%-7s %3d  %5.2f  %s%n",
                        stage.rung().id(),
                        stage.bpm(),
                        stage.difficulty(),
                        stage.line());
                out.println("        " + fighters.words(stage.line(), fighters.context(spec.commandLine())));
            }
        }
        out.flush();
        if (ladder.stages().isEmpty()) {
            spec.commandLine().getErr().println("The line has a stop; check it and mend it first.");
            return HAS_STOP;
        }
        return GROWN;
    }
}
