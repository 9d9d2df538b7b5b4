package onebeat.desktop.sound;

import java.util.Optional;
import java.util.function.LongSupplier;
import onebeat.core.rounds.Schedule;

/// Where pads are heard. The real one is the machine's microphone; a stand-in plays pad work that nobody did.
/// Sound goes through memory only: nothing is written and nothing is sent.
public interface Microphone {

    /// Whether what is heard is invented.
    boolean isStandIn();

    /// Begins to hear; empty where there is no microphone or it may not be used.
    ///
    /// @param schedule what runs: a stand-in does it
    /// @param runMs how far the run is, in milliseconds
    Optional<Ear> open(Schedule schedule, LongSupplier runMs);

    /// A microphone that is open.
    interface Ear extends AutoCloseable {

        /// Samples a second.
        int rate();

        /// Gives the next samples with one channel, full scale 1; waits a moment for them.
        ///
        /// @return how many were given, which may be none; below 0 where there will be no more
        int read(float[] into);

        @Override
        void close();
    }
}
