package onebeat.formats.cards;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Phrases;
import onebeat.core.film.FightPlan;
import onebeat.core.film.FightPlan.Plan;
import onebeat.core.film.Seized.IfThen;
import onebeat.core.film.Share;
import onebeat.core.play.Who;
import onebeat.formats.cards.Sheet.Row;
import onebeat.formats.cards.Sheet.Set;
import onebeat.formats.cards.Sheet.Whose;

/// A fight plan in words, and as the corner's one page.
public final class PlanCard {

    private static final Phrases WORDS = Phrases.of(PlanCard.class, "onebeat.formats.cards.cards");

    private PlanCard() {}

    /// The corner's page.
    public static Sheet of(FightPlan plan, String athlete, String opponent, String night) {
        List<Row> rows = new ArrayList<>();
        int number = 0;
        for (Plan one : plan.plans()) {
            number++;
            rows.add(new Row("" + number, one.drill().line(), evidence(one, opponent), Whose.ATHLETE, Set.LINE));
            for (String read : reads(one, opponent)) {
                rows.add(new Row("", read, "", Whose.BOTH, Set.TOLD));
            }
        }
        for (String away : avoid(plan, athlete, opponent)) {
            rows.add(new Row(WORDS.say("plan.no"), away, "", Whose.PARTNER, Set.TOLD));
        }
        return new Sheet(
                WORDS.say("plan.title", athlete, opponent),
                WORDS.say("plan.under", night),
                "",
                Optional.empty(),
                List.of(),
                rows,
                1,
                List.of(),
                WORDS.say("plan.cautions") + " " + WORDS.say("cautions"));
    }

    /// What a plan is called.
    public static String title(int number, Plan plan) {
        return WORDS.say(
                "plan.name", number, plan.idea().stimulus(), plan.idea().reply().strike());
    }

    /// If she does this, then that: one sentence a read.
    public static List<String> reads(Plan plan, String opponent) {
        List<String> all = new ArrayList<>();
        for (IfThen read : plan.drill().reads()) {
            all.add(WORDS.say("plan.read", opponent, read.cue(), read.answer(), count(read.share())));
        }
        return all;
    }

    /// What speaks for a plan.
    public static String evidence(Plan plan, String opponent) {
        return WORDS.say(
                "plan.evidence",
                opponent,
                plan.idea().stimulus(),
                plan.idea().response(),
                count(plan.idea().share()),
                Math.round(100 * plan.idea().share().low()));
    }

    /// What to stay away from: one sentence each.
    public static List<String> avoid(FightPlan plan, String athlete, String opponent) {
        List<String> all = new ArrayList<>();
        plan.avoid()
                .forEach(a -> all.add(WORDS.say(
                        "plan.avoid",
                        a.stimulus(),
                        opponent,
                        a.response(),
                        count(a.share()),
                        Math.round(100 * a.share().low()))));
        plan.reach()
                .ifPresent(r -> all.add(WORDS.say(
                        r.who() == Who.PARTNER ? "plan.reach.theirs" : "plan.reach.own",
                        r.who() == Who.PARTNER ? opponent : athlete,
                        Math.round(r.fromCm()),
                        Math.round(r.toCm()))));
        return all;
    }

    private static String count(Share share) {
        return WORDS.say("plan.count", share.n(), share.of());
    }
}
