package onebeat.cli;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.AutoComplete;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/// `completion`: what a shell needs to complete the program's words. The script is for bash; zsh reads it with
/// `bashcompinit`.
@Command(
        name = "completion",
        description =
                "Prints what a shell needs to complete commands and options. For bash: source <(onebeat completion)."
                        + " For zsh: autoload -U bashcompinit && bashcompinit, then the same.",
        mixinStandardHelpOptions = true)
final class CompletionCommand implements Callable<Integer> {

    @Spec
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private CommandSpec spec;

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        out.print(AutoComplete.bash("onebeat", spec.root().commandLine()));
        out.flush();
        return 0;
    }
}
