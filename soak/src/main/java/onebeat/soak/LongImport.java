package onebeat.soak;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import onebeat.core.camp.Arrivals;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.film.Exchange;
import onebeat.store.CampFile;
import onebeat.store.Saving;

/// A hundred thousand exchanges come in, go out again and come back. The times are told and not judged.
final class LongImport implements Part {

    private static final int MANY = 100_000;

    private final Path folder;
    private final List<String> told = new ArrayList<>();

    LongImport(Path folder) {
        this.folder = folder;
    }

    @Override
    public String name() {
        return "long-import";
    }

    @Override
    public int usually() {
        return 3;
    }

    @Override
    public void attempt(long seed) throws Exception {
        Random random = new Random(seed);
        List<Exchange> many = new ArrayList<>();
        for (int i = 0; i < MANY; i++) {
            many.add(
                    Camps.exchange(random, "x" + i, "reel " + random.nextInt(9)).at(i * 0.4, 1));
        }
        Path path = folder.resolve("import.onebeat");
        Files.deleteIfExists(path);
        Camps.empty(path);
        Camp before;
        long begun;
        long saved;
        try (CampFile file = Camps.opened(CampFile.open(path))) {
            before = file.camp();
            Edit edit = new Edit.Together(Arrivals.of(before, many).edits());
            begun = System.nanoTime();
            Part.must(file.save(edit) instanceof Saving.Saved, "not saved");
            saved = System.nanoTime();
        }
        try (CampFile file = Camps.opened(CampFile.open(path))) {
            long opened = System.nanoTime();
            file.undo();
            long undone = System.nanoTime();
            Part.must(file.camp().equals(before), "undo of another day is not exact");
            file.redo();
            Part.must(file.camp().exchanges().size() == MANY, "redo is not exact");
            long again = System.nanoTime();
            file.undo();
            long undoneAgain = System.nanoTime();
            Part.must(file.camp().equals(before), "undo is not exact");
            told.add(String.format(
                    Locale.ROOT,
                    "save %.1f s, undo %.1f s, undo of another day %.1f s",
                    (saved - begun) / 1e9,
                    (undoneAgain - again) / 1e9,
                    (undone - opened) / 1e9));
        }
    }

    @Override
    public String measured() {
        return String.join("; ", told);
    }
}
