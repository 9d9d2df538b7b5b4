package onebeat.planning;

import com.google.ortools.sat.CpSolver;
import java.util.function.BooleanSupplier;

/// Stops a solver soon after somebody asks for it, whatever it is doing.
final class StopRequest implements AutoCloseable {

    private static final long EVERY_MS = 50;

    private final Thread asks;

    StopRequest(CpSolver solver, BooleanSupplier stop) {
        asks = Thread.ofVirtual().start(() -> {
            while (!Thread.currentThread().isInterrupted()) {
                if (stop.getAsBoolean()) {
                    solver.stopSearch();
                }
                try {
                    Thread.sleep(EVERY_MS);
                } catch (InterruptedException _) {
                    return;
                }
            }
        });
    }

    @Override
    public void close() {
        asks.interrupt();
    }
}
