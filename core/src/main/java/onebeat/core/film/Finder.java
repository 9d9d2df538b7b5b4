package onebeat.core.film;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import onebeat.core.opening.LookaheadOpponent;
import onebeat.core.opening.PartnerModel;
import onebeat.core.play.Angle;
import onebeat.core.play.Body;
import onebeat.core.play.ContinuationCache;
import onebeat.core.play.Moment;
import onebeat.core.review.Context;
import onebeat.core.review.Score;

/// Finds the best answers to what the partner does, up to so many actions: from the repertoire every defence
/// that meets each fed strike, the last one alone or with a strike on the same beat, then strikes, steps and holds on
/// beats of their own. What is no strike (a walk forward, a reach, a grab) is answered by whatever pays.
///
/// Of the lines that answer with the same first strike only the best is told, so that the coach sees different
/// answers and not one answer with five defences. It is exact: the answers are those that trying everything would
/// give, by [Value], without a `stop`. A line is left out, with all that begin like it, only where even the
/// most that its remaining actions could gain would not make it the best of its first strike, or not bring that strike
/// among the best. Where there is too much to look at, it says that it did not look at all of it ([Found#whole]): a
/// long
/// feed is met by the usual defences only, and a deep search ends after so many lines. Actions that change the stance
/// or only cock the body are the coach's to put in.
public final class Finder {

    /// At so many lines a search ends with what it has: some ten seconds on a usual machine.
    private static final long MOST_LOOKED = 20_000_000;

    /// No action needs as many counts.
    private static final int MOST_COUNTS = 8;

    /// What is asked for.
    ///
    /// @param feed what the partner does, in brackets: `(1 2)`
    /// @param depth actions at most, from 1 to 9
    /// @param top how many answers
    public record Query(String feed, Context context, Repertoire repertoire, int depth, int top) {}

    private final Query query;
    private final Map<String, Double> mastery;
    private final Beginnings beginnings;
    private final ContinuationCache moved;
    private final LookaheadOpponent opponent;
    private final SearchMoves moves;
    private final BestByStrike best;
    private final AnswerReview review;
    private final Optional<Consumer<List<Answer>>> told;
    private final boolean careful;
    private final BooleanSupplier stop;
    private final LookaheadOpponent.State[][] states;
    private final int[] chosen;

    /// How sure a strike is so many beats after what it answers.
    private final double[] sure;

    private boolean changed;
    private long looked;
    private boolean stopped;

    private Finder(Query query, Optional<Consumer<List<Answer>>> told, BooleanSupplier stop, boolean careful) {
        this.query = query;
        this.mastery = query.repertoire.mastery();
        this.careful = careful;
        this.told = told;
        this.stop = stop;
        this.beginnings = new Beginnings(query);
        this.best = new BestByStrike(query.top);
        Context context = query.context;
        PartnerModel model = context.partner().atFirstSight();
        this.review = new AnswerReview(context, model, mastery);
        List<Weapon> plain = beginnings.plain();
        moved = new ContinuationCache(
                context.setting(), plain.stream().map(Weapon::act).toList());
        opponent = new LookaheadOpponent(
                context.setting(),
                model,
                moved.moves().stream().map(ContinuationCache.Move::placed).toList());
        moves = new SearchMoves(plain, moved, opponent);
        states = new LookaheadOpponent.State[query.depth + 2][MOST_COUNTS];
        for (LookaheadOpponent.State[] row : states) {
            for (int i = 0; i < MOST_COUNTS; i++) {
                row[i] = opponent.state();
            }
        }
        chosen = new int[query.depth + 1];
        sure = IntStream.range(0, MOST_COUNTS * (query.depth + 2))
                .mapToDouble(Value::surety)
                .toArray();
    }

    /// How many actions an answer to a feed has at least: each fed strike is met by one. 0 where the feed is no line.
    public static int leastDepth(String feed, Context context) {
        return Beginnings.feeds(feed, context).size();
    }

    /// The best answers.
    public static Found find(Query query) {
        return find(query, Optional.empty(), () -> false);
    }

    /// The best answers.
    ///
    /// @param stop asked now and then; once true the search ends with what it has
    public static Found find(Query query, BooleanSupplier stop) {
        return find(query, Optional.empty(), stop);
    }

