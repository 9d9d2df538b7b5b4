package onebeat.core.hearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import onebeat.core.book.Judgement;
import onebeat.core.holding.Draw;
import onebeat.core.holding.Odds;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Who;
import onebeat.core.review.Context;
import onebeat.core.rounds.Block;
import onebeat.core.rounds.Calls;
import onebeat.core.rounds.Part;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import org.junit.jupiter.api.Test;

/// Placing, matching and judging, from events instead of sound.
class RoundHearingTest {

    private static PlannedRound round(String line, int bpm, int seconds) {
        Context context = Context.usual();
        Read read = (Read) Notation.read(line);
        RoundPlan plan = new RoundPlan("r", "", 0, "", bpm, 4).with(new Draw(1, Draw.USUAL_RUN, 0));
        Part part = Part.of(
                plan, line, read.line(), new Part.With(context.setting(), context.holder(), Odds.even(), seconds));
        return PlannedRound.of(
                Schedule.of(List.of(new Block(Block.Kind.ROUND, seconds, List.of())), List.of(part), Calls.NONE), 0);
    }

    private static Onset onset(double ms, SoundKind kind) {
        return new Onset(ms / 1000, -20, kind, 0.99, kind.isHit() ? 0.99 : 0, 1_000);
    }

    /// What a recording of the round would hold.
    private static List<Onset> recorded(
            PlannedRound round, Placement truth, double fromMs, double toMs, Random random) {
        List<Onset> all = new ArrayList<>();
        for (KnownSound sound : round.sounds()) {
            all.add(onset(truth.heardMs(sound.ms()) + random.nextGaussian(), sound.heardAs()));
        }
        for (PlannedContact contact : round.contacts()) {
            all.add(onset(truth.heardMs(contact.ms()) + 15 * random.nextGaussian(), SoundKind.PAD));
        }
        all.removeIf(onset -> onset.ms() < fromMs || onset.ms() > toMs || random.nextInt(12) == 0);
        all.sort(Comparator.comparingDouble(Onset::timeS));
        return all;
    }

    @Test
    void contactsAreThoseThatMakeASound() {
        PlannedRound caught = round("(1) catch+2 3 off", 60, 60);
        assertThat(caught.of(0)).extracting(PlannedContact::who).containsExactly(Who.PARTNER, Who.ATHLETE, Who.ATHLETE);
        assertThat(caught.of(0).get(1).oneBeatMs()).isZero();
        assertThat(round("(1) parry 2", 60, 60).of(0).get(1).oneBeatMs()).isEqualTo(1_000);
        assertThat(round("(1) slip-out 2", 60, 60).of(0))
                .as("what is slipped makes none")
                .extracting(PlannedContact::who)
                .containsExactly(Who.ATHLETE);
        assertThat(round("~1 2", 60, 60).of(0)).as("nor what is feinted").hasSize(1);
    }

    /// A thousand recordings of which nothing is known: begun before the bell or after it, cut short, with a
    /// clock that is up to a hundred millionths off, a repetition left out. Each is placed within ten
    /// milliseconds or said not to be.
    @Test
    void aRecordingIsPlacedWithinTenMillisecondsOrSaidNotToBe() {
        String[] lines = {"(1) catch+2 3 off", "1 2 3 rlow", "(1) parry 2 3", "1 2", "(1 2) parry parry 2 3 2"};
        int placed = 0;
        for (int seed = 1; seed <= 1_000; seed++) {
            Random random = new Random(seed);
            PlannedRound round = round(lines[seed % lines.length], 50 + 5 * (seed % 8), 90);
            double offset = random.nextInt(4) == 0 ? -40_000 * random.nextDouble() : 4_000 * random.nextDouble();
            Placement truth = new Placement(offset, 200 * random.nextDouble() - 100, 1);
            double lengthMs = 94_000 + offset - (random.nextInt(3) == 0 ? 30_000 * random.nextDouble() : 0);
            int skipped = random.nextInt(round.starts().size());
            List<Onset> heard = new ArrayList<>(recorded(round, truth, 0, lengthMs, random));
            double skip = truth.heardMs(round.starts().get(skipped));
            heard.removeIf(o -> o.kind().isHit() && Math.abs(o.ms() - skip - 1_500) < 1_500);
            Optional<Placement> found = RoundPlacing.of(round, heard, lengthMs / 1000);
            if (found.isPresent()) {
                placed++;
                assertThat(found.get().offsetMs()).as("seed " + seed).isCloseTo(offset, within(10.0));
            }
        }
        assertThat(placed).as("most are placed").isGreaterThan(700);
    }

