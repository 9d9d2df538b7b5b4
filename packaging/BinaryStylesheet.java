import java.io.File;
import java.io.IOException;
import javafx.css.Stylesheet;

/// Writes a style sheet in the form in which JavaFX reads it at once: `java BinaryStylesheet.java IN.css OUT.bss`. A
/// `.bss` beside a `.css` is taken in its place.
final class BinaryStylesheet {

    private BinaryStylesheet() {}

    public static void main(String[] args) throws IOException {
        Stylesheet.convertToBinary(new File(args[0]), new File(args[1]));
    }
}
