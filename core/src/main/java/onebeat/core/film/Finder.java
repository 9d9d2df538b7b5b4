package onebeat.core.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.StanceEffect;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.opening.Ahead;
import onebeat.core.opening.Openings;
import onebeat.core.opening.PartnerModel;
import onebeat.core.play.Body;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Trial;
import onebeat.core.play.Who;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.core.review.Score;

/// Finds the best answers to a feed, up to so many actions: from the repertoire every defence that meets
/// each fed strike, the last one alone or with a strike of one count on the same beat, then strikes, steps
/// and holds on beats of their own.
///
/// It is exact: the answers are those that trying everything would give, by [Value], without a `stop`. A
/// line is left out, with all that begin like it, only where even the most that its remaining actions could
/// gain would not bring it among the best. Actions that change the stance or only cock the body are the
/// coach's to put in.
public final class Finder {

    /// No action needs as many counts.
    private static final int MOST_COUNTS = 8;

    /// What two ways of adding the same numbers may differ by.
    private static final double ROUNDING = 1e-9;

    /// What is asked for.
    ///
    /// @param feed what the partner throws, in brackets: `(1 2)`
    /// @param depth actions at most, from 1 to 9
    /// @param top how many answers
    public record Query(String feed, Context context, Repertoire repertoire, int depth, int top) {}

    private static final Comparator<Answer> BEST =
            Comparator.comparingDouble((Answer a) -> -a.value().score()).thenComparing(Answer::line);

    private final Query query;
    private final Context context;
    private final Map<String, Double> mastery;
    private final PartnerModel model;
    private final List<Weapon> defences = new ArrayList<>();
    private final List<Weapon> plain = new ArrayList<>();
    private final double[] mastered;
    private final Trial trial;
    private final Ahead ahead;
    private final List<Trial.Move> moves;
    private final TreeSet<Candidate> best =
            new TreeSet<>(Comparator.comparingDouble((Candidate c) -> -c.score).thenComparing(Candidate::text));
    private final Optional<Consumer<List<Answer>>> told;
    private final boolean careful;
    private final BooleanSupplier stop;
    private final Ahead.State[][] states;
    private final boolean[] needsEntry;
    private final double[] mostPower;
    private final int[] chosen;
    private double threshold = Double.NEGATIVE_INFINITY;
    private boolean changed;

    /// The most that each move can gain at all after a beginning, and the moves in that order.
    private final double[] ever;

    private int[] order = {};
    private long looked;
    private boolean stopped;

    /// A line that may be among the best.
    private record Candidate(String text, double score) {}

    /// So many more are kept, since adding in another order can change the last digits.
    private static final int SPARE = 4;

    private Finder(Query query, Optional<Consumer<List<Answer>>> told, BooleanSupplier stop, boolean careful) {
        this.query = query;
        this.context = query.context;
        this.mastery = query.repertoire.mastery();
        this.model = context.partner().atFirstSight();
        this.careful = careful;
        this.told = told;
        this.stop = stop;
        for (Weapon weapon : query.repertoire.weapons()) {
            Technique technique = weapon.act().technique();
            if (technique.isDefence() && !weapon.act().feint()) {
                defences.add(weapon);
            }
            if (isPlain(weapon.act())) {
                plain.add(weapon);
            }
        }
        trial = new Trial(context.setting(), plain.stream().map(Weapon::act).toList());
        moves = trial.moves();
        ahead = new Ahead(
                context.setting(), model, moves.stream().map(Trial.Move::placed).toList());
        mastered = plain.stream().mapToDouble(Weapon::mastery).toArray();
        states = new Ahead.State[query.depth + 2][MOST_COUNTS];
        for (Ahead.State[] row : states) {
            for (int i = 0; i < MOST_COUNTS; i++) {
                row[i] = Ahead.state();
            }
        }
        ever = new double[moves.size()];
        needsEntry = new boolean[moves.size()];
        mostPower = new double[moves.size()];
        for (int i = 0; i < moves.size(); i++) {
            needsEntry[i] = needsEntry(moves.get(i).act().technique());
            mostPower[i] = moves.get(i).act().isStrike() ? trial.mostPower(i) * mastered[i] : 0;
        }
        chosen = new int[query.depth + 1];
    }

