package onebeat.formats.cards;

import java.io.IOException;
import java.io.InputStream;

/// The typefaces that ship, all under the SIL Open Font License.
public enum Face {
    PLAIN("Karla-Regular.otf"),
    BOLD("Karla-Bold.otf"),
    NARROW("BebasNeue-Bold.otf"),
    MONO("JetBrainsMono-Bold.ttf");

    private final String file;

    Face(String file) {
        this.file = file;
    }

    String file() {
        return file;
    }

    /// The font file.
    ///
    /// @throws IOException if it is not shipped: a fault of the build
    byte[] bytes() throws IOException {
        try (InputStream in = Face.class.getResourceAsStream("/onebeat/formats/fonts/" + file)) {
            if (in == null) {
                throw new IOException("not shipped: " + file);
            }
            return in.readAllBytes();
        }
    }
}
