package onebeat.core.rounds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import onebeat.core.Lines;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Level;
import onebeat.core.holding.Holder;
import onebeat.core.holding.Odds;
import onebeat.core.review.RuleSet;
import onebeat.core.rounds.Event.Kind;
import onebeat.core.rounds.Schedule.Stretch;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ScheduleTest {

    private static Part part(String line, int bpm, int gap) {
        return Part.of(
                new RoundPlan("r", "s", 0, "d", bpm, gap),
                "name",
                Lines.read(line).line(),
                new Part.With(Lines.SAME, Holder.usual(), Odds.even(), 180));
    }

    private static Schedule schedule(String line, int bpm, int gap, int rounds) {
        return Schedule.of(Scheme.byId("kickboxing").orElseThrow(), Collections.nCopies(rounds, part(line, bpm, gap)));
    }

    private static List<Event> of(Schedule schedule, Kind kind) {
        return schedule.events().stream().filter(e -> e.kind() == kind).toList();
    }

    /// F40, F41, common practice: a round stays on one line.
    @ParameterizedTest
    @CsvSource({"boxing,180,60", "kickboxing,180,60", "mixed,300,60", "muaythai,180,120"})
    void schemesAreTheUsualOnes(String id, int work, int rest) {
        Scheme scheme = Scheme.byId(id).orElseThrow();
        assertThat(scheme.workS()).isEqualTo(work);
        assertThat(scheme.restS()).isEqualTo(rest);
    }

    /// Where the rules of a scheme and what may be thrown under them are told twice, they tell the same.
    @ParameterizedTest
    @CsvSource({"boxing,boxing", "kickboxing,kickboxing", "mixed,mixed", "muaythai,muaythai"})
    void aSchemeAllowsWhatItsRulesAllow(String scheme, String rules) {
        Scheme.Differences differences = Scheme.byId(scheme).orElseThrow().differences();
        RuleSet set = RuleSet.of(rules).orElseThrow();
        assertThat(differences.headKnee() == Scheme.Allowed.YES)
                .isEqualTo(set.allows(Catalogue.standard().get("knee"), Level.HEAD));
        assertThat(differences.downElbow() == Scheme.Allowed.NO)
                .isEqualTo(!set.allows(Catalogue.standard().get("elbow"), Level.HEAD));
    }

    /// Every row names its source, and rows of one sport with shorter rounds are not longer in all.
    @Test
    void schemesNameTheirSourcesAndAreShorterForTheYounger() {
        assertThat(Scheme.all()).allSatisfy(scheme -> {
            assertThat(scheme.source()).isNotBlank();
            assertThat(scheme.rounds()).isBetween(3, 12);
            assertThat(scheme.differences().clinch()).isNotBlank();
        });
        assertThat(bout("boxing-junior")).isLessThan(bout("boxing-amateur"));
        assertThat(bout("boxing-amateur")).isLessThan(bout("boxing"));
        assertThat(bout("muaythai-youth")).isLessThan(bout("muaythai-amateur"));
        assertThat(bout("muaythai-amateur")).isLessThan(bout("muaythai"));
    }

    private static int bout(String id) {
        Scheme scheme = Scheme.byId(id).orElseThrow();
        return scheme.rounds() * scheme.workS();
    }

    @Test
    void theNextSchemeComesRound() {
        Scheme scheme = Scheme.usual();
        for (int i = 0; i < Scheme.all().size(); i++) {
            scheme = scheme.next();
        }
        assertThat(scheme).isEqualTo(Scheme.usual());
        assertThat(new Session("s", LocalDate.EPOCH, "x", "gone").scheme()).isEqualTo(Scheme.usual());
    }

    @Test
    void roundsAndRestsAddUp() {
        Schedule schedule = schedule("1 2 3", 60, 4, 4);
        assertThat(schedule.rounds()).extracting(Stretch::lengthMs).containsOnly(180_000L);
        for (int i = 1; i < 4; i++) {
            assertThat(schedule.rounds().get(i).startMs()
                            - schedule.rounds().get(i - 1).endMs())
                    .isEqualTo(60_000);
        }
        assertThat(schedule.lengthMs()).isEqualTo(Schedule.READY_MS + 4 * 180_000 + 3 * 60_000);
    }

    @ParameterizedTest
    @ValueSource(ints = {30, 60, 66, 97, 143, 300})
    void repetitionsFitAndOneMoreWouldNot(int bpm) {
        Schedule schedule = schedule("1 2 3 rlow", bpm, 4, 1);
        Stretch round = schedule.rounds().getFirst();
        double one = 8 * 60_000.0 / bpm;
        assertThat(round.repetitions() * one).isLessThanOrEqualTo(180_000 + 1e-6);
        assertThat((round.repetitions() + 1) * one).isGreaterThan(180_000);
        assertThat(of(schedule, Kind.CALL)).hasSize(round.repetitions());
        assertThat(of(schedule, Kind.CLICK)).hasSize(round.repetitions() * 4);
        assertThat(schedule.events()).allMatch(e -> e.ms() >= round.startMs() - 10_000 && e.ms() <= round.endMs());
    }

    @ParameterizedTest
    @ValueSource(ints = {30, 66, 97, 300})
    void clicksKeepTheTempoWithoutDrift(int bpm) {
        Schedule schedule = schedule("1 2 3 rlow", bpm, 4, 1);
        double beat = 60_000.0 / bpm;
        for (Event click : of(schedule, Kind.CLICK)) {
            double exact = schedule.rounds().getFirst().startMs() + (click.repetition() * 8 + 4 + click.beat()) * beat;
            assertThat((double) click.ms()).isCloseTo(exact, within(0.5));
        }
    }

    @Test
    @DisplayName("half beats click where something happens on them, a written pause clicks otherwise than a beat")
    void halvesAndPausesHaveClicksOfTheirOwn() {
        Schedule schedule = schedule("1/2 _ sw-mid 3", 60, 2, 1);
        assertThat(of(schedule, Kind.CLICK).stream().filter(e -> e.repetition() == 0))
                .extracting(Event::beat, Event::text)
                .containsExactly(
                        tuple(0.0, ""),
                        tuple(0.5, Clicks.HALF),
                        tuple(1.0, Clicks.PAUSE),
                        tuple(2.0, ""),
                        tuple(3.0, ""),
                        tuple(4.0, ""));
    }

    @Test
    void aCallComesBeforeItsFirstBeat() {
        Schedule schedule = schedule("1 2 3", 60, 4, 1);
        Event call = of(schedule, Kind.CALL).get(3);
        Event first = of(schedule, Kind.CLICK).stream()
                .filter(e -> e.repetition() == 3)
                .findFirst()
                .orElseThrow();
        assertThat(first.ms() - call.ms()).isEqualTo(2000);
    }

    /// F42, common practice: the last minute and the last ten seconds are called.
    /// How long words take is asked of a voice, which takes longer than laying out the round.
    @Test
    void repetitionsThatAreTheSameAreCalledTheSame() {
        List<Double> asked = new ArrayList<>();
        Calls calls = (_, roomMs) -> {
            asked.add(roomMs);
            return roomMs / 2;
        };
        Scheme scheme = Scheme.byId("kickboxing").orElseThrow();
        Schedule schedule = Schedule.of(Block.alone(scheme, 1), List.of(part("1 2", 60, 4)), calls);
        assertThat(of(schedule, Kind.CALL)).hasSizeGreaterThan(20);
        assertThat(asked).containsExactly(4_000.0);
    }

    @Test
    void theEndIsCalled() {
        Schedule schedule = schedule("1 2", 60, 4, 2);
        Stretch second = schedule.rounds().get(1);
        assertThat(of(schedule, Kind.LAST_MINUTE)).extracting(Event::ms).contains(second.endMs() - 60_000);
        assertThat(of(schedule, Kind.LAST_TEN)).extracting(Event::ms).contains(second.endMs() - 10_000);
        assertThat(of(schedule, Kind.BELL)).hasSize(2);
        assertThat(of(schedule, Kind.END)).hasSize(2);
    }

    @Test
    void thePartnersCuesStandOnTheirBeats() {
        Schedule schedule = schedule("(1 2) catch slip-in 2", 60, 4, 1);
        List<Event> cues =
                of(schedule, Kind.CUE).stream().filter(e -> e.repetition() == 0).toList();
        assertThat(cues).extracting(Event::text).containsExactly("1", "2");
        assertThat(cues.get(1).ms() - cues.get(0).ms()).isEqualTo(1000);
    }

    @Test
    void itKnowsWhereItIs() {
        Schedule schedule = schedule("1 2", 60, 4, 2);
        assertThat(schedule.roundAt(0)).isEmpty();
        assertThat(schedule.nextRoundAt(0)).contains(0);
        assertThat(schedule.roundAt(Schedule.READY_MS)).contains(0);
        assertThat(schedule.roundAt(Schedule.READY_MS + 180_000)).isEmpty();
        assertThat(schedule.nextRoundAt(Schedule.READY_MS + 180_000)).contains(1);
        assertThat(schedule.roundAt(schedule.lengthMs())).isEmpty();
    }

    @Test
    void everyEventIsHandedOutOnce() {
        Schedule schedule = schedule("1 2 3", 120, 2, 2);
        int seen = 0;
        long from = -1;
        for (long now = 0; now <= schedule.lengthMs() + 40; now += 37) {
            seen += schedule.between(from, now).size();
            from = now;
        }
        assertThat(seen).isEqualTo(schedule.events().size());
    }

    @Test
    void impossibleTemposAreRefusedAndChangesAreHeld() {
        assertThatThrownBy(() -> new RoundPlan("r", "s", 0, "d", 10, 4)).hasMessageContaining("20 to 300");
        RoundPlan plan = new RoundPlan("r", "s", 0, "d", 300, 0);
        assertThat(plan.withBpm(400).bpm()).isEqualTo(300);
        assertThat(plan.withGap(-3).gapBeats()).isZero();
        assertThat(plan.at(5).position()).isEqualTo(5);
    }
}
