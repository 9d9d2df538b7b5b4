package onebeat.core.film;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Constants;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Phrases;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Table;
import onebeat.core.exchange.Technique;
import onebeat.core.film.SetupCause.How;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.opening.Credit;
import onebeat.core.opening.Opening;
import onebeat.core.opening.Openings;
import onebeat.core.opening.PartnerModel;
import onebeat.core.opening.Posture;
import onebeat.core.opening.Stimulus;
import onebeat.core.opening.Why;
import onebeat.core.opening.Zone;
import onebeat.core.play.Names;
import onebeat.core.play.Placed;
import onebeat.core.play.Placing;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
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
    private static final Phrases WORDS = Phrases.of("setups");

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
        String text = text(query.weapon, query.context);
        return act(text)
                .map(strike -> new Setups(query, text, strike).found(query.top))
                .orElseGet(() -> new Found(0, 0, true, List.of()));
    }

    /// Whether these words name something that can land.
    public static boolean isWeapon(String words, Context context) {
        return act(text(words, context)).isPresent();
    }

    /// The call of a weapon: its own, that of its word in the table for this pairing, or that of its full name.
    private static String text(String words, Context context) {
        String plain = words.strip().toLowerCase(Locale.ROOT);
        for (var row : Table.rows(Setups.class, "weapons.csv")) {
            if (row.get("word").equals(plain)) {
                return row.get("zone").isEmpty()
                        ? row.get("calls")
                        : atLiver(Arrays.asList(row.get("calls").split(" ")), context);
            }
        }
        if (act(plain).isPresent()) {
            return plain;
        }
        return Catalogue.standard().all().stream()
                .filter(t -> t.isStrike() && (t.name().equals(plain) || t.key().equals(plain.replace(' ', '-'))))
                .map(Technique::code)
                .findFirst()
                .orElse(plain);
    }

    /// The first of these that lands on the liver: the partner's right side, so it follows from the athlete's stance.
    private static String atLiver(List<String> calls, Context context) {
        Setting setting = context.setting();
        return calls.stream()
                .filter(call -> act(call)
                        .filter(a -> Zone.of(
                                        a.technique(),
                                        a.level(),
                                        a.technique().fixedSide().orElse(Side.LEAD),
                                        setting.pairing())
                                .isLiver(setting.partner().stance()))
                        .isPresent())
                .findFirst()
                .orElse(calls.getFirst());
    }

    /// The last strike of a call.
    static Optional<Act> act(String text) {
        return Notation.read(text) instanceof Read read
                ? Placing.ways(read.line(), Pairing.SAME).getFirst().actions().stream()
                        .filter(p -> p.who() == Who.ATHLETE && p.act().isStrike())
                        .reduce((_, later) -> later)
                        .map(Placed::act)
                : Optional.empty();
    }

    private Found found(int top) {
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
        return new Found(looked, 0, true, kept.stream().sorted(better).toList());
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
        Optional<Reaction> reaction = reaction(way, landing.get(), cause, opening.zone());
        if (reaction.isEmpty() && cause.wantsReaction()) {
            return Optional.empty();
        }
        String shown = reaction.map(r -> start + " (" + r.word + ") " + weapon + (exit.isEmpty() ? "" : " " + exit))
                .orElse(bare);
        if (!(Notation.read(shown, context.vocabulary()) instanceof Read read)) {
            return Optional.empty();
        }
        Review review = Review.withoutMends(read, context);
        boolean barred = review.hasStop()
                || review.findings().stream().anyMatch(f -> BARRED.contains(f.code()) && f.severity() != Severity.NOTE);
        if (barred) {
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
        return Optional.of(
                new Answer(review.canonical(), value, reasons(landing.get(), opening, cause, reaction, before, exit)));
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

    /// Off the line, toward the opponent's lead hand; a hold needs no other way out.
    private String exit() {
        if (strike.technique().kind() == Kind.CLINCH) {
            return "";
        }
        if (weapon.contains(" ")) {
            return "break";
        }
        return context.setting().pairing().wayOut();
    }

    /// A reaction that is wanted.
    ///
    /// @param word the word for it in a call line
    /// @param chance how likely it is after its cause
    private record Reaction(String word, Posture posture, double chance, Placed cause) {}

    /// Which of the opponent's reactions to the cause opens the zone most; empty where none does.
    private Optional<Reaction> reaction(PlayedWay way, Step landing, SetupCause cause, Zone zone) {
        if (!cause.wantsReaction()) {
            return Optional.empty();
        }
        Optional<Step> last = way.of(Who.ATHLETE)
                .filter(s ->
                        s.index() < landing.index() && s.placed().technique().isStrike())
                .reduce((_, later) -> later);
        if (last.isEmpty()) {
            return Optional.empty();
        }
        Placed placed = last.get().placed();
        Stimulus stimulus = new Stimulus(
                placed.technique().code(),
                placed.act().level(),
                placed.technique()
                        .arrival()
                        .at(placed.side().orElse(Side.LEAD), context.setting().pairing()));
        return model.opener(stimulus, zone)
                .map(posture -> new Reaction(
                        posture.word(), posture, model.chance(stimulus, posture).orElse(0.0), placed));
    }

    private List<String> reasons(
            Step landing, Opening opening, SetupCause cause, Optional<Reaction> reaction, String before, String exit) {
        List<String> reasons = new ArrayList<>();
        String name = landing.placed().technique().name();
        String place = WORDS.say("zone." + opening.zone());
        reaction.ifPresentOrElse(
                r -> {
                    reasons.add(WORDS.say("wanted", name, Why.make(r.posture), place));
                    reasons.add(WORDS.say(
                            cause.how() == How.FEINT ? "cause.feint" : "cause",
                            r.cause.technique().name(),
                            level(r.cause.act().level()),
                            Math.round(100 * r.chance)));
                },
                () -> reasons.add(WORDS.say("how." + cause.how(), name, place, cause.text())));
        if (cause.how() == How.FEINT) {
            reasons.add(WORDS.say("earned"));
        }
        if (cause.how() == How.TWICE) {
            reasons.add(WORDS.say("twice"));
        }
        if (!before.isEmpty()) {
            reasons.add(WORDS.say("leadin", before));
        }
        reasons.add(WORDS.say(
                "found",
                name,
                String.format(Locale.ROOT, "%.2f", opening.value()),
                String.format(
                        Locale.ROOT, "%.2f", landing.impact().orElseThrow().power())));
        if (!exit.isEmpty()) {
            reasons.add(WORDS.say("exit." + exit));
        }
        return reasons.stream().map(r -> Names.in(r, context.setting())).toList();
    }

    private static String level(Level level) {
        return WORDS.say("level." + level);
    }
}
