package onebeat.soak;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.store.CampFile;
import onebeat.store.Opening.Opened;
import onebeat.store.Saving.Saved;

/// A program that saves as fast as it can is killed hard, while another looks on and tries to get in. What the first
/// had
/// said was saved is there, and the other was never let in.
final class Kills implements Part {

    private static final int MOST_SAVES = 60;

    private final Path folder;

    Kills(Path folder) {
        this.folder = folder;
    }

    @Override
    public String name() {
        return "kills";
    }

    @Override
    public int usually() {
        return 200;
    }

    /// The process that is killed.
    static final class Victim {

        private Victim() {}

        public static void main(String[] args) {
            try (CampFile file = Camps.opened(CampFile.open(Path.of(args[0])))) {
                int from = file.camp().reels().size();
                for (int i = from; i < from + 100_000; i++) {
                    if (file.save(Edit.add(Place.REELS, Camps.reel("r" + i))) instanceof Saved) {
                        System.out.println("r" + i);
                        System.out.flush();
                    }
                }
            }
        }
    }

    @Override
    public void attempt(long seed) throws Exception {
        Random random = new Random(seed);
        Path path = folder.resolve("killed.onebeat");
        if (!Files.exists(path)) {
            Camps.empty(path);
        }
        Process victim = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-XX:+UseSerialGC",
                        "--enable-native-access=ALL-UNNAMED",
                        "-Donebeat.folder=" + System.getProperty("onebeat.folder"),
                        "-cp",
                        System.getProperty("java.class.path"),
                        Victim.class.getName(),
                        path.toString())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        String last = killed(victim, path, 1 + random.nextInt(MOST_SAVES));
        try (CampFile file = Camps.opened(CampFile.open(path))) {
            Part.must(file.camp().reels().get(last).isPresent(), last + " was acknowledged and is lost");
            Part.must(file.setAside().isEmpty(), "rows were set aside: " + file.setAside());
        }
        if (Files.size(path) > 2_000_000) {
            Files.delete(path);
        }
    }

    private static String killed(Process victim, Path path, int saves) throws IOException, InterruptedException {
        String last = "";
        try (BufferedReader out =
                new BufferedReader(new InputStreamReader(victim.getInputStream(), StandardCharsets.UTF_8))) {
            for (int i = 0; i < saves; i++) {
                String said = out.readLine();
                Part.must(said != null, "the victim did not begin to save");
                last = String.valueOf(said);
                if (i % 20 == 10) {
                    Part.must(!(CampFile.open(path) instanceof Opened), "a second program was let in");
                }
            }
            victim.destroyForcibly().waitFor();
        }
        return last;
    }
}
