package onebeat.desktop.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.film.Exchange;
import onebeat.core.film.Outcome;
import onebeat.core.film.Reel;
import onebeat.core.holding.Odds;
import onebeat.desktop.DemoSituation;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.Next;
import onebeat.desktop.app.StationName;
import onebeat.desktop.film.FilmAction.Do;
import onebeat.desktop.film.FilmEffect.Seek;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// What each action on Film leads to, without a window and without a film.
class FilmUpdateTest {

    private Camp camp;
    private FilmState state;
    private Next<FilmState> last;

    @BeforeEach
    void demo() {
        camp = DemoSituation.camp();
        Reel first = camp.reels().all().iterator().next();
        state = FilmState.FIRST.on(Optional.of(first.id())).at(0, camp);
    }

    private FilmUpdateTest after(FilmAction action) {
        last = FilmUpdate.update(DemoSituation.of(camp, state), action);
        camp = DemoSituation.after(camp, last);
        state = last.state();
        return this;
    }

    private List<Exchange> onReel() {
        return state.exchanges(camp);
    }

    @Test
    void whatIsTypedIsLoggedWhereTheFilmIsAndItsOutcomeIsAskedFor() {
        int before = onReel().size();
        after(new FilmAction.At(12.34)).after(new FilmAction.Enter("1 2 (parry)"));
        assertThat(onReel()).hasSize(before + 1);
        Exchange logged = camp.exchanges().get(state.awaits().orElseThrow()).orElseThrow();
        assertThat(logged.timeS()).isEqualTo(12.34);
        assertThat(logged.outcome()).isEqualTo(Outcome.NONE);
        after(new FilmAction.Judge(Outcome.BLOCKED));
        assertThat(camp.exchanges().get(logged.id()).orElseThrow().outcome()).isEqualTo(Outcome.BLOCKED);
        assertThat(state.awaits()).isEmpty();
    }

    @Test
    void anythingElseLetsTheQuestionGo() {
        after(new FilmAction.Enter("1 2"));
        assertThat(state.awaits()).isPresent();
        after(new FilmAction.Typing());
        assertThat(state.awaits()).isEmpty();
        int before = camp.exchanges().size();
        after(new FilmAction.Judge(Outcome.CLEAN));
        assertThat(camp.exchanges().size()).isEqualTo(before);
        assertThat(last.effects()).isEmpty();
    }

    @Test
    void oneGoesFromExchangeToExchangeAndNotOverTheEnds() {
        List<Exchange> all = onReel();
        after(Do.EXCHANGE_AFTER);
        assertThat(state.chosen()).contains(all.get(1).id());
        assertThat(last.effects()).containsExactly(new Seek(all.get(1).timeS()));
        for (int i = 0; i < all.size() + 5; i++) {
            after(Do.EXCHANGE_AFTER);
        }
        assertThat(state.chosen()).contains(all.getLast().id());
        after(Do.EXCHANGE_BEFORE);
        assertThat(state.chosen()).contains(all.get(all.size() - 2).id());
    }

    @Test
    void aLineIsCorrectedInItsPlace() {
        Exchange first = onReel().getFirst();
        after(Do.AMEND);
        assertThat(state.amended(camp)).contains(first);
        int before = camp.exchanges().size();
        after(new FilmAction.Enter("1b (parry) 2"));
        assertThat(camp.exchanges().size()).isEqualTo(before);
        assertThat(camp.exchanges().get(first.id()).orElseThrow().line()).isEqualTo("1b (parry) 2");
        assertThat(state.amends()).isEmpty();
    }

    @Test
    void anExchangeIsMovedButNeverOffItsReel() {
        Exchange first = onReel().getFirst();
        for (int i = 0; i < 400; i++) {
            after(Do.EARLIER);
        }
        assertThat(camp.exchanges().get(first.id()).orElseThrow().timeS()).isZero();
    }

