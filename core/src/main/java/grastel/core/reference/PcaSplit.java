package grastel.core.reference;

import java.util.Arrays;
import java.util.function.IntFunction;
import org.hipparchus.linear.EigenDecompositionSymmetric;
import org.hipparchus.linear.MatrixUtils;

/**
 * Colours in two halves: along the direction in which they differ most (Pearson 1901), where the squares of what each is off the mean of
 * its half add up to the least ({@link NaturalBreaks}).
 */
final class PcaSplit {
    private static final int BINS = 256;
    /** Colours that differ less are one, standard deviation. */
    private static final double ONE = 0.5;

    private PcaSplit() {}

    /** @param colours L*, a*, b* of each cell; @return over 0 in one half, under 0 in the other, 0 where all is one colour */
    static double[] of(int[] cells, IntFunction<double[]> colours) {
        double[] mean = new double[3];
        double[][] products = new double[3][3];
        for (int cell : cells) {
            double[] colour = colours.apply(cell);
            for (int i = 0; i < 3; i++) {
                mean[i] += colour[i] / cells.length;
                for (int j = 0; j < 3; j++) {
                    products[i][j] += colour[i] * colour[j] / cells.length;
                }
            }
        }
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                products[i][j] -= mean[i] * mean[j];
            }
        }
        EigenDecompositionSymmetric found = new EigenDecompositionSymmetric(MatrixUtils.createRealMatrix(products));
        double spread = Math.sqrt(Math.max(0, found.getEigenvalue(0)));
        if (spread < ONE) {
            return new double[cells.length];
        }
        double[] way = found.getEigenvector(0).toArray();
        double[] along = Arrays.stream(cells)
                .mapToDouble(cell -> {
                    double[] colour = colours.apply(cell);
                    return way[0] * (colour[0] - mean[0])
                            + way[1] * (colour[1] - mean[1])
                            + way[2] * (colour[2] - mean[2]);
                })
                .toArray();
        double least = Arrays.stream(along).min().orElse(0);
        double most = Arrays.stream(along).max().orElse(0);
        double bin = (most - least) / (BINS - 1);
        long[] histogram = new long[BINS];
        Arrays.stream(along).forEach(a -> histogram[(int) Math.round((a - least) / bin)]++);
        double limit = least + (NaturalBreaks.of(histogram, 2, 0).get(1) - 0.5) * bin;
        return Arrays.stream(along).map(a -> a - limit).toArray();
    }
}
