package onebeat.soak;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Random;
import onebeat.store.CampFile;
import onebeat.store.Opening.Opened;
import onebeat.store.Opening.Refused;

/// Camps with bytes changed, cut off, put in or made of noise. Each opens, or is refused in a sentence with its bytes
/// as
/// they were.
final class SpoiltCamps implements Part {

    private final Path folder;
    private final byte[] whole;

    SpoiltCamps(Path folder) {
        this.folder = folder;
        try {
            this.whole = Files.readAllBytes(Camps.demo(folder.resolve("whole.onebeat")));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public String name() {
        return "spoilt-camps";
    }

    @Override
    public int usually() {
        return 1_000;
    }

    @Override
    public void attempt(long seed) throws Exception {
        Random random = new Random(seed);
        byte[] bytes = spoilt(random);
        Path path = Files.write(folder.resolve("spoilt.onebeat"), bytes);
        switch (CampFile.open(path)) {
            case Opened(CampFile file) -> {
                file.save(Camps.edit(random, file.camp()));
                file.undo();
                file.undo();
                file.close();
            }
            case Refused refused -> {
                Part.must(refused.sentence().endsWith("."), "no sentence: " + refused.sentence());
                Part.must(!refused.sentence().contains("Exception"), "a class in a sentence: " + refused.sentence());
                Part.must(Arrays.equals(Files.readAllBytes(path), bytes), "refused, and its bytes are others");
            }
        }
    }

    private byte[] spoilt(Random random) {
        byte[] bytes = whole.clone();
        switch (random.nextInt(5)) {
            case 0 -> bytes = Arrays.copyOf(bytes, random.nextInt(bytes.length));
            case 1 -> {
                int from = random.nextInt(bytes.length);
                int to = Math.min(bytes.length, from + 1 + random.nextInt(5_000));
                for (int i = from; i < to; i++) {
                    bytes[i] = (byte) random.nextInt();
                }
            }
            case 2 -> {
                int at = random.nextInt(bytes.length);
                int length = Math.min(bytes.length - at, 1 + random.nextInt(4_096));
                Arrays.fill(bytes, at, at + length, (byte) 0);
            }
            default -> {
                for (int i = 1 + random.nextInt(30); i > 0; i--) {
                    bytes[random.nextInt(bytes.length)] = (byte) random.nextInt();
                }
            }
        }
        return bytes;
    }
}
