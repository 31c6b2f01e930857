package grastel.core.reading.fields;

import grastel.core.page.PageFurniture;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.PixelLight;
import grastel.core.reading.place.Mapping;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How blurred a picture is, told by the markers' outer edges: paper to black in print is far sharper than any lens. The width
 * over which an edge goes from 10 to 90 % is 2.56 standard deviations of a Gaussian blur.
 */
public final class Sharpness {
    /** Blur of a picture of one pixel per unit, from pixel area and bilinear sampling, in pixels. */
    private static final double PIXEL_BLUR = 0.5;
    /** An edge must be this much wider than pixels alone make it to be called blurred. */
    private static final double CLEARLY = 1.35;

    private static final double REACH_MM = 1.2;
    private static final double STEP_MM = 0.03;
    /** Lines across a side. */
    private static final int LINES = 12;

    private static final double TEN_TO_NINETY = 2.563;

    /** Where no marker tells: as sharp as pixels are. */
    public static final Sharpness UNSEEN = new Sharpness(0);

    private final double blurMm;

    private Sharpness(double blurMm) {
        this.blurMm = blurMm;
    }

    /** Told from the found markers. */
    public static Sharpness of(Picture picture, Mapping mapping, PageSize size) {
        List<Double> upright = new ArrayList<>();
        List<Double> level = new ArrayList<>();
        for (int corner = 0; corner < 4; corner++) {
            Rect m = PageFurniture.marker(size, corner);
            upright.add(edge(picture, mapping, m, m.x(), false));
            upright.add(edge(picture, mapping, m, m.right(), false));
            level.add(edge(picture, mapping, m, m.y(), true));
            level.add(edge(picture, mapping, m, m.bottom(), true));
        }
        double pixelMm = 1 / mapping.pxPerMm(size.widthMm() / 2, size.heightMm() / 2);
        double seen = Math.max(median(upright), median(level));
        return new Sharpness(seen > CLEARLY * PIXEL_BLUR * pixelMm ? seen : 0);
    }

    /** Standard deviation of the blur, mm; 0 where it is no more than the pixels' own. */
    double blurMm() {
        return blurMm;
    }

    /** True where the blur hides specks that an eye would see. */
    public boolean hidesSpecks() {
        return blurMm > Specks.SPOT_MM;
    }

    /** Blur still to be added until the picture is seen through the spot of specks, in samples. */
    double spotLeft(double pixelMm) {
        double had = Math.max(blurMm, PIXEL_BLUR * pixelMm);
        return Math.sqrt(Math.max(0, Specks.SPOT_MM * Specks.SPOT_MM - had * had)) * FieldSamples.PER_MM;
    }

    /** Share of the contrast of what is as fine as a stroke that blur may hide; 0 where it hides none. */
    double contrastHidden() {
        return hidesSpecks() ? Math.min(1, 0.1 + 1 - Specks.SPOT_MM / blurMm) : 0;
    }

    /** What blur may hide of a share of specks, or feign of them; 0 where it hides none. */
    double speckError(double share) {
        return hidesSpecks() ? Math.min(1, 0.1 + 0.3 * (blurMm / Specks.SPOT_MM - 1) + share / 2) : 0;
    }

    /** The blur of one side of a marker, mm. A bent sheet turns a side a little, which is no blur. */
    private static double edge(Picture picture, Mapping mapping, Rect marker, double at, boolean level) {
        double one = middle(profile(picture, mapping, marker, at, level, 0, LINES / 2, 0));
        double other = middle(profile(picture, mapping, marker, at, level, LINES / 2, LINES, 0));
        double turned = (other - one) / (LINES / 2);
        return width(profile(picture, mapping, marker, at, level, 0, LINES, turned)) * STEP_MM / TEN_TO_NINETY;
    }

    /**
     * Brightness across a side, the mean of some of the lines that cross it.
     *
     * @param from and to which of {@value #LINES}
     * @param turned how many steps the side moves from one line to the next
     */
    private static double[] profile(
            Picture picture, Mapping mapping, Rect marker, double at, boolean level, int from, int to, double turned) {
        double[] profile = new double[(int) Math.round(2 * REACH_MM / STEP_MM) + 1];
        for (int line = from; line < to; line++) {
            double share = 0.2 + 0.6 * line / (LINES - 1);
            double moved = turned * (line - (LINES - 1) / 2.0) * STEP_MM;
            for (int i = 0; i < profile.length; i++) {
                double across = at + moved - REACH_MM + i * STEP_MM;
                double x = level ? marker.x() + share * marker.width() : across;
                double y = level ? across : marker.y() + share * marker.height();
                profile[i] += PixelLight.green(picture, mapping.x(x, y), mapping.y(x, y)) / (to - from);
            }
        }
        return profile;
    }

    /** Where a side is half bright, in steps from where it was looked for. */
    private static double middle(double[] profile) {
        double[] sorted = profile.clone();
        Arrays.sort(sorted);
        double half = (sorted[sorted.length / 10] + sorted[sorted.length - 1 - sorted.length / 10]) / 2;
        boolean rising = profile[0] < profile[profile.length - 1];
        double at = crossing(profile, half, rising);
        return rising ? at : profile.length - 1 - at;
    }

    /** Steps from the last place under 10 % to the first over 90 %, going from the dark end. */
    private static double width(double[] profile) {
        double[] sorted = profile.clone();
        Arrays.sort(sorted);
        double dark = sorted[sorted.length / 10];
        double bright = sorted[sorted.length - 1 - sorted.length / 10];
        boolean rising = profile[0] < profile[profile.length - 1];
        double ten = crossing(profile, dark + 0.1 * (bright - dark), rising);
        double ninety = crossing(profile, dark + 0.9 * (bright - dark), rising);
        return Math.abs(ninety - ten);
    }

    /** Where the profile first passes a level, from its dark end. */
    private static double crossing(double[] profile, double level, boolean rising) {
        for (int k = 1; k < profile.length; k++) {
            int i = rising ? k : profile.length - 1 - k;
            int before = rising ? i - 1 : i + 1;
            if (profile[i] >= level) {
                double step = profile[i] - profile[before];
                double share = step > 0 ? (level - profile[before]) / step : 0;
                return k - 1 + Math.max(0, share);
            }
        }
        return profile.length;
    }

    private static double median(List<Double> values) {
        return values.stream().sorted().toList().get(values.size() / 2);
    }
}
