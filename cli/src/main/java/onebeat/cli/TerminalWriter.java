package onebeat.cli;

import java.io.FilterWriter;
import java.io.IOException;
import java.io.Writer;

/// Writes words to a terminal so that none of them commands it: control characters (ISO/IEC 6429) of a line or a file
/// that somebody sent are shown as U+FFFD. Line ends and tabs stay.
final class TerminalWriter extends FilterWriter {

    private static final char SHOWN = '\uFFFD';

    TerminalWriter(Writer out) {
        super(out);
    }

    @Override
    public void write(int c) throws IOException {
        out.write(harmless((char) c));
    }

    @Override
    public void write(char[] text, int from, int length) throws IOException {
        char[] plain = new char[length];
        for (int i = 0; i < length; i++) {
            plain[i] = harmless(text[from + i]);
        }
        out.write(plain, 0, length);
    }

    @Override
    public void write(String text, int from, int length) throws IOException {
        write(text.toCharArray(), from, length);
    }

    private static char harmless(char c) {
        boolean kept = c == '\n' || c == '\r' || c == '\t';
        return Character.isISOControl(c) && !kept ? SHOWN : c;
    }
}
