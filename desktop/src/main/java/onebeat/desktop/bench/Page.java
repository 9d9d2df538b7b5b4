package onebeat.desktop.bench;

import java.util.Optional;
import javafx.scene.layout.Region;

/// What can lie beside the rope: the corner's findings, the variants of the line, or two lines side by side.
interface Page {

    /// Lines are taken with F2, F3 and so on; F1 is left to help.
    int FIRST_KEY = 2;

    /// The last of them; F10 opens the menu.
    int LAST_KEY = 9;

    Region view();

    /// The line that a function key takes, if there is one.
    Optional<String> line(int functionKey);
}
