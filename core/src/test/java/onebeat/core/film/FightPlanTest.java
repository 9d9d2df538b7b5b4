package onebeat.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.film.FightPlan.OneSidedReach;
import onebeat.core.film.FightPlan.Plan;
import onebeat.core.film.FollowUps.After;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Setting;
import onebeat.core.play.Who;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class FightPlanTest {

    private static final Setting TALL =
            new Setting(new Fighter("Ilka", Stance.ORTHODOX, 168, 170), new Fighter("Noor", Stance.SOUTHPAW, 177, 182));
    private static final Context CONTEXT = Context.of(TALL);
    private static final List<After> HABITS = OnFilm.habits(
            OnFilm.times(12, "1b (low)"),
            OnFilm.times(3, "1b (out)"),
            OnFilm.times(10, "1 (parry)"),
            OnFilm.times(9, "inlow (check)"),
            OnFilm.times(8, "2 3 (lean)"),
            OnFilm.times(6, "3 (2)"));

    private final FightPlan plan = FightPlan.of(HABITS, CONTEXT, Repertoire.usual());

    @Test
    void threePlansNoTwoAlike() {
        assertThat(plan.plans()).hasSize(3);
        assertThat(plan.plans().stream().map(p -> p.idea().stimulus())).doesNotHaveDuplicates();
        assertThat(plan.plans().stream().map(p -> p.idea().reply().strike())).doesNotHaveDuplicates();
        for (Plan one : plan.plans()) {
            Review review = Review.withoutMends((Read) Notation.read(one.drill().line()), CONTEXT);
            assertThat(review.hasStop()).as(one.drill().line()).isFalse();
            assertThat(one.idea().exchanges()).isNotEmpty();
        }
    }

    @Test
    @DisplayName("F7, common practice: a naked lead hook is countered straight, and the plan stays away from it")
    void whatIsPunishedIsStayedAwayFrom() {
        assertThat(plan.avoid()).singleElement().satisfies(a -> {
            assertThat(a.stimulus()).isEqualTo("3");
            assertThat(a.response()).isEqualTo("2");
            // Six of the fourteen lead hooks; the other eight stood behind a cross.
            assertThat(a.share()).isEqualTo(Share.of(6, 14));
            assertThat(a.exchanges()).hasSize(6);
        });
    }

    @Test
    @DisplayName("F9, common practice: a taller one hits where one cannot hit back")
    void theGapWhereOnlyTheTallerLands() {
        OneSidedReach only = plan.reach().orElseThrow();
        assertThat(only.who()).isEqualTo(Who.PARTNER);
        assertThat(only.fromCm()).isEqualTo(TALL.ranges(Who.ATHLETE).farCm(Band.LONG), within(1e-9));
        assertThat(only.toCm()).isGreaterThan(only.fromCm() + 3);
        FightPlan even = FightPlan.of(HABITS, Context.usual(), Repertoire.usual());
        assertThat(even.reach()).isEmpty();
    }

    @Test
    void withoutFilmThereIsNoPlan() {
        FightPlan none = FightPlan.of(List.of(), CONTEXT, Repertoire.usual());
        assertThat(none.plans()).isEmpty();
        assertThat(none.avoid()).isEmpty();
    }
}
