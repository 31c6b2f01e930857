package grastel.core.reading.light;

import grastel.core.colour.Lab;
import grastel.core.fit.LeastSquares.Found;
import grastel.core.page.PageFurniture;
import grastel.core.page.PageFurniture.Grating;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.place.Mapping;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;

/**
 * The tone curve of a picture: what light a code stands for. A picture's codes are not always sRGB's: cameras add contrast,
 * scanners have exponents of their own, and levels are spread. The gratings at the foot of a page tell: a sensor adds up the
 * light of lines it cannot tell apart before any curve is laid over it, so that their seen value against the known average of
 * paper and black gives points of the curve, while coarser lines show how much wider than drawn the printer made them. The
 * curve is sRGB's after a change of codes with three unknowns – level, contrast, exponent – that are held near none, and found
 * together with the printer's gain by least squares (Gauss–Newton with priors); what stays unknown is told.
 */
public final class ToneCurve {
    /** Of pictures whose gratings cannot be read, and of pages that have none: as most scanners are. */
    private static final double[] SPREAD_UNSEEN = {0.03, 0.15, 0.1, 0};

    /** Another curve than sRGB's must fit gratings so much better, in χ², to be mostly believed: most pictures are sRGB. */
    private static final double BETTER = 2.5;

    private static final double MARGIN_MM = 0.6;
    /** Half width of the interval in standard deviations. */
    private static final double INTERVAL = 1.96;

    private static final int ERROR_STEPS = 50;

    private static final int ALL_BUT_WHITE = 254;
    private static final int NEARLY_BLACK = 40;
    private static final int NEARLY_WHITE = 215;
    /** Lines that are not told apart are grey nearly everywhere. */
    private static final double BETWEEN = 0.15;
    /** Place of the fine grating of equal parts among the gratings. */
    private static final int MIDDLE_FINE = 3;

    /** Code of printed black in most pictures, 0…1. */
    private static final double USUAL_BLACK = 0.2;

    private static final double MUCH_CLIPPED = 0.5;
    /** Paper beyond white is lighter than it seems by an unknown tenth or less, L*. */
    private static final double CLIPPED_ERROR = 3;

    private final double[] unknown;
    private final float[] light = new float[256];
    /** Half width of the 95 % interval of L* that the curve alone leaves, at L* 0, 2 … 100. */
    private final double[] error = new double[ERROR_STEPS + 1];

    private final boolean clipped;

    private ToneCurve(double[] unknown, RealMatrix covariance, CodeCounts whites, CodeCounts blacks) {
        this(
                unknown,
                covariance,
                whites.middle(1) / 255.0,
                blacks.middle(1) / 255.0,
                whites.shareFrom(ALL_BUT_WHITE) > MUCH_CLIPPED);
    }

    /** @param white and black codes of paper and of the darkest print, 0…1 */
    private ToneCurve(double[] unknown, RealMatrix covariance, double white, double black, boolean clipped) {
        this.unknown = unknown;
        this.clipped = clipped;
        for (int code = 0; code < 256; code++) {
            light[code] = (float) GratingFit.light(unknown, code / 255.0);
        }
        for (int i = 0; i <= ERROR_STEPS; i++) {
            error[i] = error(covariance, white, black, Lab.luminanceOf(100.0 * i / ERROR_STEPS));
        }
    }

    /**
     * @param page the layout as printed; sheets printed before there were gratings have none
     * @throws UnreadablePage for a picture of black and white alone
     */
    public static ToneCurve of(Picture picture, Mapping mapping, PageLayout page) throws UnreadablePage {
        List<Grating> gratings = PageFurniture.gratings(page.size());
        boolean printed = gratings.stream()
                .allMatch(g -> page.bits().stream().anyMatch(b -> b.rect().equals(g.rect())));
        CodeCounts white = CodeCounts.of(picture, mapping, paper(gratings));
        CodeCounts black = CodeCounts.of(picture, mapping, black(PageFurniture.marker(page.size(), 2)));
        List<CodeCounts> seen = new ArrayList<>();
        gratings.forEach(
                g -> seen.add(CodeCounts.of(picture, mapping, List.of(g.rect().inset(MARGIN_MM)))));
        CodeCounts fine = seen.get(MIDDLE_FINE);
        if (printed && fine.shareFrom(NEARLY_BLACK) - fine.shareFrom(NEARLY_WHITE) < BETWEEN) {
            throw new UnreadablePage(UnreadablePage.Problem.TEXT_MODE);
        }
        GratingFit fit = new GratingFit(gratings, seen, white, black);
        Found found = printed ? fit.found() : null;
        if (found == null || !fit.isPlausible(found.at())) {
            return new ToneCurve(GratingFit.USUAL.clone(), diagonal(SPREAD_UNSEEN), white, black);
        }
        double better = Math.max(0, fit.chiSquare(fit.plain()) - fit.chiSquare(found.at())) / BETTER;
        double belief = 1 - Math.exp(-better * better);
        double[] believed = new double[GratingFit.UNKNOWNS];
        for (int k = 0; k < GratingFit.UNKNOWNS; k++) {
            believed[k] = GratingFit.USUAL[k] + belief * (found.at()[k] - GratingFit.USUAL[k]);
        }
        return new ToneCurve(believed, found.covariance(), white, black);
    }

