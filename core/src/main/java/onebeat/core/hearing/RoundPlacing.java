package onebeat.core.hearing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Constants;

/// Places a recording on its round. Every pair of something expected and something heard votes for the offset
/// that would bring the two together (a correlation of what should be heard with what is); the best offset is
/// taken if it stands out from every other one, for repetitions are alike and a recording that begins late and
/// ends early fits in more than one place. Offset and clock error then follow from the sounds that the program
/// gave itself, by least squares.
public final class RoundPlacing {

    private static final Constants NUMBERS = Constants.of(RoundPlacing.class, "alignment.csv", "number");
    private static final double BIN_MS = NUMBERS.get("bin_ms");
    private static final double BELL = NUMBERS.get("weight_bell");
    private static final double SOUND = NUMBERS.get("weight_sound");
    private static final double CONTACT = NUMBERS.get("weight_contact");
    private static final double OTHERWISE = NUMBERS.get("weight_otherwise");
    private static final double SOUND_MS = NUMBERS.get("within_sound_ms");
    private static final double CONTACT_MS = NUMBERS.get("within_contact_ms");
    private static final double APART_MS = NUMBERS.get("apart_ms");
    private static final double LEAST_PART = NUMBERS.get("least_part");
    private static final double LEAST_MARGIN = NUMBERS.get("least_margin");
    private static final double MOST_PPM = NUMBERS.get("most_ppm");
    private static final int LEAST_FIT = (int) NUMBERS.get("least_fit");

    private final PlannedRound round;
    private final List<Onset> onsets;
    private final double recordingMs;
    private final double firstMs;
    private final double lastMs;

    private RoundPlacing(PlannedRound round, List<Onset> onsets, double recordingS, double firstMs, double lastMs) {
        this.round = round;
        this.onsets = onsets;
        this.recordingMs = recordingS * 1000;
        this.firstMs = firstMs;
        this.lastMs = lastMs;
    }

    /// Places a recording of which nothing is known.
    ///
    /// @param onsets what was heard in it, in time
    /// @param recordingS how long it is, in seconds
    /// @return empty where it fits nowhere, or in more than one place
    public static Optional<Placement> of(PlannedRound round, List<Onset> onsets, double recordingS) {
        return new RoundPlacing(round, onsets, recordingS, -round.seconds() * 1000, recordingS * 1000).place();
    }

    /// Places a recording whose bell is known to be about here.
    ///
    /// @param nearMs where the bell is, in milliseconds from the recording's start
    /// @param withinMs by how much that may be wrong
    public static Optional<Placement> near(
            PlannedRound round, List<Onset> onsets, double recordingS, double nearMs, double withinMs) {
        return new RoundPlacing(round, onsets, recordingS, nearMs - withinMs, nearMs + withinMs).place();
    }

    private Optional<Placement> place() {
        int bins = (int) Math.ceil((lastMs - firstMs) / BIN_MS) + 1;
        double[] votes = new double[bins];
        for (Onset onset : onsets) {
            for (KnownSound sound : round.sounds()) {
                vote(votes, onset.ms() - sound.ms(), SOUND_MS, weight(sound, onset));
            }
            if (onset.kind().isHit()) {
                for (PlannedContact contact : round.contacts()) {
                    vote(votes, onset.ms() - contact.ms(), CONTACT_MS, CONTACT);
                }
            }
        }
        int best = 0;
        for (int i = 0; i < bins; i++) {
            best = votes[i] > votes[best] ? i : best;
        }
        double second = 0;
        for (int i = 0; i < bins; i++) {
            second = Math.abs(i - best) * BIN_MS > APART_MS ? Math.max(second, votes[i]) : second;
        }
        double offset = firstMs + best * BIN_MS;
        double could = could(offset);
        double part = could == 0 ? 0 : votes[best] / could;
        double margin = votes[best] - second;
        double least = LEAST_MARGIN * Math.sqrt(Math.max(1, could));
        if (part < LEAST_PART || margin < least) {
            return Optional.empty();
        }
        double sure = 1 - Math.exp(-2 * margin / least);
        return fitted(new Placement(offset, 0, sure));
    }

