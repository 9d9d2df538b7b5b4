package onebeat.cli;

import java.io.FilterWriter;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.io.Writer;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import onebeat.store.ProgramLog;
import picocli.CommandLine;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.UnmatchedArgumentException;
import tools.jackson.databind.json.JsonMapper;

/// One run of the command line program. Three manners hold for every command: an error is told as JSON as well where
/// JSON was asked for, an output that nobody takes any more (a closed pipe, a full disk) ends the run at once, and
/// something unexpected is written down and told in a sentence.
final class CommandRun {

    /// Not as it was asked for: an unknown word, a bad value, a file that cannot be read.
    static final int NOT_ASKED_RIGHT = 2;

    /// Something unexpected happened.
    static final int UNEXPECTED = 3;

    /// Standard output was closed or is full.
    static final int OUTPUT_LOST = 4;

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private final Standard out;
    private final PrintWriter outWords;
    private final StringWriter told = new StringWriter();
    private final PrintWriter errWords;

    CommandRun(Writer out, Writer err) {
        this.out = new Standard(out);
        this.outWords = new PrintWriter(new TerminalWriter(this.out), true);
        this.errWords = new PrintWriter(new TerminalWriter(new Both(err, told)), true);
    }

    /// Runs a command.
    ///
    /// @return the exit code: 0 and 1 as the command says, 2 for what was asked in a wrong way, and the codes above
    int execute(CommandLine program, String... arguments) {
        program.setOut(outWords)
                .setErr(errWords)
                .setParameterExceptionHandler((e, _) -> asked(e))
                .setExecutionExceptionHandler((e, command, _) -> unexpected(e, command));
        try {
            int code = program.execute(arguments);
            boolean json = List.of(arguments).contains("--json");
            if (json && code != 0 && !out.wrote) {
                outWords.println(MAPPER.writeValueAsString(Map.of("error", words())));
            }
            outWords.flush();
            return code;
        } catch (OutputLostException _) {
            return OUTPUT_LOST;
        }
    }

    private int asked(ParameterException e) {
        if (e instanceof UnmatchedArgumentException unknown
                && unknown.getCommandLine().getParent() == null
                && isPath(unknown.getUnmatched().getFirst())) {
            errWords.println("There is no file " + unknown.getUnmatched().getFirst() + ", and no such command.");
            return NOT_ASKED_RIGHT;
        }
        errWords.println(e.getMessage());
        if (!UnmatchedArgumentException.printSuggestions(e, errWords)) {
            errWords.println(
                    "See " + e.getCommandLine().getCommandSpec().qualifiedName() + " --help for what can be asked.");
        }
        return NOT_ASKED_RIGHT;
    }

    /// Commands are words: what has a slash or an ending is a file.
    private static boolean isPath(String word) {
        return !word.startsWith("-") && (word.indexOf('/') >= 0 || word.indexOf('.') > 0);
    }

    private int unexpected(Exception e, CommandLine command) {
        if (e instanceof OutputLostException) {
            return OUTPUT_LOST;
        }
        ProgramLog.wrong(command.getCommandName(), e);
        errWords.println(
                "Something went wrong in the program. Nothing was changed. It is written down in " + ProgramLog.file());
        return UNEXPECTED;
    }

    private String words() {
        return told.toString().lines().map(String::strip).collect(Collectors.joining(" "));
    }

    /// Standard output cannot be written any more. A print writer keeps I/O errors to itself, this it lets through.
    private static final class OutputLostException extends RuntimeException {

        private static final long serialVersionUID = 1;

        OutputLostException(IOException cause) {
            super(cause);
        }
    }

    /// Standard output.
    private static final class Standard extends FilterWriter {

        private boolean wrote;

        Standard(Writer out) {
            super(out);
        }

        @Override
        public void write(int c) {
            write(new char[] {(char) c}, 0, 1);
        }

        @Override
        public void write(String text, int from, int length) {
            write(text.toCharArray(), from, length);
        }

        @Override
        public void write(char[] text, int from, int length) {
            wrote = true;
            try {
                out.write(text, from, length);
            } catch (IOException e) {
                throw new OutputLostException(e);
            }
        }

        @Override
        public void flush() {
            try {
                out.flush();
            } catch (IOException e) {
                throw new OutputLostException(e);
            }
        }
    }

    /// Writes twice.
    private static final class Both extends FilterWriter {

        private final Writer copy;

        Both(Writer out, Writer copy) {
            super(out);
            this.copy = copy;
        }

        @Override
        public void write(int c) throws IOException {
            out.write(c);
            copy.write(c);
        }

        @Override
        public void write(String text, int from, int length) throws IOException {
            write(text.toCharArray(), from, length);
        }

        @Override
        public void write(char[] text, int from, int length) throws IOException {
            out.write(text, from, length);
            copy.write(text, from, length);
        }
    }
}
