package onebeat.core.rounds;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import onebeat.core.Lines;
import onebeat.core.holding.Holder;
import onebeat.core.holding.Odds;
import onebeat.core.rounds.Block.Kind;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TemplateTest {

    private static final Scheme SCHEME = Scheme.byId("kickboxing").orElseThrow();
    private static final Session HALF_HOUR = new Session("s", LocalDate.EPOCH, "x", "kickboxing", "half-hour", 0);

    private static Schedule schedule(Session session, int rounds, int bursts) {
        Part part = Part.of(
                new RoundPlan("r", "s", 0, "d", 60, 4).withBursts(bursts),
                "name",
                Lines.read("1 2 3 rlow").line(),
                new Part.With(Lines.SAME, Holder.usual(), Odds.even(), 180));
        return Schedule.of(session.blocks(rounds), Collections.nCopies(rounds, part), Calls.NONE);
    }

    @Test
    @DisplayName(
            "F43, common practice: 6 warm-up, 6 feet, 3-1-3, 3 trunk, 1 rest, 3-1-3 are half an hour to the minute")
    void halfAnHourAddsUp() {
        List<Block> blocks = HALF_HOUR.blocks(4);
        assertThat(blocks.stream().map(b -> b.kind().word() + " " + b.seconds() / 60))
                .containsExactly(
                        "warm-up 6",
                        "feet 6",
                        "round 3",
                        "rest 1",
                        "round 3",
                        "trunk 3",
                        "rest 1",
                        "round 3",
                        "rest 1",
                        "round 3");
        assertThat(blocks.stream().mapToInt(Block::seconds).sum()).isEqualTo(30 * 60);
        Schedule schedule = schedule(HALF_HOUR, 4, 0);
        assertThat(schedule.lengthMs() - Schedule.READY_MS).isEqualTo(30 * 60_000);
    }

    /// F40, F43, common practice: kickboxing rounds are 3 minutes with 1 of rest; the half hour holds 16
    /// beside its rounds and their rests.
    @ParameterizedTest
    @CsvSource({
        "'', 0, 4",
        "'', 3, 1",
        "'', 6, 1",
        "'', 7, 2",
        "'', 30, 7",
        "half-hour, 0, 4",
        "half-hour, 30, 4",
        "half-hour, 29, 3",
        "half-hour, 34, 5",
        "half-hour, 15, 0"
    })
    void soManyRoundsFitIntoTheMinutes(String template, int minutes, int rounds) {
        Session session = new Session("s", LocalDate.EPOCH, "x", "kickboxing", template, minutes);
        assertThat(session.room()).isEqualTo(rounds);
    }

    @Test
    void exercisesFillTheirBlocks() {
        for (Template template : Template.all()) {
            for (Block block : template.blocks(SCHEME, template.rounds())) {
                if (!block.exercises().isEmpty()) {
                    assertThat(block.exercises().stream()
                                    .mapToInt(Exercise::seconds)
                                    .sum())
                            .isBetween(block.seconds() - 5, block.seconds());
                    assertThat(block.exercises())
                            .allMatch(e -> !e.easier().isEmpty() && !e.harder().isEmpty());
                }
            }
        }
    }

    @Test
    @DisplayName("F43, common practice: side plank 30 s a side, sit-ups with elbow 1 min, plank 1 min")
    void theTrunkBlock() {
        Block trunk = HALF_HOUR.blocks(4).stream()
                .filter(b -> b.kind() == Kind.TRUNK)
                .findFirst()
                .orElseThrow();
        assertThat(trunk.exercises().stream().map(Exercise::seconds)).containsExactly(30, 30, 60, 60);
    }

    @Test
    void fewerRoundsLeaveTheirRestsOutAndMoreFollow() {
        assertThat(HALF_HOUR.blocks(2).stream().map(Block::kind))
                .containsExactly(Kind.WARM_UP, Kind.FEET, Kind.ROUND, Kind.REST, Kind.ROUND, Kind.TRUNK);
        assertThat(HALF_HOUR.blocks(6).stream().filter(b -> b.kind() == Kind.ROUND))
                .hasSize(6);
        assertThat(HALF_HOUR.blocks(6).getLast().kind()).isEqualTo(Kind.ROUND);
    }

    @Test
    void whatIsLeftOfAnEvening() {
        assertThat(Template.rest(HALF_HOUR, 4, 4)).isEqualTo(HALF_HOUR.blocks(4));
        assertThat(Template.rest(HALF_HOUR, 4, 2).stream().map(Block::kind))
                .containsExactly(Kind.TRUNK, Kind.REST, Kind.ROUND, Kind.REST, Kind.ROUND);
        assertThat(Template.rest(HALF_HOUR, 4, 3).stream().map(Block::kind).limit(2))
                .containsExactly(Kind.ROUND, Kind.TRUNK);
    }

    @Test
    @DisplayName("F42, common practice: bursts of 20 s, two to a round, without a stop between repetitions")
    void burstsHaveNoGaps() {
        Schedule calm = schedule(HALF_HOUR, 4, 0);
        Schedule hard = schedule(HALF_HOUR, 4, 2);
        List<Event> bursts = hard.events().stream()
                .filter(e -> e.kind() == Event.Kind.BURST && e.round() == 0)
                .toList();
        assertThat(bursts).hasSize(2);
        assertThat(hard.rounds().getFirst().repetitions())
                .isGreaterThan(calm.rounds().getFirst().repetitions());
        long from = bursts.getFirst().ms();
        List<Event> inside = hard.events().stream()
                .filter(e -> e.kind() == Event.Kind.CLICK && e.ms() >= from && e.ms() < from + 20_000)
                .toList();
        assertThat(inside).as("a click on every beat").hasSize(20);
        assertThat(bursts)
                .allMatch(b -> b.ms() + 20_000 < hard.rounds().getFirst().endMs() - 10_000);
    }
}
