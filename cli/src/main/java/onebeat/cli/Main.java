package onebeat.cli;

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
            ExportCommand.class
        })
public final class Main {

    private Main() {}

    public static void main(String[] args) {
        System.exit(commandLine().execute(args));
    }

    /// The program, ready to run. A call line may begin with `@`, so nothing is expanded from files.
    static CommandLine commandLine() {
        return new CommandLine(new Main()).setExpandAtFiles(false).setCaseInsensitiveEnumValuesAllowed(true);
    }
}
