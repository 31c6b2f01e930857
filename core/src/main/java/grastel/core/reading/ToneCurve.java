package grastel.core.reading;

import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.page.PageFurniture;
import grastel.core.page.PageFurniture.Grating;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import java.util.ArrayList;
import java.util.List;
import org.ejml.simple.SimpleMatrix;

/**
 * The tone curve of a picture: what light a code stands for. A picture's codes are not always sRGB's: cameras add contrast,
 * scanners have exponents of their own, and levels are spread. The gratings at the foot of a page tell: a sensor adds up the
 * light of lines it cannot tell apart before any curve is laid over it, so that their seen value against the known average of
 * paper and black gives points of the curve, while coarser lines show how much wider than drawn the printer made them. The
 * curve is sRGB's after a change of codes with three unknowns – level, contrast, exponent – that are held near none, and found
 * together with the printer's gain by least squares (Gauss–Newton with priors); what stays unknown is told.
 */
final class ToneCurve {
    private static final int LEVEL = 0;
    private static final int CONTRAST = 1;
    private static final int EXPONENT = 2;
    private static final int GAIN = 3;
    private static final int UNKNOWNS = 4;

    /** Nothing added, and how far pictures spread about it: level and contrast in codes of 0…1, exponent, gain in mm. */
    private static final double[] USUAL = {0, 0, 1, 0.01};

    private static final double[] SPREAD = {0.03, 0.35, 0.1, 0.02};
    /** Of pictures whose gratings cannot be read, and of pages that have none: as most scanners are. */
    private static final double[] SPREAD_UNSEEN = {0.03, 0.15, 0.1, 0};

    /** Another curve than sRGB's must fit gratings so much better, in χ², to be mostly believed: most pictures are sRGB. */
    private static final double BETTER = 2.5;

    /** Error of a grating's share of black, of coarse and of fine lines. */
    private static final double COARSE_ERROR = 0.003;

    private static final double FINE_ERROR = 0.006;
    /** A share of black further from what is drawn than this is no grating: drawn over, or not there. */
    private static final double MOST_OFF = 0.35;

    private static final double MARGIN_MM = 0.6;
    private static final double STEP_MM = 0.07;
    private static final double MOST_GAIN = 0.06;
    private static final double GAIN_STEP = 0.001;
    private static final int ROUNDS = 12;
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

    private static final double MUCH_CLIPPED = 0.5;
    /** Paper beyond white is lighter than it seems by an unknown tenth or less, L*. */
    private static final double CLIPPED_ERROR = 3;

    private final double[] unknown;
    private final float[] light = new float[256];
    /** Half width of the 95 % interval of L* that the curve alone leaves, at L* 0, 2 … 100. */
    private final double[] error = new double[ERROR_STEPS + 1];

    private final boolean clipped;

    private ToneCurve(double[] unknown, SimpleMatrix covariance, Codes whites, Codes blacks) {
        this.unknown = unknown;
        this.clipped = whites.shareFrom(ALL_BUT_WHITE) > MUCH_CLIPPED;
        double white = whites.middle(1) / 255.0;
        double black = blacks.middle(1) / 255.0;
        for (int code = 0; code < 256; code++) {
            light[code] = (float) light(unknown, code / 255.0);
        }
        for (int i = 0; i <= ERROR_STEPS; i++) {
            error[i] = error(covariance, white, black, Lab.luminanceOf(100.0 * i / ERROR_STEPS));
        }
    }

    /**
     * @param page the layout as printed; sheets printed before there were gratings have none
     * @throws UnreadablePage for a picture of black and white alone
     */
    static ToneCurve of(Picture picture, Mapping mapping, PageLayout page) throws UnreadablePage {
        List<Grating> gratings = PageFurniture.gratings(page.size());
        boolean printed = gratings.stream()
                .allMatch(g -> page.bits().stream().anyMatch(b -> b.rect().equals(g.rect())));
        Codes white = Codes.of(picture, mapping, paper(gratings));
        Codes black = Codes.of(picture, mapping, black(PageFurniture.marker(page.size(), 2)));
        List<Codes> seen = new ArrayList<>();
        gratings.forEach(
                g -> seen.add(Codes.of(picture, mapping, List.of(g.rect().inset(MARGIN_MM)))));
        Codes fine = seen.get(MIDDLE_FINE);
        if (printed && fine.shareFrom(NEARLY_BLACK) - fine.shareFrom(NEARLY_WHITE) < BETWEEN) {
            throw new UnreadablePage(UnreadablePage.Problem.TEXT_MODE);
        }
        Fit fit = new Fit(gratings, seen, white, black);
        double[] found = printed ? fit.found() : USUAL.clone();
        if (!(printed && fit.isPlausible(found))) {
            return new ToneCurve(USUAL.clone(), diagonal(SPREAD_UNSEEN), white, black);
        }
        double better = Math.max(0, fit.chiSquare(fit.plain()) - fit.chiSquare(found)) / BETTER;
        double belief = 1 - Math.exp(-better * better);
        double[] believed = new double[UNKNOWNS];
        for (int k = 0; k < UNKNOWNS; k++) {
            believed[k] = USUAL[k] + belief * (found[k] - USUAL[k]);
        }
        return new ToneCurve(believed, fit.covariance(found), white, black);
    }

