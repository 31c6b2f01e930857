package grastel.core.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Finds lines in a strip: places where L* steps although it runs smoothly on either side. A step counts where it stands clear
 * of the grain and of the steps that an unsteady hand makes all along the strip, and where it goes right across.
 */
public final class Bands {
    static final double NEIGHBOURHOOD_MM = 8;
    /** A step must be this many of its own standard errors. */
    private static final double CLEAR = 5.6;

    /** Share of the step that every lane must show. */
    private static final double IN_EVERY_LANE = 0.35;

    /** Grain is far rougher in the middle of a fade than at its ends, so noise is told from so much on either side. */
    static final double NOISE_MM = 14;

    private static final double LEAST_NOISE = 0.05;
    /** What an eye finds at arm's length, L*. */
    private static final double SEEN = 2.2;
    /** Slices left at either end: one side must not be a single slice. */
    private static final int MARGIN = 3;

    private Bands() {}

    /** @param atMm from the left end of the strip; @param step L* from its left to its right */
    public record Band(double atMm, double step) {}

    /** The lines of a strip, the clearest first; of lines close together only the clearest. */
    public static List<Band> find(Profile profile) {
        int reach = (int) Math.round(NEIGHBOURHOOD_MM / profile.stepMm());
        int noiseReach = (int) Math.round(NOISE_MM / profile.stepMm());
        double[] steps = new double[profile.size()];
        double[] errors = new double[profile.size()];
        for (int at = MARGIN; at <= profile.size() - MARGIN; at++) {
            Trend trend = Trend.around(profile.lightness(), at, reach);
            steps[at] = trend.step();
            double noise = Trend.noise(profile.lightness(), at, noiseReach);
            double grain = Math.max(LEAST_NOISE, noise) * trend.stepError();
            errors[at] = crosses(profile, at, reach, trend.step()) ? grain : Double.POSITIVE_INFINITY;
        }
        double usual = usual(steps);
        List<Band> bands = new ArrayList<>();
        int best = clearest(steps, errors, usual);
        while (best > 0) {
            bands.add(new Band(profile.startMm() + best * profile.stepMm(), steps[best]));
            Arrays.fill(steps, Math.max(0, best - reach), Math.min(steps.length, best + reach + 1), 0);
            best = clearest(steps, errors, usual);
        }
        return List.copyOf(bands);
    }

    /** True where the step is seen along the whole height of the strip: a patch is not. */
    private static boolean crosses(Profile profile, int at, int reach, double step) {
        return profile.lanes().stream()
                .allMatch(lane -> Trend.around(lane, at, reach).step() / step > IN_EVERY_LANE);
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
