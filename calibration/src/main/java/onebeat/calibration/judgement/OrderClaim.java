package onebeat.calibration.judgement;

import java.util.Locale;
import java.util.OptionalDouble;
import onebeat.calibration.judgement.Judgement.Claim;
import onebeat.calibration.judgement.Judgement.Verdict;
import onebeat.core.review.Context;
import onebeat.core.review.Review;

/// One line stands before another by a number.
record OrderClaim(Quantity quantity, Side better, Side worse, double least) implements Claim {

    /// Beyond the last digits.
    private static final double NOTHING = 1e-9;

    /// A line, and the strike of it that counts; none where the line does.
    record Side(String line, String step, Against against) {

        OptionalDouble number(Quantity quantity) {
            Context context = against.context();
            return quantity.of(Review.withoutMends(Reading.read(line, context), context), step);
        }
    }

    @Override
    public Verdict tried() {
        OptionalDouble x = better.number(quantity);
        OptionalDouble y = worse.number(quantity);
        if (x.isEmpty() || y.isEmpty()) {
            return new Verdict(false, "no such number");
        }
        double lead = quantity.isCost() ? y.getAsDouble() - x.getAsDouble() : x.getAsDouble() - y.getAsDouble();
        return new Verdict(
                lead > least + NOTHING,
                String.format(Locale.ROOT, "%s %.4f against %.4f", quantity, x.getAsDouble(), y.getAsDouble()));
    }
}
