package onebeat.soak;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import onebeat.formats.plan.GymCalendar;
import onebeat.media.FilmFile;
import onebeat.media.FilmOpening;

/// Lists of other files that call themselves films, and calendars that never end. Each has an answer or a sentence
/// within seconds, and nothing else is read.
final class HostileFiles implements Part {

    private static final long PATIENCE_S = 30;
    private static final List<String> ENDINGS =
            List.of("mp4", "mov", "mkv", "avi", "webm", "m3u8", "ffconcat", "sdp", "mpd", "txt", "ts", "jpg", "");
    private static final List<String> OTHERS =
            List.of("/dev/zero", "/dev/stdin", "/etc/hostname", "secret.mp4", "http://127.0.0.1:9/x.mp4", "pipe:0");
    private static final List<String> FREQUENCIES =
            List.of("SECONDLY", "MINUTELY", "HOURLY", "DAILY", "WEEKLY", "MONTHLY", "YEARLY");

    private final Path folder;
    private final ExecutorService worker = Executors.newCachedThreadPool(task -> {
        Thread thread = new Thread(task, "hostile files");
        thread.setDaemon(true);
        return thread;
    });
    private double longestS;

    HostileFiles(Path folder) {
        this.folder = folder;
    }

    @Override
    public String name() {
        return "hostile-files";
    }

    @Override
    public int usually() {
        return 400;
    }

    @Override
    public void attempt(long seed) throws Exception {
        Random random = new Random(seed);
        long begun = System.nanoTime();
        if (seed % 2 == 0) {
            String ending = ENDINGS.get(random.nextInt(ENDINGS.size()));
            Path path = Files.writeString(folder.resolve("list." + ending), list(random));
            FilmOpening opening = answered(() -> FilmFile.open(path));
            Part.must(opening instanceof FilmOpening.Refused, "a list is a film");
        } else {
            Path path = Files.writeString(folder.resolve("gym.ics"), calendar(random));
            String told = answered(() -> days(path));
            Part.must(!told.contains("Exception") && !told.contains("java."), "a class in: " + told);
        }
        longestS = Math.max(longestS, (System.nanoTime() - begun) / 1e9);
    }

    private <T> T answered(Callable<T> work) throws Exception {
        try {
            return worker.submit(work).get(PATIENCE_S, TimeUnit.SECONDS);
        } catch (TimeoutException e) {
            throw new IllegalStateException("no answer in " + PATIENCE_S + " s", e);
        }
    }

    private static String days(Path path) {
        try {
            return GymCalendar.days(path, Camps.DAY, Camps.DAY.plusWeeks(6), ZoneId.of("Europe/Oslo"), () -> false)
                            .size()
                    + " days";
        } catch (IOException e) {
            return String.valueOf(e.getMessage());
        }
    }

    private static String list(Random random) {
        String other = OTHERS.get(random.nextInt(OTHERS.size()));
        return switch (random.nextInt(5)) {
            case 0 -> "ffconcat version 1.0\nfile '" + other + "'\n".repeat(1 + random.nextInt(3));
            case 1 -> "#EXTM3U\n#EXT-X-TARGETDURATION:3\n#EXTINF:3,\n" + other + "\n#EXT-X-ENDLIST\n";
            case 2 -> "v=0\no=- 0 0 IN IP4 127.0.0.1\ns=x\nc=IN IP4 127.0.0.1\nt=0 0\nm=video 5004 RTP/AVP 96\n";
            case 3 ->
                "<?xml version=\"1.0\"?><MPD xmlns=\"urn:mpeg:dash:schema:mpd:2011\" type=\"static\"><Period>"
                        + "<AdaptationSet><Representation id=\"1\"><BaseURL>" + other
                        + "</BaseURL></Representation></AdaptationSet></Period></MPD>";
            default -> "RTSPtext\n[Reference]\nRef1=" + other + "\n";
        };
    }

    private static String calendar(Random random) {
        StringBuilder text = new StringBuilder("BEGIN:VCALENDAR\r\nVERSION:2.0\r\n");
        int events = random.nextInt(20) == 0 ? 30_000 : 1 + random.nextInt(200);
        for (int i = 0; i < events; i++) {
            int year = 1900 + random.nextInt(200);
            text.append("BEGIN:VEVENT\r\nUID:").append(i).append("\r\n");
            text.append(random.nextInt(20) == 0 ? "DTSTART;TZID=Harbour/Pier:" : "DTSTART:")
                    .append(year)
                    .append(random.nextInt(30) == 0 ? "1399T180000" : "0113T180000")
                    .append("\r\nDURATION:PT")
                    .append(1 + random.nextInt(9))
                    .append("H\r\n");
            if (random.nextInt(3) == 0) {
                text.append("RRULE:FREQ=").append(FREQUENCIES.get(random.nextInt(FREQUENCIES.size())));
                text.append(random.nextBoolean() ? ";COUNT=2000000000" : "");
                text.append(random.nextInt(4) == 0 ? ";BYHOUR=1,2,3;BYMINUTE=1,2,3;BYSECOND=1,2,3" : "");
                text.append("\r\n");
            }
            if (random.nextInt(300) == 0) {
                text.append("DESCRIPTION:").append("x\r\n ".repeat(100_000)).append("\r\n");
            }
            text.append("END:VEVENT\r\n");
        }
        return text.append("END:VCALENDAR\r\n").toString();
    }

    @Override
    public String measured() {
        return String.format(Locale.ROOT, "the slowest answer took %.1f s", longestS);
    }
}
