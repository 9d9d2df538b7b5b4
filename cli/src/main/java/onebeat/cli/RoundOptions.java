package onebeat.cli;

import picocli.CommandLine;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;

/// The options of commands that lay out a round.
final class RoundOptions {

    private static final int LEAST_SECONDS = 20;
    private static final int MOST_SECONDS = 3_600;
    private static final int MOST_GAP = 32;
    private static final int MOST_BURSTS = 4;

    @Option(names = "--seconds", description = "How long the round is, 20 to 3600.", defaultValue = "180")
    private int seconds;

    @Option(names = "--gap", description = "Empty beats between repetitions, 0 to 32.", defaultValue = "4")
    private int gap;

    @Option(names = "--bursts", description = "Bursts of 20 s, 0 to 4.", defaultValue = "0")
    private int bursts;

    @Option(names = "--seed", description = "What is left to chance is drawn from it.", defaultValue = "1")
    private long seed;

    /// How many bursts are planned.
    int bursts() {
        return bursts;
    }

    /// What is asked of the round.
    ///
    /// @param saysTempo whether the tempo was given
    /// @throws ParameterException with a sentence, where a value is out of range
    RoundLayout.Asked asked(CommandLine command, boolean saysTempo) {
        if (seconds < LEAST_SECONDS
                || seconds > MOST_SECONDS
                || gap < 0
                || gap > MOST_GAP
                || bursts < 0
                || bursts > MOST_BURSTS) {
            throw new ParameterException(command, "--seconds is 20 to 3600, --gap 0 to 32 and --bursts 0 to 4.");
        }
        return new RoundLayout.Asked(seconds, gap, bursts, seed, saysTempo);
    }
}
