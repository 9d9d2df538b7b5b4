package onebeat.core.plan;

import java.util.List;
import java.util.OptionalDouble;
import onebeat.core.rounds.Session;

/// What a week asked for: session load is effort from 0 to 10 times minutes; monotony is the mean of the daily loads
/// over their standard deviation; strain is the weekly load times monotony (Foster 1998, Medicine and Science in
/// Sports and Exercise 30, 1164–1168; Foster et al. 2001, Journal of Strength and Conditioning Research 15, 109–115;
/// from memory). The figures describe; they predict no injury and clear nobody.
///
/// @param load of the week
/// @param monotony empty where all days are alike, or there is none
/// @param strain empty where monotony is
public record TrainingLoad(double load, OptionalDouble monotony, OptionalDouble strain) {

    /// The most that an effort is.
    public static final int MOST_EFFORT = Session.MOST_EFFORT;

    /// The load of a session.
    ///
    /// @param effort from 0 to [#MOST_EFFORT]
    /// @throws IllegalArgumentException if it is not
    public static double session(double effort, int minutes) {
        if (!(effort >= 0 && effort <= MOST_EFFORT)) {
            throw new IllegalArgumentException("effort is 0 to 10, not " + effort);
        }
        return effort * minutes;
    }

    /// The load of a week from those of its days, days off as 0. The deviation is that of a sample.
    public static TrainingLoad week(List<Double> days) {
        double sum = days.stream().mapToDouble(Double::doubleValue).sum();
        if (days.size() < 2) {
            return new TrainingLoad(sum, OptionalDouble.empty(), OptionalDouble.empty());
        }
        double mean = sum / days.size();
        double squares =
                days.stream().mapToDouble(day -> (day - mean) * (day - mean)).sum();
        double deviation = Math.sqrt(squares / (days.size() - 1));
        if (deviation == 0) {
            return new TrainingLoad(sum, OptionalDouble.empty(), OptionalDouble.empty());
        }
        double monotony = mean / deviation;
        return new TrainingLoad(sum, OptionalDouble.of(monotony), OptionalDouble.of(sum * monotony));
    }

    /// The same without what only a whole week tells.
    TrainingLoad onlyLoad() {
        return new TrainingLoad(load, OptionalDouble.empty(), OptionalDouble.empty());
    }
}
