package onebeat.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.FollowUps;
import onebeat.core.film.Outcome;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;
import onebeat.store.Opening.Opened;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Habits equal the same question asked in SQL of the same camp file.
class HabitsInSqlTest {

    private static final List<String> STIMULI = List.of("1", "2", "3", "1b", "rlow", "lteep");
    private static final List<String> RESPONSES = List.of("parry", "high", "low", "check", "none", "2", "slip-out");

    @TempDir
    private Path folder;

    private static Exchange exchange(int i, String line) {
        return new Exchange(
                "x" + i,
                "r",
                i,
                1,
                Who.ATHLETE,
                Stance.ORTHODOX,
                Stance.SOUTHPAW,
                Optional.empty(),
                line,
                Outcome.NONE,
                "");
    }

    @Test
    void habitsEqualSql() {
        Random random = new Random(7);
        Path path = folder.resolve("habits" + CampFile.ENDING);
        Map<String, Integer> counted = new TreeMap<>();
        Map<String, Integer> seen = new TreeMap<>();
        try (CampFile file = ((Opened) CampFile.create(path, CampFileTest.CARD, filling -> {
                    for (int i = 0; i < 600; i++) {
                        String line = STIMULI.get(random.nextInt(STIMULI.size()));
                        boolean noted = random.nextInt(5) > 0;
                        String after = noted ? " (" + RESPONSES.get(random.nextInt(RESPONSES.size())) + ")" : "";
                        filling.add(Edit.add(Place.EXCHANGES, exchange(i, line + after)));
                    }
                }))
                .file()) {
            FollowUps.of(file.camp().exchanges().all(), Who.PARTNER, Vocabulary.standard())
                    .forEach(after -> {
                        seen.put(after.stimulus(), after.seen());
                        after.responses()
                                .forEach(r -> counted.put(
                                        after.stimulus() + ">" + r.response(),
                                        r.share().n()));
                    });
        }
        String stimulus = "substr(line, 1, instr(line, ' (') - 1)";
        String response = "substr(line, instr(line, '(') + 1, length(line) - instr(line, '(') - 1)";
        String noted = " AS what, count(*) AS n FROM exchange WHERE line LIKE '%(%' GROUP BY what";
        assertThat(counted).isEqualTo(sql(path, "SELECT " + stimulus + " || '>' || " + response + noted));
        assertThat(seen).isEqualTo(sql(path, "SELECT " + stimulus + noted));
    }

    private static Map<String, Integer> sql(Path path, String query) {
        try (Handle handle = Jdbi.create("jdbc:sqlite:" + path).open()) {
            Map<String, Integer> counts = new TreeMap<>();
            handle.createQuery(query)
                    .mapToMap()
                    .forEach(row -> counts.put(String.valueOf(row.get("what")), ((Number) row.get("n")).intValue()));
            return counts;
        }
    }
}
