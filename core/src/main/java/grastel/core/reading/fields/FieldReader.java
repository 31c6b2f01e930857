package grastel.core.reading.fields;

import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import grastel.core.reading.fields.FieldReading.Mean;
import grastel.core.reading.fields.FieldReading.SurfaceReading;
import grastel.core.reading.keys.ColourCorrection;
import grastel.core.reading.keys.KeyColour;
import grastel.core.reading.light.EvenPage;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** Measures the fields of one page. */
public final class FieldReader {
    private static final double RING_FROM_MM = 0.9;
    /** On a bent sheet the printed line itself lies so far off where it is looked for, mm; a fifth of it may pass for colour. */
    private static final double BENT_LINE_MM = 0.7;
    /** Colour outside the edge must differ this much from paper, L*; a stroke itself by more. */
    private static final double STAIN = 4;

    private static final double LEAST_CONTRAST = 8;
    /** A field is blank when its mean is within this of the paper, L*, */
    private static final double BLANK = 0.7;
    /** and within this in a* and b*: a pale yellow laid lightly is as light as the paper. */
    private static final double BLANK_CHROMA = 2;
    /** A field this much longer than high is a strip. */
    private static final double STRIP = 1.5;
    /** Specks of a strip are judged against the tone of so much of it, mm. */
    private static final double STRETCH_MM = 8;

    /** A blurred edge reaches this many standard deviations further in. */
    private static final double BLURRED_IN = 2;

    /** Half width of the 95 % interval in standard deviations. */
    private static final double INTERVAL = 1.96;

    /** L* of error for each unit of chroma and of spread in L*; measured on simulated scans. */
    private static final double COARSE_COLOUR = 0.0012;

    private final EvenPage page;
    private final Sharpness sharpness;
    private final ColourCorrection fix;
    private final Ground ground;
    private final double paperLightness;

    public FieldReader(EvenPage page, Sharpness sharpness, ColourCorrection fix, Ground ground) {
        this.page = page;
        this.sharpness = sharpness;
        this.fix = fix;
        this.ground = ground;
        this.paperLightness = KeyColour.lab(ground.seen()).lightness();
    }

    public FieldReading read(PageLayout.Field field) {
        FieldSamples samples = samples(field);
        LinearRgb plain = samples.mean();
        LinearRgb mean = fix.of(page.coarseColour() ? CoarseColour.mean(samples, plain, ground.seen()) : plain);
        Plane seen = seen(samples);
        Lab colour = Lab.of(mean.toXyz());
        boolean strip = isStrip(field);
        double specks = specks(samples, seen, strip);
        Unevenness uneven = Unevenness.of(samples.luminance, samples.inside, FieldSamples.PER_MM);
        return new FieldReading(
                field.id(),
                Mean.of(colour, lightness(colour, seen, samples, field.rect())),
                new SurfaceReading(
                        new Measured(
                                100 * specks,
                                1 + 100 * shareError(specks, field.rect()) + 100 * sharpness.speckError(specks)),
                        uneven.ofTheHand(),
                        field.isShape() || ground.play() != null
                                ? null
                                : outside(samples, seen, mean.luminance(), field.rect()),
                        isBlank(colour),
                        100 * samples.glareShare),
                strip ? ProfileReader.of(samples, fix) : null,
                strip ? null : StrokeReader.of(seen, samples.inside, FieldSamples.PER_MM),
                isPicture(field)
                        ? PictureReading.of(
                                samples,
                                field.rect(),
                                fix,
                                ground.edgeMm() - FieldSamples.INSIDE_MM,
                                ground.play(),
                                StrokeMapReader.of(seen, samples.inside, field.rect(), sharpness.contrastHidden()))
                        : null);
    }

    private boolean isBlank(Lab colour) {
        Lab bare = ground.colour();
        return Math.abs(bare.lightness() - colour.lightness()) < BLANK
                && Math.hypot(bare.a() - colour.a(), bare.b() - colour.b()) < BLANK_CHROMA;
    }

    private FieldSamples samples(PageLayout.Field field) {
        return new FieldSamples(page, field, ground.edgeMm() + BLURRED_IN * sharpness.blurMm());
    }

    private static boolean isStrip(PageLayout.Field field) {
        return !field.isShape()
                && !isPicture(field)
                && field.rect().width() > STRIP * field.rect().height();
    }

    public static boolean isPicture(PageLayout.Field field) {
        return !field.isShape() && Math.min(field.rect().width(), field.rect().height()) >= PicturePlan.LEAST_MM;
    }

    /** Columns of samples whose specks are judged against one tone. @param to after the last */
    private record Columns(int from, int to) {}

    /** The whole of a field; a strip in stretches, each against its own tone: a light stretch is not a speck. */
    private static List<Columns> stretches(Plane seen, boolean strip) {
        if (!strip) {
            return List.of(new Columns(0, seen.width));
        }
        int from = (int) Math.round(FieldSamples.RING_MM * FieldSamples.PER_MM);
        int length = seen.width - 2 * from;
        int count = Math.max(1, (int) Math.round(length / (STRETCH_MM * FieldSamples.PER_MM)));
        return IntStream.range(0, count)
                .mapToObj(s -> new Columns(from + length * s / count, from + length * (s + 1) / count))
                .toList();
    }

