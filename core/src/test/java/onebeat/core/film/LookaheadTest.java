package onebeat.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import onebeat.core.Lines;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.opening.LookaheadOpponent;
import onebeat.core.opening.Openings;
import onebeat.core.opening.PartnerModel;
import onebeat.core.play.Body;
import onebeat.core.play.ContinuationCache;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Looking ahead action by action gives the same states as playing the whole line.
class LookaheadTest {

    private static final String MOVES = "1 2 3 3b 5 overhand rlow rmid inlow lteep sw-mid off out tie loop";

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    @DisplayName("seeded continuations: floor, body, opening, worth, exposure and the partner's state are equal")
    void equalsTheWholeLine(long seed) {
        Random random = new Random(seed);
        PartnerModel model = PartnerModel.usual().atFirstSight();
        List<Act> acts = new ArrayList<>();
        Repertoire.of(MOVES).weapons().forEach(w -> acts.add(w.act()));
        for (int run = 0; run < 25; run++) {
            Setting setting = Lines.ALL_SETTINGS.get(random.nextInt(4));
            String text = List.of("(1) catch", "(3) block+3", "(1b) parry", "(2) slip-in 5", "1 2")
                    .get(random.nextInt(5));
            ContinuationCache cache = new ContinuationCache(setting, acts);
            LookaheadOpponent opponent = new LookaheadOpponent(
                    setting,
                    model,
                    cache.moves().stream().map(ContinuationCache.Move::placed).toList());
            PlayedWay way = Lines.play(text, setting).ways().getFirst();
            LookaheadOpponent.State state = opponent.after(way);
            Body body = way.of(Who.ATHLETE).toList().getLast().after();
            int place = cache.at(way);
            for (int depth = 0; depth < 4; depth++) {
                int move = random.nextInt(acts.size());
                int counts = cache.moves().get(move).counts();
                text += " " + Notation.print(acts.get(move));
                opponent.pass(state, counts);
                ContinuationCache.Moved moved = cache.moved(place, move);
                if (moved.isShort()) {
                    // Where something does not reach, the whole line starts nearer.
                    break;
                }
                double opening = acts.get(move).isStrike() ? opponent.opening(state, move, moved.angle()) : 0;
                double worth = opponent.worth(state, move);
                Body started = cache.started(body.after(counts), move);
                body = cache.after(started, move);
                PlayedWay whole = Lines.play(text, setting).ways().getFirst();
                Step last = whole.steps().getLast();
                assertThat(last.gapCm()).as(text).isCloseTo(moved.gapCm(), within(1e-9));
                assertThat(last.isShort()).as(text).isEqualTo(moved.isShort());
                assertThat(last.after().turn()).as(text).isCloseTo(body.turn(), within(1e-12));
                assertThat(last.after().weight()).as(text).isCloseTo(body.weight(), within(1e-12));
                assertThat(last.after().height()).as(text).isCloseTo(body.height(), within(1e-12));
                Openings openings = Openings.withoutCredits(whole, setting, model, 0);
                if (acts.get(move).isStrike()) {
                    double power = cache.power(started, move, moved.room());
                    assertThat(last.impact().orElseThrow().power()).as(text).isCloseTo(power, within(1e-12));
                    assertThat(openings.of(last).orElseThrow().value()).as(text).isCloseTo(opening, within(1e-12));
                    assertThat(openings.of(last).orElseThrow().effect())
                            .as(text)
                            .isCloseTo(power * worth, within(1e-12));
                }
                double around = opponent.place(moved.gapCm(), moved.angle());
                if (opponent.exposes(move)) {
                    assertThat(openings.exposureAt(last).orElseThrow())
                            .as(text)
                            .isCloseTo(
                                    opponent.exposure(state, move, body.turn(), body.height(), around), within(1e-12));
                }
                assertThat(openings.endExposure()).as(text).isCloseTo(opponent.end(state, move, around), within(1e-12));
                opponent.see(state, move);
                assertThat(state.isLike(opponent.after(whole))).as(text).isTrue();
                place = moved.to();
            }
        }
    }
}
