package grastel.core.reading.light;

import java.util.Arrays;
import org.ejml.simple.SimpleMatrix;

/**
 * The light of bare paper where much is not bare: a polynomial over a plane through the logarithm of light. First rounds lean to
 * the bright side, so that what covers a good part of the places is seen as such; then Tukey's biweight leaves out smudges, hands
 * and handwriting (Huber and Ronchetti 2009, chapter 7).
 */
public final class UpperFit {
    private static final int ROUNDS = 12;
    private static final int UPPER_ROUNDS = 6;
    /** Tukey's constant: 95 % efficiency for normal errors. */
    private static final double BIWEIGHT = 4.685;

    private static final int TERMS = 10;

    /**
     * What is known before.
     *
     * @param leaning how much each term is held to none while leaning to the bright side, as much weight as so many places at none
     * @param terms the same when what is paper has been seen
     * @param below weight of what is darker, while leaning to the bright side
     * @param scale paper is not evener than this
     */
    public record Prior(double[] leaning, double[] terms, double below, double scale) {
        /** A page, most of which is bare; terms are held only for the sake of solving. */
        public static final Prior PAGE = new Prior(pulls(1e-9, 1e-9), pulls(1e-9, 1e-9), 0.05, 1e-4);
        /**
         * Paper that is seen only beside what is drawn, or in it: a few places in a hundred. A plane finds them; then a quadratic as
         * light falls off, a tenth, against paper that is even to a hundredth; no cubic.
         */
        public static final Prior DRAWING = new Prior(pulls(1e6, 1e6), pulls(0.01, 1e6), 0.002, 0.01);

        private static double[] pulls(double quadratic, double cubic) {
            double[] held = new double[TERMS];
            Arrays.fill(held, 1e-9);
            Arrays.fill(held, 3, 6, quadratic);
            Arrays.fill(held, 6, TERMS, cubic);
            return held;
        }
    }

    /** Of {@link #basis}, in the channel that was fitted. */
    public final double[] terms;
    /** Robust standard deviation about it. */
    final double scale;

    private final double[][] basis;
    private final double[][] products;
    private final double[] weights;
    private final Prior known;

    /** @param basis of each place; @param logs of its light; @param known before */
    public UpperFit(double[][] basis, double[] logs, Prior known) {
        this.basis = basis;
        this.known = known;
        this.products = Arrays.stream(basis).map(UpperFit::products).toArray(double[][]::new);
        this.weights = new double[logs.length];
        Arrays.fill(weights, 1);
        double spread = 0;
        double[] found = {};
        for (int round = 0; round < ROUNDS; round++) {
            found = solved(logs, round < UPPER_ROUNDS ? known.leaning() : known.terms());
            double[] off = off(found, logs);
            if (round < UPPER_ROUNDS) {
                leanUp(off);
            } else {
                spread = biweight(off);
            }
        }
        this.terms = found;
        this.scale = spread;
    }

    /** A cubic at a place; x and y −1…1 over the plane. */
    public static double[] basis(double x, double y) {
        return new double[] {1, x, y, x * x, x * y, y * y, x * x * x, x * x * y, x * y * y, y * y * y};
    }

    /** The terms of another channel, of the places that were found to be paper. Weighted least squares. */
    public double[] also(double[] logs) {
        return solved(logs, known.terms());
    }

    /** @param held how much each term is held to none */
    private double[] solved(double[] logs, double[] held) {
        double[] sums = new double[TERMS * (TERMS + 1) / 2];
        double[] right = new double[TERMS];
        for (int i = 0; i < logs.length; i++) {
            if (weights[i] != 0) {
                add(weights[i], products[i], sums);
                add(weights[i] * logs[i], basis[i], right);
            }
        }
        SimpleMatrix normal = SimpleMatrix.diag(held);
        int k = 0;
        for (int a = 0; a < TERMS; a++) {
            for (int b = 0; b <= a; b++, k++) {
                normal.set(a, b, normal.get(a, b) + sums[k]);
                normal.set(b, a, normal.get(a, b));
            }
        }
        return normal.solve(new SimpleMatrix(TERMS, 1, true, right))
                .getDDRM()
                .data
                .clone();
    }

    /** How far places lie off. */
    public double[] off(double[] terms, double[] logs) {
        double[] off = new double[logs.length];
        for (int i = 0; i < off.length; i++) {
            off[i] = logs[i] - dot(basis[i], terms);
        }
        return off;
    }

    /** Whether a place was found to be paper. */
    boolean isPaper(int place) {
        return weights[place] > 0;
    }

    private static void add(double weight, double[] from, double[] to) {
        for (int k = 0; k < to.length; k++) {
            to[k] += weight * from[k];
        }
    }

    /** Each term times each up to itself: the lower half of the outer product, row by row. */
    private static double[] products(double[] terms) {
        double[] products = new double[TERMS * (TERMS + 1) / 2];
        int k = 0;
        for (int a = 0; a < TERMS; a++) {
            for (int b = 0; b <= a; b++) {
                products[k++] = terms[a] * terms[b];
            }
        }
        return products;
    }

    /** Weights that lean to the brighter side: an expectile (Newey and Powell 1987). */
    private void leanUp(double[] off) {
        for (int i = 0; i < off.length; i++) {
            weights[i] = off[i] > 0 ? 1 : known.below();
        }
    }

    /**
     * The biweight; returns the residuals' robust standard deviation, which the brighter side tells: what lies on paper or
     * keeps the light from it only darkens.
     */
    private double biweight(double[] off) {
        double[] sizes = Arrays.stream(off).filter(o -> o > 0).sorted().toArray();
        double seen = sizes.length == 0 ? 0 : 1.4826 * sizes[sizes.length / 2];
        double found = Math.max(known.scale(), seen);
        for (int i = 0; i < off.length; i++) {
            double u = off[i] / (BIWEIGHT * found);
            weights[i] = Math.abs(u) < 1 ? (1 - u * u) * (1 - u * u) : 0;
        }
        return found;
    }

    static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }
}
