package onebeat.benchmarks;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import onebeat.formats.out.TemporaryFolder;

/// How long a key holds up the installed program's window, while a line is typed and while somebody goes along the
/// rope: the program's own measure in a real window, beside one picture of the screen.
final class TypingRun {

    private static final double FRAME_MS = 1000.0 / 60;

    /// What the program prints, such as `typing median 0.00, 95 % 0.16, ...`, as shares of a picture.
    private static final Pattern SHARES = Pattern.compile("(resting|typing|along the rope) .*95 % ([0-9.]+),.*");

    private TypingRun() {}

    /// @param image the folder of the installed program
    static void print(Path image) throws IOException, InterruptedException {
        Path data = TemporaryFolder.make("onebeat-typing");
        Process process = WindowRun.beginWith(
                "-Dprism.order=sw", List.of(image.resolve("bin/onebeat-window").toString(), "--typing"), data);
        try (BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                System.out.println(line);
                Matcher shares = SHARES.matcher(line);
                if (shares.matches()) {
                    PerformanceTable.row(
                            shares.group(1) + ", 95 %",
                            "ms",
                            Double.parseDouble(shares.group(2)) * FRAME_MS,
                            "one picture of the screen",
                            FRAME_MS,
                            "<= 1");
                }
            }
        }
        process.waitFor();
    }
}