    @Test
    void theErrorOfAClockIsTold() {
        PlannedRound round = round("1 2 3 rlow", 80, 180);
        for (double ppm : new double[] {-100, 0, 60, 100}) {
            Placement truth = new Placement(1_200, ppm, 1);
            List<Onset> heard = recorded(round, truth, 0, 190_000, new Random(4));
            Placement found = RoundPlacing.of(round, heard, 190).orElseThrow();
            assertThat(found.driftPpm()).isCloseTo(ppm, within(8.0));
            assertThat(found.plannedMs(found.heardMs(5_000))).isCloseTo(5_000, within(1e-6));
        }
    }

    @Test
    void noiseIsPlacedNowhere() {
        PlannedRound round = round("1 2 3 rlow", 80, 60);
        Random random = new Random(9);
        List<Onset> noise = new ArrayList<>();
        for (int i = 0; i < 150; i++) {
            noise.add(onset(60_000 * random.nextDouble(), random.nextBoolean() ? SoundKind.PAD : SoundKind.VOICE));
        }
        noise.sort(Comparator.comparingDouble(Onset::timeS));
        assertThat(RoundPlacing.of(round, noise, 60)).isEmpty();
        assertThat(RoundPlacing.of(round, List.of(), 60)).isEmpty();
    }

    private static HeardRepetition judged(PlannedRound round, double... offs) {
        List<Onset> hits = new ArrayList<>();
        List<PlannedContact> first = round.of(0);
        for (int i = 0; i < offs.length; i++) {
            if (!Double.isNaN(offs[i])) {
                hits.add(onset(first.get(i).ms() + offs[i], SoundKind.PAD));
            }
        }
        hits.sort(Comparator.comparingDouble(Onset::timeS));
        return HeardRound.of(round, hits, new Placement(0, 0, 1), round.seconds())
                .repetitions()
                .getFirst();
    }

    @Test
    void aRepetitionIsCleanLateOrStopped() {
        PlannedRound round = round("(1) parry 2 3", 60, 40);
        assertThat(judged(round, 0, 10, 20)).satisfies(clean -> {
            assertThat(clean.judged()).contains(Judgement.CLEAN);
            assertThat(clean.isCertain()).isTrue();
            assertThat(clean.oneBeatMs())
                    .hasValueSatisfying(gap -> assertThat(gap).isCloseTo(1_010, within(0.1)));
            assertThat(clean.plannedMs()).contains(1_000.0);
        });
        assertThat(judged(round, 0, 300, 310).judged()).contains(Judgement.LATE);
        assertThat(judged(round, -200, 100, 100).judged())
                .as("late is told from the feed, not from the beat")
                .contains(Judgement.LATE);
        assertThat(judged(round, 0, 10, Double.NaN)).satisfies(stopped -> {
            assertThat(stopped.judged()).contains(Judgement.STOPPED);
            assertThat(stopped.isCertain())
                    .as("the last one may have been missed by the ear")
                    .isFalse();
        });
        assertThat(judged(round).judged()).as("nothing was heard of it").isEmpty();
        assertThat(judged(round, 0, Double.NaN, Double.NaN))
                .satisfies(fed -> assertThat(fed.isCertain()).isFalse());
        assertThat(judged(round, 0, Double.NaN, 10))
                .satisfies(hole -> assertThat(hole.isCertain()).isFalse());
    }

