package onebeat.core.hearing;

import static onebeat.core.hearing.SpectralFlux.decibels;

import onebeat.core.exchange.Constants;
import onebeat.core.hearing.SoundKinds.Likelihoods;
import org.jspecify.annotations.Nullable;

/// A sound that was heard to begin and is measured, and how long it rings so far.
final class RingingSound {

    private static final Constants NUMBERS = Constants.of(RingingSound.class, "onsets.csv", "number");
    private static final double DROWNS_DB = NUMBERS.get("drowns_db");

    /// It has fallen by so much once it is quiet.
    private static final double RING_DB = 20;

    /// It rings no more once it was quiet for so many hops.
    private static final int QUIET_HOPS = 6;

    private final Beginning beginning;
    private final SoundFeatures features;
    private double ringS;
    private int quiet;
    private boolean rings = true;
    private @Nullable Likelihoods likelihoods;
    private double likelyAtS = -1;

    /// How it begins.
    ///
    /// @param hop the peak of the flux
    /// @param band the one that grew most, whose ringing is followed
    /// @param peak how much energy came in that band
    /// @param timeS in seconds
    /// @param loudness in dB
    record Beginning(long hop, int band, double peak, double timeS, double loudness) {}

    /// @param features as they are without its ringing
    RingingSound(Beginning beginning, SoundFeatures features) {
        this.beginning = beginning;
        this.features = features;
    }

    long hop() {
        return beginning.hop;
    }

    int band() {
        return beginning.band;
    }

    double timeS() {
        return beginning.timeS;
    }

    double loudness() {
        return beginning.loudness;
    }

    SoundFeatures features() {
        return new SoundFeatures(
                features.breadth(),
                features.peak(),
                features.brightness(),
                features.decay(),
                features.rise(),
                features.attack(),
                ringS);
    }

    /// What kind it is likely to be, worked out anew only while it rings on.
    Likelihoods likelihoods() {
        Likelihoods known = likelihoods;
        if (known == null || likelyAtS != ringS) {
            known = new Likelihoods(features());
            likelihoods = known;
            likelyAtS = ringS;
        }
        return known;
    }

    /// Follows it over all hops since it began.
    void followed(SpectralFlux flux) {
        ringS = (flux.hops() - beginning.hop) * SpectralFlux.HOP_S;
        for (long hop = beginning.hop + 1; hop <= flux.hops(); hop++) {
            goOn(flux, hop);
        }
    }

    /// Follows it over one hop more.
    void goOn(SpectralFlux flux, long hop) {
        if (!rings) {
            return;
        }
        double soFarS = (hop - beginning.hop) * SpectralFlux.HOP_S;
        boolean falls = decibels(flux.energy(hop, beginning.band)) < decibels(beginning.peak) - RING_DB;
        quiet = falls ? quiet + 1 : 0;
        ringS = falls ? ringS : soFarS;
        rings = quiet < QUIET_HOPS && soFarS < SoundFeatures.MOST_RING_S;
    }

    /// How long a soft sound rings is not known beyond a much louder one right after it.
    void drownedBy(RingingSound louder) {
        if (rings && louder.loudness() - loudness() > DROWNS_DB) {
            rings = false;
            ringS = Math.min(ringS, (louder.hop() - hop() - SpectralFlux.LAG) * SpectralFlux.HOP_S);
        }
    }
}
