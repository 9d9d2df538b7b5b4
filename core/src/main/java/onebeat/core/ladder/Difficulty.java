package onebeat.core.ladder;

import java.util.List;
import onebeat.core.exchange.Constants;
import onebeat.core.holding.Choices;
import onebeat.core.notation.Item;
import onebeat.core.notation.Line;
import onebeat.core.notation.Pause;
import onebeat.core.notation.Repeat;
import onebeat.core.play.Played;
import onebeat.core.timing.Rung;

/// How hard a stage is: a sum of what makes it hard, so that a ladder can be seen to rise.
///
/// - length: its actions, as a share of the whole line's
/// - tempo: as a share of the whole line's ceiling
/// - choices: what is left to chance, in bits (Hick 1952, Q. J. Exp. Psychol. 4:11: time to choose grows
/// with the
///   bits), each as hard as two lines of full length
/// - rhythm: its wanted pauses, by how far they exceed the whole line's
/// - contact: how honest the feed comes, from shown half a second ahead to not at all
///
/// The weights are defaults; what counts is the order.
final class Difficulty {

    private static final Constants NUMBERS = Constants.of(Difficulty.class, "ladder.csv", "number");
    private static final double CHOICES = NUMBERS.get("weight_choices");
    private static final double LONGEST_SHOW_MS = 500;

    private final int wholeActions;
    private final double ceiling;
    private final int wholePauses;

    /// @param whole the line that the ladder leads to, played
    /// @param ceiling its tempo ceiling in beats a minute
    Difficulty(Line line, Played whole, double ceiling) {
        this.wholeActions = Math.max(1, actions(whole));
        this.ceiling = ceiling;
        this.wholePauses = pauses(line.items());
    }

    double of(Line line, Played played, Rung rung, int bpm) {
        double length = (double) actions(played) / wholeActions;
        double rhythm = (double) pauses(line.items()) / (1 + wholePauses);
        double contact = 1 - rung.showMs() / LONGEST_SHOW_MS;
        return length + bpm / ceiling + CHOICES * bits(line) + rhythm + contact;
    }

    private static int actions(Played played) {
        return played.ways().stream().mapToInt(w -> w.steps().size()).max().orElse(0);
    }

    private static double bits(Line line) {
        double bits = 0;
        for (Choices.Choice choice : Choices.of(line)) {
            bits += StrictMath.log(choice.options()) / StrictMath.log(2);
        }
        return bits;
    }

    private static int pauses(List<Item> items) {
        int pauses = 0;
        for (Item item : items) {
            pauses += switch (item) {
                case Pause _ -> 1;
                case Repeat set -> pauses(set.line().items());
                default -> 0;
            };
        }
        return pauses;
    }
}