    private static double weight(KnownSound sound, Onset onset) {
        double full = sound.heardAs() == SoundKind.BELL ? BELL : SOUND;
        if (onset.kind() == sound.heardAs()) {
            return full;
        }
        // Told to be a hit, though perhaps it is none.
        double perhaps = onset.kind().isHit() ? 1 - onset.struck() : 0;
        return SOUND * (OTHERWISE + (1 - OTHERWISE) * perhaps);
    }

    /// A vote, spread to either side.
    private void vote(double[] votes, double offset, double withinMs, double weight) {
        int from = (int) Math.ceil((offset - withinMs - firstMs) / BIN_MS);
        int to = (int) Math.floor((offset + withinMs - firstMs) / BIN_MS);
        for (int i = Math.max(0, from); i <= Math.min(votes.length - 1, to); i++) {
            double off = Math.abs(firstMs + i * BIN_MS - offset);
            votes[i] += weight * (1 - off / (withinMs + BIN_MS));
        }
    }

    /// What would be voted where everything that lies within the recording were heard on its time.
    private double could(double offset) {
        double sum = 0;
        for (KnownSound sound : round.sounds()) {
            if (isInside(offset + sound.ms())) {
                sum += sound.heardAs() == SoundKind.BELL ? BELL : SOUND;
            }
        }
        for (PlannedContact contact : round.contacts()) {
            sum += isInside(offset + contact.ms()) ? CONTACT : 0;
        }
        return sum;
    }

    private boolean isInside(double ms) {
        return ms >= 0 && ms <= recordingMs;
    }

    private record Pair(double planned, double heard) {}

    /// Drawn nearer in a few steps, each time only by what is close enough to be meant.
    private Optional<Placement> fitted(Placement rough) {
        Placement now = rough;
        for (double within : new double[] {SOUND_MS, SOUND_MS / 2, SOUND_MS / 4, SOUND_MS / 4}) {
            List<Pair> pairs = pairs(now, within);
            now = pairs.size() >= LEAST_FIT ? line(pairs, now) : shifted(pairs, now);
        }
        return Math.abs(now.driftPpm()) > MOST_PPM ? Optional.empty() : Optional.of(now);
    }

    private List<Pair> pairs(Placement now, double within) {
        List<Pair> pairs = new ArrayList<>();
        int at = 0;
        for (KnownSound sound : round.sounds()) {
            double expected = now.heardMs(sound.ms());
            while (at > 0 && onsets.get(at - 1).ms() > expected - within) {
                at--;
            }
            while (at < onsets.size() && onsets.get(at).ms() < expected - within) {
                at++;
            }
            Optional<Onset> best = Optional.empty();
            for (int i = at; i < onsets.size() && onsets.get(i).ms() <= expected + within; i++) {
                Onset onset = onsets.get(i);
                boolean nearer = best.isEmpty()
                        || Math.abs(onset.ms() - expected) < Math.abs(best.get().ms() - expected);
                if (onset.kind() == sound.heardAs() && nearer) {
                    best = Optional.of(onset);
                }
            }
            best.ifPresent(onset -> pairs.add(new Pair(sound.ms(), onset.ms())));
        }
        return pairs;
    }

    private static Placement line(List<Pair> pairs, Placement before) {
        double meanX = pairs.stream().mapToDouble(Pair::planned).average().orElse(0);
        double meanY =
                pairs.stream().mapToDouble(p -> p.heard - p.planned).average().orElse(0);
        double xx = 0;
        double xy = 0;
        for (Pair pair : pairs) {
            double x = pair.planned - meanX;
            xx += x * x;
            xy += x * (pair.heard - pair.planned - meanY);
        }
        double slope = xx == 0 ? 0 : xy / xx;
        return new Placement(meanY - slope * meanX, slope * 1e6, before.sure());
    }

    /// Too few to tell the clock's error: only moved.
    private static Placement shifted(List<Pair> pairs, Placement before) {
        if (pairs.isEmpty()) {
            return before;
        }
        double[] off = pairs.stream()
                .mapToDouble(p -> p.heard - before.heardMs(p.planned))
                .sorted()
                .toArray();
        return new Placement(before.offsetMs() + off[off.length / 2], before.driftPpm(), before.sure());
    }
}
