package onebeat.core.book;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import onebeat.core.book.Proposal.Move;
import onebeat.core.exchange.Constants;
import onebeat.core.film.Share;
import onebeat.core.ladder.Ladder;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.timing.Rung;

/// What happened to one drill, day by day and step by step.
///
/// @param gaps how long after the feed its answers were heard, in the order in which they were done, in milliseconds
public record Ledger(String drillId, List<Day> days, List<Double> gaps) {

    private static final Constants BARS = Constants.of(Ledger.class, "bars.csv", "bar");

    public Ledger {
        days = List.copyOf(days);
        gaps = List.copyOf(gaps);
    }

    /// One day of a drill at one step of its ladder.
    ///
    /// @param bpm the fastest tempo of the day
    /// @param counts judged repetitions by judgement
    /// @param seconds how long it ran on the floor
    /// @param called repetitions called, judged or not
    /// @param faults how often each fault was named, by its id
    /// @param heard of the judged ones those that were heard and not pressed
    public record Day(
            LocalDate date,
            Rung rung,
            int bpm,
            Map<Judgement, Integer> counts,
            int seconds,
            int called,
            Map<String, Integer> faults,
            int heard) {

        public Day {
            counts = Map.copyOf(counts);
            faults = Map.copyOf(faults);
        }

        public int judged() {
            return counts.values().stream().mapToInt(Integer::intValue).sum();
        }

        public int count(Judgement judgement) {
            return counts.getOrDefault(judgement, 0);
        }

        /// How many of the called ones have to be judged for the line to go up: none where all was pressed. What the
        /// ear leaves out is seldom clean, so that a few heard ones look cleaner than the day was.
        public int leastJudged() {
            return heard == 0 ? 0 : (int) Math.ceil(BARS.get("heard_share") * called);
        }

        /// Whether too little of what was called is judged to go up by what was heard.
        public boolean isHeardTooLittle() {
            return judged() < leastJudged();
        }

        /// The clean share with its interval; empty where nothing was judged.
        public Optional<Share> clean() {
            return judged() == 0 ? Optional.empty() : Optional.of(Share.of(count(Judgement.CLEAN), judged()));
        }
    }

    /// The ledger of a drill from all that was judged and run.
    public static Ledger of(String drillId, Collection<Repetition> repetitions, Collection<RoundRun> runs) {
        Map<Key, Sum> sums = new TreeMap<>();
        for (Repetition one : repetitions) {
            if (one.drillId().equals(drillId)) {
                Sum sum = sums.computeIfAbsent(new Key(one.date(), one.rung()), _ -> new Sum());
                sum.counts.merge(one.judgement(), 1, Integer::sum);
                sum.heard += one.heard() ? 1 : 0;
                sum.bpm = Math.max(sum.bpm, one.bpm());
                if (!one.fault().isEmpty()) {
                    sum.faults.merge(one.fault(), 1, Integer::sum);
                }
            }
        }
        for (RoundRun run : runs) {
            if (run.drillId().equals(drillId)) {
                Sum sum = sums.computeIfAbsent(new Key(run.date(), run.rung()), _ -> new Sum());
                sum.bpm = Math.max(sum.bpm, run.bpm());
                sum.seconds += run.seconds();
                sum.called += run.called();
            }
        }
        List<Day> days = new ArrayList<>();
        sums.forEach((key, sum) -> days.add(
                new Day(key.date, key.rung, sum.bpm, sum.counts, sum.seconds, sum.called, sum.faults, sum.heard)));
        List<Double> gaps = repetitions.stream()
                .filter(one -> one.drillId().equals(drillId))
                .flatMap(one -> one.oneBeatMs().stream())
                .toList();
        return new Ledger(drillId, days, gaps);
    }

    private record Key(LocalDate date, Rung rung) implements Comparable<Key> {

        @Override
        public int compareTo(Key other) {
            int byDate = date.compareTo(other.date);
            return byDate != 0 ? byDate : rung.compareTo(other.rung);
        }
    }

