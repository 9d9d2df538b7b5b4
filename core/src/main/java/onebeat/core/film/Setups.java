package onebeat.core.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Constants;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Technique;
import onebeat.core.film.SetupCause.How;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.opening.Credit;
import onebeat.core.opening.Opening;
import onebeat.core.opening.Openings;
import onebeat.core.opening.PartnerModel;
import onebeat.core.opening.Zone;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Code;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.core.review.Score;
import onebeat.core.review.Severity;

/// Builds lines backwards from the strike that shall land: the reaction wanted, what causes it, what makes
/// the cause credible, and the way out. For each cause the best line is kept, so that the coach sees
/// different setups and not one setup ten times.
///
/// A line is ranked by what the setup opens in the very place of the weapon (the credit, with this opponent's odds,
/// so that how surely it is caused counts too), by what stands open there, and by what it costs: exposure while it
/// lands and a little for each beat. The reaction written in it is what the partner shows in the drill and does not
/// count (J13).
public final class Setups {

    private static final Constants NUMBERS = Constants.of(Setups.class, "habits.csv", "number");

    /// Findings that no proposed line may have.
    private static final Set<Code> BARRED = EnumSet.of(
            Code.LEG_LOADED,
            Code.RELOAD,
            Code.UNEARNED_FEINT,
            Code.UNREAD_PAYOFF,
            Code.NO_ENTRY,
            Code.OUT_OF_REACH,
            Code.SAME_HAND,
            Code.WRONG_SIDE,
            Code.NAKED_HOOK,
            Code.INTO_POWER,
            Code.COUNT_SHORT,
            Code.TOO_FAST,
            Code.UNSEEN,
            Code.TRADE,
            Code.CLOSED_TARGET,
            Code.ARM_ONLY,
            Code.TELEGRAPH,
            Code.STRAIGHT_RETREAT);

    /// What is asked for.
    ///
    /// @param weapon what shall land: a call (`rcalf`), a name (`rear calf kick`) or a word of `weapons.csv`
    ///     (`liver`)
    /// @param top how many lines
    public record Query(String weapon, Context context, Repertoire repertoire, int top) {}

    private final Context context;
    private final Repertoire repertoire;
    private final String weapon;
    private final Act strike;
    private final PartnerModel model;
    private int looked;

    private Setups(Query query, String weapon, Act strike) {
        this.context = query.context;
        this.repertoire = query.repertoire;
        this.weapon = weapon;
        this.strike = strike;
        this.model = query.context.partner();
    }

    /// The best lines for a weapon; none where the words are no strike.
    public static Found of(Query query) {
        String text = WeaponNames.call(query.weapon, query.context);
        return WeaponNames.target(text)
                .map(target -> new Setups(query, text, target).found(query.top))
                .orElseGet(() -> new Found(0, 0, true, List.of()));
    }

    /// Whether these words name something that can land.
    public static boolean isWeapon(String words, Context context) {
        return WeaponNames.target(WeaponNames.call(words, context)).isPresent();
    }

    /// What was built and what is taught, by turns; the taught first.
    private Found found(int top) {
        List<Answer> taught = taught();
        List<Answer> built = strike.isStrike() ? built(top) : List.of();
        Map<String, Answer> byLine = new LinkedHashMap<>();
        for (int i = 0; i < Math.max(taught.size(), built.size()); i++) {
            taught.stream().skip(i).findFirst().ifPresent(one -> byLine.putIfAbsent(one.line(), one));
            built.stream().skip(i).findFirst().ifPresent(one -> byLine.putIfAbsent(one.line(), one));
        }
        return new Found(looked, 0, true, byLine.values().stream().limit(top).toList());
    }

    /// What is taught for it and holds here, the best first.
    private List<Answer> taught() {
        List<Answer> all = new ArrayList<>();
        for (TaughtSetups setup : TaughtSetups.of(weapon, context, repertoire)) {
            if (Notation.read(setup.line(weapon, exit()), context.vocabulary()) instanceof Read read) {
                looked++;
                Review review = Review.withoutMends(read, context);
                if (!isBarred(review)) {
                    PlayedWay way = review.played().ways().getFirst();
                    Value value = Value.of(way, review.openings().getFirst(), repertoire.mastery());
                    all.add(new Answer(review.canonical(), value, List.of(setup.why()), true));
                }
            }
        }
        return all.stream().sorted(Answer.BEST).toList();
    }

    private static boolean isBarred(Review review) {
        return review.hasStop()
                || review.findings().stream().anyMatch(f -> BARRED.contains(f.code()) && f.severity() != Severity.NOTE);
    }

    private List<Answer> built(int top) {
        Map<String, Answer> byGroup = new LinkedHashMap<>();
        Map<String, How> kinds = new LinkedHashMap<>();
        Comparator<Answer> better =
                Comparator.comparingDouble((Answer a) -> -a.value().score()).thenComparing(Answer::line);
        for (SetupCause cause : new SetupCauses(context, repertoire, weapon, strike).all()) {
            kinds.putIfAbsent(cause.group(), cause.how());
            for (String before : cause.leadIns()) {
                built(before, cause)
                        .ifPresent(answer ->
                                byGroup.merge(cause.group(), answer, (a, b) -> better.compare(b, a) < 0 ? b : a));
            }
        }
        // The best of each kind of setup is among them, so that a feint or a pattern is not crowded out.
        Map<How, Answer> byKind = new EnumMap<>(How.class);
        byGroup.forEach((group, answer) -> byKind.merge(
                kinds.getOrDefault(group, How.STRIKE), answer, (a, b) -> better.compare(b, a) < 0 ? b : a));
        Set<Answer> kept = new LinkedHashSet<>(
                byKind.values().stream().sorted(better).limit(top).toList());
        byGroup.values().stream()
                .sorted(better)
                .takeWhile(_ -> kept.size() < top)
                .forEach(kept::add);
        return kept.stream().sorted(better).toList();
    }

