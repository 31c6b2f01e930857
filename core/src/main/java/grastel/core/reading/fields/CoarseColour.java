package grastel.core.reading.fields;

import grastel.core.colour.LinearRgb;

/**
 * Mean light of a grainy field from a file that keeps colour at half the resolution of brightness, as most cameras' files do.
 * Where grain is finer than that, its colour is smeared while its brightness is not, and light averaged from the two comes out
 * up to 1.5 L* too dark. What grain can show lies between paper and pencil, so colour must follow brightness; the missing
 * spread of each channel is worked out from the spread of brightness, and its effect on mean light is the second term of the
 * tone curve's Taylor series. Only luminance is set right: in mixtures of pencils colour follows brightness too loosely for more.
 */
final class CoarseColour {
    private static final int SIZE = 1 << 12;
    private static final float[] CODE = new float[SIZE];
    /** Weights of red, green and blue in brightness of such files (ITU-R BT.601). */
    private static final double[] BRIGHTNESS = {0.299, 0.587, 0.114};
    /** A field as bright as this below its paper tells no colour against brightness. */
    private static final double LEAST_DEPTH = 0.02;

    private static final double MOST_CHANGE = 0.2;

    static {
        for (int i = 0; i < SIZE; i++) {
            CODE[i] = (float) LinearRgb.encode((i + 0.5) / SIZE);
        }
    }

    private CoarseColour() {}

    /** @param plain mean of the samples as they are */
    static LinearRgb mean(FieldSamples samples, LinearRgb plain, LinearRgb paper) {
        Plane[] channels = {samples.red, samples.green, samples.blue};
        double[] sum = new double[4];
        double[] squares = new double[4];
        int count = 0;
        for (int i = 0; i < samples.luminance.data.length; i++) {
            if (!samples.counts(i)) {
                continue;
            }
            double brightness = 0;
            for (int c = 0; c < 3; c++) {
                double code = code(channels[c].data[i]);
                sum[c] += code;
                squares[c] += code * code;
                brightness += BRIGHTNESS[c] * code;
            }
            sum[3] += brightness;
            squares[3] += brightness * brightness;
            count++;
        }
        if (count == 0) {
            return plain;
        }
        double[] paperCodes = {
            LinearRgb.encode(paper.red()), LinearRgb.encode(paper.green()), LinearRgb.encode(paper.blue())
        };
        double paperBrightness =
                BRIGHTNESS[0] * paperCodes[0] + BRIGHTNESS[1] * paperCodes[1] + BRIGHTNESS[2] * paperCodes[2];
        double depth = paperBrightness - sum[3] / count;
        if (Math.abs(depth) < LEAST_DEPTH) {
            return plain;
        }
        double brightnessSpread = spread(sum[3], squares[3], count);
        double[] change = new double[3];
        for (int c = 0; c < 3; c++) {
            double mean = sum[c] / count;
            double colour = mean - sum[3] / count - (paperCodes[c] - paperBrightness);
            double follows = 1 - colour / depth;
            double missing = follows * follows * brightnessSpread - spread(sum[c], squares[c], count);
            change[c] = curvature(mean) / 2 * missing;
        }
        double more = new LinearRgb(change[0], change[1], change[2]).luminance() / Math.max(1e-3, plain.luminance());
        double factor = 1 + Math.max(-MOST_CHANGE, Math.min(MOST_CHANGE, more));
        return new LinearRgb(factor * plain.red(), factor * plain.green(), factor * plain.blue());
    }

    private static double code(float light) {
        return CODE[Math.min(SIZE - 1, Math.max(0, (int) (light * SIZE)))];
    }

    private static double spread(double sum, double squares, int count) {
        return Math.max(0, squares / count - sum / count * sum / count);
    }

    /** Second derivative of light by code, ((c + 0.055) / 1.055)^2.4 (IEC 61966-2-1). */
    private static double curvature(double code) {
        return 2.4 * 1.4 / (1.055 * 1.055) * Math.pow((code + 0.055) / 1.055, 0.4);
    }
}
