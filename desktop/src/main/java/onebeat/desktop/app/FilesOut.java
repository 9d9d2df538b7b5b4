package onebeat.desktop.app;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import onebeat.desktop.text.Texts;
import onebeat.formats.out.IoWords;
import onebeat.formats.out.OutFiles;
import onebeat.store.ProgramFolder;

/// Files that go out of the program.
public final class FilesOut {

    private FilesOut() {}

    /// The files that the program writes, remembered in its folder.
    public static OutFiles files() {
        return new OutFiles(ProgramFolder.path().resolve("written"));
    }

    /// What was written and what was not, in a sentence.
    public static String failed(Path folder, List<String> written, IOException e) {
        return written.isEmpty()
                ? Texts.of("out.failed", folder, IoWords.of(e))
                : Texts.of("out.failed.rest", String.join(", ", written), folder, IoWords.of(e));
    }
}
