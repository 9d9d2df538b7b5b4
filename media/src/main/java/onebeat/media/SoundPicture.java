package onebeat.media;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// What the sound of a film looks like: how loud it is along the film, and when something sharp is heard, such as a
/// glove on a pad. It is worked out part by part, so that an hour takes no more memory than a minute.
///
/// Sharp is what rises within a few milliseconds far above what was heard in the second before: the energy of the
/// sound's first difference, which leaves voices and hum behind, in steps of four milliseconds. Common practice for
/// onsets of struck things; the limits below are defaults.
///
/// @param loudness the root mean square of each tenth of a second against that of the loudest, from 0 to 1
/// @param sharp when sharp sounds begin, in seconds, rising
public record SoundPicture(List<Double> loudness, List<Double> sharp) {

    /// How long one value of the loudness stands for, in seconds.
    public static final double STEP_S = 0.1;

    private static final int RATE = 16_000;
    private static final int HOP = 64;
    private static final int STEP = (int) (RATE * STEP_S);

    /// A sharp sound's energy is so many times what was heard before it.
    private static final double ABOVE = 12;

    /// And so many times what was heard in the hop before.
    private static final double RISE = 3;

    /// Nothing quieter is sharp: 50 dB under full scale, as the mean square of the difference.
    private static final double QUIETEST = 1e-5;

    /// How fast what was heard before is forgotten, per hop: half within about 0.2 s.
    private static final double FORGETS = 0.014;

    /// What is heard in the first hops, about 0.05 s, is where it begins and no rise.
    private static final int FIRST_HOPS = 12;

    /// Two sharp sounds are at least so far apart, in seconds.
    private static final double APART_S = 0.06;

    public SoundPicture {
        loudness = List.copyOf(loudness);
        sharp = List.copyOf(sharp);
    }

    /// Listens to a whole film; empty where it has no sound, or where it was stopped.
    ///
    /// @param going is asked each second whether to go on
    public static Optional<SoundPicture> of(FilmFile film, ReadProgress going) {
        Optional<SoundReader> made = film.sound(RATE, 1);
        if (made.isEmpty()) {
            return Optional.empty();
        }
        try (SoundReader reader = made.get()) {
            Listener listener = new Listener();
            short[] part = new short[RATE];
            double heardS = 0;
            reader.seek(0);
            for (int count = reader.read(part); count > 0; count = reader.read(part)) {
                listener.hear(part, count);
                heardS += count / (double) RATE;
                if (!going.at(Math.clamp(heardS / film.info().seconds(), 0.0, 1.0))) {
                    return Optional.empty();
                }
            }
            return Optional.of(listener.picture());
        }
    }

    /// How loud it is at a time against the loudest, from 0 to 1.
    public double at(double timeS) {
        int step = (int) (timeS / STEP_S);
        return step >= 0 && step < loudness.size() ? loudness.get(step) : 0;
    }

    /// Hears samples in their order.
    static final class Listener {

        private final List<Double> loudness = new ArrayList<>();
        private final List<Double> sharp = new ArrayList<>();
        private final double[] hop = new double[HOP];
        private int inHop;
        private long hops;
        private double square;
        private int inStep;
        private double before;
        private double heard;
        private double last;

        void hear(short[] samples, int count) {
            for (int i = 0; i < count; i++) {
                double now = samples[i] / (double) Short.MAX_VALUE;
                square += now * now;
                if (++inStep == STEP) {
                    endStep();
                }
                hop[inHop++] = now - before;
                before = now;
                if (inHop == HOP) {
                    endHop();
                }
            }
        }

        private void endStep() {
            // The last step may be a short one: a click alone in it is not louder for that.
            loudness.add(Math.sqrt(square / STEP));
            square = 0;
            inStep = 0;
        }

        private void endHop() {
            double energy = Arrays.stream(hop).map(d -> d * d).sum() / HOP;
            if (hops < FIRST_HOPS) {
                heard = Math.max(heard, energy);
            }
            boolean rises = energy > ABOVE * heard && energy > RISE * last && energy > QUIETEST;
            double at = (hops * HOP + begins()) / (double) RATE;
            if (rises && (sharp.isEmpty() || at - sharp.getLast() > APART_S)) {
                sharp.add(at);
            }
            heard += FORGETS * (energy - heard);
            last = energy;
            inHop = 0;
            hops++;
        }

        /// Where in the hop it becomes loud.
        private int begins() {
            double most = Arrays.stream(hop).map(Math::abs).max().orElse(0);
            for (int i = 0; i < HOP; i++) {
                if (Math.abs(hop[i]) > most / 2) {
                    return i;
                }
            }
            return 0;
        }

        SoundPicture picture() {
            if (inStep > 0) {
                endStep();
            }
            double most =
                    loudness.stream().mapToDouble(Double::doubleValue).max().orElse(0);
            return new SoundPicture(
                    most > 0 ? loudness.stream().map(loud -> loud / most).toList() : loudness, sharp);
        }
    }
}
