package onebeat.benchmarks;

import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.TimeUnit;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Card;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.camp.Schedules;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.rounds.Calls;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Session;
import onebeat.core.timing.Rung;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/// An evening of rounds with reads laid out on the clock: what a round more or less costs at Rounds with all else kept,
/// beside the same with ladders and rounds made anew.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class EveningBenchmark {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 4);
    private static final List<String> LINES = List.of(
            "(1) catch+2 3 rlow circle-lead", "1b (low) 2 3 off", "1 2 3! (lean) rlow off", "(2) parry 2 3b 3 off");

    private final Session session = new Session("s1", DAY, "Tonight", "kickboxing");
    private final Schedules kept = new Schedules();
    private boolean more;
    private Camp camp = Camp.empty(new Card(
            "Saltlight",
            Fighter.usual("Ilka", Stance.ORTHODOX),
            Fighter.usual("Noor", Stance.SOUTHPAW),
            DAY.minusWeeks(4),
            DAY.plusWeeks(4)));
    private Camp longer = camp;

    @Setup
    public void setUp() {
        camp = Edit.add(Place.SESSIONS, session).applyTo(camp);
        for (int i = 0; i < LINES.size(); i++) {
            camp = Edit.add(Place.DRILLS, new Drill("d" + i, "d" + i, LINES.get(i), 60, DAY, ""))
                    .applyTo(camp);
            camp = Edit.add(Place.ROUNDS, new RoundPlan("r" + i, "s1", i, "d" + i, 60, 4).on(Rung.READS))
                    .applyTo(camp);
        }
        longer = Edit.add(Place.ROUNDS, new RoundPlan("r9", "s1", 9, "d0", 60, 4).on(Rung.READS))
                .applyTo(camp);
    }

    @Benchmark
    public Object kept() {
        more = !more;
        return kept.of(more ? longer : camp, session, Calls.NONE);
    }

    @Benchmark
    public Object anew() {
        return new Schedules().of(camp, session, Calls.NONE);
    }
}