    private Optional<Answer> built(String before, SetupCause cause) {
        String exit = exit();
        String start = (before + " " + cause.text()).strip();
        String glue = start.endsWith("+") ? "" : " ";
        String bare = start + glue + weapon + (exit.isEmpty() ? "" : " " + exit);
        if (!(Notation.read(bare, context.vocabulary()) instanceof Read plain)) {
            return Optional.empty();
        }
        looked++;
        PlayedWay way = Play.of(plain.line(), context.setting()).ways().getFirst();
        Optional<Step> landing = way.strikesOf(Who.ATHLETE)
                .filter(s ->
                        s.placed().technique().code().equals(strike.technique().code())
                                && s.placed().act().level() == strike.level())
                .reduce((_, later) -> later);
        if (landing.isEmpty()) {
            return Optional.empty();
        }
        Openings openings = Openings.of(way, context.setting(), model, context.seenBefore());
        Opening opening = openings.of(landing.get()).orElseThrow();
        Optional<WantedReaction> reaction = cause.wantsReaction()
                ? WantedReaction.before(landing.get(), way, opening.zone(), model, context.setting())
                : Optional.empty();
        if (reaction.isEmpty() && cause.wantsReaction()) {
            return Optional.empty();
        }
        String shown = reaction.map(r -> start + " (" + r.word() + ") " + weapon + (exit.isEmpty() ? "" : " " + exit))
                .orElse(bare);
        if (!(Notation.read(shown, context.vocabulary()) instanceof Read read)) {
            return Optional.empty();
        }
        Review review = Review.withoutMends(read, context);
        if (isBarred(review)) {
            return Optional.empty();
        }
        double power = landing.get().impact().orElseThrow().power();
        double mastered = repertoire.mastery().getOrDefault(Notation.print(strike), 1.0);
        double credit = credit(opening);
        boolean causes = cause.how() != How.ANGLE && cause.how() != How.ENTRY;
        if (causes && credit < LEAST_CREDIT) {
            return Optional.empty();
        }
        double gained = Score.of(
                opening.value() + (cause.how() == How.FEED ? 1 : CREDIT) * credit,
                freshEffect(power, opening.zone()) * mastered);
        double exposure = exposure(way, landing.get(), openings, opening);
        Value whole = Value.of(way, openings, repertoire.mastery());
        Value value = new Value(
                Score.of(gained, exposure, beats(way, landing.get(), cause)),
                power,
                opening.effect(),
                opening.value(),
                exposure,
                whole.oneBeat());
        return Optional.of(new Answer(
                review.canonical(),
                value,
                new SetupReasons(landing.get(), opening, cause, reaction, before, exit).told(context.setting())));
    }

    /// What the weapon is worth on a leg that has taken nothing yet: what was landed on it before adds up over a
    /// round and makes no setup better than another.
    private double freshEffect(double power, Zone zone) {
        Stance theirs = context.setting().partner().stance();
        return power * strike.technique().traits().worth() * model.zones().of(zone, theirs, 0);
    }

    /// What the setup opens in the place of the weapon.
    private static double credit(Opening opening) {
        return opening.credits().stream()
                .mapToDouble(Credit::gain)
                .filter(gain -> gain > 0)
                .sum();
    }

    private static final double CREDIT = NUMBERS.get("setup_credit");
    private static final double LEAST_CREDIT = NUMBERS.get("least_credit");

    /// How exposed the athlete is while it lands and right after, or, where it lands out of a hold, on the way into
    /// it.
    private static double exposure(PlayedWay way, Step landing, Openings openings, Opening opening) {
        return way.of(Who.ATHLETE)
                .filter(s ->
                        s.index() < landing.index() && s.placed().technique().isHold())
                .findFirst()
                .flatMap(openings::exposureAt)
                .orElse((opening.exposure() + openings.endExposure()) / 2);
    }

    /// The beats that the setup costs. What a pattern shows first are exchanges of their own; only the last
    /// one counts.
    private static double beats(PlayedWay way, Step landing, SetupCause cause) {
        return cause.how() == How.PATTERN
                ? way.way().beats() - landing.beat().inBeats() + 1
                : way.way().beats();
    }

    private static final Technique HIPS = Catalogue.standard().get("hips");

    /// Off the line, toward the opponent's lead hand; a hold needs no other way out.
    private String exit() {
        if (strike.technique().kind() == Kind.CLINCH) {
            return context.rules().allows(HIPS, Level.NONE) ? HIPS.code() : "";
        }
        if (weapon.contains(" ")) {
            return "break";
        }
        return context.setting().pairing().wayOut();
    }
}
