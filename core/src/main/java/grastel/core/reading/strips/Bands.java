package grastel.core.reading.strips;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Finds lines in a strip: places where its colour steps, along the way that the strip goes, although it runs smoothly on either
 * side. A step counts where it stands clear of how much lanes of the strip differ in it – so grain is measured at the scale on
 * which it acts, whatever the paper – and of the steps that an unsteady hand makes all along, and where it goes right across.
 */
public final class Bands {
    public static final double NEIGHBOURHOOD_MM = 8;
    /** A step must be this many of its own standard errors, */
    private static final double CLEAR = 4.5;
    /** and so many times this share of what steps usually are all along the strip. */
    private static final double USUAL = 0.5;

    /** Share of the step that every lane must show. */
    private static final double IN_EVERY_LANE = 0.15;

    /** Of a step, ΔE. */
    private static final double LEAST_NOISE = 0.05;
    /** What an eye finds at arm's length, ΔE. */
    private static final double SEEN = 2.2;
    /** Slices left at either end: one side must not be a single slice. */
    private static final int MARGIN = 3;

    private Bands() {}

    /**
     * A line.
     *
     * @param atMm from the left end of the strip
     * @param step from its left to its right, ΔE along the way that the strip goes
     * @param stepError standard error of the step
     * @param slope what the strip changes on either side, ΔE in a mm along its way
     */
    public record Band(double atMm, double step, double stepError, double slope) {}

    /** The lines of a strip, the clearest first; of lines close together only the clearest. */
    public static List<Band> find(Profile profile) {
        int reach = (int) Math.round(NEIGHBOURHOOD_MM / profile.stepMm());
        List<Double> course = profile.course();
        double[] steps = new double[profile.size()];
        double[] squares = new double[profile.size()];
        boolean[] across = new boolean[profile.size()];
        for (int at = MARGIN; at <= profile.size() - MARGIN; at++) {
            steps[at] = Trend.around(course, at, reach).step();
            double[] lanes = lanes(profile, at, reach);
            squares[at] = errorSquared(lanes);
            across[at] = crosses(lanes, steps[at]);
        }
        double[] errors = new double[profile.size()];
        for (int at = MARGIN; at <= profile.size() - MARGIN; at++) {
            int from = Math.max(MARGIN, at - reach);
            int to = Math.min(profile.size() - MARGIN, at + reach);
            double sum = 0;
            for (int i = from; i <= to; i++) {
                sum += squares[i];
            }
            errors[at] =
                    across[at] ? Math.max(LEAST_NOISE, Math.sqrt(sum / (to - from + 1))) : Double.POSITIVE_INFINITY;
        }
        double usual = USUAL * usual(steps);
        List<Band> bands = new ArrayList<>();
        int best = clearest(steps, errors, usual);
        while (best > 0) {
            Trend trend = Trend.around(course, best, reach);
            bands.add(new Band(
                    profile.startMm() + best * profile.stepMm(),
                    trend.step(),
                    errors[best],
                    trend.slope() / profile.stepMm()));
            Arrays.fill(steps, Math.max(0, best - reach), Math.min(steps.length, best + reach + 1), 0);
            best = clearest(steps, errors, usual);
        }
        return List.copyOf(bands);
    }

    /** The step at a place in each lane. */
    private static double[] lanes(Profile profile, int at, int reach) {
        return profile.lanes().stream()
                .mapToDouble(lane -> Trend.around(lane, at, reach).step())
                .toArray();
    }

    /** Squared standard error of a step, from how much lanes differ in it: grain and an unsteady hand differ, a line does not. */
    private static double errorSquared(double[] lanes) {
        double mean = Arrays.stream(lanes).average().orElse(0);
        double sum = Arrays.stream(lanes).map(s -> (s - mean) * (s - mean)).sum();
        return sum / Math.max(1, lanes.length - 1) / lanes.length;
    }

    /** True where the step is seen along the whole height of the strip: a patch is not. */
    private static boolean crosses(double[] lanes, double step) {
        return Arrays.stream(lanes).allMatch(lane -> lane / step > IN_EVERY_LANE);
    }

    /** Standard deviation of the steps found everywhere, from the middle of their sizes. */
    private static double usual(double[] steps) {
        double[] sizes =
                Arrays.stream(steps).filter(s -> s != 0).map(Math::abs).sorted().toArray();
        return sizes.length == 0 ? 0 : sizes[sizes.length / 2] / 0.6745;
    }

    /** Where the clearest step is; 0 where none is clear. */
    private static int clearest(double[] steps, double[] errors, double usual) {
        int best = 0;
        double most = CLEAR;
        for (int at = 1; at < steps.length; at++) {
            double size = Math.abs(steps[at]);
            double score = size / Math.max(errors[at], usual);
            if (size > SEEN && score > most) {
                most = score;
                best = at;
            }
        }
        return best;
    }
}
