package onebeat.core.hearing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Constants;

/// Finds the repetitions of a line in a recording that lies on no round: which hits belong together so that they
/// cost least, held against the line's own contacts. A repetition may be faster or slower than the line was typed
/// for, may lack contacts and have some too many; hits may belong to none (dynamic programming over the hits).
/// Costs are those of `alignment.csv`.
public final class LineInHits {

    private static final Constants NUMBERS = Constants.of(RoundPlacing.class, "alignment.csv", "number");
    private static final double EXTRA = NUMBERS.get("match_extra");
    private static final double TOGETHER_MS = NUMBERS.get("together_ms");
    private static final double LEAST_PACE = NUMBERS.get("free_least_pace");
    private static final double LEAST_PART = NUMBERS.get("free_least_part");
    private static final double PACE = NUMBERS.get("free_pace");
    private static final double MOST_PACE = NUMBERS.get("free_most_pace");

    /// A repetition may have so many hits more than planned.
    private static final int MORE = 1;

    private final PlannedRound line;
    private final List<PlannedContact> pattern;
    private final List<ContactAlignment.Hit> hits;

    private LineInHits(PlannedRound line, List<Onset> onsets) {
        this.line = line;
        pattern = heardApart(line.of(0));
        hits = onsets.stream()
                .filter(onset -> onset.kind().isHit())
                .map(onset -> new ContactAlignment.Hit(onset.ms(), onset))
                .toList();
    }

    /// A repetition that lies in the recording.
    ///
    /// @param startMs when its first contact lies there
    /// @param pace how many times as long it takes as planned
    /// @param hits how many hits it takes
    private record Found(double cost, double startMs, double pace, int hits) {}

    /// The repetitions of a line as they lie in the recording, in its own time; empty where there are none, or
    /// most of what is hit is something else.
    ///
    /// @param line a round of the line: its first repetition is looked for
    public static Optional<PlannedRound> of(PlannedRound line, List<Onset> onsets, double seconds) {
        if (line.starts().isEmpty() || line.of(0).isEmpty()) {
            return Optional.empty();
        }
        LineInHits search = new LineInHits(line, onsets);
        List<Found> found = search.repetitions();
        int taken = found.stream().mapToInt(Found::hits).sum();
        return found.isEmpty() || taken < LEAST_PART * search.hits.size()
                ? Optional.empty()
                : Optional.of(search.round(found, seconds));
    }

    /// Contacts that are planned at once may be heard as one.
    private static List<PlannedContact> heardApart(List<PlannedContact> contacts) {
        List<PlannedContact> apart = new ArrayList<>();
        for (PlannedContact contact : contacts) {
            if (apart.isEmpty() || contact.ms() - apart.getLast().ms() >= TOGETHER_MS) {
                apart.add(contact);
            }
        }
        return apart;
    }

    private List<Found> repetitions() {
        int n = hits.size();
        double[] cost = new double[n + 1];
        List<Optional<Found>> last = new ArrayList<>(List.of(Optional.empty()));
        int[] from = new int[n + 1];
        for (int to = 1; to <= n; to++) {
            cost[to] = cost[to - 1] + EXTRA;
            from[to] = to - 1;
            last.add(Optional.empty());
            for (int first = to - 1; first >= Math.max(0, to - pattern.size() - MORE); first--) {
                Found one = of(hits.subList(first, to));
                if (cost[first] + one.cost < cost[to]) {
                    cost[to] = cost[first] + one.cost;
                    from[to] = first;
                    last.set(to, Optional.of(one));
                }
            }
        }
        List<Found> all = new ArrayList<>();
        for (int at = n; at > 0; at = from[at]) {
            last.get(at).ifPresent(all::addFirst);
        }
        return all;
    }

    /// What these hits cost as one repetition: its first contact is the first of them, and it is as fast as planned
    /// or as fast as its ends say.
    private Found of(List<ContactAlignment.Hit> some) {
        double start = some.getFirst().ms();
        double planned = pattern.getLast().ms() - pattern.getFirst().ms();
        double took = some.getLast().ms() - start;
        Found asPlanned = at(some, start, 1);
        if (planned == 0 || took < LEAST_PACE * planned || took > MOST_PACE * planned) {
            return asPlanned;
        }
        Found asHeard = at(some, start, took / planned);
        return asHeard.cost < asPlanned.cost ? asHeard : asPlanned;
    }

    private Found at(List<ContactAlignment.Hit> some, double startMs, double pace) {
        double otherPace = PACE * Math.abs(Math.log(pace)) / Math.log(2);
        return new Found(
                otherPace + ContactAlignment.cost(moved(pattern, 0, startMs, pace), some), startMs, pace, some.size());
    }

    private List<PlannedContact> moved(List<PlannedContact> contacts, int repetition, double startMs, double pace) {
        double first = pattern.getFirst().ms();
        return contacts.stream()
                .map(c -> new PlannedContact(
                        repetition,
                        c.beat(),
                        startMs + pace * (c.ms() - first),
                        c.who(),
                        c.isAnswer() ? pace * c.oneBeatMs() : c.oneBeatMs()))
                .toList();
    }

    private PlannedRound round(List<Found> found, double seconds) {
        List<PlannedContact> contacts = new ArrayList<>();
        for (int r = 0; r < found.size(); r++) {
            contacts.addAll(moved(line.of(0), r, found.get(r).startMs, found.get(r).pace));
        }
        List<Double> starts = found.stream().map(Found::startMs).toList();
        return new PlannedRound(starts, contacts, List.of(), line.beatMs(), seconds);
    }
}
