package onebeat.formats.sound;

/// Sounds laid over one another, and what comes out of it: no sample is cut, and nothing is louder than [PeakLimiter]
/// allows.
final class Mix {

    private static final float FULL_SCALE = 32_768;

    private final float[] samples;

    Mix(int length) {
        samples = new float[length];
    }

    /// Adds a sound; what goes beyond the end is left out.
    void lay(Pcm sound, int from) {
        for (int i = 0; i < sound.length() && from + i < samples.length; i++) {
            samples[from + i] += sound.at(i) / FULL_SCALE;
        }
    }

    /// All of it together. Nothing more can be laid over it then.
    Pcm pcm() {
        PeakLimiter.limit(samples);
        return Pcm.of(samples);
    }
}
