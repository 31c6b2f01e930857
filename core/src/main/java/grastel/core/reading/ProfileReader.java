package grastel.core.reading;

import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Reads the colours along a strip in slices of 1 mm. */
final class ProfileReader {
    private static final double SLICE_MM = 1;
    private static final double START_MM = 1;
    private static final int LANES = 5;

    private ProfileReader() {}

    static Profile of(FieldSamples samples, ColourFix fix) {
        int slice = (int) Math.round(SLICE_MM * FieldSamples.PER_MM);
        int from = (int) Math.round((FieldSamples.RING_MM + START_MM) * FieldSamples.PER_MM);
        List<Double> lightness = new ArrayList<>();
        List<Double> a = new ArrayList<>();
        List<Double> b = new ArrayList<>();
        List<List<Double>> lanes = new ArrayList<>();
        IntStream.range(0, LANES).forEach(i -> lanes.add(new ArrayList<>()));
        List<Double> errors = new ArrayList<>();
        double skipped = 0;
        for (int x = from; x + slice <= samples.inside.width - from; x += slice) {
            double[] sum = new double[4];
            List<Double> cells = new ArrayList<>();
            for (int y = 0; y + slice <= samples.inside.height; y += slice) {
                addCell(samples, x, y, slice, sum, cells);
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
            for (int lane = 0; lane < LANES; lane++) {
                lanes.get(lane)
                        .add(hundredths(
                                mean(cells.subList(lane * cells.size() / LANES, (lane + 1) * cells.size() / LANES))));
            }
            errors.add(standardError(cells));
        }
        double[] sorted = errors.stream().mapToDouble(e -> e).sorted().toArray();
        return sorted.length < 2
                ? null
                : new Profile(START_MM + skipped, SLICE_MM, lightness, a, b, lanes, sorted[sorted.length / 2]);
    }

    private static double mean(List<Double> values) {
        return values.stream().mapToDouble(v -> v).average().orElseThrow();
    }

    /** Adds a square of the slice to the sums of light, and its own L* to the cells if it is whole. */
    private static void addCell(FieldSamples samples, int x0, int y0, int side, double[] sum, List<Double> cells) {
        double light = 0;
        int count = 0;
        for (int y = y0; y < y0 + side; y++) {
            for (int i = y * samples.inside.width + x0; i < y * samples.inside.width + x0 + side; i++) {
                if (samples.counts(i)) {
                    sum[0] += samples.red.data[i];
                    sum[1] += samples.green.data[i];
                    sum[2] += samples.blue.data[i];
                    light += samples.luminance.data[i];
                    count++;
                }
            }
        }
        sum[3] += count;
        if (count == side * side) {
            cells.add(Lab.lightnessOf(Math.max(0, light / count)));
        }
    }

    private static double standardError(List<Double> cells) {
        if (cells.size() < 2) {
            return 0;
        }
        double mean = mean(cells);
        double squares =
                cells.stream().mapToDouble(c -> (c - mean) * (c - mean)).sum();
        return Math.sqrt(squares / (cells.size() - 1) / cells.size());
    }

    private static double hundredths(double value) {
        return Math.round(100 * value) / 100.0;
    }
}
