package onebeat.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import onebeat.core.book.RoundRun;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Card;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.change.TonightChanges;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.rounds.Scheme;
import onebeat.core.rounds.Session;
import org.junit.jupiter.api.Test;

/// What was done, from the book: session load is effort times minutes (Foster et al. 2001, Journal of Strength and
/// Conditioning Research 15, 109–115; from memory).
class DoneDayTest {

    /// A Monday.
    private static final LocalDate MONDAY = LocalDate.of(2027, 3, 1);

    private Camp camp = Camp.empty(new Card(
            "Saltlight",
            Fighter.usual("Ilka", Stance.ORTHODOX),
            Fighter.usual("Noor", Stance.SOUTHPAW),
            MONDAY,
            MONDAY.plusDays(28)));

    private void evening(int day, int minutes, int rounds, int seconds, int effort) {
        LocalDate date = MONDAY.plusDays(day);
        Session session = new Session("s" + day, date, "", Scheme.usual().id(), "", minutes);
        camp = Edit.add(Place.SESSIONS, session).applyTo(camp);
        for (int i = 0; i < rounds; i++) {
            RoundRun run = new RoundRun(camp.runs().nextId("n"), "r", "d1", date, 60, seconds, 12);
            camp = Edit.add(Place.RUNS, run).applyTo(camp);
        }
        if (effort >= 0) {
            camp = TonightChanges.effort(session, effort).applyTo(camp);
        }
    }

    @Test
    void loadIsEffortTimesMinutes() {
        evening(0, 75, 6, 180, 6);
        evening(2, 0, 5, 180, 4);
        evening(3, 60, 4, 180, -1);
        List<DoneDay> done = DoneDay.of(camp);
        assertThat(done).hasSize(3);
        assertThat(done.get(0).load()).hasValue(6 * 75);
        // Five rounds of three minutes and four rests between them, which are half of the evening.
        int rests = 4 * Scheme.usual().restS();
        assertThat(done.get(1).minutes()).isEqualTo((2 * (5 * 180 + rests) + 59) / 60);
        assertThat(done.get(2).load()).as("nobody said how hard").isEmpty();
    }

    @Test
    void aWeekIsToldOnceItIsOverAndAllOfItIsKnown() {
        // Loads 300, 0, 420, 0, 240, 0, 0: mean 137.14, deviation of a sample 179.05.
        evening(0, 60, 4, 180, 5);
        evening(2, 60, 4, 180, 7);
        evening(4, 60, 4, 180, 4);
        Map<LocalDate, TrainingLoad> weeks = DoneDay.weeks(DoneDay.of(camp), MONDAY.plusDays(7));
        assertThat(weeks).containsOnlyKeys(MONDAY);
        TrainingLoad week = weeks.values().iterator().next();
        assertThat(week.load()).isEqualTo(960);
        assertThat(week.monotony().orElseThrow()).isCloseTo(137.14 / 179.05, within(0.001));
        assertThat(week.strain().orElseThrow()).isCloseTo(960 * 137.14 / 179.05, within(0.5));
        assertThat(DoneDay.weeks(DoneDay.of(camp), MONDAY.plusDays(6)))
                .as("it is not over")
                .isEmpty();
        evening(5, 60, 4, 180, -1);
        assertThat(DoneDay.weeks(DoneDay.of(camp), MONDAY.plusDays(7)))
                .as("one evening is not known")
                .isEmpty();
    }

    @Test
    void anEffortIsFromNothingToTen() {
        Session session = new Session("s", MONDAY, "", "");
        assertThat(session.withEffort(14).effort()).hasValue(Session.MOST_EFFORT);
        assertThat(session.withEffort(-1).effort()).hasValue(0);
        assertThat(session.withEffort(7).withMinutes(50).effort()).hasValue(7);
    }
}
