package grastel.core.scanner.picture;

import grastel.core.colour.LinearRgb;
import grastel.core.scanner.sheet.FlatPage;
import java.util.Arrays;
import java.util.SplittableRandom;

/**
 * What a picture's lines get of a page that lies on a desk: its light, the lamp's and the veil's, with the noise of the sensor.
 * Each line has random numbers of its own: they can be exposed at once and come out the same.
 *
 * @param perPixel places looked at along a pixel and down it
 * @param perLight codes of a table a channel gets for its light, {@link #FINER}
 */
public record Exposure(
        FlatPage flat,
        Camera camera,
        boolean sheetUnder,
        double flare,
        Lamp lamp,
        Noise noise,
        int perPixel,
        long[] perLight,
        long seed) {
    static final double DESK_LIGHT = 0.13;
    private static final double MM_PER_INCH = 25.4;
    /** Light is reckoned in whole numbers of so many bits more: turning them into fractions is what takes long. */
    private static final int FINER = 30;

    private static final int LAMP_BITS = 20;
    /** Light that flare strews: that of a picture which is mostly paper. */
    private static final double VEIL = 0.8;

    private static final int CHANNELS = 3;
    /** Codes by linear light. */
    private static final byte[] CODES = codes();

    public static Exposure of(
            FlatPage flat, Camera camera, ScanConditions s, boolean sheetUnder, SplittableRandom random) {
        // A camera sets its exposure by the brightest channel: paper does not clip.
        double brightest = 1 + Math.abs(s.warmth());
        double[] tint = {(1 + s.warmth()) / brightest, 1 / brightest, (1 - s.warmth()) / brightest};
        int perPixel = Math.max(1, (int) Math.round(flat.pxPerMm / (s.dpi() / MM_PER_INCH)));
        return new Exposure(
                flat,
                camera,
                sheetUnder,
                s.device().flare(),
                Lamp.drawn(s.lightFall(), camera, random),
                new Noise(s.noise()),
                perPixel,
                Arrays.stream(tint)
                        .mapToLong(t -> Math.round(t * (CODES.length - 1) / full(perPixel) * (1L << FINER)))
                        .toArray(),
                random.nextLong());
    }

    /** All the light of a pixel. */
    private static double full(int perPixel) {
        return (double) perPixel * perPixel * FlatPage.SAMPLED_FULL;
    }

    /** @param out the whole picture, blue, green, red */
    public void line(int y, byte[] out) {
        SplittableRandom random = new SplittableRandom(seed + y);
        int[] light = new int[camera.width * CHANNELS];
        gather(y, light);
        veil(light);
        int i = y * light.length;
        for (int x = 0; x < light.length; x += CHANNELS, i += CHANNELS) {
            long shining = (long) (lamp.at(x / CHANNELS, y) * (1 << LAMP_BITS));
            long bits = random.nextLong();
            for (int c = 0; c < CHANNELS; c++) {
                int at = (int) (light[x + c] * (shining * perLight[c] >> LAMP_BITS) >> FINER);
                out[i + 2 - c] = noise.on(CODES[Math.min(CODES.length - 1, at)] & 0xff, c, bits);
            }
        }
    }

    private void veil(int[] light) {
        double strewn = VEIL * full(perPixel);
        for (int i = 0; flare > 0 && i < light.length; i++) {
            light[i] = (int) (light[i] * (1 - flare) + strewn * flare);
        }
    }

    /** Light in the pixels of a line, added up over {@code perPixel}² places in each. */
    private void gather(int y, int[] light) {
        for (int j = 0; j < perPixel; j++) {
            camera.line(y + (j + 0.5) / perPixel, perPixel, (from, places, xMm, yMm, dxMm, dyMm) -> {
                if (!flat.addRun(places, perPixel, xMm, yMm, dxMm, dyMm, light, from * CHANNELS)) {
                    for (int place = 0; place < places; place++) {
                        int i = (from + place / perPixel) * CHANNELS;
                        add(xMm + place * dxMm, yMm + place * dyMm, light, i);
                    }
                }
            });
        }
    }

    /** Of a place that may lie beside the page. */
    private void add(double xMm, double yMm, int[] light, int i) {
        long here = flat.sample(xMm * flat.pxPerMm, yMm * flat.pxPerMm);
        if (here >= 0) {
            light[i] += FlatPage.lane(here, 0);
            light[i + 1] += FlatPage.lane(here, 1);
            light[i + 2] += FlatPage.lane(here, 2);
        } else {
            double desk = FlatPage.SAMPLED_FULL * (sheetUnder && xMm > 0 ? underSheet(xMm, yMm) : DESK_LIGHT);
            light[i] += (int) desk;
            light[i + 1] += (int) (desk * 0.9);
            light[i + 2] += (int) (desk * 0.8);
        }
    }

    /** Another sheet, with lines of words. */
    private static double underSheet(double xMm, double yMm) {
        return yMm % 7 > 4.5 && Math.sin(9 * xMm) > 0 ? 0.1 : 0.85;
    }

    private static byte[] codes() {
        byte[] table = new byte[1 << 14];
        for (int i = 0; i < table.length; i++) {
            table[i] = (byte) Math.round(255 * LinearRgb.encode(i / (double) (table.length - 1)));
        }
        return table;
    }
}
