package onebeat.formats.hearing;

import java.util.List;
import java.util.Random;
import onebeat.formats.sound.Voice;

/// What else is heard in a gym, made from numbers and from the voice clips that ship.
public enum Background {
    HISS,
    VOICES,
    MUSIC;

    private static final double BEAT_S = 60.0 / 128;

    private static final List<String> WORDS = List.of(
            "backfist",
            "break",
            "catch",
            "check",
            "cross",
            "frame",
            "hop",
            "jab",
            "pivot",
            "reload",
            "shield",
            "wedge");

    /// So much of it, about as loud as it likes; the caller sets how loud.
    public Samples of(int rate, double seconds, Random random) {
        return switch (this) {
            case HISS -> hiss(rate, seconds, random);
            case VOICES -> voices(rate, seconds, random);
            case MUSIC -> music(rate, seconds, random);
        };
    }

    /// Noise that falls with its frequency, as fans and streets give it.
    private static Samples hiss(int rate, double seconds, Random random) {
        float[] values = new float[(int) Math.ceil(rate * seconds)];
        double slow = 0;
        double middle = 0;
        for (int i = 0; i < values.length; i++) {
            double white = random.nextGaussian();
            slow += 0.01 * (white - slow);
            middle += 0.1 * (white - middle);
            values[i] = (float) (0.05 * (0.2 * white + middle + 3 * slow));
        }
        return new Samples(rate, values);
    }

    private static Samples voices(int rate, double seconds, Random random) {
        Samples all = Samples.silence(rate, seconds);
        Voice voice = new Voice();
        double at = random.nextDouble();
        while (at < seconds) {
            String word = WORDS.get(random.nextInt(WORDS.size()));
            float[] clip = voice.mono(word).orElse(new float[0]);
            if (clip.length > 0) {
                // Another speaker each time: slower or faster, deeper or higher.
                double speaker = Voice.STEREO.getSampleRate() * (0.8 + 0.4 * random.nextDouble());
                Samples said = new Samples((int) Math.round(speaker), clip).at(rate, rate);
                all.lay(said, (int) (at * rate), 0.3 + 0.7 * random.nextDouble());
                at += said.seconds();
            }
            at += 0.6 * random.nextDouble();
        }
        return all;
    }

    /// A drum on each beat, a hat between them, a bass and a chord.
    private static Samples music(int rate, double seconds, Random random) {
        float[] values = new float[(int) Math.ceil(rate * seconds)];
        double root = 80 + 60 * random.nextDouble();
        double[] chord = {2, 2.5, 3};
        for (int i = 0; i < values.length; i++) {
            double t = i / (double) rate;
            double inBeat = t % BEAT_S;
            double offBeat = (t + BEAT_S / 2) % BEAT_S;
            double drum =
                    Math.sin(2 * Math.PI * 55 * inBeat * (1 + 2 * Math.exp(-inBeat / 0.02))) * Math.exp(-inBeat / 0.09);
            double hat = 0.25 * random.nextGaussian() * Math.exp(-offBeat / 0.02);
            double bass = 0.4 * (2 * ((root * t) % 1) - 1);
            double sum = drum + hat + bass;
            int bar = (int) (t / (4 * BEAT_S)) % 3;
            for (double note : chord) {
                sum += 0.12 * Math.sin(2 * Math.PI * root * 2 * note * (1 + 0.125 * bar) * t);
            }
            values[i] = (float) (0.2 * sum);
        }
        return new Samples(rate, values);
    }
}
