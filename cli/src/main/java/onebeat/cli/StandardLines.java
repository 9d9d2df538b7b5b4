package onebeat.cli;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;

/// What a command works on: one text, or with `-` each line of standard input.
final class StandardLines {

    /// The word that stands for standard input, by common practice.
    static final String STANDARD_INPUT = "-";

    /// What is done with a line.
    interface Work {

        /// Does it and tells the exit code.
        int on(String line);
    }

    private StandardLines() {}

    /// Does the work for each line.
    ///
    /// @return the worst exit code
    static int each(String text, Work work) throws IOException {
        if (!text.equals(STANDARD_INPUT)) {
            return work.on(text);
        }
        int worst = 0;
        BufferedReader lines = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        for (String one = lines.readLine(); one != null; one = lines.readLine()) {
            worst = Math.max(worst, work.on(one));
        }
        return worst;
    }
}
