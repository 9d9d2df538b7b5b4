package onebeat.core.film;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import onebeat.core.exchange.Move;
import onebeat.core.notation.Notation;
import onebeat.core.opening.LookaheadOpponent;
import onebeat.core.play.ContinuationCache;
import onebeat.core.review.Score;

/// The actions that a search goes on with, each by its number, and what each can gain at most.
final class SearchMoves {

    private final LookaheadOpponent opponent;
    private final List<ContinuationCache.Move> moves;
    private final boolean[] strikes;
    private final boolean[] back;
    private final String[] words;
    private final double[] mastered;
    private final double[] mostEffect;

    /// The same against somebody who stands.
    private final double[] mostStanding;
    private final double leastLeft;

    /// The most that each can gain at all after a beginning.
    private final double[] ever;

    private int[] order = {};

    /// @param plain the actions, in the order in which `cache` has them
    SearchMoves(List<Weapon> plain, ContinuationCache cache, LookaheadOpponent opponent) {
        this.opponent = opponent;
        moves = cache.moves();
        mastered = plain.stream().mapToDouble(Weapon::mastery).toArray();
        words = moves.stream().map(m -> Notation.print(m.act())).toArray(String[]::new);
        strikes = new boolean[moves.size()];
        back = new boolean[moves.size()];
        mostEffect = new double[moves.size()];
        mostStanding = new double[moves.size()];
        ever = new double[moves.size()];
        double least = 1;
        for (int i = 0; i < moves.size(); i++) {
            strikes[i] = moves.get(i).act().isStrike();
            back[i] = moves.get(i).act().technique().traits().move() == Move.STEP_BACK;
            mostStanding[i] = strikes[i] ? cache.mostPower(i) * opponent.mostWorth(i) * mastered[i] : 0;
            least = Math.min(least, opponent.leaves(i));
        }
        leastLeft = least;
    }

    /// Goes on from where the partner stands after a beginning: what each can gain, and in which order they are tried.
    ///
    /// @param angle what the athlete's angle counts then
    /// @param left how many actions there can still be
    void goOnFrom(LookaheadOpponent.State start, double angle, int left) {
        double walked = opponent.walkedInto(start);
        for (int move = 0; move < ever.length; move++) {
            mostEffect[move] = mostStanding[move] * walked;
            ever[move] =
                    mostEffect[move] == 0 ? 0 : Score.of(opponent.everOpen(start, move, angle, left), mostEffect[move]);
        }
        order = IntStream.range(0, ever.length)
                .boxed()
                .sorted(Comparator.comparingDouble(move -> -ever[move]))
                .mapToInt(move -> move)
                .toArray();
    }

    int size() {
        return moves.size();
    }

    /// All of them, those that can gain the most first. Not to be changed.
    int[] order() {
        return order;
    }

    /// The most that one can gain at all after the beginning.
    double ever(int move) {
        return ever[move];
    }

    boolean isStrike(int move) {
        return strikes[move];
    }

    /// Whether it is a step straight back.
    boolean isBack(int move) {
        return back[move];
    }

    String words(int move) {
        return words[move];
    }

    int counts(int move) {
        return moves.get(move).counts();
    }

    /// How well the athlete has it, from 0 to 1.
    double mastered(int move) {
        return mastered[move];
    }

    /// The most effect that it has from anywhere; 0 for what is no strike.
    double mostEffect(int move) {
        return mostEffect[move];
    }

    /// The least that any leaves of what was exposed before it.
    double leastLeft() {
        return leastLeft;
    }
}
