package onebeat.desktop.sound;

import java.util.Optional;

/// Where sound goes that is decoded as it is heard. The real one is the sound card; where there is none, there is no
/// line.
@FunctionalInterface
public interface StreamedSound {

    /// Samples a second.
    int RATE = 48_000;

    /// Both ears.
    int CHANNELS = 2;

    /// A line that is open and plays what is written to it.
    interface Line extends AutoCloseable {

        /// Writes samples, the ears in turn; waits while the line is full.
        ///
        /// @param count how many of them count
        void write(short[] samples, int count);

        /// How many samples of one ear were heard since the line was opened.
        long heard();

        @Override
        void close();
    }

    /// Opens a line, or nothing where nobody would hear it.
    Optional<Line> open();
}