    @Test
    void stanceRangeAndRemovalAreChangesOfTheOneAtHand() {
        Exchange first = onReel().getFirst();
        after(Do.PARTNER_STANCE);
        assertThat(camp.exchanges().get(first.id()).orElseThrow().partnerStance())
                .isEqualTo(first.partnerStance().changed());
        after(Do.RANGE);
        assertThat(camp.exchanges().get(first.id()).orElseThrow().range()).isNotEqualTo(first.range());
        after(Do.REMOVE);
        assertThat(camp.exchanges().get(first.id())).isEmpty();
        after(Do.REMOVE);
        assertThat(last.effects()).as("nothing is at hand").isEmpty();
    }

    @Test
    void beginningAndContactAreTwoTimes() {
        Exchange first = onReel().getFirst();
        after(new FilmAction.At(first.timeS() + 0.4)).after(Do.LANDS_HERE);
        Exchange landed = camp.exchanges().get(first.id()).orElseThrow();
        assertThat(landed.timeS()).isEqualTo(first.timeS());
        assertThat(landed.momentS()).isCloseTo(first.timeS() + 0.4, within(1e-4));
        after(new FilmAction.At(first.timeS() - 0.5)).after(Do.BEGINS_HERE);
        assertThat(camp.exchanges().get(first.id()).orElseThrow().timeS()).isCloseTo(first.timeS() - 0.5, within(1e-4));
        after(new FilmAction.At(first.timeS() - 1)).after(Do.LANDS_HERE);
        Exchange moved = camp.exchanges().get(first.id()).orElseThrow();
        assertThat(moved.timeS()).as("nothing lands before it begins").isEqualTo(moved.momentS());
        after(new FilmAction.At(first.timeS())).after(Do.BEGINS_HERE);
        assertThat(camp.exchanges().get(first.id()).orElseThrow().contactS()).isEmpty();
    }

    @Test
    void aRoundIsMarkedWhereItBeginsAndTheExchangesFollow() {
        Exchange last = onReel().getLast();
        assertThat(last.round()).isGreaterThan(1);
        after(new FilmAction.At(10)).after(Do.ROUND_HERE);
        String reel = state.reel().orElseThrow();
        assertThat(camp.reels().get(reel).orElseThrow().roundStarts()).containsExactly(10.0);
        assertThat(onReel()).extracting(Exchange::round).containsOnly(1);
        after(new FilmAction.At(last.timeS() - 1)).after(Do.ROUND_HERE);
        assertThat(onReel().getLast().round()).isEqualTo(2);
        after(new FilmAction.At(last.timeS() + 1)).after(Do.ROUND_HERE);
        after(new FilmAction.At(11)).after(Do.ROUND_HERE);
        assertThat(camp.reels().get(reel).orElseThrow().roundStarts()).isEmpty();
        assertThat(onReel().getLast().round()).as("as before").isEqualTo(last.round());
    }

    @Test
    void roundsComeFromTheirBellsWhereTheseAreHeard() {
        after(new FilmAction.RoundsHeard(List.of()));
        assertThat(last.effects()).singleElement().isInstanceOf(Effect.Say.class);
        after(new FilmAction.RoundsHeard(List.of(5.0, 100.0)));
        String reel = state.reel().orElseThrow();
        assertThat(camp.reels().get(reel).orElseThrow().roundStarts()).containsExactly(5.0, 100.0);
        assertThat(onReel().stream().filter(e -> e.timeS() < 100)).allMatch(e -> e.round() == 1);
        assertThat(onReel().stream().filter(e -> e.timeS() >= 100)).allMatch(e -> e.round() == 2);
    }

    @Test
    void whatALogPutIntoARoundStaysThere() {
        Exchange first = onReel().getFirst();
        Exchange told = first.inRound(9);
        camp = Edit.change(Place.EXCHANGES, first, told).applyTo(camp);
        after(new FilmAction.RoundsHeard(List.of(first.timeS() + 1, 100.0)));
        assertThat(camp.exchanges().get(first.id()).orElseThrow().round()).isEqualTo(9);
    }

