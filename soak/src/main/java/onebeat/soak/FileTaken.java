package onebeat.soak;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Random;
import onebeat.core.camp.Camp;
import onebeat.store.CampFile;
import onebeat.store.Saving;

/// The camp's file is deleted, replaced, cut short, overwritten or set back to older bytes in the middle of an evening.
/// From then on nothing is
/// told as saved, and the camp written anew or beside holds everything.
final class FileTaken implements Part {

    private final Path folder;

    FileTaken(Path folder) {
        this.folder = folder;
    }

    @Override
    public String name() {
        return "file-taken";
    }

    @Override
    public int usually() {
        return 200;
    }

    @Override
    public void attempt(long seed) throws Exception {
        Random random = new Random(seed);
        Path path = folder.resolve("taken.onebeat");
        Path anew = folder.resolve("anew.onebeat");
        Files.deleteIfExists(path);
        Files.deleteIfExists(anew);
        Camps.empty(path);
        Camp wanted;
        try (CampFile file = Camps.opened(CampFile.open(path))) {
            byte[] older = Files.readAllBytes(path);
            for (int i = 1 + random.nextInt(30); i > 0; i--) {
                Part.must(file.save(Camps.edit(random, file.camp())) instanceof Saving.Saved, "not saved before");
            }
            take(random.nextInt(5), path, older);
            for (int i = 1 + random.nextInt(10); i > 0; i--) {
                Saving saving = file.save(Camps.edit(random, file.camp()));
                Part.must(saving instanceof Saving.Waiting, "told as " + saving);
            }
            wanted = file.camp();
            Camps.opened(file.writeAnew(Files.exists(path) ? anew : path)).close();
        }
        try (CampFile again = Camps.opened(CampFile.open(Files.exists(anew) ? anew : path))) {
            Part.must(again.camp().equals(wanted), "the camp written anew is another");
        }
    }

    private static void take(int how, Path path, byte[] older) throws IOException {
        switch (how) {
            case 0 -> Files.delete(path);
            case 1 -> {
                Path other = Files.copy(path, path.resolveSibling("other"), StandardCopyOption.REPLACE_EXISTING);
                Files.move(other, path, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            }
            case 2 -> {
                try (RandomAccessFile file = new RandomAccessFile(path.toFile(), "rw")) {
                    file.setLength(file.length() / 2);
                }
            }
            // As a program does that keeps files alike on two machines.
            case 3 -> Files.write(path, older);
            default -> Files.writeString(path, "this is no camp any more");
        }
    }
}
