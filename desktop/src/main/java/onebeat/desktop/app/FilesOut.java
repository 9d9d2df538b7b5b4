package onebeat.desktop.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.locks.ReentrantLock;
import javafx.application.Platform;
import onebeat.desktop.text.Texts;
import onebeat.formats.out.IoWords;
import onebeat.formats.out.OutFiles;
import onebeat.store.ProgramFolder;
import onebeat.store.ProgramLog;

/// Files that go out of the program.
public final class FilesOut {

    /// Files of one name must not be written at once.
    private static final ReentrantLock ONE_AT_A_TIME = new ReentrantLock(true);

    private FilesOut() {}

    /// Something that goes into a folder.
    @FunctionalInterface
    public interface Written {

        /// Writes it.
        ///
        /// @param names takes what is written as soon as it is, for a sentence where the rest fails
        /// @return what is said of it
        /// @throws IOException where it cannot be written
        String into(Path folder, List<String> names) throws IOException;
    }

    /// Writes beside the interface, one thing after the other, and to its end even where the window closes meanwhile.
    /// What was written and what was not is said.
    public static void beside(CampSession app, Path folder, Written what) {
        Thread.ofPlatform().daemon(false).name("files out").start(() -> {
            ONE_AT_A_TIME.lock();
            try {
                Runnable told = told(app, folder, what);
                Platform.runLater(told);
            } finally {
                ONE_AT_A_TIME.unlock();
            }
        });
    }

    private static Runnable told(CampSession app, Path folder, Written what) {
        List<String> names = new ArrayList<>();
        try {
            Files.createDirectories(folder);
            String said = what.into(folder, names);
            return () -> app.say(said);
        } catch (IOException e) {
            return () -> app.warn(failed(folder, names, e));
        } catch (RuntimeException e) {
            ProgramLog.wrong("files out", e);
            return () -> app.warn(Texts.of("background.fault", ProgramLog.file()));
        }
    }

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
