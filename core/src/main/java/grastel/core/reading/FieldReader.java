package grastel.core.reading;

import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.colour.MunsellValue;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;

/** Measures the boxes of one page. */
final class FieldReader {
    private static final double SAMPLES_PER_MM = 8;
    /** Standard deviation of the spot through which specks are seen, mm. */
    private static final double SPOT_MM = 0.18;
    /** Blur of a picture of one pixel per unit, from pixel area and bilinear sampling, in pixels. */
    private static final double PIXEL_BLUR = 0.5;

    private static final double INSIDE_MM = 1;
    private static final double RING_FROM_MM = 0.9;
    private static final double RING_TO_MM = 2.8;
    /** Colour outside the edge must be this much darker than paper, L*. */
    private static final double STAIN = 5;
    /** A box is blank when its mean is within this of the paper, L*. */
    private static final double BLANK = 0.7;
    /** A box's own tone is at least this far below the paper, L*. */
    private static final double LEAST_TONE = 8;

    private static final float[] LIGHTNESS = lightnessTable();

    private final Straightened page;
    private final double paperLightness;

    FieldReader(Straightened page, double paperLightness) {
        this.page = page;
        this.paperLightness = paperLightness;
    }

    FieldReading read(PageLayout.Field field) {
        Rect area = field.rect().inset(-RING_TO_MM);
        int w = (int) Math.round(area.width() * SAMPLES_PER_MM);
        int h = (int) Math.round(area.height() * SAMPLES_PER_MM);
        Plane luminance = new Plane(w, h);
        LinearRgb mean = gather(area, field.rect().inset(INSIDE_MM), luminance);

        Plane seen = lightness(luminance.blurred(extraBlur(area)));
        Lab colour = Lab.of(mean.toXyz());
        double specks = specks(seen, area, field.rect().inset(INSIDE_MM));
        double outside = outside(seen, area, field.rect());
        double uneven = Unevenness.of(luminance, SAMPLES_PER_MM, RING_TO_MM + INSIDE_MM);
        return new FieldReading(
                field.id(),
                colour,
                new Measured(colour.lightness(), lightnessError(colour.lightness())),
                MunsellValue.of(Lab.luminanceOf(colour.lightness())),
                new Measured(100 * specks, 1 + 100 * shareError(specks, field.rect())),
                new Measured(uneven, 0.3 + 0.1 * uneven),
                new Measured(100 * outside, 0.3 + 100 * shareError(outside, field.rect())),
                paperLightness - colour.lightness() < BLANK);
    }

    /** Fills the plane with luminance and returns the mean light inside. */
    private LinearRgb gather(Rect area, Rect inside, Plane luminance) {
        double[] sum = new double[3];
        int count = 0;
        Straightened.Lines lines = page.lines(area.x() + 0.5 / SAMPLES_PER_MM, 1 / SAMPLES_PER_MM, luminance.width);
        for (int y = 0; y < luminance.height; y++) {
            double mmY = area.y() + (y + 0.5) / SAMPLES_PER_MM;
            lines.read(mmY);
            for (int x = 0; x < luminance.width; x++) {
                float red = lines.rgb[x * 3];
                float green = lines.rgb[x * 3 + 1];
                float blue = lines.rgb[x * 3 + 2];
                luminance.data[y * luminance.width + x] = 0.2126729f * red + 0.7151522f * green + 0.0721750f * blue;
                if (inside.contains(area.x() + (x + 0.5) / SAMPLES_PER_MM, mmY)) {
                    sum[0] += red;
                    sum[1] += green;
                    sum[2] += blue;
                    count++;
                }
            }
        }
        return new LinearRgb(sum[0] / count, sum[1] / count, sum[2] / count);
    }

    /** What the picture's own pixels leave to blur until the spot has its size, in samples. */
    private double extraBlur(Rect area) {
        double had = PIXEL_BLUR * page.pixelMm(area.x(), area.y());
        return Math.sqrt(Math.max(0, SPOT_MM * SPOT_MM - had * had)) * SAMPLES_PER_MM;
    }

    private double specks(Plane seen, Rect area, Rect inside) {
        float[] values = within(seen, area, inside);
        double tone = Math.min(darkestTenth(values), paperLightness - LEAST_TONE);
        return shareAbove(values, (tone + paperLightness) / 2);
    }

    /** L* that a tenth of the values stay under, to 0.1. */
    private static double darkestTenth(float[] lightness) {
        int[] counts = new int[1200];
        for (float l : lightness) {
            counts[Math.min(counts.length - 1, Math.max(0, (int) (l * 10)))]++;
        }
        int under = 0;
        int bin = 0;
        while (under + counts[bin] < lightness.length / 10) {
            under += counts[bin];
            bin++;
        }
        return (bin + 0.5) / 10;
    }

    private double outside(Plane seen, Rect area, Rect box) {
        Rect hole = box.inset(-RING_FROM_MM);
        int stained = 0;
        int count = 0;
        for (int y = 0; y < seen.height; y++) {
            for (int x = 0; x < seen.width; x++) {
                if (!hole.contains(area.x() + (x + 0.5) / SAMPLES_PER_MM, area.y() + (y + 0.5) / SAMPLES_PER_MM)) {
                    count++;
                    stained += seen.data[y * seen.width + x] < paperLightness - STAIN ? 1 : 0;
                }
            }
        }
        return stained / (double) count;
    }

    private static float[] within(Plane plane, Rect area, Rect inside) {
        int x0 = (int) Math.round((inside.x() - area.x()) * SAMPLES_PER_MM);
        int y0 = (int) Math.round((inside.y() - area.y()) * SAMPLES_PER_MM);
        int w = (int) Math.round(inside.width() * SAMPLES_PER_MM);
        int h = (int) Math.round(inside.height() * SAMPLES_PER_MM);
        float[] values = new float[w * h];
        for (int y = 0; y < h; y++) {
            System.arraycopy(plane.data, (y0 + y) * plane.width + x0, values, y * w, w);
        }
        return values;
    }

    private static double shareAbove(float[] values, double limit) {
        int above = 0;
        for (float v : values) {
            above += v > limit ? 1 : 0;
        }
        return above / (double) values.length;
    }

    /**
     * The light's own error moves L* by its slope against light; half of the spread of bare paper is its grain, not the
     * light. 0.3 L* is added for the tone curve of the camera.
     */
    private double lightnessError(double lightness) {
        double relative = page.lightSpread() / 2;
        return 0.3 + 2 * (lightness + 16) / 3 * relative;
    }

    /** Two standard errors of a share, with one independent place per 0.25 mm². */
    private static double shareError(double share, Rect box) {
        double places = box.width() * box.height() / 0.25;
        return 2 * Math.sqrt(share * (1 - share) / places);
    }

    private static Plane lightness(Plane luminance) {
        Plane out = new Plane(luminance.width, luminance.height);
        for (int i = 0; i < out.data.length; i++) {
            int at = (int) (luminance.data[i] * (LIGHTNESS.length - 1));
            out.data[i] = LIGHTNESS[Math.min(LIGHTNESS.length - 1, Math.max(0, at))];
        }
        return out;
    }

    private static float[] lightnessTable() {
        float[] table = new float[1 << 13];
        for (int i = 0; i < table.length; i++) {
            table[i] = (float) Lab.lightnessOf((i + 0.5) / (table.length - 1));
        }
        return table;
    }
}
