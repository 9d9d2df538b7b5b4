package onebeat.core.holding;

import java.util.Arrays;
import org.apache.commons.rng.UniformRandomProvider;

/// Draws one of several things by given shares, never the same more than so often in a row.
///
/// Leaving a thing out once its run is full would make it rarer than asked for. So it is drawn with other
/// weights `q`, chosen so that in the long run the asked-for shares `p` come out. Runs of one thing are
/// geometric, cut off at the limit `M`, and follow one another as a reversible chain, so that in the long
/// run thing `i` has a share in proportion to `q_i (1 - q_i^M)`; the weights solve that for `p`. A share
/// above `M / (M + 1)` cannot be had with runs of `M`; it comes as near as it can.
final class RunLimited {

    private static final int NOTHING = -1;
    private static final int HALVINGS = 60;
    private static final int GRID = 400;

    private final double[] weights;
    private final int mostRun;
    private int last = NOTHING;
    private int inARow;

    RunLimited(double[] shares, int mostRun) {
        this.mostRun = mostRun;
        this.weights = weights(shares, mostRun);
    }

    /// The next one.
    int next(UniformRandomProvider random) {
        int barred = inARow >= mostRun && others(last) > 0 ? last : NOTHING;
        double at = random.nextDouble() * (barred == NOTHING ? 1 : others(barred));
        int drawn = NOTHING;
        for (int i = 0; i < weights.length; i++) {
            if (i != barred && weights[i] > 0) {
                drawn = i;
                at -= weights[i];
                if (at < 0) {
                    break;
                }
            }
        }
        inARow = drawn == last ? inARow + 1 : 1;
        last = drawn;
        return drawn;
    }

    private double others(int one) {
        double sum = 0;
        for (int i = 0; i < weights.length; i++) {
            sum += i == one ? 0 : weights[i];
        }
        return sum;
    }

    /// How many bits one draw tells on average to someone who knows the odds and the limit and has seen all
    /// before it.
    double bitsADraw() {
        double free = bits(weights, NOTHING);
        double elements = 0;
        double barredBits = 0;
        double barred = 0;
        for (int i = 0; i < weights.length; i++) {
            double q = weights[i];
            double rest = 1 - q;
            if (q <= 0 || rest <= 0) {
                continue;
            }
            double runs = q * rest;
            double full = runs * StrictMath.pow(q, mostRun - 1);
            elements += q * (1 - StrictMath.pow(q, mostRun));
            barred += full;
            barredBits += full * bits(weights, i);
        }
        return elements == 0 ? 0 : free * (1 - barred / elements) + barredBits / elements;
    }

    /// Shannon's entropy in bits, one thing left out.
    private static double bits(double[] shares, int without) {
        double sum = 0;
        for (int i = 0; i < shares.length; i++) {
            sum += i == without ? 0 : shares[i];
        }
        double bits = 0;
        for (int i = 0; i < shares.length; i++) {
            double p = i == without || sum == 0 ? 0 : shares[i] / sum;
            bits -= p <= 0 ? 0 : p * StrictMath.log(p) / StrictMath.log(2);
        }
        return bits;
    }

    /// The weights that give these shares. The largest one is the unknown; the others follow from it, and
    /// their sum has to be 1.
    static double[] weights(double[] shares, int mostRun) {
        int largest = 0;
        int possible = 0;
        for (int i = 0; i < shares.length; i++) {
            largest = shares[i] > shares[largest] ? i : largest;
            possible += shares[i] > 0 ? 1 : 0;
        }
        if (possible < 2) {
            return shares.clone();
        }
        double low = 0;
        double high = 1;
        for (int i = 1; i <= GRID; i++) {
            double x = (double) i / (GRID + 1);
            if (excess(shares, largest, mostRun, x) >= 0) {
                high = x;
                break;
            }
            low = x;
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (excess(shares, largest, mostRun, middle) >= 0) {
                high = middle;
            } else {
                low = middle;
            }
        }
        double[] weights = from(shares, largest, mostRun, high);
        double sum = Arrays.stream(weights).sum();
        return Arrays.stream(weights).map(w -> w / sum).toArray();
    }

    private static double excess(double[] shares, int largest, int mostRun, double x) {
        return Arrays.stream(from(shares, largest, mostRun, x)).sum() - 1;
    }

    private static double[] from(double[] shares, int largest, int mostRun, double x) {
        double scale = inLongRun(x, mostRun) / shares[largest];
        double[] weights = new double[shares.length];
        for (int i = 0; i < shares.length; i++) {
            weights[i] = i == largest ? x : inverse(scale * shares[i], mostRun);
        }
        return weights;
    }

    private static double inLongRun(double q, int mostRun) {
        return q * (1 - power(q, mostRun));
    }

    /// By squaring: it is asked some ten thousand times for each draw, and a general power takes far longer.
    private static double power(double base, int exponent) {
        double result = 1;
        double square = base;
        for (int left = exponent; left > 0; left >>= 1) {
            result *= (left & 1) == 1 ? square : 1;
            square *= square;
        }
        return result;
    }

    /// The smaller weight with this share: on the rising branch, which ends at `(M + 1)^(-1/M)`.
    private static double inverse(double value, int mostRun) {
        double low = 0;
        double high = StrictMath.pow(mostRun + 1.0, -1.0 / mostRun);
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (inLongRun(middle, mostRun) < value) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
