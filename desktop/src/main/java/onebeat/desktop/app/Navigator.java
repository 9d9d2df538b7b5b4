package onebeat.desktop.app;

import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.layout.Region;

/// What a station may ask of the window round it.
public interface Navigator {

    /// Leads to another station.
    void go(Station.Name name);

    /// Puts a line into the call line, as the station's own.
    void type(String line);

    /// The same, and the coach goes on typing in it.
    void write(String line);

    /// Shows what stands before the call line.
    void prompt(String words);

    /// Lays a form over the station; Escape takes it away.
    void open(Region form);

    /// Takes the form away.
    void closeForm();

    /// Lets the coach choose a file; empty where he does not.
    ///
    /// @param what kind of files they are, in words
    /// @param endings for example `*.wav`
    Optional<Path> choose(String what, String... endings);
}
