package onebeat.cli;

import java.io.Console;
import java.io.PrintWriter;
import java.util.Locale;
import java.util.Optional;
import onebeat.media.ReadProgress;

/// How far a long command is, on one line of the terminal that is written over. Where standard error is no terminal
/// nothing is told.
final class TerminalProgress implements ReadProgress, AutoCloseable {

    private static final double PERCENT = 100;

    /// Told so often at most.
    private static final long EVERY_NS = 200_000_000;

    private final PrintWriter err;
    private final String what;
    private final boolean terminal =
            Optional.ofNullable(System.console()).filter(Console::isTerminal).isPresent();
    private long told = System.nanoTime();
    private boolean any;

    /// @param what is being done, such as `reading`
    TerminalProgress(PrintWriter err, String what) {
        this.err = err;
        this.what = what;
    }

    @Override
    public boolean at(double share) {
        tell(String.format(Locale.ROOT, "%3.0f %%", PERCENT * share));
        return true;
    }

    /// Tells how far it is where the whole is not known.
    void tell(String howFar) {
        long now = System.nanoTime();
        if (terminal && now - told > EVERY_NS) {
            told = now;
            any = true;
            err.print("\r" + what + ": " + howFar + "  (Ctrl+C stops)");
            err.flush();
        }
    }

    /// The line ends.
    @Override
    public void close() {
        if (any) {
            err.println();
        }
    }
}
