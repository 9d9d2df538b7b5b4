package onebeat.formats.hearing;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import onebeat.formats.hearing.PadSounds.Surface;

/// Pad work that nobody did, with the truth beside it.
///
/// @param hits when each hit begins, and on what
public record PadScene(Samples sound, List<Hit> hits) {

    private static final int RATE = 48_000;

    public PadScene {
        hits = List.copyOf(hits);
    }

    /// A hit.
    ///
    /// @param timeS in seconds from the first sample
    public record Hit(double timeS, Surface on) {}

    /// What it is heard through.
    ///
    /// @param snrDb how much more power the hits have than the background, in decibels
    /// @param echo how wet the room is, from 0 to 1
    /// @param gain how far it is turned up; over 1 the loudest hits are cut off
    /// @param rate samples a second
    public record Through(double snrDb, Background background, double echo, double gain, int rate) {}

    /// What hits are made of.
    @FunctionalInterface
    public interface Hits {

        /// One hit; its first sample is where it begins.
        Samples hit(Surface on, int rate, Random random);
    }

    /// Hits at random times, single and in bursts, no two nearer than so many milliseconds.
    public static PadScene atRandom(double seconds, double leastApartMs, Through through, long seed) {
        return atRandom(seconds, leastApartMs, through, seed, PadSounds::hit);
    }

    /// The same with other hits.
    public static PadScene atRandom(double seconds, double leastApartMs, Through through, long seed, Hits made) {
        Random random = new Random(seed);
        List<Hit> hits = new ArrayList<>();
        double at = 0.5 + random.nextDouble();
        while (at < seconds - 0.5) {
            hits.add(new Hit(at, any(random)));
            double pause = random.nextInt(3) == 0 ? 0.4 + random.nextDouble() : 0.3 * random.nextDouble();
            at += leastApartMs / 1000 + pause;
        }
        return of(hits, seconds, through, random, made);
    }

    /// Pairs of hits so far apart, a second from one pair to the next.
    public static PadScene pairs(int pairs, double apartMs, Through through, long seed) {
        Random random = new Random(seed);
        List<Hit> hits = new ArrayList<>();
        for (int i = 0; i < pairs; i++) {
            double at = 0.7 + i + 0.1 * random.nextDouble();
            hits.add(new Hit(at, any(random)));
            hits.add(new Hit(at + apartMs / 1000, any(random)));
        }
        return of(hits, pairs + 1.5, through, random);
    }

    private static final List<Surface> ANY = List.of(Surface.values());

    private static Surface any(Random random) {
        return ANY.get(random.nextInt(ANY.size()));
    }

    /// These hits, heard through this.
    public static PadScene of(List<Hit> hits, double seconds, Through through, Random random) {
        return of(hits, seconds, through, random, PadSounds::hit);
    }

    /// The same with other hits.
    public static PadScene of(List<Hit> hits, double seconds, Through through, Random random, Hits made) {
        Samples dry = Samples.silence(RATE, seconds);
        List<Hit> placed = new ArrayList<>();
        for (Hit hit : hits) {
            int from = (int) Math.round(hit.timeS() * RATE);
            dry.lay(made.hit(hit.on(), RATE, random), from, 1);
            placed.add(new Hit(from / (double) RATE, hit.on()));
        }
        return new PadScene(through(dry, dry.power(), through, random), placed);
    }

    /// Sound as a phone in the room hears it.
    ///
    /// @param power of what is meant to be heard
    static Samples through(Samples dry, double power, Through through, Random random) {
        Samples wet = through.echo() > 0 ? Room.in(dry, 0.3 + 0.4 * random.nextDouble(), through.echo(), random) : dry;
        Samples all = wet.louder(1);
        Samples background = through.background().of(RATE, dry.seconds(), random);
        double wanted = power / Math.pow(10, through.snrDb() / 10);
        all.lay(background, 0, Math.sqrt(wanted / Math.max(1e-12, background.power())));
        Samples heard = through.rate() == RATE ? all : all.at(through.rate(), through.rate());
        return heard.louder(through.gain());
    }
}
