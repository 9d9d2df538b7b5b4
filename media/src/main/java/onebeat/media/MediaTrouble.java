package onebeat.media;

import java.io.Serial;

/// A film that cannot be read or written. It leaves the package only as a sentence.
final class MediaTrouble extends Exception {

    @Serial
    private static final long serialVersionUID = 1;

    /// @param sentence what is wrong and what to do
    MediaTrouble(String sentence) {
        super(sentence);
    }

    String sentence() {
        return String.valueOf(getMessage());
    }
}
