package onebeat.cli;

import java.io.OutputStreamWriter;
import java.io.PrintStream;
import java.io.PrintWriter;
import onebeat.store.ProgramFolder;
import onebeat.store.ProgramLog;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/// The command line program.
@Command(
        name = "onebeat",
        description =
                "Checks call lines, counts habits, finds answers, grows lines and lays out rounds without a window.",
        mixinStandardHelpOptions = true,
        subcommands = {
            CheckCommand.class,
            HabitsCommand.class,
            FindCommand.class,
            LadderCommand.class,
            RoundCommand.class,
            ExportCommand.class,
            FilmCommand.class,
            CutCommand.class,
            HearCommand.class,
            PlanCommand.class
        })
public final class Main {

    private Main() {}

    /// What ends a command that met something unexpected.
    private static final int UNEXPECTED = 3;

    public static void main(String[] args) {
        ProgramLog.begin();
        ProgramFolder.holdLibraries();
        System.exit(commandLine()
                .setOut(writer(System.out))
                .setErr(writer(System.err))
                .execute(args));
    }

    private static PrintWriter writer(PrintStream stream) {
        return new PrintWriter(new TerminalWriter(new OutputStreamWriter(stream, stream.charset())), true);
    }

    /// The program, ready to run. A call line may begin with `@`, so nothing is expanded from files.
    static CommandLine commandLine() {
        return new CommandLine(new Main())
                .setExpandAtFiles(false)
                .setCaseInsensitiveEnumValuesAllowed(true)
                .setExecutionExceptionHandler((e, command, _) -> {
                    ProgramLog.wrong(command.getCommandName(), e);
                    command.getErr()
                            .println("Something went wrong in the program. Nothing was changed. It is written down in "
                                    + ProgramLog.file());
                    return UNEXPECTED;
                });
    }
}
