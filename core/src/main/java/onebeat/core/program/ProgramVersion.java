package onebeat.core.program;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Properties;

/// The version of this program, as the build says it: three numbers, such as `0.1.0`.
public final class ProgramVersion {

    private static final String TEXT = read();

    private ProgramVersion() {}

    public static String text() {
        return TEXT;
    }

    /// The program with its version, as what it writes tells it.
    public static String program() {
        return "One Beat " + TEXT;
    }

    private static String read() {
        try (InputStream in = ProgramVersion.class.getResourceAsStream("program.properties")) {
            Properties properties = new Properties();
            properties.load(in);
            return properties.getProperty("version", "");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
