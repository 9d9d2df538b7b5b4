package onebeat.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import onebeat.desktop.Driver;
import onebeat.desktop.text.Texts;
import onebeat.store.Progress;
import onebeat.store.Saving;
import onebeat.store.Saving.NotSaved;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

class LongChangeTest {

    private final List<String> warned = new ArrayList<>();

    @BeforeAll
    static void start() throws InterruptedException {
        Driver.startToolkit();
    }

    private Optional<Saving> cameOf(Function<Progress, Optional<Saving>> change) {
        CompletableFuture<Optional<Saving>> came = new CompletableFuture<>();
        try (LongChange longChange = new LongChange(warned::add)) {
            Driver.onFx(() -> {
                longChange.begin(change, _ -> {}, came::complete);
                return longChange.isBusy();
            });
            Optional<Saving> saving = came.orTimeout(30, TimeUnit.SECONDS).join();
            assertThat(warned).containsExactly(Texts.of("saving.busy"));
            assertThat(Driver.onFx(longChange::isBusy))
                    .as("the file is free again")
                    .isFalse();
            return saving;
        }
    }

    @Test
    void whatGoesWrongIsToldAndTheFileIsFreeAgain() {
        assertThat(cameOf(_ -> {
                    throw new IllegalStateException("a fault");
                }))
                .hasValueSatisfying(saving -> assertThat(saving)
                        .isInstanceOfSatisfying(
                                NotSaved.class,
                                not -> assertThat(not.sentence()).contains("written down")));
    }

    @Test
    void whatTakesMoreMemoryThanThereIsIsNotMade() {
        assertThat(cameOf(_ -> {
                    throw new OutOfMemoryError("a test");
                }))
                .contains(new NotSaved(Texts.of("saving.memory")));
    }
}
