package onebeat.core.hearing;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import onebeat.core.exchange.Constants;
import onebeat.core.rounds.Event;

/// What of a recording are hits of the round: the sounds and calls that the program gave itself are taken out; what
/// could be a hit and comes with a click where a contact is planned is one that the click hides.
final class HitsOfRound {

    private static final Constants NUMBERS = Constants.of(RoundPlacing.class, "alignment.csv", "number");
    private static final double KNOWN_MS = NUMBERS.get("known_ms");
    private static final double HIDDEN_STRUCK = NUMBERS.get("hidden_struck");

    private static final double HIDDEN_SURE = NUMBERS.get("sure_hidden");
    private static final double NOISE_SURE = NUMBERS.get("sure_noise");
    private static final double BEFORE_BEAT_MS = NUMBERS.get("before_beat_ms");

    private static final Set<Event.Kind> NOISES = EnumSet.of(Event.Kind.LAST_MINUTE, Event.Kind.LAST_TEN);

    private final PlannedRound round;
    private final List<Onset> onsets;
    private final Placement placed;

    HitsOfRound(PlannedRound round, List<Onset> onsets, Placement placed) {
        this.round = round;
        this.onsets = onsets;
        this.placed = placed;
    }

    List<ContactAlignment.Hit> hits() {
        return onsets.stream()
                .filter(this::isHit)
                .map(onset -> new ContactAlignment.Hit(placed.plannedMs(onset.ms()), doubted(onset)))
                .toList();
    }

    private boolean isHit(Onset onset) {
        double ms = placed.plannedMs(onset.ms());
        boolean planned = isPlanned(ms, 2 * KNOWN_MS);
        if (onset.kind().isHit()) {
            return planned || !(isGiven(ms, true) || isSaid(ms));
        }
        // What is like a hit and comes with a burst of noise is that burst.
        return onset.struck() > HIDDEN_STRUCK && planned && isGiven(ms, false) && !isGiven(ms, true);
    }

    /// What comes with a sound of the program is less sure to be a hit.
    private Onset doubted(Onset onset) {
        if (!onset.kind().isHit()) {
            return onset.as(SoundKind.PAD, HIDDEN_SURE);
        }
        return isGiven(placed.plannedMs(onset.ms()), true) ? onset.as(onset.kind(), NOISE_SURE) : onset;
    }

    /// Whether a call is said then: from when it begins to shortly before the first beat that it calls.
    private boolean isSaid(double ms) {
        return round.sounds().stream()
                .filter(sound -> sound.kind() == Event.Kind.CALL && sound.repetition() >= 0)
                .anyMatch(sound -> {
                    double first = round.starts().get(sound.repetition());
                    return ms > sound.ms() - KNOWN_MS && sound.ms() < first && ms < first - BEFORE_BEAT_MS;
                });
    }

    /// Whether the program gave a sound then: a burst of noise, or any other.
    private boolean isGiven(double ms, boolean noise) {
        return round.sounds().stream()
                .anyMatch(sound -> NOISES.contains(sound.kind()) == noise && Math.abs(sound.ms() - ms) < KNOWN_MS);
    }

    private boolean isPlanned(double ms, double within) {
        return round.contacts().stream().anyMatch(c -> Math.abs(c.ms() - ms) < within);
    }
}