    @Test
    void whatWasSeenOftenIsLoggedAgainByItsNumber() {
        after(new FilmAction.Enter("1b (low) 3"));
        for (int i = 0; i < 40; i++) {
            after(Do.AGAIN);
        }
        assertThat(state.offered(camp).getFirst()).isEqualTo("1b (low) 3");
        int before = camp.exchanges().size();
        after(new FilmAction.SeenAgain(2));
        assertThat(camp.exchanges().size()).isEqualTo(before + 1);
        assertThat(state.awaits()).isPresent();
        after(new FilmAction.SeenAgain(99));
        assertThat(camp.exchanges().size()).isEqualTo(before + 1);
    }

    @Test
    void anExchangeGoesOnWithTheAnswerInBracketsOrTheAthletesPart() {
        after(new FilmAction.Enter("1")).after(Do.GOES_ON);
        assertThat(last.effects()).contains(new Effect.Write("1 ()"));
        after(new FilmAction.Enter("1 (parry)")).after(Do.GOES_ON);
        assertThat(last.effects()).contains(new Effect.Write("1 (parry) "));
    }

    @Test
    void whatIsCollectedIsTakenTogether() {
        Exchange first = onReel().getFirst();
        assertThat(state.together(camp)).isEmpty();
        after(Do.COLLECT).after(Do.EXCHANGE_AFTER).after(Do.COLLECT);
        assertThat(state.together(camp)).hasSize(2).contains(first);
        after(Do.COLLECT);
        assertThat(state.together(camp)).containsExactly(first);
        after(Do.COLLECT_NONE);
        assertThat(state.collected()).isEmpty();
    }

    @Test
    void aLineGoesToTheBenchAsADrill() {
        int before = camp.drills().size();
        after(new FilmAction.ToBench("From film", "(1) parry 2", Odds.even(), "x1"));
        assertThat(camp.drills().size()).isEqualTo(before + 1);
        assertThat(last.effects())
                .singleElement()
                .satisfies(e -> assertThat(((Effect.Save) e).then())
                        .contains(new Effect.Go(StationName.BENCH), new Effect.PutLine("(1) parry 2")));
    }

    @Test
    void aFilmThatMovedKeepsItsReelAndANewOneGetsItsOwn() {
        int before = camp.reels().size();
        after(new FilmAction.Opened("new.mp4", "films/new.mp4", false));
        assertThat(camp.reels().size()).isEqualTo(before + 1);
        String id = state.reel().orElseThrow();
        after(new FilmAction.Opened("moved.mp4", "films/moved.mp4", true));
        assertThat(camp.reels().size()).isEqualTo(before + 1);
        assertThat(camp.reels().get(id).orElseThrow().file()).isEqualTo("films/moved.mp4");
    }

    @Test
    void aLengthThatIsKnownIsKeptOnce() {
        String id = state.reel().orElseThrow();
        after(new FilmAction.Length(id, 77));
        assertThat(camp.reels().get(id).orElseThrow().seconds()).isEqualTo(77);
        after(new FilmAction.Length(id, 77.2));
        assertThat(last.effects()).as("that is the same").isEmpty();
    }

    @Test
    void withoutAReelNothingIsLogged() {
        Camp empty = Camp.empty(camp.card());
        for (FilmAction action :
                List.of(new FilmAction.Enter("1 2"), Do.AGAIN, Do.REEL_AFTER, Do.EXCHANGE_AFTER, Do.REEL, Do.LATER)) {
            Next<FilmState> next = FilmUpdate.update(DemoSituation.of(empty, FilmState.FIRST), action);
            assertThat(next.effects()).allSatisfy(e -> assertThat(e).isNotInstanceOf(Effect.Save.class));
        }
    }
}