    /// The best answers, told as they improve.
    ///
    /// @param improved is given the best so far when they change
    /// @param stop asked now and then; once true the search ends with what it has
    public static Found find(Query query, Consumer<List<Answer>> improved, BooleanSupplier stop) {
        return find(query, Optional.of(improved), stop);
    }

    /// A line with a `stop` is so rare that it is looked for only where one was met.
    private static Found find(Query query, Optional<Consumer<List<Answer>>> told, BooleanSupplier stop) {
        Finder quick = new Finder(query, told, stop, false);
        Found found = quick.found();
        return quick.review.holds(quick.best) ? found : new Finder(query, told, stop, true).found();
    }

    private Found found() {
        long all = 0;
        List<Beginnings.Beginning> starts = beginnings.all(stop);
        // The better ones first: what they give lets more of the others be left out.
        starts.sort(Comparator.comparingDouble(b -> -b.value().score()));
        for (Beginnings.Beginning beginning : starts) {
            all = saturated(all, below(query.depth - beginning.actions()));
            begin(beginning);
            if (changed) {
                changed = false;
                told.ifPresent(listener -> listener.accept(review.of(best, query.top)));
            }
        }
        return new Found(
                looked, Math.max(0, all - looked), !stopped && !beginnings.isNarrowed(), review.of(best, query.top));
    }

    /// How many lines begin with the same and have up to so many actions more, itself included.
    private long below(int actions) {
        long all = 1;
        long at = 1;
        for (int i = 0; i < actions; i++) {
            at = at > Long.MAX_VALUE / moves.size() ? Long.MAX_VALUE : at * moves.size();
            all = saturated(all, at);
        }
        return all;
    }

    private static long saturated(long one, long other) {
        return one > Long.MAX_VALUE - other ? Long.MAX_VALUE : one + other;
    }

    private void begin(Beginnings.Beginning beginning) {
        looked++;
        offer(beginning.strike(), beginning.text(), beginning.value().score());
        int left = query.depth - beginning.actions();
        if (left == 0 || stopped) {
            return;
        }
        LookaheadOpponent.State start = states[0][0];
        start.set(opponent.after(beginning.way()));
        Moment end = beginning.way().moments().getLast();
        moves.goOnFrom(start, opponent.share(Angle.of(end.athleteFeet(), end.partnerFeet())), left);
        LineSum sum = LineSum.of(beginning, mastery);
        deeper(new Node(beginning, beginning.strike(), 0, left), moved.at(beginning.way()), beginning.body(), sum);
    }

    /// Where the search stands.
    ///
    /// @param strike the words of the first strike of the answer; empty before it
    private record Node(Beginnings.Beginning beginning, String strike, int depth, int left) {

        Node then(String next) {
            return new Node(beginning, next, depth + 1, left - 1);
        }
    }

    private double quick(LineSum sum, double end) {
        return Score.quick(sum.gained(), opponent.whole(sum.exposed() + sum.pending(), sum.count(), end), sum.beats());
    }

