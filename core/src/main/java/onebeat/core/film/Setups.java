package onebeat.core.film;

import java.util.ArrayList;
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
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Phrases;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Table;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.opening.Opening;
import onebeat.core.opening.Openings;
import onebeat.core.opening.PartnerModel;
import onebeat.core.opening.Posture;
import onebeat.core.opening.Stimulus;
import onebeat.core.opening.Zone;
import onebeat.core.play.Placed;
import onebeat.core.play.Placing;
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
/// A line is ranked by what the strike finds open with this opponent's odds, times its power, less what the
/// line exposes and a little for each beat; the reaction written in it is what the partner shows in the
/// drill and does not count.
public final class Setups {

    private static final Phrases WORDS = Phrases.of(Setups.class, "onebeat.core.film.setups");

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
            Code.STRAIGHT_RETREAT);

    /// What is asked for.
    ///
    /// @param weapon what shall land: a call (`rcalf`), a name (`rear calf kick`) or a word of `weapons.csv`
    ///     (`liver`)
    /// @param top how many lines
    public record Query(String weapon, Context context, Repertoire repertoire, int top) {}

    /// What makes him open up.
    ///
    /// @param group causes of one group are one setup
    /// @param cause the words of the action that he reacts to; empty where it is his own strike or an angle
    private record Cause(String group, String text, String cause, How how) {}

    private enum How {
        STRIKE,
        TWICE,
        TWO,
        FEINT,
        PATTERN,
        FEED,
        ANGLE,
        ENTRY
    }

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
                boolean open = context.setting().pairing() == Pairing.OPEN;
                return row.get(open ? "open" : "same");
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

    /// The last strike of a call.
    private static Optional<Act> act(String text) {
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
        for (Cause cause : causes()) {
            kinds.putIfAbsent(cause.group, cause.how);
            for (String before : leadIns(cause)) {
                built(before, cause)
                        .ifPresent(answer ->
                                byGroup.merge(cause.group, answer, (a, b) -> better.compare(b, a) < 0 ? b : a));
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

    private List<Cause> causes() {
        List<Cause> all = new ArrayList<>();
        List<String> strikes = new ArrayList<>();
        List<String> hands = new ArrayList<>();
        List<String> defences = new ArrayList<>();
        for (Weapon one : repertoire.weapons()) {
            Technique technique = one.act().technique();
            String words = Notation.print(one.act());
            if (technique.isStrike()
                    && context.rules().allows(technique, one.act().level())) {
                strikes.add(words);
                if (technique.part() == Part.ARM) {
                    hands.add(words);
                }
            } else if (technique.isDefence() && technique.family() != Family.FEET) {
                defences.add(words);
            }
        }
        boolean clinch = weapon.startsWith("tie ") || weapon.startsWith("collar ");
        for (String cause : strikes) {
            How how = clinch ? How.ENTRY : How.STRIKE;
            all.add(new Cause(cause, cause, cause, how));
            all.add(new Cause(cause, cause + "!", cause + "!", how));
            String feint = "~" + act(cause).orElseThrow().level();
            all.add(new Cause(feint, cause + "! 1 ~" + cause, "~" + cause, How.FEINT));
            all.add(new Cause(feint, cause + "! ~" + cause, "~" + cause, How.FEINT));
            if (startsAlike(cause)) {
                patterns(all, cause);
            }
        }
        for (String first : hands) {
            for (String second : hands) {
                boolean twice = isTwice(first, second);
                String text = first + " " + second;
                all.add(new Cause(twice ? text : second, text, second, twice ? How.TWICE : How.TWO));
            }
        }
        for (String feed : List.of("1", "2", "3", "1b", "2b", "3b")) {
            for (String defence : defences) {
                all.add(new Cause("(" + feed.charAt(0) + ")", "(" + feed + ") " + defence, "", How.FEED));
                all.add(new Cause("(" + feed.charAt(0) + ")", "(" + feed + ") " + defence + "+", "", How.FEED));
            }
        }
        // What winds up alike is the best decoy, in the repertoire or not (F23).
        Catalogue.standard().all().stream()
                .filter(t -> t.windTurn().isPresent()
                        && t.windTurn().equals(strike.technique().windTurn()))
                .filter(t -> !t.code().equals(strike.technique().code())
                        && context.rules().allows(t, t.usualLevel()))
                .forEach(t -> patterns(all, t.code()));
        for (String angle : List.of("off", "piv", "circle-lead", "circle-rear")) {
            all.add(new Cause("angle", angle, "", How.ANGLE));
        }
        return all;
    }

    private static void patterns(List<Cause> all, String decoy) {
        for (String first : List.of("1", "2")) {
            String shown = "[" + first + " " + decoy + "]*2..3 " + first;
            all.add(new Cause("[" + decoy, shown, decoy, How.PATTERN));
        }
    }

    /// The same strike at another level.
    private static boolean isTwice(String one, String other) {
        Act first = act(one).orElseThrow();
        Act second = act(other).orElseThrow();
        return first.technique().code().equals(second.technique().code()) && first.level() != second.level();
    }

    /// Strikes that begin like the weapon teach him the wrong answer to it (F19, F23).
    private boolean startsAlike(String words) {
        Act other = act(words).orElseThrow();
        Technique technique = other.technique();
        boolean same = technique.code().equals(strike.technique().code()) && other.level() == strike.level();
        return !same
                && technique.family() == strike.technique().family()
                && technique.fixedSide().equals(strike.technique().fixedSide())
                && technique.counts()
                        == Math.min(technique.counts(), strike.technique().counts());
    }

    private static List<String> leadIns(Cause cause) {
        return switch (cause.how) {
            case FEED, PATTERN -> List.of("");
            case TWO, TWICE, FEINT -> List.of("", "1");
            case STRIKE, ENTRY, ANGLE -> List.of("", "1", "1 2", "2", "in");
        };
    }

    private Optional<Answer> built(String before, Cause cause) {
        String exit = exit();
        String start = (before + " " + cause.text).strip();
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
        if (reaction.isEmpty()
                && (cause.how == How.STRIKE
                        || cause.how == How.TWO
                        || cause.how == How.TWICE
                        || cause.how == How.FEINT)) {
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
        double gained = Score.of(opening.value(), power * mastered, opening.liver());
        // What counts is how exposed he is while it lands and right after, not on the way there.
        double exposure = (opening.exposure() + openings.endExposure()) / 2;
        Value whole = Value.of(way, openings, repertoire.mastery());
        Value value = new Value(
                Score.of(gained, exposure, beats(way, landing.get(), cause)),
                power,
                opening.value(),
                exposure,
                whole.oneBeat());
        return Optional.of(
                new Answer(review.canonical(), value, reasons(landing.get(), opening, cause, reaction, before, exit)));
    }

    /// The beats that the setup costs. What a pattern shows first are exchanges of their own; only the last
    /// one counts.
    private static double beats(PlayedWay way, Step landing, Cause cause) {
        return cause.how == How.PATTERN
                ? way.way().beats() - landing.beat().inBeats() + 1
                : way.way().beats();
    }

    /// Off the line, toward his lead hand; a hold needs no other way out.
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

    /// What of his reactions to the cause opens the zone most; empty where none does.
    private Optional<Reaction> reaction(PlayedWay way, Step landing, Cause cause, Zone zone) {
        if (cause.cause.isEmpty() || cause.how == How.PATTERN || cause.how == How.ENTRY) {
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
            Step landing, Opening opening, Cause cause, Optional<Reaction> reaction, String before, String exit) {
        List<String> reasons = new ArrayList<>();
        String name = landing.placed().technique().name();
        String place = WORDS.say("zone." + opening.zone());
        reaction.ifPresentOrElse(
                r -> {
                    reasons.add(WORDS.say("wanted", name, WORDS.say("posture." + r.posture), place));
                    reasons.add(WORDS.say(
                            cause.how == How.FEINT ? "cause.feint" : "cause",
                            r.cause.technique().name(),
                            level(r.cause.act().level()),
                            Math.round(100 * r.chance)));
                },
                () -> reasons.add(WORDS.say("how." + cause.how, name, place, cause.text)));
        if (cause.how == How.FEINT) {
            reasons.add(WORDS.say("earned"));
        }
        if (cause.how == How.TWICE) {
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
        return reasons;
    }

    private static String level(Level level) {
        return WORDS.say("level." + level);
    }
}