    /// What can land on the beat of the feed: a strike of one count.
    private static boolean fitsOneBeat(Weapon weapon) {
        return weapon.act().isStrike() && weapon.act().technique().counts() == 1;
    }

    /// What can stand on a beat of its own with nothing to meet.
    private boolean isPlain(Act act) {
        Technique technique = act.technique();
        boolean allowed = !technique.isStrike() || context.rules().allows(technique, act.level());
        return !act.feint()
                && allowed
                && technique.stance() == StanceEffect.KEEP
                && (technique.isStrike() || technique.kind() == Kind.CLINCH || technique.family() == Family.FEET);
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

    private static Found find(Query query, Optional<Consumer<List<Answer>>> told, BooleanSupplier stop) {
        Finder quick = new Finder(query, told, stop, false);
        Found found = quick.found();
        boolean sure = found.answers().size() == Math.min(query.top, quick.best.size());
        return sure ? found : new Finder(query, told, stop, true).found();
    }

    private Found found() {
        long all = 0;
        List<Beginning> beginnings = beginnings();
        // The better ones first: what they give lets more of the others be left out.
        beginnings.sort(Comparator.comparingDouble(b -> -b.value.score()));
        for (Beginning beginning : beginnings) {
            long below = below(query.depth - beginning.actions);
            all += below;
            begin(beginning);
            if (changed) {
                changed = false;
                told.ifPresent(listener -> listener.accept(answers()));
            }
        }
        return new Found(looked, Math.max(0, all - looked), !stopped, answers());
    }

    /// How many lines begin with the same and have up to so many actions more, itself included.
    private long below(int actions) {
        long all = 1;
        long at = 1;
        for (int i = 0; i < actions; i++) {
            at = Math.multiplyExact(at, plain.size());
            all = Math.addExact(all, at);
        }
        return all;
    }

    /// A way to meet the feed.
    private record Beginning(String text, int actions, PlayedWay way, Openings openings, Value value) {}

    /// Every way to meet the feed that has no finding that stays.
    private List<Beginning> beginnings() {
        List<Beginning> all = new ArrayList<>();
        if (!(Notation.read(query.feed) instanceof Read read)) {
            return all;
        }
        int feeds = (int) Play.of(read.line(), context.setting())
                .ways()
                .getFirst()
                .strikesOf(Who.PARTNER)
                .count();
        List<String> texts = new ArrayList<>(List.of(query.feed));
        for (int i = 0; i < feeds; i++) {
            List<String> longer = new ArrayList<>();
            for (String text : texts) {
                for (Weapon defence : defences) {
                    longer.add(text + " " + Notation.print(defence.act()));
                }
            }
            texts = longer;
        }
        if (feeds > query.depth) {
            return all;
        }
        for (String text : texts) {
            add(all, text, feeds);
            if (feeds + 1 <= query.depth) {
                plain.stream()
                        .filter(Finder::fitsOneBeat)
                        .forEach(w -> add(all, text + "+" + Notation.print(w.act()), feeds + 1));
            }
        }
        if (feeds == 1) {
            plain.stream()
                    .filter(Finder::fitsOneBeat)
                    .forEach(w -> add(all, query.feed + "+" + Notation.print(w.act()), 1));
        }
        return all;
    }

    private void add(List<Beginning> all, String text, int actions) {
        if (Notation.read(text) instanceof Read read) {
            PlayedWay way = Play.of(read.line(), context.setting()).ways().getFirst();
            if (!Review.hasLastingStop(read, way, context)) {
                Openings openings = Openings.withoutCredits(way, context.setting(), model, 0);
                all.add(new Beginning(text, actions, way, openings, Value.of(way, openings, mastery)));
            }
        }
    }

    private void begin(Beginning beginning) {
        looked++;
        offer(beginning.text, beginning.value.score());
        int left = query.depth - beginning.actions;
        if (left == 0 || stopped) {
            return;
        }
        Sum sum = Sum.of(beginning.way, beginning.openings, mastery);
        Body body = beginning.way.steps().stream()
                .filter(s -> s.who() == Who.ATHLETE)
                .max(Comparator.comparing(Step::beat)
                        .thenComparingInt(s -> s.placed().act().isStrike() ? 1 : 0)
                        .thenComparingInt(Step::index))
                .orElseThrow()
                .after();
        Ahead.copy(ahead.after(beginning.way), states[0][0]);
        for (int move = 0; move < ever.length; move++) {
            ever[move] = mostPower[move] == 0
                    ? 0
                    : Score.of(ahead.everOpen(move, states[0][0]), mostPower[move], ahead.isLiver(move));
        }
        order = IntStream.range(0, ever.length)
                .boxed()
                .sorted(Comparator.comparingDouble(move -> -ever[move]))
                .mapToInt(move -> move)
                .toArray();
        deeper(beginning, 0, left, trial.at(beginning.way), body, sum);
    }

    /// What a line has gained and exposed so far.
    ///
    /// @param exposed the sum of what it exposes, without the beat after the last action
    /// @param exposures how many there are
    private record Sum(double gained, double exposed, int exposures, int beats) {

        static Sum of(PlayedWay way, Openings openings, Map<String, Double> mastery) {
            double gained = 0;
            for (var strike : way.strikesOf(Who.ATHLETE).toList()) {
                var found = openings.of(strike).orElseThrow();
                double power = strike.impact().orElseThrow().power()
                        * mastery.getOrDefault(Notation.print(strike.placed().act()), 1.0);
                gained += Score.of(found.value(), power, found.liver());
            }
            int count = openings.exposures().size()
                    + (int) way.strikesOf(Who.PARTNER).count();
            double whole = openings.exposure() * (count + 1);
            return new Sum(
                    gained, whole - openings.endExposure(), count, way.way().beats());
        }

        /// The score but for its last digits.
        double quick(double end) {
            return Score.quick(gained, Math.clamp((exposed + end) / (exposures + 1), 0.0, 1.0), beats);
        }
    }

    private void deeper(Beginning beginning, int depth, int left, int place, Body body, Sum sum) {
        Ahead.State here = states[depth][0];
        Body[] started = new Body[MOST_COUNTS];
        Ahead.Last[] lasts = new Ahead.Last[MOST_COUNTS];
        double atMost = Math.max(0, sum.exposed / (sum.exposures + 2));
        for (int move : order) {
            if (stopped
                    || (left == 1
                            && Score.quick(sum.gained + ever[move], atMost, sum.beats + 1) < threshold - ROUNDING)) {
                return;
            }
            looked++;
            Trial.Moved moved = trial.moved(place, move);
            if (moved.shortCm() > 0 && !needsEntry[move]) {
                continue;
            }
            int counts = moves.get(move).counts();
            Ahead.State state = states[depth][counts];
            if (started[counts] == null) {
                Ahead.copy(here, state);
                ahead.pass(state, counts);
                started[counts] = body.after(counts);
                lasts[counts] = ahead.last(state);
            }
            Act act = moves.get(move).act();
            double opening = act.isStrike() ? ahead.opening(state, move) : 0;
            double around = ahead.place(moved.gapCm(), moved.offLine());
            boolean exposes = ahead.exposes(move);
            if (left == 1) {
                double most = sum.gained + Score.of(opening, mostPower[move], ahead.isLiver(move));
                double least = sum.exposed + (exposes ? ahead.exposure(state, move, lasts[counts], 0, around) : 0);
                Sum atBest = new Sum(most, least, sum.exposures + (exposes ? 1 : 0), sum.beats + counts);
                if (atBest.quick(ahead.end(state, move, around)) < threshold - ROUNDING) {
                    continue;
                }
            }
            Body before = trial.wound(started[counts], move);
            double gained = sum.gained;
            if (act.isStrike()) {
                double power = trial.power(before, move, moved.room());
                gained += Score.of(opening, power * mastered[move], ahead.isLiver(move));
            }
            Body after = trial.after(before, move);
            double exposed =
                    sum.exposed + (exposes ? ahead.exposure(state, move, lasts[counts], after.turn(), around) : 0);
            Sum now = new Sum(gained, exposed, sum.exposures + (exposes ? 1 : 0), sum.beats + counts);
            chosen[depth] = move;
            double score = now.quick(ahead.end(state, move, around));
            if (score >= threshold - ROUNDING) {
                offer(words(beginning, depth + 1), score);
            }
            if (left > 1) {
                Ahead.State next = states[depth + 1][0];
                Ahead.copy(state, next);
                ahead.see(next, move);
                if (most(now, next, after, left - 1) >= threshold - ROUNDING) {
                    deeper(beginning, depth + 1, left - 1, moved.to(), after, now);
                }
            }
            if ((looked & 0xFFF) == 0 && stop.getAsBoolean()) {
                stopped = true;
            }
        }
    }

    private static boolean needsEntry(Technique technique) {
        return technique.family() == Family.ELBOW
                || technique.family() == Family.KNEE
                || technique.kind() == Kind.CLINCH;
    }

    /// The most that a line can still come to with so many actions more. What the next one finds open and
    /// has behind it is known; what those after it could is bounded.
    private double most(Sum sum, Ahead.State state, Body body, int left) {
        Body started = body.after(1);
        double next = 0;
        double later = 0;
        for (int move : order) {
            if (ever[move] <= (left == 1 ? next : Math.min(next, later))) {
                break;
            }
            if (mostPower[move] > 0) {
                boolean oneCount = moves.get(move).counts() == 1;
                double power = oneCount ? trial.power(started, move, 1) * mastered[move] : mostPower[move];
                next = Math.max(next, Score.of(ahead.nextOpen(move, state), power, ahead.isLiver(move)));
                later = left == 1
                        ? 0
                        : Math.max(later, Score.of(ahead.mostOpen(move, state), mostPower[move], ahead.isLiver(move)));
            }
        }
        double best = Double.NEGATIVE_INFINITY;
        for (int k = 1; k <= left; k++) {
            double exposure = Math.max(0, sum.exposed / (sum.exposures + k + 1));
            double gained = sum.gained + Math.max(next, later) * (k - 1) + next;
            best = Math.max(best, Score.quick(gained, exposure, sum.beats + k));
        }
        return best;
    }

    private String words(Beginning beginning, int depth) {
        StringBuilder words = new StringBuilder(beginning.text);
        for (int i = 0; i < depth; i++) {
            words.append(' ').append(Notation.print(moves.get(chosen[i]).act()));
        }
        return words.toString();
    }

    /// Takes a line among the best if it is good enough. Whether it has a `stop` is asked at once only
    /// where one was found before: nearly no line has one that was not seen on the way.
    private void offer(String text, double score) {
        if (score < threshold - ROUNDING) {
            return;
        }
        if (careful && answer(text).isEmpty()) {
            return;
        }
        if (best.add(new Candidate(text, score))) {
            if (best.size() > query.top + SPARE) {
                best.pollLast();
            }
            if (best.size() == query.top + SPARE) {
                threshold = best.last().score;
            }
            changed = true;
        }
    }

    /// A line as the whole engine values it; empty where it has a `stop`.
    private Optional<Answer> answer(String text) {
        if (!(Notation.read(text) instanceof Read read)) {
            return Optional.empty();
        }
        Review review = Review.withoutMends(read, context);
        if (review.hasStop()) {
            return Optional.empty();
        }
        PlayedWay way = review.played().ways().getFirst();
        Value value = Value.of(way, Openings.withoutCredits(way, context.setting(), model, 0), mastery);
        return Optional.of(new Answer(review.canonical(), value));
    }

    private List<Answer> answers() {
        return best.stream()
                .flatMap(c -> answer(c.text).stream())
                .sorted(BEST)
                .limit(query.top)
                .toList();
    }
}
