package onebeat.store;

import static onebeat.store.CampFileTest.drill;
import static onebeat.store.CampFileTest.opened;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.store.Saving.Saved;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// A pulled plug: another process saves as fast as it can and is killed hard. What it had said was saved is there.
class KilledTest {

    @TempDir
    Path folder;

    /// The process that is killed.
    static final class Victim {

        private Victim() {}

        public static void main(String[] args) {
            try (CampFile file = opened(CampFile.open(Path.of(args[0])))) {
                for (int i = 1; i < 100_000; i++) {
                    if (file.save(Edit.add(Place.DRILLS, drill("d" + i, "1 2 3"))) instanceof Saved) {
                        System.out.println(i);
                        System.out.flush();
                    }
                }
            }
        }
    }

    @Test
    void whatWasSavedIsThereAfterAKill() throws IOException, InterruptedException {
        Path path = folder.resolve("a.onebeat");
        opened(CampFile.create(path, CampFileTest.CARD, filling -> {})).close();
        for (int round = 0; round < 3; round++) {
            Process victim = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "--enable-native-access=ALL-UNNAMED",
                            "-XX:TieredStopAtLevel=1",
                            "-cp",
                            System.getProperty("java.class.path"),
                            Victim.class.getName(),
                            path.toString())
                    .start();
            int told = 0;
            try (BufferedReader out =
                    new BufferedReader(new InputStreamReader(victim.getInputStream(), StandardCharsets.UTF_8))) {
                for (String line = out.readLine(); line != null && told < 25 + 10 * round; line = out.readLine()) {
                    told = Integer.parseInt(line);
                }
                victim.destroyForcibly().waitFor();
            }
            assertThat(told).isPositive();
            try (CampFile file = opened(CampFile.open(path))) {
                assertThat(file.camp().drills().size()).isGreaterThanOrEqualTo(told);
                assertThat(file.camp().drills().get("d" + told)).contains(drill("d" + told, "1 2 3"));
            }
        }
    }
}
