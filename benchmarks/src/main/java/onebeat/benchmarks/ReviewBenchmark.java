package onebeat.benchmarks;

import java.util.concurrent.TimeUnit;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/// The review of a line with two reads, reasons included and mends apart, sampled one by one: what a coach waits for
/// while typing. Half of the actions stand before the reads and between them.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 16, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ReviewBenchmark {

    private static final String READS = "{ (1): catch+1 | (none): 3b }";

    /// Actions of the longest way through the line.
    @Param({"6", "12", "24", "48"})
    public int actions;

    private Read read = (Read) Notation.read("1");
    private final Context context = Context.usual();

    @Setup
    public void setUp() {
        String chain = "1 2 3 rlow 1 2b 3 6 ";
        StringBuilder text = new StringBuilder();
        int plain = actions - 6;
        String[] items = chain.repeat(1 + plain / 8).split(" ");
        for (int i = 0; i < plain / 2; i++) {
            text.append(items[i]).append(' ');
        }
        text.append(READS).append(' ');
        for (int i = plain / 2; i < plain; i++) {
            text.append(items[i]).append(' ');
        }
        read = (Read) Notation.read(text.append(READS).toString());
    }

    @Benchmark
    public Review withReasons() {
        return Review.withReasons(read, context);
    }
}
