package onebeat.soak;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Random;
import onebeat.core.notation.Vocabulary;
import onebeat.formats.film.FilmCsv;
import onebeat.formats.film.FilmFile;
import onebeat.formats.film.FilmJson;
import onebeat.formats.film.ReelTable;
import onebeat.formats.sound.Voice;
import onebeat.store.CampFile;

/// Spoilt WAV, CSV and JSON come in, each in turn. Each is taken as far as it makes sense, or told in a sentence.
final class SpoiltFiles implements Part {

    private static final int KINDS = 3;

    private final Path folder;
    private final Voice voice;
    private final byte[] csv;
    private final byte[] json;
    private final byte[] wav;

    SpoiltFiles(Path folder) {
        this.folder = folder;
        this.voice = new Voice(folder.resolve("voice"));
        Path camp = folder.resolve("out.onebeat");
        try (CampFile file = Camps.opened(CampFile.open(Camps.demo(camp)));
                InputStream in = Voice.class.getResourceAsStream("/onebeat/formats/sound/bell.wav")) {
            StringBuilder text = new StringBuilder();
            FilmCsv.write(text, file.camp().exchanges().all(), ReelTable.NONE);
            csv = text.toString().getBytes(StandardCharsets.UTF_8);
            json = FilmJson.write(file.camp().exchanges().all(), ReelTable.NONE).getBytes(StandardCharsets.UTF_8);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            if (in != null) {
                in.transferTo(bytes);
            }
            wav = bytes.toByteArray();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public String name() {
        return "spoilt-files";
    }

    @Override
    public int usually() {
        return 600;
    }

    @Override
    public void attempt(long seed) throws Exception {
        Random random = new Random(seed);
        switch ((int) Math.floorMod(seed, (long) KINDS)) {
            case 0 -> film(Files.write(folder.resolve("film.csv"), spoilt(random, csv)));
            case 1 -> film(Files.write(folder.resolve("film.json"), spoilt(random, json)));
            default -> recording(Files.write(folder.resolve("jab.wav"), spoilt(random, wav)));
        }
    }

    private static byte[] spoilt(Random random, byte[] whole) {
        byte[] bytes = whole.clone();
        for (int i = random.nextInt(40); i > 0; i--) {
            // The head of a file is where its sizes stand.
            int most = random.nextBoolean() ? Math.min(64, bytes.length) : bytes.length;
            bytes[random.nextInt(most)] = random.nextBoolean() ? (byte) random.nextInt() : (byte) '"';
        }
        return random.nextInt(4) == 0 ? Arrays.copyOf(bytes, random.nextInt(bytes.length)) : bytes;
    }

    private static void film(Path file) {
        switch (FilmFile.read(file, Vocabulary.standard(), _ -> true)) {
            case FilmFile.Log log -> log.film().rejected().forEach(row -> plain(row.column() + " " + row.reason()));
            case FilmFile.NoLog no -> plain(no.sentence());
        }
    }

    private void recording(Path file) {
        try {
            voice.take("jab", file);
        } catch (IOException e) {
            plain(String.valueOf(e.getMessage()));
        }
    }

    private static void plain(String sentence) {
        Part.must(!sentence.contains("Exception") && !sentence.contains("java."), "a class in: " + sentence);
    }
}
