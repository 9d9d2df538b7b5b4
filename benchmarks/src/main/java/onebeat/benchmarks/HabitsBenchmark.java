package onebeat.benchmarks;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.FollowUps;
import onebeat.core.film.Outcome;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/// Habits over 100 000 exchanges, beside the same question asked in SQL of the same exchanges in a SQLite and in
/// a DuckDB table held in memory. The exchanges are one action and one response each, which is all that SQL can
/// take apart.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class HabitsBenchmark {

    private static final int EXCHANGES = 100_000;
    private static final String[] STIMULI = {"1", "2", "3", "1b", "2b", "rlow", "inlow", "lteep", "3b", "rmid"};
    private static final String[] RESPONSES = {"parry", "high", "low", "lean", "check", "none", "2", "slip-out", "block"
    };

    private final List<Exchange> exchanges = new ArrayList<>();
    private Connection connection;
    private Connection columns;

    @Setup
    public void setUp() throws SQLException {
        connection = DriverManager.getConnection("jdbc:sqlite::memory:");
        columns = DriverManager.getConnection("jdbc:duckdb:");
        Random random = new Random(20270304);
        try (Statement statement = connection.createStatement()) {
            statement.execute("CREATE TABLE exchange (id TEXT PRIMARY KEY, line TEXT NOT NULL)");
        }
        connection.setAutoCommit(false);
        try (PreparedStatement insert = connection.prepareStatement("INSERT INTO exchange VALUES (?, ?)")) {
            for (int i = 0; i < EXCHANGES; i++) {
                String line = STIMULI[random.nextInt(STIMULI.length)] + " ("
                        + RESPONSES[random.nextInt(RESPONSES.length)] + ")";
                exchanges.add(new Exchange(
                        "x" + i,
                        "reel",
                        i,
                        1,
                        Who.ATHLETE,
                        Stance.ORTHODOX,
                        Stance.SOUTHPAW,
                        Optional.empty(),
                        line,
                        Outcome.NONE,
                        ""));
                insert.setString(1, "x" + i);
                insert.setString(2, line);
                insert.addBatch();
            }
            insert.executeBatch();
        }
        connection.commit();
        fillColumns();
    }

    private void fillColumns() throws SQLException {
        try (Statement statement = columns.createStatement()) {
            statement.execute("CREATE TABLE exchange (id TEXT PRIMARY KEY, line TEXT NOT NULL)");
        }
        columns.setAutoCommit(false);
        try (PreparedStatement insert = columns.prepareStatement("INSERT INTO exchange VALUES (?, ?)")) {
            for (Exchange exchange : exchanges) {
                insert.setString(1, exchange.id());
                insert.setString(2, exchange.line());
                insert.addBatch();
            }
            insert.executeBatch();
        }
        columns.commit();
    }

    @TearDown
    public void tearDown() throws SQLException {
        connection.close();
        columns.close();
    }

    @Benchmark
    public Object habits() {
        return FollowUps.of(exchanges, Who.PARTNER, Vocabulary.standard());
    }

    /// The counts alone, without intervals and without the exchanges behind them.
    @Benchmark
    public int sql() throws SQLException {
        return counted(connection);
    }

    /// The same in a store that keeps columns (DuckDB).
    @Benchmark
    public int duckdb() throws SQLException {
        return counted(columns);
    }

    private static int counted(Connection connection) throws SQLException {
        String query = "SELECT substr(line, 1, instr(line, ' (') - 1) AS stimulus, "
                + "substr(line, instr(line, '(') + 1, length(line) - instr(line, '(') - 1) AS response, count(*) "
                + "FROM exchange GROUP BY stimulus, response ORDER BY 1, 3 DESC";
        int sum = 0;
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(query)) {
            while (rows.next()) {
                sum += rows.getInt(3);
            }
        }
        return sum;
    }
}
