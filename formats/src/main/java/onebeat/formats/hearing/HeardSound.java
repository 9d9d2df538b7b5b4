package onebeat.formats.hearing;

import java.io.IOException;
import java.util.List;
import java.util.function.DoublePredicate;
import onebeat.core.hearing.Onset;
import onebeat.core.hearing.OnsetDetector;

/// What was heard in a whole recording.
///
/// @param seconds how long it is
/// @param onsets what was heard to begin, in time
public record HeardSound(double seconds, List<Onset> onsets) {

    private static final int PART = 16_384;

    public HeardSound {
        onsets = List.copyOf(onsets);
    }

    /// Hears a recording to its end.
    ///
    /// @param goesOn told how many seconds were heard after each part; where it answers no, hearing ends there
    /// @throws IOException if it cannot be read on
    public static HeardSound in(SoundSource source, DoublePredicate goesOn) throws IOException {
        OnsetDetector detector = new OnsetDetector(source.rate());
        float[] part = new float[PART];
        int count = source.read(part);
        while (count > 0) {
            detector.hear(part, 0, count);
            if (!goesOn.test(detector.seconds())) {
                break;
            }
            count = source.read(part);
        }
        double seconds = detector.seconds();
        detector.end();
        return new HeardSound(seconds, detector.onsets());
    }
}
