package onebeat.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import onebeat.desktop.Driver;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

class BackgroundQuestionTest {

    private static final long PATIENCE_S = 20;

    @BeforeAll
    static void toolkit() throws InterruptedException {
        Driver.startToolkit();
    }

    @Test
    void answersOnTheWayComeInOrder() throws Exception {
        List<Integer> told = new CopyOnWriteArrayList<>();
        CompletableFuture<Boolean> done = new CompletableFuture<>();
        try (BackgroundQuestion newest = new BackgroundQuestion("test", _ -> {})) {
            newest.ask(asked -> {
                for (int i = 1; i <= 3; i++) {
                    int answer = i;
                    asked.tell(() -> told.add(answer));
                }
                asked.tell(() -> done.complete(true));
            });
            assertThat(done.get(PATIENCE_S, TimeUnit.SECONDS)).isTrue();
        }
        assertThat(told).containsExactly(1, 2, 3);
    }

    @Test
    void whatWasAskedBeforeIsLetGo() throws Exception {
        List<String> told = new CopyOnWriteArrayList<>();
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch goOn = new CountDownLatch(1);
        CompletableFuture<Boolean> wasOld = new CompletableFuture<>();
        CompletableFuture<String> answer = new CompletableFuture<>();
        try (BackgroundQuestion newest = new BackgroundQuestion("test", _ -> {})) {
            newest.ask(asked -> {
                begun.countDown();
                try {
                    goOn.await(PATIENCE_S, TimeUnit.SECONDS);
                } catch (InterruptedException e) {
                    throw new IllegalStateException(e);
                }
                wasOld.complete(asked.isOld());
                asked.tell(() -> told.add("the first"));
            });
            assertThat(begun.await(PATIENCE_S, TimeUnit.SECONDS)).isTrue();
            newest.ask(_ -> "the second", answer::complete);
            goOn.countDown();
            assertThat(answer.get(PATIENCE_S, TimeUnit.SECONDS)).isEqualTo("the second");
        }
        assertThat(wasOld.get()).isTrue();
        assertThat(told).isEmpty();
    }

    @Test
    void whatGoesWrongIsToldAndTheNextQuestionIsAnswered() throws Exception {
        CompletableFuture<String> told = new CompletableFuture<>();
        CompletableFuture<String> next = new CompletableFuture<>();
        try (BackgroundQuestion newest = new BackgroundQuestion("test", told::complete)) {
            newest.ask(
                    _ -> {
                        throw new OutOfMemoryError("too much was asked");
                    },
                    _ -> next.complete("there was no answer"));
            assertThat(told.get(PATIENCE_S, TimeUnit.SECONDS)).contains("memory");
            newest.ask(_ -> "an answer", next::complete);
            assertThat(next.get(PATIENCE_S, TimeUnit.SECONDS)).isEqualTo("an answer");
        }
    }
}
