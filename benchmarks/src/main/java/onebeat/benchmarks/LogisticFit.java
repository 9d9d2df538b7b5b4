package onebeat.benchmarks;

import java.util.List;

/// Logistic regression by Newton's method (Cox 1958, Journal of the Royal Statistical Society B 20, 215–242; from
/// memory), for a handful of measures.
final class LogisticFit {

    private static final int STEPS = 80;

    /// A little of it keeps weights finite where two groups lie apart.
    private static final double RIDGE = 0.01;

    private LogisticFit() {}

    /// The weight of each measure in the logarithm of the odds.
    ///
    /// @param rows the measures of each case; for a constant one that is always 1
    /// @param yes which cases are
    static double[] of(List<double[]> rows, List<Boolean> yes) {
        int n = rows.getFirst().length;
        double[] scale = scales(rows, n);
        double[] weights = new double[n];
        for (int step = 0; step < STEPS; step++) {
            double[][] curve = new double[n][n + 1];
            for (int i = 0; i < n; i++) {
                curve[i][i] = RIDGE;
                curve[i][n] = -RIDGE * weights[i];
            }
            for (int r = 0; r < rows.size(); r++) {
                add(curve, rows.get(r), scale, weights, yes.get(r) ? 1 : 0);
            }
            double[] by = solved(curve);
            for (int i = 0; i < n; i++) {
                weights[i] += by[i];
            }
        }
        for (int i = 0; i < n; i++) {
            weights[i] /= scale[i];
        }
        return weights;
    }

    private static void add(double[][] curve, double[] row, double[] scale, double[] weights, double is) {
        int n = weights.length;
        double odds = 0;
        for (int i = 0; i < n; i++) {
            odds += weights[i] * row[i] / scale[i];
        }
        double likely = 1 / (1 + Math.exp(-odds));
        double sharp = likely * (1 - likely) + 1e-6;
        for (int i = 0; i < n; i++) {
            double x = row[i] / scale[i];
            curve[i][n] += x * (is - likely);
            for (int j = 0; j < n; j++) {
                curve[i][j] += sharp * x * row[j] / scale[j];
            }
        }
    }

    private static double[] scales(List<double[]> rows, int n) {
        double[] scale = new double[n];
        for (int i = 0; i < n; i++) {
            int at = i;
            double mean = rows.stream().mapToDouble(row -> row[at]).average().orElse(0);
            double spread = Math.sqrt(rows.stream()
                    .mapToDouble(row -> Math.pow(row[at] - mean, 2))
                    .average()
                    .orElse(0));
            scale[i] = spread == 0 ? 1 : spread;
        }
        return scale;
    }

    /// Gauss with pivots; the right side is the last column.
    private static double[] solved(double[][] lines) {
        int n = lines.length;
        for (int c = 0; c < n; c++) {
            int best = c;
            for (int r = c + 1; r < n; r++) {
                best = Math.abs(lines[r][c]) > Math.abs(lines[best][c]) ? r : best;
            }
            double[] swap = lines[c];
            lines[c] = lines[best];
            lines[best] = swap;
            for (int r = 0; r < n; r++) {
                double by = r == c ? 0 : lines[r][c] / lines[c][c];
                for (int k = c; k <= n && by != 0; k++) {
                    lines[r][k] -= by * lines[c][k];
                }
            }
        }
        double[] x = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = lines[i][n] / lines[i][i];
        }
        return x;
    }
}
