package grastel.core.reading.fields;

import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.reading.keys.ColourCorrection;
import grastel.core.reading.strips.Profile;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.EigenDecompositionSymmetric;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.jspecify.annotations.Nullable;

/** Reads the colours along a strip in slices of 1 mm. */
final class ProfileReader {
    private static final double SLICE_MM = 1;
    private static final double START_MM = 1;
    private static final int LANES = 5;
    /** A strip that changes less than this has no way of its own, squared ΔE. */
    private static final double LEAST_VARIANCE = 1;

    private ProfileReader() {}

    static @Nullable Profile of(FieldSamples samples, ColourCorrection fix) {
        int slice = (int) Math.round(SLICE_MM * FieldSamples.PER_MM);
        int from = (int) Math.round((FieldSamples.RING_MM + START_MM) * FieldSamples.PER_MM);
        List<Double> lightness = new ArrayList<>();
        List<Double> a = new ArrayList<>();
        List<Double> b = new ArrayList<>();
        List<List<Lab>> cellsOfSlices = new ArrayList<>();
        List<Double> errors = new ArrayList<>();
        double skipped = 0;
        for (int x = from; x + slice <= samples.inside.width - from; x += slice) {
            double[] sum = new double[4];
            List<Lab> cells = new ArrayList<>();
            for (int y = 0; y + slice <= samples.inside.height; y += slice) {
                addCell(samples, fix, x, y, slice, sum, cells);
            }
            if (sum[3] == 0 || cells.size() < LANES) {
                skipped += lightness.isEmpty() ? SLICE_MM : 0;
                continue;
            }
            Lab colour = Lab.of(fix.of(new LinearRgb(sum[0] / sum[3], sum[1] / sum[3], sum[2] / sum[3]))
                    .toXyz());
            lightness.add(hundredths(colour.lightness()));
            a.add(hundredths(colour.a()));
            b.add(hundredths(colour.b()));
            cellsOfSlices.add(cells);
            errors.add(standardError(cells));
        }
        double[] sorted = errors.stream().mapToDouble(e -> e).sorted().toArray();
        if (sorted.length < 2) {
            return null;
        }
        List<Double> way = way(lightness, a, b);
        return new Profile(
                START_MM + skipped,
                SLICE_MM,
                lightness,
                a,
                b,
                way,
                lanes(cellsOfSlices, way),
                sorted[sorted.length / 2]);
    }

    /** The first principal direction of the slices, towards light. */
    private static List<Double> way(List<Double> lightness, List<Double> a, List<Double> b) {
        RealMatrix colours = new Array2DRowRealMatrix(lightness.size(), 3);
        List<List<Double>> all = List.of(lightness, a, b);
        for (int c = 0; c < all.size(); c++) {
            double mean = all.get(c).stream().mapToDouble(v -> v).average().orElseThrow();
            for (int i = 0; i < lightness.size(); i++) {
                colours.setEntry(i, c, all.get(c).get(i) - mean);
            }
        }
        EigenDecompositionSymmetric of = new EigenDecompositionSymmetric(
                colours.transposeMultiply(colours).scalarMultiply(1.0 / lightness.size()));
        if (of.getEigenvalue(0) < LEAST_VARIANCE) {
            return Profile.LIGHTNESS_ALONE;
        }
        RealVector first = of.getEigenvector(0);
        double sign = first.getEntry(0) < 0 ? -1 : 1;
        return Arrays.stream(first.toArray()).mapToObj(v -> sign * v).toList();
    }

    private static List<List<Double>> lanes(List<List<Lab>> cellsOfSlices, List<Double> way) {
        List<List<Double>> lanes = new ArrayList<>();
        for (int lane = 0; lane < LANES; lane++) {
            List<Double> along = new ArrayList<>();
            for (List<Lab> cells : cellsOfSlices) {
                along.add(hundredths(
                        cells.subList(lane * cells.size() / LANES, (lane + 1) * cells.size() / LANES).stream()
                                .mapToDouble(c -> Profile.along(way, c.lightness(), c.a(), c.b()))
                                .average()
                                .orElseThrow()));
            }
            lanes.add(along);
        }
        return lanes;
    }

    /** Adds a square of the slice to the sums of light, and its own colour to the cells if it is whole. */
    private static void addCell(
            FieldSamples samples, ColourCorrection fix, int x0, int y0, int side, double[] sum, List<Lab> cells) {
        double[] light = new double[3];
        int count = 0;
        for (int y = y0; y < y0 + side; y++) {
            for (int i = y * samples.inside.width + x0; i < y * samples.inside.width + x0 + side; i++) {
                if (samples.counts(i)) {
                    light[0] += samples.red.data[i];
                    light[1] += samples.green.data[i];
                    light[2] += samples.blue.data[i];
                    count++;
                }
            }
        }
        for (int c = 0; c < light.length; c++) {
            sum[c] += light[c];
        }
        sum[3] += count;
        if (count == side * side) {
            cells.add(Lab.of(fix.of(new LinearRgb(light[0] / count, light[1] / count, light[2] / count))
                    .toXyz()));
        }
    }

    private static double standardError(List<Lab> cells) {
        if (cells.size() < 2) {
            return 0;
        }
        double[] lightness = cells.stream().mapToDouble(Lab::lightness).toArray();
        double mean = Arrays.stream(lightness).average().orElseThrow();
        double squares =
                Arrays.stream(lightness).map(l -> (l - mean) * (l - mean)).sum();
        return Math.sqrt(squares / (cells.size() - 1) / cells.size());
    }

    private static double hundredths(double value) {
        return Math.round(100 * value) / 100.0;
    }
}
