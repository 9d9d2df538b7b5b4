package onebeat.cli;

import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.Charset;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;
import onebeat.core.program.ProgramVersion;
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
        versionProvider = Main.Version.class)
public final class Main {

    private Main() {}

    /// The program's version in one line.
    static final class Version implements CommandLine.IVersionProvider {

        @Override
        public String[] getVersion() {
            return new String[] {ProgramVersion.program()};
        }
    }

    public static void main(String[] args) {
        ProgramLog.begin();
        ProgramFolder.begin();
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
        return new CommandRun(out, err).execute(commandLine(args), args);
    }

    /// The program, ready to run. A call line may begin with `@`, so nothing is expanded from files.
    ///
    /// @param arguments only the command that they name is made ready: making all of them takes longer than a short
    ///     command does. Where they name none, all are.
    static CommandLine commandLine(String... arguments) {
        CommandLine program = new CommandLine(new Main());
        Supplier<Object> named = arguments.length == 0 ? null : COMMANDS.get(arguments[0]);
        if (named == null) {
            COMMANDS.values().forEach(command -> program.addSubcommand(command.get()));
            // Its script is about all of them.
            program.addSubcommand(new CompletionCommand());
        } else {
            program.addSubcommand(named.get());
        }
        for (CommandLine command : program.getSubcommands().values()) {
            command.getCommandSpec().versionProvider(new Version());
            command.getCommandSpec().usageMessage().showDefaultValues(true);
        }
        return program.setExpandAtFiles(false).setCaseInsensitiveEnumValuesAllowed(true);
    }

    /// Every command by its word, in the order of the help.
    private static final Map<String, Supplier<Object>> COMMANDS = commands();

    private static Map<String, Supplier<Object>> commands() {
        Map<String, Supplier<Object>> all = new LinkedHashMap<>();
        all.put("check", CheckCommand::new);
        all.put("habits", HabitsCommand::new);
        all.put("find", FindCommand::new);
        all.put("ladder", LadderCommand::new);
        all.put("round", RoundCommand::new);
        all.put("export", ExportCommand::new);
        all.put("film", FilmCommand::new);
        all.put("cut", CutCommand::new);
        all.put("hear", HearCommand::new);
        all.put("plan", PlanCommand::new);
        return all;
    }
}
