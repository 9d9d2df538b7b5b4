package onebeat.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import onebeat.formats.out.IoWords;
import onebeat.formats.out.OutFiles;
import onebeat.formats.out.OutFiles.TakenException;
import onebeat.store.ProgramFolder;

/// Files that commands write.
final class Outputs {

    private Outputs() {}

    static OutFiles files() {
        return new OutFiles(ProgramFolder.path().resolve("written"));
    }

    /// What was written and what was not, in a sentence.
    static String failed(List<String> written, IOException e) {
        String before = written.isEmpty()
                ? "Nothing was written: "
                : String.join(", ", written) + " were written, and nothing more: ";
        return before + IoWords.of(e) + (e instanceof TakenException ? "; --overwrite replaces it." : ".");
    }

    /// Whether two paths lead to one file.
    static boolean isOne(Path one, Path other) {
        return one.toAbsolutePath().normalize().equals(other.toAbsolutePath().normalize());
    }
}
