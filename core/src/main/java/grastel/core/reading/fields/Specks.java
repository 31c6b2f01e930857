package grastel.core.reading.fields;

import grastel.core.colour.Lab;

/**
 * Specks of paper: the share of a field, seen through a round spot of standard deviation {@value #SPOT_MM} mm, that is nearer
 * bare paper than the field's own tone, which is the L* that its darkest tenth stays under; for white on toned paper, that its
 * lightest tenth stays over.
 */
public final class Specks {
    /** Standard deviation of the spot through which specks are seen, mm: what is smaller no eye finds at reading distance. */
    public static final double SPOT_MM = 0.18;
    /** A field's own tone is at least this far below the paper, L*. */
    private static final double LEAST_TONE = 8;

    /** A field this much lighter than its paper is white on toned paper, L*. */
    private static final double LIGHTER = 2;

    private static final int BINS = 1200;

    private Specks() {}

    /** Where paper begins. @param lightness L* between paper and the field's own tone; @param lighter true for white on toned */
    record Limit(double lightness, boolean lighter) {
        boolean isPaper(float seen) {
            return seen > lightness != lighter;
        }
    }

    /** @param lightness L* of places of the field, seen through the spot; @return 0…1 */
    public static double share(float[] lightness, int count, double paperLightness) {
        if (count == 0) {
            return 0;
        }
        Limit limit = limit(lightness, count, paperLightness);
        int paper = 0;
        for (int i = 0; i < count; i++) {
            paper += limit.isPaper(lightness[i]) ? 1 : 0;
        }
        return paper / (double) count;
    }

    /** @param count of places, at least 1 */
    static Limit limit(float[] lightness, int count, double paperLightness) {
        double mean = 0;
        for (int i = 0; i < count; i++) {
            mean += lightness[i] / count;
        }
        boolean lighter = mean > paperLightness + LIGHTER;
        double tone = lighter
                ? Math.max(under(lightness, count, 0.9), paperLightness + LEAST_TONE)
                : Math.min(under(lightness, count, 0.1), paperLightness - LEAST_TONE);
        return new Limit((tone + paperLightness) / 2, lighter);
    }

    /** @param luminance of a square picture in its own grain, row by row, {@code side} long; @return 0…1 */
    public static double share(float[] luminance, int side, double pxPerMm, double paperLightness) {
        Plane seen = seen(luminance, side, pxPerMm);
        return share(seen.data, seen.data.length, paperLightness);
    }

    /** L* of a square picture through the spot. */
    static Plane seen(float[] luminance, int side, double pxPerMm) {
        Plane plane = new Plane(side, side);
        System.arraycopy(luminance, 0, plane.data, 0, plane.data.length);
        Plane seen = plane.blurred(SPOT_MM * pxPerMm);
        Plane lightness = new Plane(side, side);
        for (int i = 0; i < lightness.data.length; i++) {
            lightness.data[i] = (float) Lab.lightnessOf(seen.data[i]);
        }
        return lightness;
    }

    /** L* that a share of the values stay under, to 0.1. */
    private static double under(float[] lightness, int count, double share) {
        int[] counts = new int[BINS];
        for (int i = 0; i < count; i++) {
            counts[Math.min(BINS - 1, Math.max(0, (int) (lightness[i] * 10)))]++;
        }
        int under = 0;
        int bin = 0;
        while (bin < BINS - 1 && under + counts[bin] < share * count) {
            under += counts[bin];
            bin++;
        }
        return (bin + 0.5) / 10;
    }
}
