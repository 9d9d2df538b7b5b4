package onebeat.core.book;

import java.time.LocalDate;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import onebeat.core.book.Proposal.Move;
import onebeat.core.exchange.Constants;
import onebeat.core.film.Share;
import onebeat.core.rounds.RoundPlan;

/// What happened to one drill, day by day.
public record Ledger(String drillId, List<Day> days) {

    private static final Constants BARS = Constants.of(Ledger.class, "bars.csv", "bar");

    public Ledger {
        days = List.copyOf(days);
    }

    /// One day of a drill.
    ///
    /// @param bpm the fastest tempo of the day
    /// @param counts judged repetitions by judgement
    /// @param seconds how long it ran on the floor
    /// @param called repetitions called, judged or not
    public record Day(LocalDate date, int bpm, Map<Judgement, Integer> counts, int seconds, int called) {

        public Day {
            counts = Map.copyOf(counts);
        }

        public int judged() {
            return counts.values().stream().mapToInt(Integer::intValue).sum();
        }

        public int count(Judgement judgement) {
            return counts.getOrDefault(judgement, 0);
        }

        /// The clean share with its interval; empty where nothing was judged.
        public Optional<Share> clean() {
            return judged() == 0 ? Optional.empty() : Optional.of(Share.of(count(Judgement.CLEAN), judged()));
        }
    }

    /// The ledger of a drill from all that was judged and run.
    public static Ledger of(String drillId, Collection<Repetition> repetitions, Collection<RoundRun> runs) {
        Map<LocalDate, Map<Judgement, Integer>> counts = new TreeMap<>();
        Map<LocalDate, Integer> bpm = new HashMap<>();
        Map<LocalDate, int[]> floor = new HashMap<>();
        for (Repetition one : repetitions) {
            if (one.drillId().equals(drillId)) {
                counts.computeIfAbsent(one.date(), _ -> new EnumMap<>(Judgement.class))
                        .merge(one.judgement(), 1, Integer::sum);
                bpm.merge(one.date(), one.bpm(), Math::max);
            }
        }
        for (RoundRun run : runs) {
            if (run.drillId().equals(drillId)) {
                counts.computeIfAbsent(run.date(), _ -> new EnumMap<>(Judgement.class));
                bpm.merge(run.date(), run.bpm(), Math::max);
                int[] sum = floor.computeIfAbsent(run.date(), _ -> new int[2]);
                sum[0] += run.seconds();
                sum[1] += run.called();
            }
        }
        List<Day> days = counts.entrySet().stream()
                .map(e -> {
                    int[] sum = floor.getOrDefault(e.getKey(), new int[2]);
                    return new Day(e.getKey(), bpm.getOrDefault(e.getKey(), 0), e.getValue(), sum[0], sum[1]);
                })
                .toList();
        return new Ledger(drillId, days);
    }

    /// What to do with the drill next, from its last judged day; empty while nothing was judged.
    public Optional<Proposal> proposal() {
        for (int i = days.size() - 1; i >= 0; i--) {
            Day day = days.get(i);
            Optional<Share> clean = day.clean();
            if (clean.isPresent()) {
                return Optional.of(propose(day, clean.get()));
            }
        }
        return Optional.empty();
    }

    private Proposal propose(Day day, Share clean) {
        Move move = move(clean);
        int step = (int) BARS.get("step_bpm");
        int bpm = switch (move) {
            case UP -> day.bpm() + step;
            case BACK -> day.bpm() - step;
            case AGAIN, TOO_FEW -> day.bpm();
        };
        return new Proposal(drillId, move, Math.clamp(bpm, RoundPlan.LEAST_BPM, RoundPlan.MOST_BPM), clean);
    }

    private static Move move(Share clean) {
        if (clean.of() < BARS.get("least")) {
            return Move.TOO_FEW;
        }
        if (clean.low() >= BARS.get("up")) {
            return Move.UP;
        }
        return clean.high() < BARS.get("back") ? Move.BACK : Move.AGAIN;
    }
}
