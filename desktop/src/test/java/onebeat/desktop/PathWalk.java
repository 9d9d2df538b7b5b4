package onebeat.desktop;

import java.nio.file.Path;
import java.util.function.LongSupplier;
import javafx.scene.input.KeyCode;
import onebeat.core.camp.Drill;
import onebeat.core.rounds.RoundPlan;
import onebeat.desktop.app.StationName;

/// The whole path in a process of its own, so that it can be killed hard: from an exchange on film to the
/// book. Every step is a key on the real window.
final class PathWalk {

    /// The floor's clock runs so many times faster.
    private static final int FAST = 150;

    /// And so many times where a round must not end before it is killed, however busy the machine is.
    private static final int SLOW = 10;

    /// From film to the book.
    static final String WHOLE = "whole";

    /// The first round, and half of the second.
    static final String HALF = "half";

    private PathWalk() {}

    public static void main(String[] args) throws InterruptedException {
        Driver.startToolkit();
        PacedClock clock = new PacedClock(args[1].equals(HALF) ? SLOW : FAST);
        Driver coach = Driver.open(Path.of(args[0]), clock);
        try {
            if (args[1].equals(HALF)) {
                half(coach, clock);
            } else {
                walk(coach);
            }
            System.out.println("WALKED");
            System.out.flush();
            Thread.sleep(600_000);
        } catch (AssertionError | IllegalStateException e) {
            e.printStackTrace();
            Runtime.getRuntime().halt(1);
        }
    }

    /// A clock that runs faster than the wall's by a factor that can be changed on the way.
    /// It is read for each picture and goes on only a little from one to the next: where the
    /// machine stands still, no round is over when it wakes.
    private static final class PacedClock implements LongSupplier {

        private static final long MOST_MS = 2_000;

        private long sinceNs = System.nanoTime();
        private long nowMs;
        private long pace;

        PacedClock(long pace) {
            this.pace = pace;
        }

        @Override
        public synchronized long getAsLong() {
            long ns = System.nanoTime();
            long passed = (ns - sinceNs) / NS_PER_MS;
            sinceNs += passed * NS_PER_MS;
            nowMs += Math.min(passed * pace, MOST_MS);
            return nowMs;
        }

        synchronized void run(long faster) {
            getAsLong();
            pace = faster;
        }
    }

    private static final long NS_PER_MS = 1_000_000;

    private static void half(Driver coach, PacedClock clock) {
        coach.press(KeyCode.DIGIT4, KeyCode.CONTROL).press(KeyCode.SPACE);
        coach.await("the first round", () -> coach.shows("ROUND 1 OF 4"));
        coach.await("its first call", () -> coach.shows("1 / "));
        coach.press(KeyCode.C);
        coach.await("judged clean", () -> coach.shows("1 CLEAN"));
        clock.run(FAST / 4);
        coach.await("the second round", () -> coach.shows("ROUND 2 OF 4"));
        clock.run(SLOW);
        coach.await("a call", () -> coach.shows("1 / "));
        coach.press(KeyCode.W);
        coach.await("judged", () -> coach.shows("1 WRONG"));
        String before = coach.app.draft("floor at");
        coach.await(
                "it is written down how far it is",
                () -> !coach.app.draft("floor at").equals(before));
    }

    private static void walk(Driver coach) {
        int exchanges = coach.app.camp().exchanges().size();
        coach.press(KeyCode.DOWN, KeyCode.ALT).press(KeyCode.DOWN, KeyCode.ALT);

        // Log an exchange while the film runs, slowly: a slow machine must not run on to the next exchange, which would
        // be at hand then. The next single key is its outcome.
        coach.press(KeyCode.MINUS).press(KeyCode.MINUS);
        coach.press(KeyCode.SPACE, KeyCode.CONTROL);
        coach.press(KeyCode.SLASH).type("1b (low) 3");
        coach.press(KeyCode.ENTER);
        coach.await("the exchange is logged", () -> coach.app.camp().exchanges().size() == exchanges + 1);
        coach.press(KeyCode.C);
        coach.await("its outcome", () -> coach.shows("Outcome: clean."));
        coach.press(KeyCode.SPACE, KeyCode.CONTROL);

        // To the bench, and spoil it there.
        int drills = coach.app.camp().drills().size();
        coach.press(KeyCode.B, KeyCode.CONTROL);
        coach.await("the drill is made", () -> coach.app.camp().drills().size() == drills + 1);
        coach.await("the bench", () -> coach.shell.here() == StationName.BENCH);
        coach.await(
                "the line lies there, with what else Noor does as reads",
                () -> coach.shell.callLine().text().startsWith("1b { (low): 3 | (out): "));
        coach.press(KeyCode.SLASH).press(KeyCode.A, KeyCode.CONTROL).type("1b (low) 3 3");
        coach.await("the finding", () -> coach.shows("Same side, no reload"));

        // Take the mend with one key, and into tonight's rounds with one more.
        coach.press(KeyCode.F2);
        coach.await("the mended line", () -> coach.shell.callLine().text().equals("1b (low) 3 reload 3"));
        coach.await("nothing against its sides", () -> !coach.shows("Same side, no reload"));
        coach.press(KeyCode.R, KeyCode.CONTROL);
        coach.await("the rounds", () -> coach.shell.here() == StationName.ROUNDS);
        String drill = coach.app.drill().map(Drill::id).orElseThrow();
        coach.await(
                "the round stands last",
                () -> coach.app
                        .camp()
                        .roundsOf(coach.app.tonight().orElseThrow().id())
                        .getLast()
                        .drillId()
                        .equals(drill));

        // Run it with a fast clock and judge what comes.
        coach.press(KeyCode.F);
        coach.await("the floor", () -> coach.shell.here() == StationName.FLOOR);
        coach.press(KeyCode.SPACE);
        RoundPlan last = coach.app
                .camp()
                .roundsOf(coach.app.tonight().orElseThrow().id())
                .getLast();
        coach.await("the last round runs", () -> coach.shows("ROUND 5 OF 5"));
        coach.press(KeyCode.C).press(KeyCode.L);
        coach.await(
                "the round is judged",
                () -> coach.app.camp().repetitions().all().stream()
                        .anyMatch(r -> r.roundId().equals(last.id())));
        coach.await(
                "the round has run",
                () -> coach.app.camp().runs().all().stream()
                        .anyMatch(r -> r.roundId().equals(last.id())));
        coach.await("done", () -> coach.shows("DONE"));

        // And it is in the book.
        coach.press(KeyCode.B);
        coach.await("the book", () -> coach.shell.here() == StationName.BOOK);
        coach.await(
                "the drill in the book",
                () -> coach.shows(
                        coach.app.camp().drills().get(drill).orElseThrow().name()));
    }
}
