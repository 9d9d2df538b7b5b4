package onebeat.core.film;

import java.util.Optional;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Stance;
import onebeat.core.play.Who;

/// One passage on film. The studied opponent is always the partner, whoever faces them the athlete.
///
/// @param timeS when it begins, in seconds from the start of the reel
/// @param round the round it is in, from 1
/// @param line a call line with both sides; the partner's part in brackets
/// @param contactS when what it is about lands, in seconds from the start of the reel; empty where that was not noted
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
        String note,
        Optional<Double> contactS) {

    /// No film has more rounds: a day of the shortest ones.
    public static final int MOST_ROUND = (int) (Reel.MOST_SECONDS / Reel.LEAST_ROUND_SECONDS) + 1;

    /// There is one beginning of a film: zero and negative zero are the same time, as they are in a file.
    public Exchange {
        timeS += 0.0;
        contactS = contactS.map(lands -> lands + 0.0);
    }

    /// One whose contact was not noted.
    public Exchange(
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
        this(
                id,
                reelId,
                timeS,
                round,
                starter,
                athleteStance,
                partnerStance,
                range,
                line,
                outcome,
                note,
                Optional.empty());
    }

    /// The moment to look at: the contact where it was noted, the beginning elsewhere.
    public double momentS() {
        return contactS.orElse(timeS);
    }

    public Pairing pairing() {
        return Pairing.of(athleteStance, partnerStance);
    }

    public Exchange withOutcome(Outcome judged) {
        return new Exchange(
                id, reelId, timeS, round, starter, athleteStance, partnerStance, range, line, judged, note, contactS);
    }

    /// The same on another reel.
    public Exchange moved(String newId, String newReel) {
        return new Exchange(
                newId,
                newReel,
                timeS,
                round,
                starter,
                athleteStance,
                partnerStance,
                range,
                line,
                outcome,
                note,
                contactS);
    }

    /// The same at another time of its reel.
    public Exchange at(double changedS, int changedRound) {
        return new Exchange(
                id,
                reelId,
                changedS,
                changedRound,
                starter,
                athleteStance,
                partnerStance,
                range,
                line,
                outcome,
                note,
                contactS);
    }

    /// The same in another round.
    public Exchange inRound(int changed) {
        return at(timeS, changed);
    }

    /// The same with its contact at another time, or with none.
    public Exchange withContact(Optional<Double> changedS) {
        return new Exchange(
                id, reelId, timeS, round, starter, athleteStance, partnerStance, range, line, outcome, note, changedS);
    }

    /// The same as another line tells it.
    public Exchange withLine(String changed, Who changedStarter) {
        return new Exchange(
                id,
                reelId,
                timeS,
                round,
                changedStarter,
                athleteStance,
                partnerStance,
                range,
                changed,
                outcome,
                note,
                contactS);
    }

    /// The same from these stances.
    public Exchange withStances(Stance athlete, Stance partner) {
        return new Exchange(id, reelId, timeS, round, starter, athlete, partner, range, line, outcome, note, contactS);
    }

    /// The same at another range.
    public Exchange withRange(Optional<Band> changed) {
        return new Exchange(
                id,
                reelId,
                timeS,
                round,
                starter,
                athleteStance,
                partnerStance,
                changed,
                line,
                outcome,
                note,
                contactS);
    }
}