    @Test
    void closeToTheBarNobodyIsCertain() {
        PlannedRound round = round("(1) parry 2 3", 60, 40);
        assertThat(judged(round, 0, 149, 149).isCertain()).isFalse();
        assertThat(judged(round, 0, 151, 151).isCertain()).isFalse();
        assertThat(judged(round, 0, 30, 30).isCertain()).isTrue();
        assertThat(judged(round, 0, 290, 290).isCertain()).isTrue();
    }

    @Test
    void byTheClockAloneNothingIsToldFromTheBeat() {
        PlannedRound unfed = round("1 2 3", 60, 40);
        PlannedRound fed = round("(1) parry 2 3", 60, 40);
        for (PlannedRound round : List.of(unfed, fed)) {
            // Loudspeaker, air and card made everything 200 ms late.
            List<Onset> late = round.of(0).stream()
                    .map(c -> onset(c.ms() + 200, SoundKind.PAD))
                    .toList();
            HeardRepetition one = HeardRound.of(round, late, Placement.byClock(0), round.seconds())
                    .repetitions()
                    .getFirst();
            if (round.equals(unfed)) {
                assertThat(one.sure()).as("late or not is not known").isLessThan(0.5);
            } else {
                assertThat(one.judged()).as("the feed is as late as its answer").contains(Judgement.CLEAN);
                assertThat(one.sure()).isGreaterThan(0.6);
            }
        }
    }

    @Test
    void feedAndAnswerHeardAsOneWereTogether() {
        PlannedRound round = round("(1) catch+2 3 off", 60, 40);
        HeardRepetition one = judged(round, 5, Double.NaN, 0);
        assertThat(one.oneBeatMs()).contains(0.0);
        assertThat(one.judged()).contains(Judgement.CLEAN);
        assertThat(one.isCertain()).isFalse();
    }

    @Test
    void tempoEvennessAndPausesAreThoseThatWereHeard() {
        PlannedRound round = round("1 2 _ _ 3", 60, 60);
        List<Onset> hits = new ArrayList<>();
        for (PlannedContact contact : round.contacts()) {
            double start = round.starts().get(contact.repetition());
            // A tenth faster than planned, and the pause kept.
            hits.add(onset(start + (contact.ms() - start) / 1.1, SoundKind.PAD));
        }
        HeardTotals heard = HeardTotals.of(round, HeardRound.of(round, hits, new Placement(0, 0, 1), 60));
        assertThat(heard.contacts())
                .isEqualTo(heard.planned())
                .isEqualTo(round.contacts().size());
        assertThat(heard.tempo().orElseThrow()).isCloseTo(66, within(0.1));
        assertThat(heard.unevenMs().orElseThrow()).isCloseTo(0, within(1e-3));
        assertThat(heard.pausesKept()).isEqualTo(heard.pauses()).isPositive();
        assertThat(heard.skipped()).isZero();
    }

    @Test
    void anyPadWorkHasARhythm() {
        List<Onset> onsets = new ArrayList<>();
        for (int burst = 0; burst < 3; burst++) {
            for (int i = 0; i < 5; i++) {
                onsets.add(onset(1_000 + burst * 10_000 + i * 250, SoundKind.PAD));
            }
        }
        onsets.add(onset(5_000, SoundKind.VOICE));
        Rhythm rhythm = Rhythm.of(onsets, 30);
        assertThat(rhythm.hits()).isEqualTo(15);
        assertThat(rhythm.bursts()).isEqualTo(3);
        assertThat(rhythm.burstsPerMinute()).isEqualTo(6);
        assertThat(rhythm.longestPauseS()).isCloseTo(9, within(1e-9));
        assertThat(rhythm.tempo().orElseThrow()).isCloseTo(240, within(1e-6));
        assertThat(rhythm.uneven().orElseThrow()).isCloseTo(0, within(1e-9));
        assertThat(Rhythm.of(List.of(), 12).longestPauseS()).isEqualTo(12);
    }
}
