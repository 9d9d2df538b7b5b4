package onebeat.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import onebeat.desktop.Driver;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

class StoppableWorkTest {

    private final CompletableFuture<String> failed = new CompletableFuture<>();
    private final StoppableWork work = new StoppableWork("a test", failed::complete);

    @BeforeAll
    static void toolkit() throws InterruptedException {
        Driver.startToolkit();
    }

    @Test
    void itTellsHowFarItIsAndCanBeStopped() throws Exception {
        List<Integer> told = new CopyOnWriteArrayList<>();
        CompletableFuture<Boolean> ended = new CompletableFuture<>();
        CompletableFuture<Boolean> began = new CompletableFuture<>();
        Platform.runLater(() -> {
            assertThat(work.stop()).as("nothing is under way").isFalse();
            work.begin(told::add, progress -> {
                assertThat(progress.test(0.5)).isTrue();
                began.complete(true);
                while (progress.test(0.51)) {
                    Thread.onSpinWait();
                }
                return () -> ended.complete(work.stop());
            });
        });
        began.get(20, TimeUnit.SECONDS);
        Platform.runLater(work::stop);
        assertThat(ended.get(20, TimeUnit.SECONDS)).as("and then it is over").isFalse();
        assertThat(told).containsExactly(50);
    }

    @Test
    void whatGoesWrongIsToldAndNothingStaysUnderWay() throws Exception {
        Platform.runLater(() -> work.begin(_ -> {}, _ -> {
            throw new IllegalStateException("on purpose");
        }));
        assertThat(failed.get(20, TimeUnit.SECONDS)).isNotBlank();
        CompletableFuture<Boolean> after = new CompletableFuture<>();
        Platform.runLater(() -> after.complete(work.stop()));
        assertThat(after.get(20, TimeUnit.SECONDS)).isFalse();
    }
}
