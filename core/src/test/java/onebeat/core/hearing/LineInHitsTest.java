package onebeat.core.hearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.play.Who;
import onebeat.core.rounds.Event;
import org.junit.jupiter.api.Test;

/// A line in hits that lie on no round, from events instead of sound.
class LineInHitsTest {

    private static final double BEAT = 1_000;

    private static PlannedContact contact(double beat, Who who, double oneBeatMs) {
        return new PlannedContact(0, beat, 500 + beat * BEAT, who, oneBeatMs);
    }

    /// A feed, its answer a beat later, another strike.
    private static final PlannedRound FED = new PlannedRound(
            List.of(500.0),
            List.of(contact(0, Who.PARTNER, -1), contact(1, Who.ATHLETE, BEAT), contact(2, Who.ATHLETE, -1)),
            List.of(),
            BEAT,
            60);

    private static Onset hit(double ms) {
        return new Onset(ms / 1_000, -12, SoundKind.PAD, 0.95, 0.95, 1_000);
    }

    private static List<Onset> hits(double... ms) {
        List<Onset> all = new ArrayList<>();
        for (double at : ms) {
            all.add(hit(at));
        }
        return all;
    }

    @Test
    void repetitionsAreFoundAtTheirOwnPace() {
        PlannedRound found = LineInHits.of(FED, hits(1_000, 2_000, 3_000, 9_000, 9_600, 10_200), 20)
                .orElseThrow();
        assertThat(found.starts()).containsExactly(1_000.0, 9_000.0);
        assertThat(found.of(1)).extracting(PlannedContact::ms).containsExactly(9_000.0, 9_600.0, 10_200.0);
        assertThat(found.of(1).get(1).oneBeatMs()).isCloseTo(600, within(1e-6));
    }

    @Test
    void aHitTooManyIsLeftOutAndOneTooFewIsMissed() {
        RecordedRound heard = RecordedRound.of(
                        FED, hits(1_000, 2_000, 2_450, 3_000, 8_000, 9_000, 15_000, 16_000, 17_000), 30)
                .orElseThrow();
        assertThat(heard.isPlaced()).isFalse();
        assertThat(heard.heard().repetitions()).hasSize(3);
        assertThat(heard.totals().contacts()).isEqualTo(8);
        assertThat(heard.totals().planned()).isEqualTo(9);
        assertThat(heard.heard().repetitions().get(1).contacts().getLast().heardMs())
                .isEmpty();
    }

    @Test
    void whatIsMostlySomethingElseIsNotTheLine() {
        assertThat(LineInHits.of(FED, hits(100, 4_000, 9_000, 13_000, 14_000, 15_000, 21_000, 27_000, 33_000), 60))
                .isEmpty();
        assertThat(LineInHits.of(FED, List.of(), 60)).isEmpty();
        PlannedRound nothing = new PlannedRound(List.of(), List.of(), List.of(), BEAT, 60);
        assertThat(LineInHits.of(nothing, hits(1, 2), 60)).isEmpty();
    }

    @Test
    void aRoundIsSummedUp() {
        PlannedRound round = new PlannedRound(
                FED.starts(),
                FED.contacts(),
                List.of(
                        new KnownSound(0, Event.Kind.BURST, -1),
                        new KnownSound(0, Event.Kind.BELL, -1),
                        new KnownSound(40_000, Event.Kind.BURST, -1)),
                BEAT,
                60);
        HeardTotals totals =
                HeardTotals.of(round, HeardRound.of(round, hits(500, 1_560, 2_500), new Placement(0, 0, 1), 60));
        assertThat(totals.done()).isEqualTo(1);
        assertThat(totals.skipped()).isZero();
        assertThat(totals.gap().orElseThrow().medianMs()).isCloseTo(1_060, within(1e-6));
        assertThat(totals.reactionMs().orElseThrow()).isCloseTo(1_060, within(1e-6));
        assertThat(totals.bursts()).as("three in the first, none in the second").containsExactly(3, 0);
    }
}
