package grastel.core.reading.light;

import grastel.core.page.Rect;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.ejml.simple.SimpleMatrix;
import org.jspecify.annotations.Nullable;

/**
 * Shadows with an edge, which no smooth field follows: what bare paper near a place says beyond the smooth field. A single
 * place may lie under handwriting or a smudge, so each is first replaced by the median of its neighbourhood; the inside of a
 * field is told by the paper around it.
 */
final class Shadows {
    private static final double NEIGHBOURHOOD_MM = 9;
    /** Pull towards no slope, where all places lie on one side. */
    private static final double FLAT = 0.05;

    private static final int NEAREST = 16;
    /** Bare paper this far from the smooth field is shadow or stain, if there is enough of it. */
    private static final double UNEXPLAINED = 0.025;
    /** A shadow may be this much stronger in one colour than in another; a stain is more so. */
    private static final double UNEQUAL = 0.35;

    private static final double LEAST_SHARE = 0.04;

    private final List<double[]> places;
    private final double[][] logs;

    private Shadows(List<double[]> places, double[][] logs) {
        this.places = places;
        this.logs = logs;
    }

    /** Null where the smooth field explains the paper. */
    static @Nullable Shadows of(List<double[]> places, double[][] basis, double[][] seen, double[][] terms) {
        int n = places.size();
        double[][] off = new double[3][n];
        for (int c = 0; c < 3; c++) {
            for (int i = 0; i < n; i++) {
                off[c][i] = seen[c][i] - UpperFit.dot(basis[i], terms[c]);
            }
        }
        if (shareOff(off[1]) < LEAST_SHARE) {
            return null;
        }
        double[][] calm = medians(places, off);
        return shareOff(calm[1]) < LEAST_SHARE ? null : new Shadows(places, calm);
    }

    private static double shareOff(double[] off) {
        return Arrays.stream(off).filter(o -> Math.abs(o) > UNEXPLAINED).count() / (double) off.length;
    }

    /** True where it takes all colours alike: a shadow, not a stain. */
    boolean isShadow() {
        double red = 0;
        double blue = 0;
        for (int i = 0; i < logs[1].length; i++) {
            red += Math.min(0, logs[0][i]);
            blue += Math.min(0, logs[2][i]);
        }
        return Math.abs(red - blue) < UNEQUAL * Math.abs(red + blue) / 2;
    }

    /** Difference between the brightest and the darkest of the paper around a field, as logarithms. */
    double spread(Rect field) {
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i <= 2; i++) {
            for (int j = 0; j <= 2; j++) {
                double here = at(field.x() + i * field.width() / 2, field.y() + j * field.height() / 2)[1];
                least = Math.min(least, here);
                most = Math.max(most, here);
            }
        }
        return most - least;
    }

    /** Each place's median with its neighbours, channel by channel. */
    private static double[][] medians(List<double[]> places, double[][] off) {
        double[][] calm = new double[3][places.size()];
        for (int i = 0; i < places.size(); i++) {
            List<Integer> near = near(places, places.get(i));
            for (int c = 0; c < 3; c++) {
                double[] values = off[c];
                double[] sorted =
                        near.stream().mapToDouble(k -> values[k]).sorted().toArray();
                calm[c][i] = sorted[sorted.length / 2];
            }
        }
        return calm;
    }

    private static List<Integer> near(List<double[]> places, double[] of) {
        List<Integer> near = new ArrayList<>();
        for (int k = 0; k < places.size(); k++) {
            double dx = places.get(k)[0] - of[0];
            double dy = places.get(k)[1] - of[1];
            if (dx * dx + dy * dy < NEIGHBOURHOOD_MM * NEIGHBOURHOOD_MM) {
                near.add(k);
            }
        }
        return near;
    }

    /** Logarithm of the light here over that of the smooth field, three channels. */
    double[] at(double mmX, double mmY) {
        double[] squares = new double[NEAREST];
        int[] which = new int[NEAREST];
        Arrays.fill(squares, Double.POSITIVE_INFINITY);
        for (int k = 0; k < places.size(); k++) {
            double dx = places.get(k)[0] - mmX;
            double dy = places.get(k)[1] - mmY;
            insert(squares, which, dx * dx + dy * dy, k);
        }
        return plane(which, squares, mmX, mmY);
    }

    /** A plane through the nearest places, each by its distance, read off here (moving least squares; Lancaster 1981). */
    private double[] plane(int[] which, double[] squares, double mmX, double mmY) {
        SimpleMatrix normal = SimpleMatrix.diag(1e-6, FLAT, FLAT);
        SimpleMatrix right = new SimpleMatrix(3, 3);
        for (int j = 0; j < NEAREST && squares[j] < Double.POSITIVE_INFINITY; j++) {
            double[] place = places.get(which[j]);
            double weight = 1 / (squares[j] + 4);
            double[] basis = {1, place[0] - mmX, place[1] - mmY};
            for (int a = 0; a < 3; a++) {
                for (int b = 0; b < 3; b++) {
                    normal.set(a, b, normal.get(a, b) + weight * basis[a] * basis[b]);
                    right.set(a, b, right.get(a, b) + weight * basis[a] * logs[b][which[j]]);
                }
            }
        }
        SimpleMatrix terms = normal.solve(right);
        return new double[] {terms.get(0, 0), terms.get(0, 1), terms.get(0, 2)};
    }

    private static void insert(double[] squares, int[] which, double square, int k) {
        int j = NEAREST - 1;
        if (square >= squares[j]) {
            return;
        }
        while (j > 0 && squares[j - 1] > square) {
            squares[j] = squares[j - 1];
            which[j] = which[j - 1];
            j--;
        }
        squares[j] = square;
        which[j] = k;
    }
}