    /** Where nothing printed is to be seen: most likely sRGB's. @param white code of bare paper, 0…1 */
    public static ToneCurve unseen(double white) {
        return new ToneCurve(
                GratingFit.USUAL.clone(), diagonal(SPREAD_UNSEEN), white, USUAL_BLACK, white * 255 >= ALL_BUT_WHITE);
    }

    /** Light of each code, 0…1. */
    public float[] light() {
        return light;
    }

    /** True where paper was pushed to white. */
    public boolean isClipped() {
        return clipped;
    }

    /** Half width of the 95 % interval of L* that the curve leaves. */
    double error(double lightness) {
        double at = Math.min(ERROR_STEPS - 1e-9, Math.max(0, lightness * ERROR_STEPS / 100));
        int i = (int) at;
        return error[i] + (at - i) * (error[i + 1] - error[i]) + (clipped ? CLIPPED_ERROR : 0);
    }

    /** The middle of a marker's black border, around it. */
    private static List<Rect> black(Rect marker) {
        double cell = PageFurniture.MARKER_MM / 8;
        double in = cell * 0.3;
        double thick = cell * 0.4;
        return List.of(
                new Rect(marker.x() + in, marker.y() + in, marker.width() - 2 * in, thick),
                new Rect(marker.x() + in, marker.bottom() - in - thick, marker.width() - 2 * in, thick),
                new Rect(marker.x() + in, marker.y() + in, thick, marker.height() - 2 * in),
                new Rect(marker.right() - in - thick, marker.y() + in, thick, marker.height() - 2 * in));
    }

    /** Bare paper over, under and beside the gratings. */
    private static List<Rect> paper(List<Grating> gratings) {
        Rect first = gratings.get(0).rect();
        Rect last = gratings.get(gratings.size() - 1).rect();
        double width = last.right() - first.x();
        return List.of(
                new Rect(first.x(), first.y() - 2.4, width, 1.6),
                new Rect(first.x(), last.bottom() + 0.8, width, 1.6),
                new Rect(last.right() + 0.8, first.y(), 1.4, last.bottom() - first.y()));
    }

    /** What an error of the unknowns makes of a reflectance, when paper and black stay what they are. */
    private double error(RealMatrix covariance, double white, double black, double luminance) {
        double code = codeOf(luminance, white, black);
        double[] slopes = new double[GratingFit.UNKNOWNS];
        for (int k = 0; k < GratingFit.GAIN; k++) {
            double step = GratingFit.SPREAD[k] / 20;
            double[] aside = unknown.clone();
            aside[k] += step;
            slopes[k] = (share(aside, code, white, black) - share(unknown, code, white, black)) / step;
        }
        double variance = 0;
        for (int i = 0; i < GratingFit.GAIN; i++) {
            for (int j = 0; j < GratingFit.GAIN; j++) {
                variance += slopes[i] * slopes[j] * covariance.getEntry(i, j);
            }
        }
        double moved = Math.sqrt(Math.max(0, variance));
        double up = Lab.lightnessOf(Math.min(1, luminance + moved)) - Lab.lightnessOf(luminance);
        double down = Lab.lightnessOf(luminance) - Lab.lightnessOf(Math.max(0, luminance - moved));
        return INTERVAL * (up + down) / 2;
    }

    /** Light of a code between that of black, 0, and that of paper, 1. */
    private static double share(double[] unknown, double code, double white, double black) {
        double dark = GratingFit.light(unknown, black);
        return (GratingFit.light(unknown, code) - dark) / Math.max(0.05, GratingFit.light(unknown, white) - dark);
    }

    private double codeOf(double luminance, double white, double black) {
        double low = 0;
        double high = 1;
        for (int i = 0; i < 20; i++) {
            double middle = (low + high) / 2;
            if (share(unknown, middle, white, black) < luminance) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    private static RealMatrix diagonal(double[] spread) {
        return MatrixUtils.createRealDiagonalMatrix(
                Arrays.stream(spread).map(v -> v * v).toArray());
    }
}