    private double specks(FieldSamples samples, Plane seen, boolean strip) {
        return stretches(seen, strip).stream()
                .mapToDouble(columns -> {
                    float[] values = values(samples, seen, columns);
                    return Specks.share(values, values.length, paperLightness);
                })
                .average()
                .orElse(0);
    }

    /** What counts in some columns, row by row. */
    private static float[] values(FieldSamples samples, Plane seen, Columns columns) {
        float[] values = new float[(columns.to() - columns.from()) * seen.height];
        int count = 0;
        for (int y = 0; y < seen.height; y++) {
            for (int i = y * seen.width + columns.from(); i < y * seen.width + columns.to(); i++) {
                if (samples.counts(i)) {
                    values[count++] = seen.data[i];
                }
            }
        }
        return Arrays.copyOf(values, count);
    }

    /** What counts as paper and what as pencil in a field, and where it lies, for the eye. */
    public SpeckMask speckMask(PageLayout.Field field) {
        FieldSamples samples = samples(field);
        Plane seen = seen(samples);
        SpeckMask mask = new SpeckMask(samples.area, seen.width, seen.height);
        for (Columns columns : stretches(seen, isStrip(field))) {
            float[] values = values(samples, seen, columns);
            if (values.length == 0) {
                continue;
            }
            Specks.Limit limit = Specks.limit(values, values.length, paperLightness);
            for (int y = 0; y < seen.height; y++) {
                for (int i = y * seen.width + columns.from(); i < y * seen.width + columns.to(); i++) {
                    if (samples.counts(i)) {
                        mask.set(i, limit.isPaper(seen.data[i]));
                    }
                }
            }
        }
        return mask;
    }

    private Plane seen(FieldSamples samples) {
        return samples.lightness(sharpness.spotLeft(page.pixelMm(samples.area.x(), samples.area.y())));
    }

    /**
     * Light adds up, whatever blurs it: so a place counts by the share of the pencil's light that it lost, and a dark stroke
     * is not wider than it is. @param inside luminance of the field
     */
    private Measured outside(FieldSamples samples, Plane seen, double inside, Rect box) {
        double line = page.isBent() ? BENT_LINE_MM : 0;
        Rect hole = box.inset(-RING_FROM_MM - line);
        Mask within = Mask.of(hole, samples.area, FieldSamples.PER_MM);
        double paperLight = Lab.luminanceOf(paperLightness);
        double ink = Math.min(inside, Lab.luminanceOf(paperLightness - LEAST_CONTRAST));
        for (int i = 0; i < seen.data.length; i++) {
            ink = within.has(i) ? ink : Math.min(ink, Lab.luminanceOf(Math.max(0, seen.data[i])));
        }
        double contrast = paperLight - ink;
        double stained = 0;
        int count = 0;
        for (int i = 0; i < seen.data.length; i++) {
            if (!within.has(i)) {
                count++;
                if (Math.abs(seen.data[i] - paperLightness) > STAIN) {
                    stained += Math.min(1, Math.abs(paperLight - Lab.luminanceOf(seen.data[i])) / contrast);
                }
            }
        }
        double share = stained / count;
        double unsure = line / (FieldSamples.RING_MM - RING_FROM_MM) / 5;
        return new Measured(100 * share, 0.3 + 100 * (shareError(share, box) + unsure));
    }

    /**
     * L* with the half width of its 95 % interval. The light's own error moves L* by its slope against light; half of the spread of
     * bare paper is its grain, not the light. The black that the page is anchored to is not the same from printer to printer,
     * which tells in the darks, nor is the tone curve of the picture quite known. Added to it: 0.15 L* for what else there is;
     * what a mirrored lamp may still add; what the card that light is told by may be lighter or darker;
     * half of what a shadow changes around the field; all that a stain takes beside it; and what a file that keeps colour at
     * half its resolution does to grain of a strong colour.
     */
    private Measured lightness(Lab colour, Plane seen, FieldSamples samples, Rect field) {
        double slope = (colour.lightness() + 16) / 3;
        double light = 2 * slope * page.lightSpread() / 2;
        double shadow = slope * page.shadowAround(field) / 2;
        double stain = slope * page.stainAround(field);
        double grain = COARSE_COLOUR * colour.chroma() * samples.spread(seen);
        double luminance = Lab.luminanceOf(colour.lightness());
        double steepness = 116 / 3.0 * Math.pow(Math.max(0.01, luminance), -2.0 / 3);
        double black = INTERVAL * page.blackSpread() * steepness * Math.max(0, 1 - luminance);
        double stock = slope * ground.spread();
        double shared = Math.hypot(Math.hypot(black, stock), page.toneError(colour.lightness()));
        double own = 0.15 + light + shadow + stain + 10 * samples.glareShare + grain;
        return new Measured(colour.lightness(), Math.hypot(own, shared), shared);
    }

    /** Two standard errors of a share, with one independent place per 0.25 mm². */
    private static double shareError(double share, Rect box) {
        double places = box.width() * box.height() / 0.25;
        return 2 * Math.sqrt(share * (1 - share) / places);
    }
}