    private static final class Sum {

        private final Map<Judgement, Integer> counts = new EnumMap<>(Judgement.class);
        private final Map<String, Integer> faults = new HashMap<>();
        private int bpm;
        private int seconds;
        private int called;
        private int heard;
    }

    /// How many of the repetitions with the right answer came in time: of a line that is answered in one
    /// beat, its measured share of one beat. What was late was not on the beat; what was wrong or stopped
    /// says nothing of it.
    ///
    /// @return empty where nothing was clean or late
    public Optional<Share> inTime() {
        int clean = days.stream().mapToInt(d -> d.count(Judgement.CLEAN)).sum();
        int late = days.stream().mapToInt(d -> d.count(Judgement.LATE)).sum();
        return clean + late == 0 ? Optional.empty() : Optional.of(Share.of(clean, clean + late));
    }

    /// The fastest tempo at which most of a day was clean, in beats a minute.
    public OptionalInt reached() {
        return days.stream()
                .filter(d -> d.clean().filter(c -> c.share() > 0.5).isPresent())
                .mapToInt(Day::bpm)
                .max();
    }

    /// The last day on which something was judged.
    public Optional<Day> lastJudged() {
        return days.stream().filter(d -> d.judged() > 0).reduce((_, later) -> later);
    }

    /// What to do with the drill next, from its last judged day; empty while nothing was judged.
    public Optional<Proposal> proposal() {
        return proposal(RoundPlan.MOST_BPM);
    }

    /// The same for a line with a tempo ceiling: there the next step is another rung of the ladder.
    ///
    /// @param ceiling in beats a minute
    public Optional<Proposal> proposal(double ceiling) {
        return lastJudged().map(day -> propose(day, day.clean().orElseThrow(), ceiling));
    }

    /// The same where the coach asks for answers in one beat: the drill does not go up before they are heard so.
    ///
    /// @param mostMs the coach's bar in milliseconds; 0 where none is asked for
    public Optional<Proposal> proposal(double ceiling, int mostMs) {
        return proposal(ceiling).map(next -> next.move() == Move.UP && isHeldBack(mostMs) ? next.again() : next);
    }

    /// Whether answers were heard, and not in one beat often enough.
    public boolean isHeldBack(int mostMs) {
        return mostMs > 0 && !gaps.isEmpty() && !OneBeatBar.of(gaps, mostMs).isMet();
    }

    private Proposal propose(Day day, Share clean, double ceiling) {
        Move move = move(clean) == Move.UP && day.isHeardTooLittle() ? Move.AGAIN : move(clean);
        int step = (int) BARS.get("step_bpm");
        List<Rung> rungs = List.of(Rung.values());
        int at = rungs.indexOf(day.rung());
        boolean byTempo = day.rung() == Rung.WHOLE || day.rung() == Rung.TEMPO;
        Rung rung = day.rung();
        int bpm = day.bpm();
        if (move == Move.UP && byTempo && day.bpm() + step > ceiling) {
            rung = Rung.BROKEN;
            bpm = Ladder.bpm(Rung.BROKEN, ceiling);
        } else if (move == Move.UP && byTempo) {
            bpm = day.bpm() + step;
        } else if (move == Move.UP && at + 1 < rungs.size()) {
            rung = rungs.get(at + 1);
            bpm = Ladder.bpm(rung, ceiling);
        } else if (move == Move.UP) {
            move = Move.KEEP;
        } else if (move == Move.BACK && (byTempo || at == 0)) {
            bpm = day.bpm() - step;
        } else if (move == Move.BACK) {
            rung = rungs.get(at - 1);
            bpm = rung == Rung.TEMPO ? (int) Math.floor(ceiling) : Ladder.bpm(rung, ceiling);
        }
        return new Proposal(drillId, move, rung, Math.clamp(bpm, RoundPlan.LEAST_BPM, RoundPlan.MOST_BPM), day, clean);
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
