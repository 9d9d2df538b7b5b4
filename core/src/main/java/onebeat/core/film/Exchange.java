package onebeat.core.film;

import java.util.Optional;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Stance;
import onebeat.core.play.Who;

/// One passage on film. The studied opponent is always the partner, whoever faces him the athlete.
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

    public Pairing pairing() {
        return Pairing.of(athleteStance, partnerStance);
    }

    public Exchange withOutcome(Outcome judged) {
        return new Exchange(id, reelId, timeS, round, starter, athleteStance, partnerStance, range, line, judged, note);
    }
}
