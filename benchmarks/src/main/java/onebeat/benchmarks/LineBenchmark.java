package onebeat.benchmarks;

import java.util.concurrent.TimeUnit;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Play;
import onebeat.core.play.Played;
import onebeat.core.play.Setting;
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

/// Reading, playing and reviewing a line, by its length. What they are held against is looking at each character of the
/// same text once.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class LineBenchmark {

    private static final String SIX = "(1) catch+1 2 3 rlow off";

    /// Actions in the line.
    @Param({"6", "12", "24", "48"})
    public int actions;

    private String text = "";
    private Read read = (Read) Notation.read(SIX);
    private final Context context = Context.usual();

    @Setup
    public void setUp() {
        text = (SIX + " ").repeat(actions / 6).strip();
        read = (Read) Notation.read(text);
    }

    @Benchmark
    public int eachCharacterOnce() {
        int sum = 0;
        for (int i = 0; i < text.length(); i++) {
            sum += text.charAt(i);
        }
        return sum;
    }

    @Benchmark
    public Object reading() {
        return Notation.read(text);
    }

    @Benchmark
    public Played playing() {
        return Play.of(read.line(), Setting.usual());
    }

    @Benchmark
    public Review reviewingWithoutMends() {
        return Review.withoutMends(read, context);
    }

    @Benchmark
    public Review reviewingWithMends() {
        return Review.of(read, context);
    }
}
