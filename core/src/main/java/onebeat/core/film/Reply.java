package onebeat.core.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.opening.Opening;
import onebeat.core.opening.Openings;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Context;
import onebeat.core.review.Finding;
import onebeat.core.review.Review;
import onebeat.core.review.Score;
import onebeat.core.review.Severity;
import onebeat.core.timing.Interception;

/// What pays best after something the opponent does: a strike into what it opens, met or entered first where it has
/// to be.
///
/// @param line the whole line, with the way out
/// @param words what the athlete does after it, without the way out
/// @param strike the strike that it is for
/// @param value what the line is worth
/// @param opening how open its place is, 0 to 1
/// @param gain how much more open than if the opponent had stayed at guard
/// @param effect of the strike, a full cross to the head being 1
/// @param pays what replies are ranked by: what the strike finds and what the opponent's own doing opened, less
/// exposure and beats
public record Reply(
        String line,
        String words,
        String strike,
        Value value,
        double opening,
        double gain,
        double effect,
        double pays) {

    /// So many of the best are reviewed whole.
    private static final int REVIEWED = 6;

    /// The best reply, or none where nothing of the repertoire answers without a `stop`.
    ///
    /// @param beginning what came before, as a call line; may be empty
    /// @param theirs what the opponent does then, as it stands between brackets
    public static Optional<Reply> best(String beginning, String theirs, Context context, Repertoire repertoire) {
        return all(beginning, theirs, context, repertoire).stream().findFirst();
    }

    /// The best replies, each with a strike of its own, the best first.
    public static List<Reply> all(String beginning, String theirs, Context context, Repertoire repertoire) {
        String before = (beginning + " (" + theirs + ")").strip();
        String atGuard = (beginning + " (none)").strip();
        Map<String, Double> usual = new HashMap<>();
        List<Reply> replies = new ArrayList<>();
        for (Candidate candidate : candidates(before, theirs, context, repertoire)) {
            double open = usual.computeIfAbsent(candidate.strike, strike -> opening(atGuard, strike, context));
            of(before, candidate, open, context, repertoire).ifPresent(replies::add);
        }
        replies.sort(Comparator.comparingDouble((Reply r) -> -r.pays).thenComparing(Reply::line));
        Set<String> strikes = new HashSet<>();
        replies.removeIf(r -> !strikes.add(r.strike));
        List<Reply> unfaulted = new ArrayList<>();
        List<Reply> faulted = new ArrayList<>();
        for (Reply reply : replies.subList(0, Math.min(REVIEWED, replies.size()))) {
            Review review = Review.withoutMends(read(reply.line, context).orElseThrow(), context);
            if (!review.hasStop()) {
                (review.findings().stream().anyMatch(Reply::isFault) ? faulted : unfaulted).add(reply);
            }
        }
        unfaulted.addAll(faulted);
        return unfaulted;
    }

    private static boolean isFault(Finding finding) {
        return finding.severity() != Severity.NOTE;
    }

    private record Candidate(String words, String strike) {}

    /// Where the opponent strikes a defence comes first or on the same beat; where the opponent is out of reach a
    /// step.
    private static List<Candidate> candidates(String before, String theirs, Context context, Repertoire repertoire) {
        List<Act> strikes = new ArrayList<>();
        List<Act> defences = new ArrayList<>();
        for (Weapon weapon : repertoire.weapons()) {
            Act act = weapon.act();
            if (act.isStrike()
                    && act.technique().counts() == 1
                    && context.rules().allows(act.technique(), act.level())) {
                strikes.add(act);
            } else if (act.technique().isDefence() && !act.feint()) {
                defences.add(act);
            }
        }
        Optional<Step> feed = read(before, context)
                .map(r -> Play.of(r.line(), context.setting()).ways().getFirst())
                .flatMap(way -> way.steps().isEmpty()
                        ? Optional.empty()
                        : Optional.of(way.steps().getLast()))
                .filter(last -> last.who() == Who.PARTNER && last.placed().act().isStrike());
        List<Candidate> all = new ArrayList<>();
        for (Act act : strikes) {
            String strike = Notation.print(act);
            if (feed.isPresent()) {
                Technique fed = feed.get().placed().technique();
                Level level = feed.get().placed().act().level();
                defences.stream().filter(d -> d.technique().meets(fed, level)).forEach(d -> {
                    all.add(new Candidate(Notation.print(d) + " " + strike, strike));
                    if (Interception.sharesBeat(act.technique(), fed)) {
                        all.add(new Candidate(Notation.print(d) + "+" + strike, strike));
                    }
                });
            } else {
                all.add(new Candidate(strike, strike));
                if (theirs.equals("out") || theirs.equals("retreat")) {
                    all.add(new Candidate("in " + strike, strike));
                }
            }
        }
        return all;
    }

    /// How open the strike's place is after a beginning; 0 where it cannot be thrown.
    private static double opening(String before, String strike, Context context) {
        return read(before + " " + strike, context)
                .flatMap(read -> {
                    PlayedWay way =
                            Play.of(read.line(), context.setting()).ways().getFirst();
                    Openings openings = Openings.withoutCredits(way, context.setting(), context.partner(), 0);
                    return last(way).flatMap(openings::of);
                })
                .map(Opening::value)
                .orElse(0.0);
    }

    private static Optional<Step> last(PlayedWay way) {
        return way.strikesOf(Who.ATHLETE).reduce((_, later) -> later);
    }

    private static Optional<Reply> of(
            String before, Candidate candidate, double usual, Context context, Repertoire repertoire) {
        String text = before + " " + candidate.words + " "
                + context.setting().pairing().wayOut();
        Optional<Read> read = read(text, context);
        if (read.isEmpty()) {
            return Optional.empty();
        }
        PlayedWay way = Play.of(read.get().line(), context.setting()).ways().getFirst();
        Optional<Step> landing = last(way);
        if (landing.isEmpty() || Review.hasLastingStop(read.get(), way, context)) {
            return Optional.empty();
        }
        Map<String, Double> mastery = repertoire.mastery();
        Openings openings = Openings.withoutCredits(way, context.setting(), context.partner(), 0);
        Opening opening = openings.of(landing.get()).orElseThrow();
        double gain = opening.value() - usual;
        double effect = opening.effect() * mastery.getOrDefault(candidate.strike, 1.0);
        double gained = Score.of(opening.value() + Math.max(0, gain), effect);
        return Optional.of(new Reply(
                read.get().canonical(),
                candidate.words,
                candidate.strike,
                Value.of(way, openings, mastery),
                opening.value(),
                gain,
                opening.effect(),
                Score.of(gained, openings.exposure(), way.way().beats())));
    }

    private static Optional<Read> read(String text, Context context) {
        return Notation.read(text, context.vocabulary()) instanceof Read read ? Optional.of(read) : Optional.empty();
    }
}
