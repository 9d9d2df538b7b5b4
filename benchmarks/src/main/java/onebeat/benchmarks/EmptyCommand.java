package onebeat.benchmarks;

import picocli.CommandLine;
import picocli.CommandLine.Command;

/// A program that does nothing but to read its command line with the library that ours uses.
@Command(name = "empty")
public final class EmptyCommand implements Runnable {

    private EmptyCommand() {}

    public static void main(String[] args) {
        System.exit(new CommandLine(new EmptyCommand()).execute(args));
    }

    @Override
    public void run() {
        System.out.println("empty");
    }
}
