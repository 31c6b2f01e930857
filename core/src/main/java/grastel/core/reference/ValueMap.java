package grastel.core.reference;

import boofcv.alg.filter.blur.BlurImageOps;
import boofcv.struct.image.GrayU8;
import grastel.core.reference.Regions.Region;
import java.util.ArrayList;
import java.util.List;

/**
 * A picture in few values: smoothed without losing its edges, parted into steps of L* so that as little as possible is lost, and
 * without islands too small to be drawn.
 */
public final class ValueMap {
    public static final int FEWEST_STEPS = 2;
    public static final int MOST_STEPS = 7;
    public static final double MOST_ISLAND_MM2 = 400;
    public static final double MOST_SMOOTH_MM = 6;

    /** Codes a step of L* is counted in. */
    private static final double CODES = 2.55;

    /** A blunt coloured pencil's line: no area is filled that is narrower, mm. */
    static final double PENCIL_MM = 1;

    /** Steps nearer than this are one to a class, L*. */
    private static final double VISIBLE_STEP = 4;

    /** More areas nobody draws on one sheet, and their outlines take too long to find. */
    static final int MOST_AREAS = 1500;

    private final Reference reference;
    private final Regions regions;
    private final List<Step> steps;
    private final Wanted used;

    private ValueMap(Reference reference, Regions regions, List<Step> steps, Wanted used) {
        this.reference = reference;
        this.regions = regions;
        this.steps = steps;
        this.used = used;
    }

    /**
     * @param steps that are wanted, {@value #FEWEST_STEPS} … {@value #MOST_STEPS}; fewer where the picture has no more apart
     * @param islandMm2 areas under this join the neighbour they differ from least, 0 … {@value #MOST_ISLAND_MM2}
     * @param smoothMm how wide details are that may go, 0 … {@value #MOST_SMOOTH_MM}
     */
    public record Wanted(int steps, double islandMm2, double smoothMm) {
        public Wanted {
            if (steps < FEWEST_STEPS || steps > MOST_STEPS) {
                throw new IllegalArgumentException(
                        "Values are parted into " + FEWEST_STEPS + " … " + MOST_STEPS + " steps, not " + steps);
            }
            if (!(islandMm2 >= 0 && islandMm2 <= MOST_ISLAND_MM2 && smoothMm >= 0 && smoothMm <= MOST_SMOOTH_MM)) {
                throw new IllegalArgumentException("Islands are 0 … " + MOST_ISLAND_MM2 + " mm² and details 0 … "
                        + MOST_SMOOTH_MM + " mm, were " + islandMm2 + " and " + smoothMm);
            }
        }
    }

    /** A value. @param lightness mean L*; @param areaMm2 of the frame that has it */
    public record Step(double lightness, double areaMm2) {}

    public static ValueMap of(Reference reference, Wanted wanted) {
        Wanted used = wanted;
        Regions regions = parted(reference, used);
        if (regions.all().size() > MOST_AREAS) {
            used = new Wanted(wanted.steps(), wanted.islandMm2(), Math.max(wanted.smoothMm(), 2 * PENCIL_MM));
            regions = parted(reference, used);
        }
        while (regions.all().size() > MOST_AREAS && used.islandMm2() < MOST_ISLAND_MM2) {
            double island = Math.max(2 * used.islandMm2(), PENCIL_MM * PENCIL_MM);
            used = new Wanted(used.steps(), Math.min(MOST_ISLAND_MM2, island), used.smoothMm());
            regions = without(regions, used, reference);
        }
        return used(reference, regions, used);
    }

    private static Regions parted(Reference reference, Wanted wanted) {
        GrayU8 smooth = smooth(reference, wanted.smoothMm());
        List<Integer> from = NaturalBreaks.of(histogram(smooth), wanted.steps(), VISIBLE_STEP * CODES);
        int count = reference.width() * reference.height();
        byte[] labels = new byte[count];
        float[] lightness = new float[count];
        for (int i = 0; i < count; i++) {
            int code = smooth.data[i] & 255;
            labels[i] = (byte) NaturalBreaks.partOf(code, from);
            lightness[i] = (float) (code / CODES);
        }
        return without(Regions.of(reference.width(), reference.height(), labels, lightness), wanted, reference);
    }

    private static Regions without(Regions regions, Wanted wanted, Reference reference) {
        return regions.without(
                wanted.islandMm2() / (reference.mmPerPx() * reference.mmPerPx()),
                wanted.islandMm2() > 0 ? PENCIL_MM / reference.mmPerPx() : 0);
    }

    private static GrayU8 smooth(Reference reference, double smoothMm) {
        GrayU8 codes = new GrayU8(reference.width(), reference.height());
        for (int i = 0; i < codes.data.length; i++) {
            codes.data[i] = (byte) Math.round(CODES * reference.lightness(i));
        }
        int radius = (int) Math.round(smoothMm / 2 / reference.mmPerPx());
        return radius < 1 ? codes : BlurImageOps.median(codes, codes.createSameShape(), radius, radius, null);
    }

    private static long[] histogram(GrayU8 codes) {
        long[] histogram = new long[256];
        for (byte code : codes.data) {
            histogram[code & 255]++;
        }
        return histogram;
    }

    /** The steps that are left, the darkest first; those whose every island was too small are gone. */
    private static ValueMap used(Reference reference, Regions regions, Wanted used) {
        double mm2PerPx = reference.mmPerPx() * reference.mmPerPx();
        double[] sum = new double[MOST_STEPS];
        double[] area = new double[MOST_STEPS];
        for (Region region : regions.all()) {
            sum[region.label()] += region.means().get(0) * region.pixels();
            area[region.label()] += region.pixels();
        }
        List<Step> steps = new ArrayList<>();
        byte[] renamed = new byte[MOST_STEPS];
        for (int label = 0; label < MOST_STEPS; label++) {
            if (area[label] > 0) {
                renamed[label] = (byte) steps.size();
                steps.add(new Step(sum[label] / area[label], area[label] * mm2PerPx));
            }
        }
        return new ValueMap(reference, regions.renamed(renamed), List.copyOf(steps), used);
    }

    /** The darkest first. */
    public List<Step> steps() {
        return steps;
    }

    /** What it was parted by: coarser than what was wanted where there would have been too many areas to draw. */
    public Wanted used() {
        return used;
    }

    /** The step of a place. @param i from the top left, row by row */
    public int step(int i) {
        return regions.label(i);
    }

    public int width() {
        return reference.width();
    }

    public int height() {
        return reference.height();
    }

    /** @param toleranceMm how far a line may leave the edge it follows */
    public Outlines outlines(double toleranceMm) {
        return Outlines.of(regions, reference.mmPerPx(), toleranceMm);
    }
}
