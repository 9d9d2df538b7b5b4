package onebeat.core.film;

import java.util.Optional;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Stance;
import onebeat.core.play.Who;

/// One passage on film. The studied opponent is always the partner, whoever faces them the athlete.
///
/// @param timeS seconds from the start of the reel
/// @param round the round it is in, from 1
/// @param line a call line with both sides; the partner's part in brackets
public record Exchange(
        String id,
        String reelId,
        double timeS,
        int round,
        Who starter,
        Stance athleteStance,
        Stance partnerStance,
        Optional<Band> range,
        String line,
        Outcome outcome,
        String note) {

    /// No film has more rounds: a day of the shortest ones.
    public static final int MOST_ROUND = (int) (Reel.MOST_SECONDS / Reel.LEAST_ROUND_SECONDS) + 1;

    public Pairing pairing() {
        return Pairing.of(athleteStance, partnerStance);
    }

    public Exchange withOutcome(Outcome judged) {
        return new Exchange(id, reelId, timeS, round, starter, athleteStance, partnerStance, range, line, judged, note);
    }

    /// The same on another reel.
    public Exchange moved(String newId, String newReel) {
        return new Exchange(
                newId, newReel, timeS, round, starter, athleteStance, partnerStance, range, line, outcome, note);
    }

    /// The same at another time of its reel.
    public Exchange at(double changedS, int changedRound) {
        return new Exchange(
                id, reelId, changedS, changedRound, starter, athleteStance, partnerStance, range, line, outcome, note);
    }

    /// The same as another line tells it.
    public Exchange withLine(String changed, Who changedStarter) {
        return new Exchange(
                id, reelId, timeS, round, changedStarter, athleteStance, partnerStance, range, changed, outcome, note);
    }

    /// The same from these stances.
    public Exchange withStances(Stance athlete, Stance partner) {
        return new Exchange(id, reelId, timeS, round, starter, athlete, partner, range, line, outcome, note);
    }

    /// The same at another range.
    public Exchange withRange(Optional<Band> changed) {
        return new Exchange(
                id, reelId, timeS, round, starter, athleteStance, partnerStance, changed, line, outcome, note);
    }
}
