package onebeat.cli;

import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.Charset;
import onebeat.store.ProgramFolder;
import onebeat.store.ProgramLog;
import onebeat.store.ProgramVersion;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/// The command line program.
@Command(
        name = "onebeat",
        description =
                "Checks call lines, counts habits, finds answers, grows lines and lays out rounds without a window.",
        mixinStandardHelpOptions = true,
        versionProvider = Main.Version.class,
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
            PlanCommand.class,
            CompletionCommand.class
        })
public final class Main {

    private Main() {}

    /// The program's version in one line.
    static final class Version implements CommandLine.IVersionProvider {

        @Override
        public String[] getVersion() {
            return new String[] {"One Beat " + ProgramVersion.text()};
        }
    }

    public static void main(String[] args) {
        ProgramLog.begin();
        ProgramFolder.holdLibraries();
        System.exit(run(
                writer(FileDescriptor.out, System.out.charset()),
                writer(FileDescriptor.err, System.err.charset()),
                args));
    }

    private static Writer writer(FileDescriptor stream, Charset charset) {
        return new OutputStreamWriter(new FileOutputStream(stream), charset);
    }

    /// Runs the program.
    ///
    /// @return the exit code
    static int run(Writer out, Writer err, String... args) {
        return new CommandRun(out, err).execute(commandLine(), args);
    }

    /// The program, ready to run. A call line may begin with `@`, so nothing is expanded from files.
    static CommandLine commandLine() {
        CommandLine program =
                new CommandLine(new Main()).setExpandAtFiles(false).setCaseInsensitiveEnumValuesAllowed(true);
        for (CommandLine command : program.getSubcommands().values()) {
            command.getCommandSpec().versionProvider(new Version());
            command.getCommandSpec().usageMessage().showDefaultValues(true);
        }
        return program;
    }
}