    /** Light of each code, 0…1. */
    float[] light() {
        return light;
    }

    /** True where paper was pushed to white. */
    boolean isClipped() {
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

    private static double light(double[] unknown, double code) {
        double levelled = unknown[LEVEL] + (1 - unknown[LEVEL]) * code;
        double evened = levelled + unknown[CONTRAST] * levelled * (1 - levelled) * (2 * levelled - 1);
        return LinearRgb.decode(Math.pow(Math.max(0, evened), unknown[EXPONENT]));
    }

    /** What an error of the unknowns makes of a reflectance, when paper and black stay what they are. */
    private double error(SimpleMatrix covariance, double white, double black, double luminance) {
        double code = codeOf(luminance, white, black);
        double[] slopes = new double[UNKNOWNS];
        for (int k = 0; k < GAIN; k++) {
            double step = SPREAD[k] / 20;
            double[] aside = unknown.clone();
            aside[k] += step;
            slopes[k] = (share(aside, code, white, black) - share(unknown, code, white, black)) / step;
        }
        double variance = 0;
        for (int i = 0; i < GAIN; i++) {
            for (int j = 0; j < GAIN; j++) {
                variance += slopes[i] * slopes[j] * covariance.get(i, j);
            }
        }
        double moved = Math.sqrt(Math.max(0, variance));
        double up = Lab.lightnessOf(Math.min(1, luminance + moved)) - Lab.lightnessOf(luminance);
        double down = Lab.lightnessOf(luminance) - Lab.lightnessOf(Math.max(0, luminance - moved));
        return INTERVAL * (up + down) / 2;
    }

    /** Light of a code between that of black, 0, and that of paper, 1. */
    private static double share(double[] unknown, double code, double white, double black) {
        double dark = light(unknown, black);
        return (light(unknown, code) - dark) / Math.max(0.05, light(unknown, white) - dark);
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

    private static SimpleMatrix diagonal(double[] spread) {
        SimpleMatrix covariance = new SimpleMatrix(UNKNOWNS, UNKNOWNS);
        for (int k = 0; k < UNKNOWNS; k++) {
            covariance.set(k, k, spread[k] * spread[k]);
        }
        return covariance;
    }

    /** How often each code of red, green and blue is seen in some places. */
    private record Codes(int[][] counts, int total) {
        static Codes of(Picture picture, Mapping mapping, List<Rect> areas) {
            int[][] counts = new int[3][256];
            int total = 0;
            for (Rect area : areas) {
                int across = (int) Math.max(1, Math.round(area.width() / STEP_MM));
                int down = (int) Math.max(1, Math.round(area.height() / STEP_MM));
                for (int j = 0; j < down; j++) {
                    double y = area.y() + (j + 0.5) * area.height() / down;
                    for (int i = 0; i < across; i++) {
                        double x = area.x() + (i + 0.5) * area.width() / across;
                        int px = within(mapping.x(x, y), picture.width);
                        int py = within(mapping.y(x, y), picture.height);
                        int at = (py * picture.width + px) * 3;
                        for (int c = 0; c < 3; c++) {
                            counts[c][picture.rgb[at + c] & 0xff]++;
                        }
                        total++;
                    }
                }
            }
            return new Codes(counts, total);
        }

        private static int within(double at, int size) {
            return (int) Math.min(size - 1.0, Math.max(0, at));
        }

        /** Share of all codes that are so high or higher. */
        double shareFrom(int code) {
            return 1 - shareBelow(code);
        }

        double shareBelow(int code) {
            int sum = 0;
            for (int[] channel : counts) {
                for (int c = 0; c < code; c++) {
                    sum += channel[c];
                }
            }
            return sum / (3.0 * total);
        }

        int middle(int channel) {
            int code = 0;
            for (int sum = counts[channel][0]; 2 * sum < total; sum += counts[channel][code]) {
                code++;
            }
            return code;
        }

        double mean(int channel, double[] lights) {
            double sum = 0;
            for (int code = 0; code < 256; code++) {
                sum += counts[channel][code] * lights[code];
            }
            return sum / total;
        }
    }

    /** The gratings against what they should give. */
    private static final class Fit {
        private final List<Grating> gratings;
        private final List<Codes> seen;
        private final Codes white;
        private final Codes black;

        Fit(List<Grating> gratings, List<Codes> seen, Codes white, Codes black) {
            this.gratings = gratings;
            this.seen = seen;
            this.white = white;
            this.black = black;
        }

        /** sRGB with the gain that fits best. */
        double[] plain() {
            double[] best = USUAL.clone();
            for (double gain = -MOST_GAIN; gain <= MOST_GAIN; gain += GAIN_STEP) {
                double[] x = USUAL.clone();
                x[GAIN] = gain;
                best = chiSquare(x) < chiSquare(best) ? x : best;
            }
            return best;
        }

        /** How badly gratings fit and how unusual unknowns are. */
        double chiSquare(double[] x) {
            return sum(residuals(x));
        }

        double[] found() {
            double[] x = USUAL.clone();
            double off = sum(residuals(x));
            for (int round = 0; round < ROUNDS; round++) {
                SimpleMatrix j = jacobian(x);
                SimpleMatrix move = j.transpose()
                        .mult(j)
                        .solve(j.transpose().mult(new SimpleMatrix(residuals(x).length, 1, true, residuals(x))));
                double length = 1;
                double[] next = moved(x, move, length);
                while (length > 0.05 && !(sum(residuals(next)) < off)) {
                    length /= 2;
                    next = moved(x, move, length);
                }
                double nextOff = sum(residuals(next));
                if (!(nextOff < off - 1e-9)) {
                    break;
                }
                x = next;
                off = nextOff;
            }
            return x;
        }

        SimpleMatrix covariance(double[] x) {
            SimpleMatrix j = jacobian(x);
            // where gratings disagree with one another by more than they should, so does what they tell
            double usual = Math.max(1, sum(residuals(x)) / gratings.size());
            return j.transpose().mult(j).invert().scale(usual);
        }

        boolean isPlausible(double[] x) {
            double[] off = residuals(x);
            for (int i = 0; i < gratings.size(); i++) {
                if (!(Math.abs(off[i]) * error(gratings.get(i)) < MOST_OFF)) {
                    return false;
                }
            }
            return Math.abs(x[CONTRAST]) < 0.95 && x[EXPONENT] > 0.5 && x[EXPONENT] < 2 && isGrating();
        }

        /** More of the period black, darker – by the codes themselves. */
        private boolean isGrating() {
            double[] codes = new double[256];
            for (int i = 0; i < codes.length; i++) {
                codes[i] = i;
            }
            for (int i = 2; i < gratings.size(); i++) {
                if (seen.get(i).mean(1, codes) > seen.get(i - 2).mean(1, codes) - 4) {
                    return false;
                }
            }
            return white.middle(1) > black.middle(1) + 40;
        }

        private static double error(Grating grating) {
            return grating.isFine() ? FINE_ERROR : COARSE_ERROR;
        }

        private static double[] moved(double[] x, SimpleMatrix move, double length) {
            double[] next = x.clone();
            for (int k = 0; k < UNKNOWNS; k++) {
                next[k] -= length * move.get(k);
            }
            return next;
        }

        private static double sum(double[] residuals) {
            double sum = 0;
            for (double r : residuals) {
                sum += r * r;
            }
            return sum;
        }

        private SimpleMatrix jacobian(double[] x) {
            double[] here = residuals(x);
            SimpleMatrix j = new SimpleMatrix(here.length, UNKNOWNS);
            for (int k = 0; k < UNKNOWNS; k++) {
                double step = SPREAD[k] / 50;
                double[] aside = x.clone();
                aside[k] += step;
                double[] there = residuals(aside);
                for (int i = 0; i < here.length; i++) {
                    j.set(i, k, (there[i] - here[i]) / step);
                }
            }
            return j;
        }

        /** Of each grating's share of black, then of the unknowns against what is usual, each in its own spread. */
        private double[] residuals(double[] x) {
            double[] lights = new double[256];
            for (int code = 0; code < 256; code++) {
                lights[code] = light(x, code / 255.0);
            }
            double[] off = new double[gratings.size() + UNKNOWNS];
            for (int i = 0; i < gratings.size(); i++) {
                Grating g = gratings.get(i);
                double drawn = Math.min(1, Math.max(0, g.duty() + 2 * x[GAIN] / g.periodMm()));
                off[i] = (shareOfBlack(seen.get(i), lights) - drawn) / error(g);
            }
            for (int k = 0; k < UNKNOWNS; k++) {
                off[gratings.size() + k] = (x[k] - USUAL[k]) / SPREAD[k];
            }
            return off;
        }

        private double shareOfBlack(Codes codes, double[] lights) {
            double sum = 0;
            for (int c = 0; c < 3; c++) {
                double paper = lights[white.middle(c)];
                double ink = lights[black.middle(c)];
                sum += (paper - codes.mean(c, lights)) / Math.max(0.02, paper - ink) / 3;
            }
            return sum;
        }
    }
}