    private void deeper(Node node, int place, Body body, LineSum sum) {
        int depth = node.depth;
        LookaheadOpponent.State here = states[depth][0];
        Body[] started = new Body[MOST_COUNTS];
        double atMost = opponent.whole(sum.exposed() + sum.pending() * moves.leastLeft(), sum.count() + 1, 0);
        for (int move : moves.order()) {
            double needed =
                    best.needed(node.strike.isEmpty() && moves.isStrike(move) ? moves.words(move) : node.strike);
            if (stopped
                    || (node.left == 1
                            && Score.quick(
                                            sum.gained() + moves.ever(move) * sure[sum.after() + 1],
                                            atMost,
                                            sum.beats() + 1)
                                    < best.needed(node.strike))) {
                return;
            }
            looked++;
            if (looked >= MOST_LOOKED || ((looked & 0xFFF) == 0 && stop.getAsBoolean())) {
                stopped = true;
            }
            ContinuationCache.Moved to = moved.moved(place, move);
            if (to.isShort()) {
                continue;
            }
            int counts = moves.counts(move);
            LookaheadOpponent.State state = states[depth][counts];
            if (started[counts] == null) {
                state.set(here);
                opponent.pass(state, counts);
                started[counts] = body.after(counts);
            }
            Angle angle = to.angle();
            double around = opponent.place(to.gapCm(), angle);
            double settled = sum.exposed() + sum.pending() * (counts == 1 ? opponent.leaves(move) : 1);
            boolean exposes = opponent.exposes(move);
            int count = sum.count() + (exposes ? 1 : 0);
            int beats = sum.beats() + counts;
            double end = opponent.end(state, move, around);
            double surety = sure[sum.after() + counts];
            double opening = moves.isStrike(move) ? opponent.opening(state, move, angle) : 0;
            if (node.left == 1) {
                LineSum atBest = new LineSum(
                        sum.gained() + Score.of(opening, moves.mostEffect(move)) * surety, settled, 0, count, beats, 0);
                if (quick(atBest, end) < needed) {
                    continue;
                }
            }
            Body before = moved.started(started[counts], move);
            double gained = sum.gained();
            if (moves.isStrike(move)) {
                double effect =
                        moved.power(before, move, to.room()) * opponent.worth(state, move) * moves.mastered(move);
                gained += Score.of(opening, effect) * surety;
            }
            Body after = moved.after(before, move);
            double pending = exposes ? opponent.exposure(state, move, after.turn(), after.height(), around) : 0;
            LineSum now = new LineSum(gained, settled, pending, count, beats, sum.after() + counts);
            chosen[depth] = move;
            String first = node.strike.isEmpty() && moves.isStrike(move) ? moves.words(move) : node.strike;
            double score = quick(now, end);
            if (score >= needed && !leavesStraightBack(depth, !node.strike.isEmpty())) {
                offer(first, text(node.beginning, depth + 1), score);
            }
            if (node.left > 1) {
                LookaheadOpponent.State next = states[depth + 1][0];
                next.set(state);
                opponent.see(next, move);
                if (most(now, next, after, opponent.share(angle), node.left - 1) >= best.needed(first)) {
                    deeper(node.then(first), to.to(), after, now);
                }
            }
        }
    }

    /// The most that a line can still come to with so many actions more. What the next one finds open and
    /// has behind it is known; what those after it could is bounded.
    private double most(LineSum sum, LookaheadOpponent.State state, Body body, double angle, int left) {
        double walked = opponent.walkedInto(state);
        Body started = body.after(1);
        double next = 0;
        double later = 0;
        for (int move : moves.order()) {
            if (moves.ever(move) <= (left == 1 ? next : Math.min(next, later))) {
                break;
            }
            if (moves.mostEffect(move) > 0) {
                boolean oneCount = moves.counts(move) == 1;
                double effect = oneCount
                        ? moved.power(started, move, 1) * opponent.mostWorth(move) * walked * moves.mastered(move)
                        : moves.mostEffect(move);
                next = Math.max(next, Score.of(opponent.nextOpen(state, move, angle), effect));
                later = left == 1
                        ? 0
                        : Math.max(
                                later, Score.of(opponent.mostOpen(state, move, angle, left), moves.mostEffect(move)));
            }
        }
        double most = Double.NEGATIVE_INFINITY;
        double rest = 0;
        for (int k = 1; k <= left; k++) {
            double exposure = opponent.whole(sum.exposed() + sum.pending() * moves.leastLeft(), sum.count() + k, 0);
            rest += k == 1 ? next * sure[sum.after() + 1] : Math.max(next, later) * sure[sum.after() + k];
            double gained = sum.gained() + rest;
            most = Math.max(most, Score.quick(gained, exposure, sum.beats() + k));
        }
        return most;
    }

    private String text(Beginnings.Beginning beginning, int depth) {
        StringBuilder text = new StringBuilder(beginning.text());
        for (int i = 0; i < depth; i++) {
            text.append(' ').append(moves.words(chosen[i]));
        }
        return text.toString();
    }

    /// Takes a line among the best if it is good enough. Whether it has a `stop` is asked at once only
    /// where one was found before: nearly no line has one that was not seen on the way.
    private void offer(String strike, String text, double score) {
        if (score < best.needed(strike) || (careful && review.of(text).isEmpty())) {
            return;
        }
        changed |= best.offer(strike, text, score);
    }

    /// Whether nothing but steps straight back follows the last strike: no coach ends an answer so (F10).
    ///
    /// @param strikesBefore whether something is struck in the beginning
    private boolean leavesStraightBack(int depth, boolean strikesBefore) {
        for (int i = depth; i >= 0; i--) {
            if (moves.isStrike(chosen[i])) {
                return i < depth;
            }
            if (!moves.isBack(chosen[i])) {
                return false;
            }
        }
        return strikesBefore;
    }
}
