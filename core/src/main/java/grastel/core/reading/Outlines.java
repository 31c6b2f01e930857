package grastel.core.reading;

import grastel.core.page.PageFurniture;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.reading.Warp.Sighting;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Looks whether the printed lines of fields lie where a flat sheet has them, and corrects the mapping where they say that the
 * sheet is bent: the markers in the corners alone cannot tell.
 */
final class Outlines {
    private static final double OUT_MM = 2.4;
    private static final double IN_MM = 2.6;
    private static final double STEP_MM = 0.06;
    private static final double ALONG_MM = 4;
    /** Printed lines are half a hairline wider than their field. */
    private static final double HALF_LINE_MM = 0.125;
    /** A line must take this share of the paper's light to be seen. */
    private static final double SEEN = 0.12;
    /** A sheet this far off is bent, mm. */
    private static final double BENT_MM = 0.4;
    /** The bend must leave at most this share of what was off before. */
    private static final double EXPLAINED = 0.6;

    /** A box seen more than this larger or smaller was not seen right, mm. */
    private static final double MOST_WIDER_MM = 1.5;

    private static final int ROUNDS = 8;
    private static final int FEWEST = 24;

    private final Picture picture;
    private final List<Rect> boxes = new ArrayList<>();

    private final PageSize size;

    private Outlines(Picture picture, PageLayout page) {
        this.picture = picture;
        this.size = page.size();
        page.fields().stream().filter(f -> !f.isShape()).forEach(f -> boxes.add(f.rect()));
        page.keys().forEach(k -> boxes.add(k.rect()));
    }

    /** The mapping as it is, or with the bend that the printed lines show. */
    static Mapping follow(Picture picture, Mapping mapping, PageLayout page) {
        Outlines outlines = new Outlines(picture, page);
        Mapping best = mapping;
        for (int round = 0; round < ROUNDS; round++) {
            List<Sighting> sightings = outlines.sightings(best);
            if (sightings.size() < FEWEST) {
                return mapping;
            }
            Warp warp = Warp.fit(sightings);
            boolean bent = warp.most(sightings) > BENT_MM;
            double before = Warp.NONE.remaining(sightings);
            if (round == 0 && !(bent && warp.remaining(sightings) < EXPLAINED * before)) {
                return mapping;
            }
            best = mapping.bent(warp, warp.most(sightings));
            if (round > 0 && before < BENT_MM / 4) {
                return best;
            }
        }
        return best;
    }

    /**
     * Where boxes are, in mm off the flat sheet. Both sides of a box are looked for and their middle taken: blur and the paper's
     * shading move opposite sides by the same amount, one out and one in.
     */
    private List<Sighting> sightings(Mapping mapping) {
        List<Sighting> found = new ArrayList<>();
        // The mapping was fitted to the markers: there the sheet is where it says, however few lines are seen.
        for (int corner = 0; corner < 4; corner++) {
            Rect marker = PageFurniture.marker(size, corner);
            found.add(new Sighting(marker.x(), marker.y(), 0, true));
            found.add(new Sighting(marker.x(), marker.y(), 0, false));
        }
        found.addAll(boxes.parallelStream()
                .flatMap(box -> sightings(mapping, box).stream())
                .toList());
        return found;
    }

    private List<Sighting> sightings(Mapping mapping, Rect box) {
        List<Sighting> found = new ArrayList<>();
        for (double share : new double[] {0.25, 0.5, 0.75}) {
            double x = box.x() + share * box.width();
            double y = box.y() + share * box.height();
            double midX = box.x() + box.width() / 2;
            double midY = box.y() + box.height() / 2;
            middle(out(mapping, x, box.y(), 0, -1), out(mapping, x, box.bottom(), 0, 1))
                    .ifPresent(off -> found.add(new Sighting(x, midY, mapping.warpY(x, midY) + off, true)));
            middle(out(mapping, box.x(), y, -1, 0), out(mapping, box.right(), y, 1, 0))
                    .ifPresent(off -> found.add(new Sighting(midX, y, mapping.warpX(midX, y) + off, false)));
        }
        return found;
    }

    private static OptionalDouble middle(double before, double after) {
        boolean agree = Math.abs(before + after) < MOST_WIDER_MM;
        return agree ? OptionalDouble.of((after - before) / 2) : OptionalDouble.empty();
    }

    /** How far out a side lies, mm: the first place from the outside that is clearly darker than the paper. NaN if none is. */
    private double out(Mapping mapping, double x, double y, int outX, int outY) {
        int steps = (int) Math.round((OUT_MM + IN_MM) / STEP_MM);
        double[] profile = new double[steps];
        for (int i = 0; i < steps; i++) {
            double out = OUT_MM - i * STEP_MM;
            for (int k = 0; k < 9; k++) {
                double along = (k - 4) * ALONG_MM / 8;
                double px = x + outX * out + outY * along;
                double py = y + outY * out + outX * along;
                profile[i] += Light.green(picture, mapping.x(px, py), mapping.y(px, py)) / 9;
            }
        }
        double paper = profile[0];
        double dark = profile[0];
        for (double p : profile) {
            paper = Math.max(paper, p);
            dark = Math.min(dark, p);
        }
        if (paper - dark < SEEN * paper) {
            return Double.NaN;
        }
        int at = 0;
        while (at < steps && profile[at] > paper - SEEN / 2 * paper) {
            at++;
        }
        return at == 0 || at == steps ? Double.NaN : OUT_MM - at * STEP_MM - HALF_LINE_MM;
    }
}
