package onebeat.desktop.app;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.layout.Region;
import onebeat.desktop.command.KeyPress;

/// What a station may ask of the window round it.
public interface Navigator {

    /// Leads to another station.
    void go(StationName name);

    /// What can be done here may be something else now: something arrived that nobody pressed a key for.
    void changed();

    /// The station that is on screen.
    StationName here();

    /// Puts a line into the call line, as the station's own.
    void type(String line);

    /// The same, and the coach goes on typing in it.
    void write(String line);

    /// Shows what stands before the call line.
    void prompt(String words);

    /// Lays a form over the station; Escape takes it away.
    void open(Region form);

    /// The next key that is pressed goes here, whatever it is: so a pedal or clicker is learned.
    void nextKey(Consumer<KeyPress> taker);

    /// Takes the form away.
    void closeForm();

    /// Lets the coach choose a file; empty where they do not.
    ///
    /// @param what kind of files they are, in words
    /// @param endings for example `*.wav`
    Optional<Path> choose(String what, String... endings);

    /// Lets the coach choose a folder; empty where they do not.
    ///
    /// @param what it is for, in words
    Optional<Path> chooseFolder(String what);
}
