package onebeat.core.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Constants;
import onebeat.core.film.FollowUps.After;
import onebeat.core.film.FollowUps.FollowUp;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;
import onebeat.core.review.Context;

/// What to go in with against this opponent: three plans with what speaks for them, and what to stay away from.
///
/// @param plans the best first, no two with the same beginning or the same weapon
/// @param avoid what the opponent punishes, the surest first
/// @param reach the gaps in which only the one of longer reach lands
/// @param moments what to do at single moments of the fight
public record FightPlan(List<Plan> plans, List<Avoid> avoid, Optional<OneSidedReach> reach, Moments moments) {

    private static final Constants NUMBERS = Constants.of(FightPlan.class, "habits.csv", "number");
    private static final int PLANS = (int) NUMBERS.get("plans");
    private static final int AVOIDED = (int) NUMBERS.get("avoided");
    private static final double LEAST_PUNISHED = NUMBERS.get("least_punished");

    public FightPlan {
        plans = List.copyOf(plans);
        avoid = List.copyOf(avoid);
    }

    /// What film says of single moments of a fight with this opponent.
    ///
    /// @param whenHurt what to do when they are shaken; empty where they never were on film
    /// @param afterHit how they change when they were hit clean; empty where they never were on film
    /// @param pause whether it pays to wait before the next attack; empty where too few were seen
    public record Moments(
            Optional<WhenHurt> whenHurt, Optional<AfterCleanHit> afterHit, Optional<PauseBeforeAttack> pause) {

        /// Nothing is known.
        public static final Moments NONE = new Moments(Optional.empty(), Optional.empty(), Optional.empty());

        /// Looks at all of the opponent's film.
        public static Moments of(List<Exchange> studied, Vocabulary vocabulary) {
            return new Moments(
                    WhenHurt.of(studied, vocabulary),
                    AfterCleanHit.of(studied, vocabulary),
                    PauseBeforeAttack.of(studied));
        }
    }

    /// One plan.
    ///
    /// @param idea what it rests on
    /// @param drill the line that trains it, with its reads
    public record Plan(Idea idea, Seized drill) {}

    /// Something of the athlete's that the opponent answers with a strike.
    ///
    /// @param share how often, with its interval
    public record Avoid(String stimulus, String response, Share share, List<String> exchanges) {

        public Avoid {
            exchanges = List.copyOf(exchanges);
        }
    }

    /// The gaps, in centimetres between the two, in which one's straights land without a step and the
    /// other's do not.
    ///
    /// @param who whose reach it is
    public record OneSidedReach(Who who, double fromCm, double toCm) {}

    /// The plan that these habits give.
    ///
    /// @param habits the opponent's responses to what the athlete does
    public static FightPlan of(List<After> habits, Context context, Repertoire repertoire) {
        return of(habits, Idea.of(habits, context, repertoire), context, repertoire);
    }

    /// The same, where the ideas are known already.
    public static FightPlan of(List<After> habits, List<Idea> ideas, Context context, Repertoire repertoire) {
        List<Plan> plans = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        for (Idea idea : ideas) {
            if (plans.size() == PLANS) {
                break;
            }
            boolean fresh = !taken.contains("begins " + idea.stimulus())
                    && !taken.contains("ends " + idea.reply().strike());
            if (fresh) {
                habits.stream()
                        .filter(h -> h.stimulus().equals(idea.stimulus()))
                        .findFirst()
                        .flatMap(after -> Seized.of(after, context, repertoire))
                        .ifPresent(drill -> {
                            plans.add(new Plan(idea, drill));
                            taken.add("begins " + idea.stimulus());
                            taken.add("ends " + idea.reply().strike());
                        });
            }
        }
        return new FightPlan(plans, avoid(habits), reach(context), Moments.NONE);
    }

    /// The same plan with what film says of single moments.
    public FightPlan with(Moments known) {
        return new FightPlan(plans, avoid, reach, known);
    }

    private static List<Avoid> avoid(List<After> habits) {
        List<Avoid> all = new ArrayList<>();
        for (After after : habits) {
            for (FollowUp follow : after.responses()) {
                if (follow.share().low() >= LEAST_PUNISHED && isStrike(follow.response())) {
                    all.add(new Avoid(after.stimulus(), follow.response(), follow.share(), follow.exchanges()));
                }
            }
        }
        all.sort(Comparator.comparingDouble((Avoid a) -> -a.share.low()).thenComparing(Avoid::stimulus));
        return all.subList(0, Math.min(AVOIDED, all.size()));
    }

    private static boolean isStrike(String response) {
        return Repertoire.of(List.of(response)).weapons().stream()
                .anyMatch(weapon -> weapon.act().isStrike());
    }

    private static Optional<OneSidedReach> reach(Context context) {
        double own = context.setting().ranges(Who.ATHLETE).farCm(Band.LONG);
        double theirs = context.setting().ranges(Who.PARTNER).farCm(Band.LONG);
        if (Math.abs(own - theirs) < 1) {
            return Optional.empty();
        }
        return Optional.of(
                theirs > own
                        ? new OneSidedReach(Who.PARTNER, own, theirs)
                        : new OneSidedReach(Who.ATHLETE, theirs, own));
    }
}
