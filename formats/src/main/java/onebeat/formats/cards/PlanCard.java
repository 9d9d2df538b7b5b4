package onebeat.formats.cards;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import onebeat.core.exchange.Phrases;
import onebeat.core.film.AfterCleanHit;
import onebeat.core.film.FightPlan;
import onebeat.core.film.FightPlan.Plan;
import onebeat.core.film.PauseBeforeAttack.Advice;
import onebeat.core.film.Seized.IfThen;
import onebeat.core.film.Share;
import onebeat.core.film.WhenHurt;
import onebeat.core.play.Who;
import onebeat.core.wording.Wording;
import onebeat.formats.cards.Sheet.Row;
import onebeat.formats.cards.Sheet.Set;
import onebeat.formats.cards.Sheet.Whose;

/// A fight plan in words, and as the corner's one page.
///
/// @param athlete what the athlete is called
/// @param opponent what the opponent is called
/// @param words says a line the way the coach wants it said
public record PlanCard(String athlete, String opponent, UnaryOperator<String> words) {

    private static final Phrases WORDS = Phrases.of("cards");

    /// The corner's page.
    ///
    /// @param night fight night, in words
    public Sheet page(FightPlan plan, String night) {
        List<Row> rows = new ArrayList<>();
        int number = 0;
        for (Plan one : plan.plans()) {
            number++;
            String line = one.drill().line();
            String said = words.apply(line);
            rows.add(new Row("" + number, line, evidence(one), Whose.ATHLETE, Set.LINE));
            if (!said.equals(line)) {
                rows.add(new Row("", said, "", Whose.ATHLETE, Set.TOLD));
            }
            for (String read : reads(one)) {
                rows.add(new Row("", read, "", Whose.BOTH, Set.TOLD));
            }
        }
        rows.addAll(section("plan.no", avoid(plan), Whose.PARTNER));
        rows.addAll(section("plan.hurt", whenHurt(plan), Whose.BOTH));
        // A corner has a minute: what the film does not tell clearly stays on the screen.
        if (plan.moments().afterHit().flatMap(AfterCleanHit::clearest).isPresent()) {
            rows.addAll(section("plan.hit", afterHit(plan), Whose.PARTNER));
        }
        if (plan.moments().pause().filter(p -> p.advice() != Advice.UNCLEAR).isPresent()) {
            rows.addAll(section("plan.pause", pause(plan), Whose.ATHLETE));
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

    /// Sentences with one mark before the first.
    private static List<Row> section(String mark, List<String> sentences, Whose whose) {
        return IntStream.range(0, sentences.size())
                .mapToObj(i -> new Row(i == 0 ? WORDS.say(mark) : "", sentences.get(i), "", whose, Set.TOLD))
                .toList();
    }

    /// What a plan is called.
    ///
    /// @param number from 1
    public String title(int number, Plan plan) {
        return WORDS.say(
                "plan.name",
                number,
                words.apply(plan.idea().stimulus()),
                within(words.apply(plan.idea().reply().strike())));
    }

    /// If the opponent does this, then that: one sentence a read.
    public List<String> reads(Plan plan) {
        List<String> all = new ArrayList<>();
        for (IfThen read : plan.drill().reads()) {
            all.add(WORDS.say(
                    "plan.read", response(read.cue()), within(words.apply(read.answer())), count(read.share())));
        }
        return all;
    }

    /// What speaks for a plan.
    public String evidence(Plan plan) {
        return WORDS.say(
                "plan.evidence",
                words.apply(plan.idea().stimulus()),
                response(plan.idea().response()),
                count(plan.idea().share()),
                Math.round(100 * plan.idea().share().low()));
    }

    /// What to stay away from: one sentence each.
    public List<String> avoid(FightPlan plan) {
        List<String> all = new ArrayList<>();
        plan.avoid()
                .forEach(a -> all.add(WORDS.say(
                        "plan.avoid",
                        words.apply(a.stimulus()),
                        response(a.response()),
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

    /// What to do when the opponent is visibly shaken: what they did then, what came of going after it, and what
    /// follows.
    public List<String> whenHurt(FightPlan plan) {
        return plan.moments().whenHurt().map(this::told).orElse(List.of());
    }

    private List<String> told(WhenHurt hurt) {
        List<String> all = new ArrayList<>();
        String reactions = hurt.reactions().stream()
                .map(r -> WORDS.say(
                        "plan.hurt.reacted",
                        WORDS.say("plan.hurt." + r.reaction()),
                        count(r.share()),
                        percent(r.share().low()),
                        percent(r.share().high())))
                .collect(Collectors.joining(", "));
        all.add(WORDS.say(
                "plan.hurt.times",
                opponent,
                hurt.times(),
                reactions.isEmpty() ? WORDS.say("plan.hurt.unseen") : reactions));
        hurt.landed()
                .flatMap(landed -> hurt.punished()
                        .map(punished -> WORDS.say(
                                "plan.hurt.after",
                                count(landed),
                                percent(landed.low()),
                                percent(landed.high()),
                                count(punished),
                                percent(punished.low()),
                                percent(punished.high()))))
                .ifPresent(all::add);
        all.add(WORDS.say("plan.hurt." + hurt.advice(), opponent));
        return all;
    }

    /// How the opponent changes when they were hit clean, and in which rounds they were.
    public List<String> afterHit(FightPlan plan) {
        return plan.moments().afterHit().map(this::told).orElse(List.of());
    }

    private List<String> told(AfterCleanHit after) {
        String rounds = new TreeMap<>(after.hits())
                .entrySet().stream()
                        .map(e -> WORDS.say("plan.hit.round", e.getKey(), e.getValue()))
                        .collect(Collectors.joining(", "));
        List<String> all = new ArrayList<>();
        all.add(WORDS.say("plan.hit.rounds", opponent, rounds));
        if (after.changes().isEmpty()) {
            all.add(WORDS.say("plan.hit.few"));
            return all;
        }
        AfterCleanHit.Change change = after.changes().getFirst();
        all.add(WORDS.say(
                after.clearest().isPresent() ? "plan.hit.clear" : "plan.hit.unclear",
                WORDS.say("plan.hurt." + change.reaction()),
                count(change.shares().here()),
                percent(change.shares().here().low()),
                percent(change.shares().here().high()),
                count(change.shares().there()),
                percent(change.shares().there().low()),
                percent(change.shares().there().high())));
        return all;
    }

    /// Whether it pays to wait before the next attack.
    public List<String> pause(FightPlan plan) {
        return plan.moments()
                .pause()
                .map(p -> List.of(
                        WORDS.say(
                                "plan.pause.told",
                                decimal("%.1f", p.landed()),
                                p.landedOf(),
                                decimal("%.1f", p.failed()),
                                p.failedOf(),
                                decimal("%.3f", p.p())),
                        WORDS.say("plan.pause." + p.advice(), opponent)))
                .orElse(List.of());
    }

    private static String decimal(String format, double number) {
        return String.format(Locale.ROOT, format, number);
    }

    private static long percent(double share) {
        return Math.round(100 * share);
    }

    /// What the opponent does then, as a clause within a sentence.
    private String response(String shorthand) {
        return within(words.apply("(" + shorthand + ")"));
    }

    private String within(String said) {
        return Wording.within(said, opponent);
    }

    private static String count(Share share) {
        return WORDS.say("plan.count", share.n(), share.of());
    }
}
