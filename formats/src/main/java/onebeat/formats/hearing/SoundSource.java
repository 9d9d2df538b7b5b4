package onebeat.formats.hearing;

import java.io.IOException;

/// Sound that comes part by part, with one channel; full scale is 1.
public interface SoundSource extends AutoCloseable {

    /// Samples a second.
    int rate();

    /// Gives the next samples.
    ///
    /// @return how many were given; less than there was room for only at the end, and 0 after it
    /// @throws IOException if it cannot be read on
    int read(float[] into) throws IOException;

    @Override
    void close();
}
